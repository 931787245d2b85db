import type { Job } from '../../job'
import { caseOf, supplyOf, wantsOf, type PowerCase } from './case'
import { simulate } from './simulate'
import { weekOf, type PowerWeek } from './week'

export {
  curesOf,
  drawnSet,
  findSets,
  mostSunWatts,
  MOST as MOST_FOUND,
  STEPS as FOUND_STEPS,
  type Cure,
  type Found,
  type School,
} from './finder'
export { takingOf, type Taking } from './take'
export { takesAmps } from './cells'
export { usualLeg } from './legs'
export { PERSONAL } from './habits'
export { chargerWatts, INVERTER_SURGE, plantOf, takesHookUp } from './plant'
export { powerAssumedIn } from './case'
export { type Load } from './loads'
export { darkByMonth, powerReport, type LoadRow, type PowerReport } from './report'
export type { PowerWeek } from './week'

/** All that the year of a variant is run from. */
export const powerCase = (job: Job, variantId: string): PowerCase => caseOf(job, variantId)

/** One week of a variant’s year by the hour. */
export function powerWeek(job: Job, variantId: string, fromDay: number): PowerWeek {
  const of = powerCase(job, variantId)
  return weekOf(of, simulate(supplyOf(of), wantsOf(of)), fromDay)
}
