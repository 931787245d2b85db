import { marginOf, reportOf, type LimitId, type WeightReport } from '../budgets'
import { isPressed } from '../fittings'
import type { Job } from '../job'
import {
  evaluate,
  type Evaluation,
  newStops,
  proverFor,
  setSeat,
  tried,
  withRemedy,
  type ProvenRemedy,
  type Remedy,
  type RemedyCode,
} from '../review'
import { nudged, type Scene } from '../scene'
import { known } from '../units'

/** A move of one thing, and what it leaves on a limit that it takes off it. */
export interface WeightHelp {
  readonly remedy: ProvenRemedy
  readonly limit: LimitId
  /** How much more is left at the worst, in the limit’s own unit. */
  readonly gains: number
}

const STEPS_MM = [1000, 600, 400, 200, 100] as const
const WAYS: readonly (readonly [RemedyCode, number, number])[] = [
  ['shift-forward', 1, 0],
  ['shift-back', -1, 0],
  ['shift-left', 0, 1],
  ['shift-right', 0, -1],
]
/** Less than this is not worth a move: kilograms, or share. */
const WORTH = { kg: 2, share: 0.004 } as const
const MOST_THINGS = 8
const MOST_HELPS = 4
/** So many moves of one thing are proved; where none of them will do, the thing stays. */
const MOST_PROOFS = 6

const roadScene = ({ scenes }: Pick<Evaluation, 'scenes'>): Scene =>
  known(scenes.find(({ purpose }) => purpose === 'driving') ?? scenes[0], 'a mode')

const leftOn = (report: WeightReport, id: LimitId): number | undefined => {
  const state = report.limits.find((limit) => limit.id === id)
  return state === undefined ? undefined : marginOf(state, state.worstDry.value)
}

/**
 * What would help a limit most: of the eight things that weigh most, each by the longest move that leaves more on it and makes no new stop, proved by
 * summing and reviewing the whole anew. The best first; the same on every machine.
 */
export function weightHelps(job: Job, variantId: string, limit: LimitId): readonly WeightHelp[] {
  const now = evaluate(job, variantId)
  const scene = roadScene(now)
  const report = reportOf(job, variantId, scene)
  const before = leftOn(report, limit)
  if (before === undefined) return []
  const { plan } = known(job.variants[variantId], `variant “${variantId}”`)
  const here = { variantId, plan, scene }
  const worth = limit === 'front-share' ? WORTH.share : WORTH.kg
  const prove = proverFor(now)
  const helps: WeightHelp[] = []
  for (const { kind, id } of report.heavy
    .filter(({ rearPer100Kg }) => rearPer100Kg !== undefined)
    .slice(0, MOST_THINGS)) {
    const placed = scene.placed.find((one) => one.id === id)
    if (kind !== 'fitting' || placed === undefined || placed.fitting.locked === true) continue
    const best = WAYS.flatMap(([code, dx, dy]) =>
      STEPS_MM.flatMap((amount): { remedy: Remedy; gains: number }[] => {
        const seat = nudged(placed.seat, [dx * amount, dy * amount, 0], placed.within?.host)
        if (isPressed(seat)) return []
        const remedy: Remedy = { code, fittingId: id, amount, commands: [setSeat(here, id, seat)] }
        const after = tried(() => {
          const next = withRemedy(job, remedy)
          const after = evaluate(next, variantId, now, { rules: [] })
          return leftOn(reportOf(next, variantId, roadScene(after)), limit)
        })
        const gains = after === undefined ? 0 : after - before
        return gains >= worth ? [{ remedy, gains }] : []
      }),
    ).sort((a, b) => b.gains - a.gains)
    let proofs = 0
    for (const { remedy, gains } of best) {
      if (proofs === MOST_PROOFS) break
      proofs += 1
      const proven = prove(remedy)
      if (proven === undefined || newStops(proven) > 0) continue
      helps.push({ remedy: proven, limit, gains })
      break
    }
  }
  return helps.sort((a, b) => b.gains - a.gains).slice(0, MOST_HELPS)
}
