import { known } from '../units'
import {
  flipped,
  type Handle,
  handlesOf,
  isPressed,
  type ParameterValue,
  type Seat,
  stancesOf,
  turnedBy,
} from '../fittings'
import type { Job, SimpleCommand } from '../job'
import { nudged, type Placed, type Scene } from '../scene'
import {
  evaluate,
  type Evaluation,
  type Finding,
  type FindingCode,
  handleCommand,
  newStops,
  type ProvenRemedy,
  proverOf,
  type Remedy,
  type RemedyCode,
  type Rule,
  ruleNamed,
  setSeat,
  tried,
  withFollows,
  withRemedy,
} from '../review'

/** Something to try, and what it costs the designer: the millimetres that things move, or what is as much trouble. */
interface Try {
  readonly remedy: Remedy
  readonly cost: number
  /** A figure that grows. */
  readonly rises?: boolean
}

const STEPS_MM = [10, 20, 30, 50, 80, 120, 180, 250, 350, 500, 700] as const
/** A board that is cut otherwise is a little more trouble than one that stands elsewhere; the rest by how much is built anew. */
const COST = { parameter: 25, stance: 40, choice: 90, mirror: 120, turn: 260, wall: 420 } as const

const MOVES: readonly (readonly [RemedyCode, number, number, number])[] = [
  ['shift-forward', 1, 0, 0],
  ['shift-back', -1, 0, 0],
  ['shift-left', 0, 1, 0],
  ['shift-right', 0, -1, 0],
  ['raise', 0, 0, 1],
  ['lower', 0, 0, -1],
]

/** What a way out that was found costs, to list the cheapest first. */
const costOf = ({ code, amount, parameter }: Remedy): number =>
  code === 'mirror'
    ? COST.mirror
    : code === 'turn'
      ? COST.turn
      : code === 'other-wall'
        ? COST.wall
        : code === 'stance-other'
          ? COST.stance
          : parameter === undefined
            ? amount
            : typeof parameter.value === 'number' && parameter.key.endsWith('Mm')
              ? COST.parameter + amount
              : COST.choice

const tryOf = (remedy: Remedy): Try => ({ remedy, cost: costOf(remedy) })

function* movesOf(placed: Placed, seated: (seat: Seat) => SimpleCommand): Generator<Try> {
  for (const [code, dx, dy, dz] of MOVES)
    for (const amount of STEPS_MM) {
      const seat = nudged(placed.seat, [dx * amount, dy * amount, dz * amount], placed.within?.host)
      if (!isPressed(seat)) yield tryOf({ code, fittingId: placed.id, amount, commands: [seated(seat)] })
    }
  const { seat } = placed
  const turned = (code: RemedyCode, amount: number, next: Seat): Try =>
    tryOf({ code, fittingId: placed.id, amount, commands: [seated(next)] })
  yield turned('mirror', 0, flipped(seat))
  for (const by of [90, 180, 270] as const) yield turned('turn', by, turnedBy(seat, by))
  if (seat.inside === undefined && seat.across.from !== 'centreline') {
    const from = seat.across.from === 'left-wall' ? ('right-wall' as const) : ('left-wall' as const)
    yield turned('other-wall', 0, { ...seat, across: { ...seat.across, from } })
  }
}

function* settingsOf(
  placed: Placed,
  set: (handle: Handle, value: ParameterValue) => SimpleCommand | undefined,
): Generator<Try> {
  for (const handle of handlesOf(placed.fitting)) {
    const { key, limit, value: now } = handle
    const make = function* (value: ParameterValue, amount: number): Generator<Try> {
      const command = set(handle, value)
      if (command === undefined) return
      const remedy: Remedy = {
        code: 'set-parameter',
        fittingId: placed.id,
        amount,
        parameter: { key, value },
        commands: [command],
      }
      yield { ...tryOf(remedy), rises: value > now }
    }
    if (limit.kind === 'length' && typeof now === 'number')
      for (const step of STEPS_MM) for (const value of [now - step, now + step]) yield* make(value, step)
    if ((limit.kind === 'count' || limit.kind === 'figure') && typeof now === 'number')
      for (const value of [now - 1, now + 1]) yield* make(value, 1)
    if (limit.kind === 'yes-no') yield* make(now !== true, 0)
    if (limit.kind === 'choice') for (const choice of limit.choices) yield* make(choice, 0)
  }
}

/** The fittings that a finding speaks of: its own, and every one that its facts name. */
function spokenOf(finding: Finding, placed: ReadonlyMap<string, Placed>): readonly Placed[] {
  const ids = new Set<string>()
  const read = (value: unknown): void => {
    if (typeof value === 'string') {
      if (placed.has(value)) ids.add(value)
    } else if (Array.isArray(value)) value.forEach(read)
    else if (typeof value === 'object' && value !== null) Object.values(value).forEach(read)
  }
  read(finding.fittings)
  read(finding.facts)
  return [...ids].flatMap((id) => placed.get(id) ?? []).filter(({ fitting }) => fitting.locked !== true)
}

/** Whether a change cures a finding as far as its own rule says in its own mode; quick, where a whole review is slow. */
function curedBy(now: Evaluation, finding: Finding, rule: Rule, remedy: Remedy): boolean {
  const asked = { rules: [rule], modes: [finding.modeId] }
  const after = tried(() => evaluate(withRemedy(now.job, remedy), now.variantId, now, asked).review)
  const left = after?.modes.flatMap(({ findings }) => withFollows(findings)) ?? []
  return after !== undefined && after.failed.length === 0 && left.every(({ key }) => key !== finding.key)
}

