import { describe, expect, it } from 'vitest'
import { apply, newJob, planInterior, type Job } from '$lib/core/job'
import { buildScene } from '$lib/core/scene'
import { genericShell } from '$lib/core/shells'
import { emptyBrief, put, putAtHome, variant } from '../../../../tests/support/plan'
import { settled, type Delta } from './settle'

/** A chest of 600 at the left wall, and a tank of 500 beyond it, with something small at the right wall. */
const job = [
  putAtHome('fit-chest', 'lid-chest', 1000, { lengthMm: 600, depthMm: 500, heightMm: 450 }),
  putAtHome('fit-tank', 'water-tank', 2000, { lengthMm: 500, depthMm: 400, heightMm: 300 }),
  put('fit-box', 'drawer-unit', 1000, 'right-wall', { lengthMm: 400, depthMm: 400, heightMm: 300 }),
].reduce((now, command) => apply(now, command).job, newJob('job-a', 'Test', genericShell('truck-box'), emptyBrief))

function move(id: string, delta: Delta, reachMm = 0, of: Job = job) {
  const { plan } = of.variants[variant]!
  const scene = buildScene(planInterior(of.shell, plan), plan, 'mode-day')
  return settled(
    scene,
    plan,
    scene.placed.find((placed) => placed.id === id)!,
    delta,
    reachMm,
    800,
  )
}

describe('where the hand sets a fitting down', () => {
  it('is on whole millimetres, and moves only on the axes that the view shows', () => {
    const { seat, snaps } = move('fit-tank', { x: 12.4, y: -7.6 })
    expect(seat).toMatchObject({ along: { from: 'rear', mm: 2012 }, across: { mm: 8 }, up: { from: 'floor', mm: 0 } })
    expect(snaps).toEqual([])
    expect(move('fit-tank', { x: 5 }).seat.across).toEqual({ from: 'left-wall', mm: 0 })
  })

  it('is drawn to a neighbour’s edge within reach, beyond it to a round figure, and with neither stays as it is', () => {
    // the chest ends at 1600; the tank, moved by 385 towards the rear, begins at 1615
    const near = move('fit-tank', { x: -385, y: 0 }, 20)
    expect(near.seat.along.mm).toBe(1600)
    expect(near.snaps.map(({ axis }) => axis)).toContain('x')
    expect(move('fit-tank', { x: -384, y: 0 }, 4).seat.along.mm).toBe(1620)
    expect(move('fit-tank', { x: -384, y: 0 }).seat.along.mm).toBe(1616)
  })

  it('stays inside the body', () => {
    expect(move('fit-tank', { x: -9000 }).seat.along.mm).toBe(0)
    const far = move('fit-tank', { x: 9000 }).seat
    const { max, min } = planInterior(job.shell, job.variants[variant]!.plan).xSpan
    expect(far.along.from === 'bulkhead' ? far.along.mm : max - min - 500 - far.along.mm).toBe(0)
  })

  it('comes to stand on what is below it, and down to the floor when it is lifted off', () => {
    // over the chest, 455 up: 5 from its top
    const onTop = move('fit-tank', { x: -950, z: 455 }, 20)
    expect(onTop.seat.up).toEqual({ from: 'top-of', fitting: 'fit-chest', mm: 0 })
    const stacked = apply(job, { type: 'fitting.seat', variant, id: 'fit-tank', seat: onTop.seat }).job
    const lifted = move('fit-tank', { x: 1000, z: -200 }, 0, stacked)
    expect(lifted.seat.up).toEqual({ from: 'floor', mm: 250 })
    // what carries it cannot be set down on it in turn
    const turned = move('fit-chest', { x: 0, z: 750 }, 20, stacked)
    expect(turned.seat.up.from).toBe('floor')
  })
})
