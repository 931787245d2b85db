import { type Brief, peopleOf } from '../brief'
import { prismBounds, spanMiddle, type Turn, type Vec2 } from '../geometry'
import type { Figure, FigurePose } from '../job'
import { type Placed, type Scene, sleeping, type Sleeping } from '../scene'
import type { Finding, FindingCode } from '../review'

const turnTo = ([dx, dy]: Vec2): Turn => (Math.abs(dx) >= Math.abs(dy) ? (dx >= 0 ? 0 : 180) : dy >= 0 ? 90 : 270)

const idOf = (brief: Brief, label: string | undefined): string | undefined =>
  (peopleOf(brief).find(([, person]) => person.label === label) ?? peopleOf(brief)[0])?.[0]

/** From a sitter’s back to the middle of the head’s end of the mattress. */
const SIT_FROM_END_MM = 250

function inBed(one: Sleeping, pose: 'lying' | 'sitting'): Pick<Figure, 'at' | 'turn' | 'pose'> {
  const [fx, fy] = one.footward
  // one lies with the head at the end, and sits up leaning against it
  const by = pose === 'lying' ? one.person.statureMm / 2 : SIT_FROM_END_MM
  return {
    pose,
    at: [one.top[0] + fx * by, one.top[1] + fy * by],
    turn: turnTo(pose === 'lying' ? [-fx, -fy] : one.footward),
  }
}

/** How near its place a way’s path is sought. */
const NEAR_MM = 120

/** What a ghost is made from: the scene and brief that it stands in. */
interface Seen {
  readonly scene: Scene
  readonly brief: Brief
}
type Ghost<C extends FindingCode> = (finding: Finding<C>, seen: Seen) => Figure | undefined

function made(
  { brief }: Seen,
  label: string | undefined,
  rest: Pick<Figure, 'at' | 'turn' | 'pose'>,
): Figure | undefined {
  const who = idOf(brief, label)
  return who === undefined ? undefined : { who, ...rest }
}

function asleep(
  { fittings }: Pick<Finding, 'fittings'>,
  seen: Seen,
  label: string | undefined,
  pose: 'lying' | 'sitting',
): Figure | undefined {
  const inIt = sleeping(seen.scene, seen.brief).filter(({ fittingId }) => fittingId === fittings[0])
  const one = inIt.find(({ person }) => person.label === label) ?? inIt[0]
  return one === undefined ? undefined : made(seen, one.person.label, inBed(one, pose))
}

const upright = (
  { place }: Pick<Finding, 'place'>,
  seen: Seen,
  label: string | undefined,
  pose: FigurePose,
  turn: Turn = 0,
): Figure | undefined => made(seen, label, { pose, at: [place[0], place[1]], turn })

/** One who walks the way, at its narrow place. */
function walking(
  finding: Finding<'way-narrow' | 'way-shut'>,
  seen: Seen,
  label: string | undefined,
): Figure | undefined {
  const { place, facts } = finding
  const near = facts.path.findIndex(([x, y]) => Math.hypot(x - place[0], y - place[1]) < NEAR_MM)
  const [a, b] = [facts.path[Math.max(0, near - 1)], facts.path[Math.max(1, near + 1)]]
  const turn = a === undefined || b === undefined ? 0 : turnTo([b[0] - a[0], b[1] - a[1]])
  return upright(finding, seen, label, 'standing', turn)
}

/** One who uses a fitting from a room before it. */
function using(
  { fittings }: Pick<Finding, 'fittings'>,
  seen: Seen,
  label: string | undefined,
  from: (clearance: Placed['clearances'][number]) => boolean,
): Figure | undefined {
  const placed = seen.scene.placed.find(({ id }) => id === fittings[0])
  const clearance = placed?.clearances.find(from)
  if (placed === undefined || clearance === undefined || !/^(stand|kneel|dress|sit)/.test(clearance.use))
    return undefined
  const { x, y } = prismBounds(clearance.prism)
  const at: [number, number] = [spanMiddle(x), spanMiddle(y)]
  const towards: Vec2 = [spanMiddle(placed.bounds.x) - at[0], spanMiddle(placed.bounds.y) - at[1]]
  return made(seen, label, { pose: clearance.use === 'sit' ? 'sitting' : 'working', at, turn: turnTo(towards) })
}

const sleeperOf: Ghost<'berth-short' | 'bed-high' | 'berth-airless' | 'head-noise' | 'head-by-feet'> = (
  finding,
  seen,
) => asleep(finding, seen, finding.facts.sleeper, 'lying')

/** Findings that have a body in trouble; the others are marked at their place only. */
const GHOSTS: { readonly [C in FindingCode]?: Ghost<C> } = {
  'berth-short': sleeperOf,
  'bed-high': sleeperOf,
  'berth-airless': sleeperOf,
  'head-noise': sleeperOf,
  'head-by-feet': sleeperOf,
  'berth-narrow': (finding, seen) => asleep(finding, seen, undefined, 'lying'),
  'climb-over': (finding, seen) => asleep(finding, seen, undefined, 'lying'),
  'sit-up-low': (finding, seen) => asleep(finding, seen, finding.facts.sleeper, 'sitting'),
  'head-bump': (finding, seen) => upright(finding, seen, finding.facts.person, 'sitting'),
  'standing-low': (finding, seen) => upright(finding, seen, finding.facts.person, 'standing'),
  'standing-nowhere': (finding, seen) => upright(finding, seen, finding.facts.person, 'standing'),
  'way-narrow': (finding, seen) => walking(finding, seen, finding.facts.person),
  'way-shut': (finding, seen) => walking(finding, seen, undefined),
  'no-passing': (finding, seen) => upright(finding, seen, undefined, 'standing'),
  'worktop-off': (finding, seen) => using(finding, seen, finding.facts.person, ({ use }) => use === 'stand'),
  'clearance-blocked': (finding, seen) => using(finding, seen, undefined, ({ id }) => id === finding.facts.clearanceId),
}

/**
 * Who is in trouble where a finding is, as a figure that can be drawn there in the posture that fails: who lies too short,
 * sits up too low, cannot stand or pass. Undefined where it is not about a body.
 */
export function ghostOf(scene: Scene, brief: Brief, finding: Finding): Figure | undefined {
  const ghost = GHOSTS[finding.code] as Ghost<FindingCode> | undefined
  return ghost?.(finding, { scene, brief })
}
