import type { Job } from '../job'
import { evaluate, type Evaluation, readIn } from './evaluate'
import type { Finding, Remedy, RemedyCode } from './finding'
import { ruleNamed, withFigures } from './own-rules'
import { newStops } from './effect'
import { proverOf, type ProvenRemedy } from './prove'

/** A way out that makes more new stops than this is none. */
const MOST_NEW_STOPS = 3

/** What a way out costs the workshop: nothing, a move, another size, something more or another school, a cut in the body. */
const COSTS: Readonly<Record<RemedyCode, number>> = {
  'found-done': 0,
  'found-out': 0,
  'stance-other': 0,
  'shift-forward': 1,
  'shift-back': 1,
  'shift-left': 1,
  'shift-right': 1,
  'hinge-other': 1,
  mirror: 1,
  turn: 1,
  'other-wall': 1,
  lower: 1,
  raise: 1,
  'entry-foot': 2,
  'lower-platform': 2,
  'set-length': 2,
  'set-width': 2,
  'set-depth': 2,
  'set-height': 2,
  'set-parameter': 2,
  'shallower-well': 2,
  slats: 2,
  latch: 2,
  strap: 2,
  'into-framing': 2,
  'cut-to-wall': 2,
  'turn-seats': 2,
  'leave-uncut': 0,
  'take-out': 3,
  place: 3,
  'turn-along': 3,
  'cut-opening': 4,
  flare: 4,
  'raise-roof': 4,
}

/** Adding what needs a cut in the body costs that cut. */
const costOf = ({ code, commands }: Remedy): number =>
  commands.some(({ type }) => type === 'change.put') ? COSTS['cut-opening'] : COSTS[code]

/** Ways out that differ only in where or how far: of these one is enough. */
const alike = ({ code, fittingId }: Remedy): string => (code === 'place' ? code : `${code} ${fittingId ?? ''}`)

const suffering = ({ causes, worse }: ProvenRemedy): number => causes.length + worse.length

/**
 * The remedies of a finding that do cure it in its mode, tried on the job one by one. The best first: without a new stop, with the
 * least that suffers, then what costs least, cures most, and changes least. Of several alike the first that nothing suffers from,
 * or else the best. At most `limit`. `before` is an evaluation that the review of the job may begin from.
 */
export function remediesFor(
  job: Job,
  variantId: string,
  finding: Finding,
  { before, limit = 5 }: { readonly before?: Evaluation | undefined; readonly limit?: number } = {},
): readonly ProvenRemedy[] {
  const rule = ruleNamed(job, finding.rule)
  const variant = job.variants[variantId]
  if (rule === undefined || variant?.plan.modes[finding.modeId] === undefined) return []
  const now = evaluate(job, variantId, before)
  const prove = proverOf(now, finding)
  const better = (a: ProvenRemedy, b: ProvenRemedy): number =>
    newStops(a) - newStops(b) ||
    suffering(a) - suffering(b) ||
    costOf(a) - costOf(b) ||
    b.cures - a.cures ||
    a.amount - b.amount
  const best = new Map<string, ProvenRemedy>()
  for (const remedy of rule.remedies(withFigures(readIn(now, finding.modeId), rule), finding)) {
    const key = alike(remedy)
    const known = best.get(key)
    if (known !== undefined && suffering(known) === 0) continue
    const proven = prove(remedy)
    if (proven === undefined || newStops(proven) > MOST_NEW_STOPS) continue
    if (known === undefined || better(proven, known) < 0) best.set(key, proven)
  }
  return [...best.values()].sort(better).slice(0, limit)
}
