import { prismBounds, sharedLength, type Box, type Prism, type Turn, type Vec3 } from '../../src/lib/core/geometry'
import { apply, planInterior, type Job } from '../../src/lib/core/job'
import { buildScene, collisionsOf, matterOf, type Placed, type Scene } from '../../src/lib/core/scene'
import { variant } from '../support/plan'
import { randomFrom, randomPlan } from '../support/random-plans'
import type { Proof } from './report'

const PLANS = 500
const POINTS = 240
/** What touches shares nothing: a point counts where this much round it is in both. */
const ROUND_MM = 0.15
const AXES = ['x', 'y', 'z'] as const

/** Whether a point lies in a prism, by its sides one after the other. */
function isIn({ axis, profile, span }: Prism, [x, y, z]: Vec3): boolean {
  const [u, v, w] = axis === 'z' ? [x, y, z] : axis === 'y' ? [x, z, y] : [y, z, x]
  if (w < span.min || w > span.max) return false
  return profile.every(([u0, v0], index) => {
    const [u1, v1] = profile[(index + 1) % profile.length]!
    return (u1 - u0) * (v - v0) - (v1 - v0) * (u - u0) >= 0
  })
}
const inBox = (box: Box, point: Vec3): boolean =>
  AXES.every((axis, index) => point[index]! >= box[axis].min && point[index]! <= box[axis].max)

/** Whether a point is in what a fitting is made of: in a solid and in no hollow, or in what stands in a hollow. */
const isMatter = ({ inner, hollows }: Placed, point: Vec3): boolean =>
  (inner.some(({ prism }) => isIn(prism, point)) && !hollows.some(({ room }) => inBox(room, point))) ||
  hollows.some(({ taken }) => taken.some(({ prism }) => isIn(prism, point)))

const corners = ([x, y, z]: Vec3): readonly Vec3[] =>
  [-ROUND_MM, ROUND_MM].flatMap((dx) =>
    [-ROUND_MM, ROUND_MM].flatMap((dy) => [-ROUND_MM, ROUND_MM].map((dz): Vec3 => [x + dx, y + dy, z + dz])),
  )

/** Puts some of a plan’s fittings into hollows of others, anywhere in these and beyond. */
function stuffed(job: Job, random: () => number): Job {
  let now = job
  const { plan } = job.variants[variant]!
  const ids = Object.keys(plan.fittings)
  for (const [index, id] of ids.entries()) {
    const scene = sceneOf(now)
    const hosts = scene.placed.filter((one) => ids.indexOf(one.id) < index && one.hollows.length > 0)
    const host = hosts[Math.floor(random() * hosts.length)]
    if (host === undefined || random() < 0.4) continue
    const hollow = host.hollows[Math.floor(random() * host.hollows.length)]!
    const { seat } = now.variants[variant]!.plan.fittings[id]!
    const inside = {
      fitting: host.id,
      hollow: hollow.id,
      along: { from: random() < 0.5 ? ('left' as const) : ('right' as const), mm: Math.round(random() * 500 - 60) },
      across: { from: random() < 0.5 ? ('front' as const) : ('back' as const), mm: Math.round(random() * 200 - 40) },
      upMm: Math.round(random() * 120 - 20),
      turn: ([0, 90, 180, 270] as const satisfies readonly Turn[])[Math.floor(random() * 4)]!,
      mirrored: random() < 0.3,
    }
    now = apply(now, { type: 'fitting.seat', variant, id, seat: { ...seat, inside } }).job
  }
  return now
}

function sceneOf(job: Job): Scene {
  const { plan } = job.variants[variant]!
  return buildScene(planInterior(job.shell, plan), plan, 'mode-day')
}

