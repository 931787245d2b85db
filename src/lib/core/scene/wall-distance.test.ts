import { describe, expect, it } from 'vitest'
import { defaultsOf, KINDS, type Seat } from '../fittings'
import type { Plan } from '../job'
import { interiorOf } from '../shell'
import { genericShell, GENERIC_SHELLS } from '../shells'
import { buildScene, snapsFor, tapeOf, typedOnTape, type TapeRow } from './index'
import { nudged, reseated } from './move'

const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }
const modes: Plan['modes'] = { 'mode-day': { name: 'Day', purpose: 'living', order: 0, stances: {} } }

const planWith = (kind: (typeof KINDS)[number], seat: Seat, parameters = {}): Plan => ({
  lining,
  changes: {},
  modes,
  fittings: { 'fit-a': { kind: kind.id, parameters: { ...defaultsOf(kind), ...parameters }, seat } },
})

const seatAt = (from: Seat['across']['from'], turn: Seat['turn'], up: Seat['up']['from'], mm = 0): Seat => ({
  along: { from: 'rear', mm: 400 },
  across: { from, mm },
  up: { from: up, mm: 0 },
  turn,
  mirrored: false,
})

describe('the distance to a wall', () => {
  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))('in %s reads what was typed', (id, shell) => {
    const interior = interiorOf(shell, lining)
    const wrong: string[] = []
    let typed = 0
    for (const [number, kind] of KINDS.entries())
      for (const from of ['left-wall', 'right-wall', 'centreline'] as const)
        for (const turn of [0, 90, 180, 270] as const)
          for (const up of ['floor', 'roof'] as const) {
            // what hangs from a curved roof is looked for step by step: a part of the kinds in each body
            if (
              up === 'roof' &&
              (turn > 90 || number % GENERIC_SHELLS.length !== GENERIC_SHELLS.findIndex((one) => one.id === id))
            )
              continue
            const plan = planWith(kind, seatAt(from, turn, up))
            const scene = buildScene(interior, plan, 'mode-day')
            const placed = scene.placed[0]!
            const readAt = (seat: Seat | undefined, row: TapeRow) => {
              const there = seat && reseated(scene, plan, 'fit-a', seat)
              return there && tapeOf(there.scene, there.placed).find((one) => one.id === row.id)?.mm
            }
            for (const row of tapeOf(scene, placed)) {
              // under a ceiling alone, in two bodies: one upright, one curved
              if (row.id === 'ceiling' && id !== 'truck-box' && id !== 'van-long-high') continue
              const seat = typedOnTape(scene, plan, placed, row, 100)
              if (seat === undefined && row.id !== 'rear' && row.id !== 'front') {
                // it says that no place reads so: then none may be found by walking past them all
                const [x, y, z] = row.grows
                const offBy = (by: number) =>
                  (readAt(nudged(placed.seat, [x * by, y * by, z * by]), row) ?? Infinity) - 100
                let before = Infinity
                for (let by = -1990; by < 1990; by += 13) {
                  const off = offBy(by)
                  if (off * before <= 0) {
                    let [low, high] = [by - 13, by]
                    for (let halving = 0; halving < 30; halving += 1) {
                      const middle = (low + high) / 2
                      if (offBy(middle) * before > 0) low = middle
                      else high = middle
                    }
                    if (Math.abs(offBy(low)) <= 0.06) wrong.push(`${kind.id} ${from} ${turn}: missed at ${low}`)
                  }
                  before = off
                }
                continue
              }
              typed += 1
              const read = readAt(seat, row)
              if (read === undefined || !(Math.abs(read - 100) <= 0.06))
                wrong.push(`${kind.id} ${from} ${turn} ${up} ${row.id}: ${read}`)
            }
          }
    expect(wrong).toEqual([])
    expect(typed).toBeGreaterThan(KINDS.length * 12 * 5)
  })

  it('is the one that a fitting was seated by, and the one that an edge is drawn to', () => {
    const interior = interiorOf(genericShell('van-long-high'), lining)
    for (const kind of KINDS) {
      const { lengthMm, depthMm, heightMm } = kind.footprint(defaultsOf(kind))
      const scene = buildScene(interior, planWith(kind, seatAt('left-wall', 0, 'floor', 120)), 'mode-day')
      const placed = scene.placed[0]!
      const { x, y, z } = placed.bounds
      const fills =
        Math.abs(x.max - x.min - lengthMm) < 0.01 &&
        Math.abs(y.max - y.min - depthMm) < 0.01 &&
        Math.abs(z.max - z.min - heightMm) < 0.01
      if (!fills) continue
      const left = tapeOf(scene, placed).find(({ id }) => id === 'left')!
      expect([kind.id, left.mm.toFixed(1)]).toEqual([kind.id, '120.0'])
      const [snap] = snapsFor(scene, placed, { y: 118 }, 5)
      expect([kind.id, snap]).toMatchObject([kind.id, { to: { kind: 'wall', id: 'left' } }])
      expect(snap!.byMm).toBeCloseTo(2, 6)
    }
  })

  it('of a low box beside a leaning wall is its gap at the height where the wall comes closest', () => {
    // wall of the bare van at 0 is 890 out, at 350 it is 924: a box of 300 is closest at its foot
    const interior = interiorOf(genericShell('van-long-high'), { floorMm: 0, wallMm: 0, roofMm: 0 })
    const crate = KINDS.find(({ id }) => id === 'lid-chest')!
    const seat = seatAt('left-wall', 90, 'floor', 60)
    const plan = planWith(crate, { ...seat, along: { from: 'rear', mm: 1500 } }, { heightMm: 300 })
    const scene = buildScene(interior, plan, 'mode-day')
    const row = tapeOf(scene, scene.placed[0]!).find(({ id }) => id === 'left')!
    expect(row.mm).toBeCloseTo(60, 6)
    expect(row.atMm).toBe(0)
    expect(scene.placed[0]!.bounds.y.max).toBeCloseTo(890 - 60, 1)
  })
})
