import { placedInAnyMode, powerAssumedIn } from '../budgets'
import { block, prismBounds, type Box } from '../geometry'
import { planInterior, type Job } from '../job'
import { berthsOf, scenesOf, type Placed } from '../scene'
import { circuitsOf } from './circuits'
import { conductorsIn } from './conductors'
import { laid, type Laying, type Wire } from './lay'
import { netOf } from './net'

export interface Wiring {
  readonly wires: readonly Wire[]
  readonly missing: readonly ('battery' | 'board')[]
}

/** Over a mattress nobody wants a wire. Common practice, no source. */
const SLEEPER_MM = 500

/** What no wire goes through: where somebody lies, and what is cut into the roof. */
function keptFree(job: Job, variantId: string, placed: readonly Placed[]): readonly Box[] {
  const variant = job.variants[variantId]!
  const scenes = scenesOf(variant, planInterior(job.shell, variant.plan))
  const lying = scenes.flatMap((scene) =>
    berthsOf(scene).map(({ lying: { area, zMm }, fittingId }): Box => {
      const base = scene.placed.find(({ id }) => id === fittingId)?.placement.at[2] ?? 0
      const [xs, ys] = [area.map(([x]) => x), area.map(([, y]) => y)]
      return prismBounds(
        block(
          [Math.min(...xs), Math.min(...ys), base + zMm],
          [Math.max(...xs), Math.max(...ys), base + zMm + SLEEPER_MM],
        ),
      )
    }),
  )
  const cut = placed.flatMap(({ facts, bounds }) => (facts.air === undefined ? [] : [bounds]))
  return [...lying, ...cut]
}

/** The circuits of a plan, each on its way. */
export function wiringOf(job: Job, variantId: string): Wiring {
  const placed = placedInAnyMode(job, variantId)
  const { wants, battery, board } = circuitsOf(job, variantId, placed)
  const interior = planInterior(job.shell, job.variants[variantId]!.plan)
  const assumed = powerAssumedIn(job)
  const laying: Laying = {
    net: netOf(interior, keptFree(job, variantId, placed)),
    job,
    conductors: conductorsIn(job),
    mostDrop: (isLight) => (isLight ? assumed.lightDropPercent : assumed.dropPercent) / 100,
  }
  return {
    wires: wants.filter(({ from }) => from !== undefined).map((want) => laid(laying, want)),
    missing: [
      ...(battery === undefined ? (['battery'] as const) : []),
      ...(board === undefined ? (['board'] as const) : []),
    ],
  }
}
