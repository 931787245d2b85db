import { defaultsOf, factsOf, kindOf, letOut, type Facts, type HandleName } from '../../fittings'
import type { Fitting, Job, SimpleCommand } from '../../job'
import type { PowerSet } from './finder'

/** How a plan comes to have a set; or what has to be placed first, by hand. */
export type Taking =
  | { readonly ok: true; readonly commands: readonly SimpleCommand[] }
  | { readonly ok: false; readonly first: 'battery' | 'another-battery' | 'panels' | 'charger'; readonly watts: number }

interface Part {
  readonly id: string
  readonly fitting: Fitting
  /** What it brings of what is asked. */
  readonly brings: number
}

const capacityIn = ({ holds }: Facts): number =>
  holds.reduce((sum, one) => sum + (one.what === 'charge' ? one.capacityWh : 0), 0)
const sunIn = ({ gives }: Facts): number => gives.reduce((sum, one) => sum + (one.what === 'sun' ? one.watts : 0), 0)
const engineIn = ({ gives }: Facts): number =>
  gives.reduce((sum, one) => sum + (one.what === 'charger' && one.from === 'engine' ? one.amps : 0), 0)

/** The fittings of a plan that bring something, most of it first. */
function partsThat(job: Job, variantId: string, of: (facts: Facts) => number): readonly Part[] {
  const fittings = job.variants[variantId]?.plan.fittings ?? {}
  return Object.entries(fittings)
    .map(([id, fitting]) => ({ id, fitting, brings: of(factsOf(fitting, kindOf(fitting.kind).stances[0])) }))
    .filter(({ brings }) => brings > 0)
    .sort((a, b) => b.brings - a.brings)
}

/** Sets the largest of some parts so that all together bring what is wanted; undefined where its kind does not go so far. */
function grown(
  variant: string,
  parts: readonly Part[],
  handle: HandleName,
  of: (facts: Facts) => number,
  wanted: number,
): readonly SimpleCommand[] | undefined {
  const all = parts.reduce((sum, { brings }) => sum + brings, 0)
  if (Math.abs(all - wanted) < 1e-6) return []
  const [largest] = parts
  if (largest === undefined) return undefined
  const { id, fitting, brings } = largest
  const own = wanted - (all - brings)
  const { parameters } = letOut(fitting, handle, (facts) => of(facts) >= own)
  const [stance] = kindOf(fitting.kind).stances
  const now = of(factsOf({ kind: fitting.kind, parameters }, stance))
  if (now < own) return undefined
  const before = { ...defaultsOf(kindOf(fitting.kind)), ...fitting.parameters }
  const changed = Object.fromEntries(Object.entries(parameters).filter(([key, value]) => before[key] !== value))
  return [{ type: 'fitting.parameters', variant, id, parameters: changed }]
}

/** How a plan comes to have a set of battery, panels and charger: by the figures of what stands in it. */
export function takingOf(job: Job, variant: string, set: PowerSet): Taking {
  const takenOut = (parts: readonly Part[]): readonly SimpleCommand[] =>
    parts.map(({ id }) => ({ type: 'fitting.remove', variant, id }))
  const batteries = partsThat(job, variant, capacityIn)
  const stored = grown(variant, batteries, 'capacity', capacityIn, set.capacityWh)
  if (stored === undefined)
    return { ok: false, first: batteries.length === 0 ? 'battery' : 'another-battery', watts: 0 }
  const panels = partsThat(job, variant, sunIn)
  const sun = panels.reduce((sum, { brings }) => sum + brings, 0)
  if (set.sunWatts > sun) return { ok: false, first: 'panels', watts: set.sunWatts - sun }
  const chargers = partsThat(job, variant, engineIn)
  const charged = set.engineAmps === 0 ? [] : grown(variant, chargers, 'current', engineIn, set.engineAmps)
  if (charged === undefined) return { ok: false, first: 'charger', watts: 0 }
  return {
    ok: true,
    commands: [
      ...stored,
      ...(set.sunWatts === 0 ? takenOut(panels) : []),
      ...(set.engineAmps === 0 ? takenOut(chargers) : charged),
    ],
  }
}