/** Where a meeting of pieces would have its middle: tried as points, by the oracle’s own test. */
const middles = (a: Placed, b: Placed): readonly Vec3[] =>
  matterOf(a).flatMap((p) =>
    matterOf(b).flatMap((q): Vec3[] => {
      const [one, other] = [prismBounds(p.prism), prismBounds(q.prism)]
      return AXES.every((axis) => sharedLength(one[axis], other[axis]) > 0)
        ? [
            AXES.map(
              (axis) => (Math.max(one[axis].min, other[axis].min) + Math.min(one[axis].max, other[axis].max)) / 2,
            ) as unknown as Vec3,
          ]
        : []
    }),
  )

const isBlock = ({ inner }: Placed): boolean =>
  inner.every(
    ({ prism: { profile } }) =>
      profile.length === 4 &&
      profile.every(([u, v], index) => {
        const [u1, v1] = profile[(index + 1) % 4]!
        return u === u1 || v === v1
      }),
  )

/**
 * Whether two fittings meet, held against points taken at random from where both are: a point in the matter of both is a meeting that
 * must be told; what is told must have such a point.
 */
export function hollowsProof(share: number, seed = 16): Proof {
  const random = randomFrom(seed)
  const faults: string[] = []
  let [pairs, met, inside] = [0, 0, 0]
  for (let number = 0; number < PLANS * share; number += 1) {
    const scene = sceneOf(stuffed(randomPlan(9000 + number, 20).job, random))
    for (const [index, a] of scene.placed.entries()) {
      if (a.within !== undefined) inside += 1
      const told = collisionsOf(scene, a)
      for (const b of scene.placed.slice(index + 1)) {
        const shared = Object.fromEntries(
          AXES.map((axis) => [
            axis,
            {
              min: Math.max(a.bounds[axis].min, b.bounds[axis].min),
              max: Math.min(a.bounds[axis].max, b.bounds[axis].max),
            },
          ]),
        ) as unknown as Box
        if (AXES.some((axis) => !(sharedLength(a.bounds[axis], b.bounds[axis]) > 1))) continue
        // a thing with a face of its own may stand where the door of its hollow would be
        const faced = [a, b].some(
          (one) => one.within !== undefined && [a.id, b.id].includes(one.within.hostId) && one.facts.fronts.length > 0,
        )
        if (faced) continue
        pairs += 1
        const hit = told.find((one) => one.b.kind === 'fitting' && one.b.placed.id === b.id)
        const at = (box: Box): Vec3 => [
          box.x.min + random() * (box.x.max - box.x.min),
          box.y.min + random() * (box.y.max - box.y.min),
          box.z.min + random() * (box.z.max - box.z.min),
        ]
        if (hit === undefined) {
          for (let point = 0; point < POINTS; point += 1) {
            const round = corners(at(shared))
            if (!round.every((one) => isMatter(a, one) && isMatter(b, one))) continue
            faults.push(`plan ${number}: ${a.kind.id} and ${b.kind.id} meet, and it is not told`)
            break
          }
          continue
        }
        met += 1
        if (!isBlock(a) || !isBlock(b)) continue
        const found = [...middles(a, b), ...Array.from({ length: POINTS }, () => at(hit.shared))].some(
          (one) => isMatter(a, one) && isMatter(b, one),
        )
        // what hangs outside meets only its like, and is no matter of the inside
        if (!found && [a, b].every(({ solids, inner }) => solids === inner))
          faults.push(
            `plan ${number}: ${a.kind.id} and ${b.kind.id} are said to meet at ${JSON.stringify(prismBounds(hit.solidA.prism).x)}`,
          )
      }
    }
  }
  return {
    name: 'hollows',
    title: 'Two things meet only where their matter does',
    how: 'Random plans, many fittings of them put into hollows of others, within these and beyond. Points taken at random from where two fittings are both: one that lies in the matter of both, boards and what stands in hollows, is a meeting that must be told, and what is told must have such a point.',
    figures: [
      ['pairs held against points', pairs],
      ['of them told to meet', met],
      ['fittings in hollows', inside],
    ],
    faults,
  }
}
