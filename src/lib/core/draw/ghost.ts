import { peopleOf, type Brief } from '../brief'
import { prismBounds, spanMiddle, type Turn, type Vec2 } from '../geometry'
import type { Figure, FigurePose } from '../job'
import { sleeping, type Scene, type Sleeping } from '../scene'
import type { Finding } from '../review'

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

/**
 * Who is in trouble where a finding is, as a figure that can be drawn there in the posture that fails: who lies too short,
 * sits up too low, cannot stand or pass. Undefined where it is not about a body.
 */
export function ghostOf(scene: Scene, brief: Brief, finding: Finding): Figure | undefined {
  const { place, fittings } = finding
  const made = (label: string | undefined, rest: Pick<Figure, 'at' | 'turn' | 'pose'>): Figure | undefined => {
    const who = idOf(brief, label)
    return who === undefined ? undefined : { who, ...rest }
  }
  const asleep = (label: string | undefined, pose: 'lying' | 'sitting'): Figure | undefined => {
    const inIt = sleeping(scene, brief).filter(({ fittingId }) => fittingId === fittings[0])
    const one = inIt.find(({ person }) => person.label === label) ?? inIt[0]
    return one === undefined ? undefined : made(one.person.label, inBed(one, pose))
  }
  const upright = (label: string | undefined, pose: FigurePose, turn: Turn = 0): Figure | undefined =>
    made(label, { pose, at: [place[0], place[1]], turn })

  switch (finding.code) {
    case 'berth-short':
    case 'bed-high':
    case 'berth-airless':
    case 'head-noise':
    case 'head-by-feet':
      return asleep(finding.facts.sleeper, 'lying')
    case 'berth-narrow':
    case 'climb-over':
      return asleep(undefined, 'lying')
    case 'sit-up-low':
      return asleep(finding.facts.sleeper, 'sitting')
    case 'head-bump':
      return upright(finding.facts.person, 'sitting')
    case 'standing-low':
    case 'standing-nowhere':
      return upright(finding.facts.person, 'standing')
    case 'way-narrow':
    case 'way-shut': {
      const { path } = finding.facts
      const near = path.findIndex(([x, y]) => Math.hypot(x - place[0], y - place[1]) < 120)
      const [a, b] = [path[Math.max(0, near - 1)], path[Math.max(1, near + 1)]]
      return upright(
        finding.code === 'way-narrow' ? finding.facts.person : undefined,
        'standing',
        a === undefined || b === undefined ? 0 : turnTo([b[0] - a[0], b[1] - a[1]]),
      )
    }
    case 'no-passing':
      return upright(undefined, 'standing')
    case 'worktop-off':
    case 'clearance-blocked': {
      const placed = scene.placed.find(({ id }) => id === fittings[0])
      const clearance = placed?.clearances.find(({ id, use }) =>
        finding.code === 'clearance-blocked' ? id === finding.facts.clearanceId : use === 'stand',
      )
      if (placed === undefined || clearance === undefined || !/^(stand|kneel|dress|sit)/.test(clearance.use))
        return undefined
      const { x, y } = prismBounds(clearance.prism)
      const at: [number, number] = [spanMiddle(x), spanMiddle(y)]
      const towards: Vec2 = [spanMiddle(placed.bounds.x) - at[0], spanMiddle(placed.bounds.y) - at[1]]
      return made(finding.code === 'worktop-off' ? finding.facts.person : undefined, {
        pose: clearance.use === 'sit' ? 'sitting' : 'working',
        at,
        turn: turnTo(towards),
      })
    }
    default:
      return undefined
  }
}
