import { describe, expect, it } from 'vitest'
import { scenesOf, sitUpRoom, sleeping } from './index'
import { planInterior, type Command } from '../job'
import { jobWith, person, put, variant } from '../../../../tests/support/plan'

const NEED = { neededMm: 967, shoulderMm: 582, breadthMm: 477 }
/** Room of the one sleeper in a bed across, 1900 long, its mattress 820 over the floor of a box of 2160. */
const room = (...more: Command[]) => {
  const job = jobWith(
    'truck-box',
    person(1840),
    put('fit-bed', 'bed-fixed', 2000, 'centreline', { lyingMm: 1900, platformMm: 700, mattressMm: 120 }),
    ...more,
  )
  const plan = job.variants[variant]!.plan
  const scene = scenesOf(job.variants[variant]!, planInterior(job.shell, plan)).find(
    ({ modeId }) => modeId === 'mode-night',
  )!
  return sitUpRoom(scene, sleeping(scene, job.brief)[0]!, NEED)
}
/** A locker of 300 over one end of the bed, its bottom `mm` over the floor. */
const over = (id: string, side: 'left-wall' | 'right-wall', mm: number): Command =>
  put(id, 'locker', 2000, side, { lengthMm: 1400, depthMm: 600, heightMm: 300 }, { up: { from: 'floor', mm } })

describe('room to sit up in bed', () => {
  it('is what one needs where nothing hangs over it', () => {
    expect(room()).toMatchObject({ freeMm: 967, end: 'head', blockers: [] })
  })

  it('is found at the foot where a locker hangs over the pillow', () => {
    expect(room(over('fit-a', 'left-wall', 1400))).toMatchObject({ freeMm: 967, end: 'foot' })
  })

  it('is the higher of both ends, by the tape, where lockers hang over both', () => {
    const both = room(over('fit-a', 'left-wall', 1400), over('fit-b', 'right-wall', 1500))
    // from the mattress at 820 to 1500
    expect(Math.abs(both.freeMm - 680)).toBeLessThanOrEqual(1)
    expect(both.end).toBe('foot')
    expect(both.blockers).toEqual([expect.objectContaining({ kind: 'fitting', id: 'fit-b' })])
  })

  it('goes beside a lamp and a rail', () => {
    const lamps = [2100, 2300, 2500, 2700].flatMap((x) => [
      put(`fit-l${x}`, 'light', x, 'left-wall', {}, { up: { from: 'floor', mm: 1300 } }),
      put(`fit-r${x}`, 'light', x, 'right-wall', {}, { up: { from: 'floor', mm: 1300 } }),
    ])
    expect(room(...lamps).freeMm).toBe(967)
  })
})
