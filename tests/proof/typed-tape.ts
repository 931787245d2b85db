import { defaultsOf, KINDS, type Seat } from '../../src/lib/core/fittings'
import type { Plan } from '../../src/lib/core/job'
import { buildScene, nudged, reseated, tapeOf, typedOnTape, type TapeRow } from '../../src/lib/core/scene'
import { interiorOf } from '../../src/lib/core/shell'
import { GENERIC_SHELLS } from '../../src/lib/core/shells'
import { randomFrom } from '../support/random-plans'
import type { Proof } from './report'

const TYPED_MM = 100
/** Seats are kept in tenths of a millimetre: half of that, and a hair. */
const READS_MM = 0.06
const WALK_MM = 29
const WALKED = 9

/**
 * All kinds × bodies × walls and middle × turns, standing and hung from the roof: 100 is typed into each row of the tape, and the tape reads 100; where
 * it says that no place reads so, none is found by walking past them all.
 */
export function typedTapeProof(share: number, seed = 17): Proof {
  const random = randomFrom(seed)
  const faults: string[] = []
  let [typed, nowhere] = [0, 0]
  for (const shell of GENERIC_SHELLS) {
    const interior = interiorOf(shell, { floorMm: 37, wallMm: 30, roofMm: 25 })
    for (const kind of KINDS)
      for (const from of ['left-wall', 'right-wall', 'centreline'] as const)
        for (const turn of [0, 90, 180, 270] as const)
          for (const up of ['floor', 'roof'] as const) {
            if (random() >= share) continue
            const named = `${shell.id} ${kind.id} ${from} ${turn} ${up}`
            const seat: Seat = {
              along: { from: 'rear', mm: 400 },
              across: { from, mm: 0 },
              up: { from: up, mm: 0 },
              turn,
              mirrored: false,
            }
            const plan: Plan = {
              lining: interior.lining,
              changes: {},
              modes: { 'mode-day': { name: 'Day', purpose: 'living', order: 0, stances: {} } },
              fittings: { 'fit-a': { kind: kind.id, parameters: defaultsOf(kind), seat } },
            }
            const scene = buildScene(interior, plan, 'mode-day')
            const placed = scene.placed[0]!
            const readAt = (at: Seat | undefined, row: TapeRow): number | undefined => {
              const there = at && reseated(scene, plan, 'fit-a', at)
              return there && tapeOf(there.scene, there.placed).find(({ id }) => id === row.id)?.mm
            }
            for (const row of tapeOf(scene, placed)) {
              const found = typedOnTape(scene, plan, placed, row, TYPED_MM)
              if (found === undefined) {
                nowhere += 1
                if (row.id === 'rear' || row.id === 'front') faults.push(`${named} ${row.id}: no place`)
                // the walk is most of the work: of a part of the proof, every ninth row is walked past
                else if (
                  (share === 1 || nowhere % WALKED === 0) &&
                  canBeFound((by) => readAt(moved(placed.seat, row, by), row))
                )
                  faults.push(`${named} ${row.id}: a place was missed`)
                continue
              }
              typed += 1
              const read = readAt(found, row)
              if (read === undefined || !(Math.abs(read - TYPED_MM) <= READS_MM))
                faults.push(`${named} ${row.id}: reads ${read}`)
            }
          }
  }
  return {
    name: 'typed-tape',
    title: 'What is typed is what is read',
    how: '100 mm typed into every row of the tape of every kind, in every generic body, against either wall and in the middle, in each of four turns, standing and hung from the roof. Where the tape says that no place reads so, the places are walked past one by one.',
    figures: [
      ['typed and read back', typed],
      ['no place reads so, and none was found', nowhere],
    ],
    faults,
  }
}

const moved = (seat: Seat, { grows: [x, y, z] }: TapeRow, by: number): Seat => nudged(seat, [x * by, y * by, z * by])

/** Whether walking from two metres on one side to two on the other passes a place that reads what was typed. */
function canBeFound(readAt: (by: number) => number | undefined): boolean {
  const offBy = (by: number): number => (readAt(by) ?? Infinity) - TYPED_MM
  let before = Infinity
  for (let by = -1990; by < 1990; by += WALK_MM) {
    const off = offBy(by)
    if (off * before <= 0) {
      let [low, high] = [by - WALK_MM, by]
      for (let halving = 0; halving < 30; halving += 1) {
        const middle = (low + high) / 2
        if (offBy(middle) * before > 0) low = middle
        else high = middle
      }
      if (Math.abs(offBy(low)) <= READS_MM) return true
    }
    before = off
  }
  return false
}
