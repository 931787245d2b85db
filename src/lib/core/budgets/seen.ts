import { planInterior, type Job, type Variant } from '../job'
import { scenesOf, type Placed, type Scene } from '../scene'
import type { Interior, Shell } from '../shell'

/** A variant in its body, each of its modes resolved. */
interface Seen {
  readonly variant: Variant
  readonly interior: Interior
  readonly scenes: readonly Scene[]
  readonly day: Scene
  readonly night: Scene
  /** Everything that is placed in any mode, once: as it is where it draws, gives or is used with water most. */
  readonly placed: readonly Placed[]
}

const seen = new WeakMap<Variant, { readonly shell: Shell; readonly is: Seen }>()

/** A variant as its budgets see it: resolved once for a variant and a body, for all of them. @throws RangeError where there is no such variant or mode. */
export function seenOf(job: Pick<Job, 'shell' | 'variants'>, variantId: string): Seen {
  const variant = job.variants[variantId]
  if (variant === undefined) throw new RangeError(`there is no variant “${variantId}”`)
  const before = seen.get(variant)
  if (before?.shell === job.shell) return before.is
  const interior = planInterior(job.shell, variant.plan)
  const scenes = scenesOf(variant, interior)
  const [first] = scenes
  if (first === undefined) throw new RangeError(`variant “${variantId}” has no mode`)
  const forPurpose = (purpose: Scene['purpose']): Scene => scenes.find((one) => one.purpose === purpose) ?? first
  const is: Seen = {
    variant,
    interior,
    scenes,
    day: forPurpose('living'),
    night: forPurpose('sleeping'),
    placed: placedOnce(scenes),
  }
  seen.set(variant, { shell: job.shell, is })
  return is
}

const saysOf = ({ facts }: Placed): number => facts.draws.length + facts.gives.length + Number(facts.isSplashed)

/** Everything that is placed in any of some modes, once: as it is where it draws, gives or is used with water most. */
export function placedOnce(scenes: readonly Scene[]): readonly Placed[] {
  const found = new Map<string, Placed>()
  for (const { placed } of scenes)
    for (const one of placed) {
      const before = found.get(one.id)
      if (before === undefined || saysOf(one) > saysOf(before)) found.set(one.id, one)
    }
  return [...found.values()]
}

/** Everything that is placed in any of a plan’s modes, once. */
export const placedInAnyMode = (job: Pick<Job, 'shell' | 'variants'>, variantId: string): readonly Placed[] =>
  seenOf(job, variantId).placed