/** Everything small that could be tried on the fittings of a finding, cheapest first. */
function triesOf(job: Job, variantId: string, finding: Finding, scene: Scene): readonly Try[] {
  const { plan } = known(job.variants[variantId], `variant “${variantId}”`)
  const here = { variantId, plan, scene }
  const byId = new Map(scene.placed.map((placed) => [placed.id, placed]))
  return spokenOf(finding, byId)
    .flatMap((placed) => [
      ...movesOf(placed, (seat) => setSeat(here, placed.id, seat)),
      ...settingsOf(placed, ({ key }, value) => handleCommand(here, placed, { key }, value)),
      ...stancesOf(placed.fitting)
        .filter((stance) => stance !== placed.stance)
        .map((stance) =>
          tryOf({
            code: 'stance-other',
            fittingId: placed.id,
            amount: 0,
            stance,
            commands: [{ type: 'mode.stance', variant: variantId, mode: finding.modeId, fitting: placed.id, stance }],
          }),
        ),
    ])
    .sort((a, b) => a.cost - b.cost)
}

/** What kind of change it is: more of the same adds nothing to one that cures already. */
const wayOf = ({ code, fittingId, parameter, stance }: Remedy): string =>
  [code, fittingId, parameter?.key, typeof parameter?.value === 'number' ? '' : parameter?.value, stance].join(' ')

/** What is tried first of a change that can be large or small: if so much does not help, less seldom does. */
const PROBES_MM: ReadonlySet<number> = new Set([50, 180, 500])

interface Probe {
  readonly far: Try
  /** Smaller ones of the same change, the least first, that no probe before has stood for. */
  readonly nearer: readonly Try[]
}

/** The tries that stand for others, the cheapest first. */
function probesOf(tries: readonly Try[]): readonly Probe[] {
  const series = new Map<string, Try[]>()
  for (const one of tries) {
    const { parameter } = one.remedy
    const key = `${wayOf(one.remedy)} ${typeof parameter?.value === 'number' ? one.rises : ''} ${one.remedy.code === 'turn' ? one.remedy.amount : ''}`
    series.set(key, [...(series.get(key) ?? []), one])
  }
  return [...series.values()]
    .flatMap((all) => {
      let waiting: Try[] = []
      return all.flatMap((one, index): Probe[] => {
        if (index < all.length - 1 && !PROBES_MM.has(one.remedy.amount)) {
          waiting.push(one)
          return []
        }
        const nearer = waiting
        waiting = []
        return [{ far: one, nearer }]
      })
    })
    .sort((a, b) => a.far.cost - b.far.cost)
}

const LOST: ReadonlySet<FindingCode> = new Set(['service-missing', 'berths-few', 'belts-few', 'table-few'])

/** Whether a way out gives up what the brief asks for: a galley without its hob is no cure of steam. */
const gives = ({ causes }: ProvenRemedy): boolean => causes.some(({ code }) => LOST.has(code))

/** What a try costs of a search: one rule’s answer in one mode is a step, a whole review many. */
const PROOF_STEPS = 12
const MOST_STEPS = 1500

/** What a search found, and how far it looked. */
export interface Searched {
  readonly remedies: readonly ProvenRemedy[]
  /** How many changes were tried, of how many that it knows. */
  readonly tried: number
  readonly known: number
  /** Why it went no further: all that it knows was tried, or stood for by a change that was; it has found enough; its steps were used up. */
  readonly ended: 'all' | 'enough' | 'steps'
}

/**
 * Searches small moves, mirrorings, turns, stances and parameters of the fittings that a finding speaks of, one at a time,
 * for those that cure it without a new stop and without giving up a demand; each kind of change once, the cheapest first; those that make a new
 * caution come after those that make none. It goes on for `steps`, not for a time: on every machine it finds the same. `before` is an
 * evaluation that it may begin from.
 */
export function searchRemedies(
  job: Job,
  variantId: string,
  finding: Finding,
  {
    before,
    steps = MOST_STEPS,
    limit = 6,
  }: { readonly before?: Evaluation; readonly steps?: number; readonly limit?: number } = {},
): Searched {
  const rule = ruleNamed(job, finding.rule)
  const variant = job.variants[variantId]
  if (rule === undefined || variant?.plan.modes[finding.modeId] === undefined) return NOTHING
  const now = evaluate(job, variantId, before)
  const scene = now.scenes.find(({ modeId }) => modeId === finding.modeId)
  if (scene === undefined) return NOTHING
  const prove = proverOf(now, finding)
  let left = steps
  let looked = 0
  const cures = (remedy: Remedy): boolean => {
    left -= 1
    looked += 1
    return curedBy(now, finding, rule, remedy)
  }
  const found: ProvenRemedy[] = []
  const done = new Set<string>()
  const tries = triesOf(job, variantId, finding, scene)
  for (const { far, nearer } of probesOf(tries)) {
    if (found.length >= limit || left <= 0) break
    if (done.has(wayOf(far.remedy)) || !cures(far.remedy)) continue
    // the least that does it lies between the probe before and this one
    for (const { remedy } of [...nearer.filter((one) => left > 0 && cures(one.remedy)), far]) {
      left -= PROOF_STEPS
      const proven = prove(remedy)
      if (proven === undefined || newStops(proven) > 0 || gives(proven)) continue
      done.add(wayOf(remedy))
      found.push(proven)
      break
    }
  }
  const suffers = ({ causes }: ProvenRemedy) => (causes.some(({ gravity }) => gravity === 'caution') ? 1 : 0)
  const remedies = found.sort((a, b) => suffers(a) - suffers(b) || costOf(a) - costOf(b))
  const ended = found.length >= limit ? 'enough' : left <= 0 ? 'steps' : 'all'
  return { remedies, tried: looked, known: tries.length, ended }
}
const NOTHING: Searched = { remedies: [], tried: 0, known: 0, ended: 'all' }
