import { describe, expect, it } from 'vitest'
import { defaultsOf, isInTheWay, KINDS, solidsOf, stancesOf, type Made } from '../fittings'
import { boxOf, prismBounds, spanLength, unionOf } from '../geometry'
import { planInterior, type Plan } from '../job'

import { buildScene, canStand, placedIn, type Scene, scenesOf } from '../scene'
import { boxInside } from '../shell'
import { GENERIC_SHELLS } from '../shells'
import { jobWith, put, variant } from '../../../../tests/support/plan'
import { seatsFor } from './placing'

const start = (
  shell: string,
  ...commands: Parameters<typeof jobWith>[1][]
): { plan: Plan; scenes: readonly Scene[] } => {
  const job = jobWith(shell, ...commands)
  const chosen = job.variants[variant]!
  return { plan: chosen.plan, scenes: scenesOf(chosen, planInterior(job.shell, chosen.plan)) }
}

const stands = (plan: Plan, scene: Scene, made: Made, seat: ReturnType<typeof seatsFor>[number]): boolean => {
  const tried = buildScene(
    scene.interior,
    { ...plan, fittings: { ...plan.fittings, 'fit-n': { ...made, seat } } },
    scene.modeId,
  )
  return canStand(tried, placedIn(tried, 'fit-n'))
}

/** Whether a block of its size lies somewhere in the body: asked of the body alone, box by box, without a seat or a search. */
function fitsSomewhere({ interior }: Scene, made: Made): boolean {
  // all that it takes up inside in any of its positions
  const inner = stancesOf(made).flatMap((stance) => solidsOf(made, stance).filter(({ fit }) => isInTheWay(fit)))
  if (inner.length === 0) return false
  const round = unionOf(inner.map(({ prism }) => prismBounds(prism)))
  const [lengthMm, depthMm, heightMm] = [spanLength(round.x), spanLength(round.y), round.z.max]
  const { min, max } = interior.xSpan
  for (const [long, wide] of [
    [lengthMm, depthMm],
    [depthMm, lengthMm],
  ] as const)
    for (let x = min + 1; x + long < max; x += 200)
      for (let y = -1000; y + wide <= 1000; y += 100)
        if (boxInside(interior, boxOf([x, y, 60], [x + long, y + wide, 60 + heightMm]))) return true
  return false
}

describe('placing by one’s own size', () => {
  it.each(GENERIC_SHELLS.map(({ id }) => [id]))('every kind stands in the empty %s where it fits', (shell) => {
    const { plan, scenes } = start(shell)
    const not: string[] = []
    for (const kind of KINDS) {
      const made: Made = { kind: kind.id, parameters: defaultsOf(kind) }
      const seats = seatsFor(plan, scenes, made)
      for (const seat of seats)
        for (const scene of scenes)
          expect([kind.id, scene.modeId, stands(plan, scene, made, seat)]).toEqual([kind.id, scene.modeId, true])
      // what finds no seat at home is too large for the body, but for what hangs over the cab, in the roof or outside
      const standsOnFloor = kind.home.up.from === 'floor'
      if (seats.length === 0 && standsOnFloor && fitsSomewhere(scenes[0]!, made)) not.push(kind.id)
    }
    expect(not).toEqual([])
  })

  it('lands an oven from the search beside the bed, not in it', () => {
    const { plan, scenes } = start('van-short-low', put('fit-b', 'bed-fixed', 0, 'centreline', { lyingMm: 1700 }))
    const oven: Made = { kind: 'oven', parameters: defaultsOf(KINDS.find(({ id }) => id === 'oven')!) }
    const [seat] = seatsFor(plan, scenes, oven)
    expect(seat).toBeDefined()
    for (const scene of scenes) expect(stands(plan, scene, oven, seat!)).toBe(true)
  })

  it('finds no seat for what fits nowhere: it is taken in hand', () => {
    const { plan, scenes } = start('van-compact', put('fit-b', 'bed-fixed', 0, 'centreline', { lyingMm: 1500 }))
    const bunks = KINDS.find(({ id }) => id === 'bunks')!
    expect(seatsFor(plan, scenes, { kind: 'bunks', parameters: { ...defaultsOf(bunks), lengthMm: 2100 } })).toEqual([])
  })

  it('looks for room in every mode: a bed laid by night keeps a desk from its place by day', () => {
    const { plan, scenes } = start(
      'truck-box',
      put('fit-b', 'bed-wall', 0, 'left-wall', { lengthMm: 2000, widthMm: 1400 }),
    )
    const desk: Made = { kind: 'desk', parameters: defaultsOf(KINDS.find(({ id }) => id === 'desk')!) }
    for (const seat of seatsFor(plan, scenes, desk))
      for (const scene of scenes) expect(stands(plan, scene, desk, seat)).toBe(true)
  })
})
