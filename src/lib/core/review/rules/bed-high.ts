import { boxGap } from '../../geometry'
import { figureOf } from '../../fittings'
import { type Person, sleepersOf } from '../../brief'
import { ACCESS, ACCESS_SOURCE } from '../../people'
import { assignBerths, type Placed, placedIn, type Scene, treadsOf } from '../../scene'
import { liningTop } from '../../shell'
import { comfort, defineRule, practice, published } from '../define-rule'
import { nth } from '../../units'
import { footOf } from '../middle'
import { needsSleepers } from '../needs'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'bed-high': { readonly sleeper: string; readonly mobility: NonNullable<Person['mobility']>; readonly steps: number }
  }
}

/** A step is by the bed where it is so near to it. Common practice, no source. */
const BESIDE_MM = 400

/** The highest rise on the way up to a bed, mm, and by how many steps that stand beside it. */
function highestRise(
  scene: Scene,
  bed: Placed,
  floorMm: number,
  topMm: number,
): { readonly riseMm: number; readonly steps: number } {
  const treads = scene.placed
    .filter(({ id, bounds }) => id !== bed.id && boxGap({ ...bounds, z: bed.bounds.z }, bed.bounds) <= BESIDE_MM)
    .flatMap((placed) => treadsOf(placed, false))
    .filter((tread) => tread > floorMm && tread < topMm)
    .sort((a, b) => a - b)
  const levels = [floorMm, ...treads, topMm]
  const rises = levels.slice(1).map((level, index) => level - nth(levels, index))
  return { riseMm: Math.round(Math.max(...rises)), steps: treads.length }
}

/** Nobody who cannot climb has to climb into bed. */
export const bedHigh = defineRule({
  id: 'bed-high',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'bed-high': 'caution' },
  basis: published(`a seat to move onto from a wheelchair is at most {485} high: ${ACCESS_SOURCE}`),
  tolerance: comfort(),
  parameters: {
    freeMm: {
      default: 1050,
      min: 600,
      max: 1600,
      unit: 'mm',
      basis: practice('nobody gets onto a higher bed without a step or a ladder'),
    },
    pressedMm: {
      default: 40,
      min: 0,
      max: 100,
      unit: 'mm',
      basis: practice('a foam mattress gives under someone who moves onto it'),
    },
    stiffMm: { default: 600, min: 400, max: 900, unit: 'mm', basis: practice('about hip height of one who sits down') },
    transferMm: {
      default: ACCESS.toiletSeatMm[1],
      min: 400,
      max: 600,
      unit: 'mm',
      basis: published(ACCESS_SOURCE),
    },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters }) => {
    const mostMm = ({ mobility }: Person): number =>
      mobility === 'stiff'
        ? parameters.stiffMm
        : mobility === 'walker' || mobility === 'wheelchair'
          ? parameters.transferMm
          : parameters.freeMm
    return assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const placed = placedIn(scene, berth.fittingId)
      const floor = liningTop(scene.interior, placed.placement.at[0])
      const topMm = Math.round(placed.placement.at[2] + berth.lying.zMm - floor)
      // one with a stiff knee steps up by what bears a foot beside it; from a chair or a walker one moves over level
      const { riseMm, steps } = highestRise(scene, placed, floor, floor + topMm)
      const moves = ({ mobility }: Person): boolean => mobility === 'walker' || mobility === 'wheelchair'
      const upMm = (person: Person): number => (moves(person) ? topMm - parameters.pressedMm : riseMm)
      // bunks and berths over a cab come with their ladder
      const isPlatform =
        figureOf(placed.fitting, 'platform') !== undefined &&
        placed.services.filter(({ type }) => type === 'berth').length === 1
      return sleepers
        .filter((person) => upMm(person) > mostMm(person) && (isPlatform || (person.mobility ?? 'free') !== 'free'))
        .slice(0, 1)
        .map((person) => ({
          code: 'bed-high' as const,
          fittings: [berth.fittingId],
          place: footOf(placed, berth.lying.zMm),
          measured: upMm(person),
          needed: mostMm(person),
          unit: 'mm' as const,
          facts: {
            sleeper: person.label,
            mobility: person.mobility ?? 'free',
            steps: moves(person) ? 0 : steps,
          },
        }))
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const platformMm = placed === undefined ? undefined : figureOf(placed.fitting, 'platform')
    if (placed === undefined || platformMm === undefined) return []
    const amount = finding.measured - finding.needed
    return setHandle(input, placed, 'lower-platform', 'platform', platformMm - amount, amount)
  },
})
