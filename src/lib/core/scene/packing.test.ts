import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { defaultsOf, kindOf } from '../fittings'
import { apply, newJob, planInterior, standardBrief, type Job } from '../job'
import { genericShell } from '../shells'
import { boxesOverlap, spanLength, type Box } from '../geometry'
import { buildScene, stow, type Piece, type Size } from './index'
import { packedByTrying } from './packing'

const CELL = 100
/** A wardrobe whose inside is exactly these many cells of 100 mm: its boards are 12 mm thick. */
const BOARD = 12

function sceneWith(cells: Size) {
  const job = newJob('job-a', 'A', genericShell('truck-box'), standardBrief())
  const wardrobe = kindOf('wardrobe')
  const [lengthMm, depthMm, heightMm] = cells.map((count) => count * CELL + 2 * BOARD) as [number, number, number]
  const { job: placed } = apply(job, {
    type: 'fitting.add',
    variant: 'variant-a',
    id: 'fit-a',
    fitting: {
      kind: 'wardrobe',
      parameters: { ...defaultsOf(wardrobe), lengthMm, depthMm, heightMm },
      seat: {
        along: { from: 'rear', mm: 1500 },
        across: { from: 'left-wall', mm: 200 },
        up: { from: 'floor', mm: 0 },
        turn: 0,
        mirrored: false,
      },
    } as never,
  })
  const { plan } = (placed as Job).variants['variant-a']!
  return buildScene(planInterior(placed.shell, plan), plan, 'mode-drive')
}

const turns = ([a, b, c]: Size, mayLie: boolean): Size[] => [
  [a, b, c],
  [b, a, c],
  ...(mayLie
    ? ([
        [a, c, b],
        [c, a, b],
        [b, c, a],
        [c, b, a],
      ] as Size[])
    : []),
]

/** Whether pieces of whole cells go into a room of whole cells, square to it: every place of every turn is tried. */
function bruteForce(room: Size, pieces: readonly { size: Size; mayLie: boolean }[]): boolean {
  const taken: { at: Size; size: Size }[] = []
  const apart = (at: Size, size: Size) =>
    taken.every((other) =>
      [0, 1, 2].some(
        (axis) => at[axis]! + size[axis]! <= other.at[axis]! || other.at[axis]! + other.size[axis]! <= at[axis]!,
      ),
    )
  const place = (index: number): boolean => {
    const piece = pieces[index]
    if (piece === undefined) return true
    for (const size of turns(piece.size, piece.mayLie))
      for (let x = 0; x + size[0] <= room[0]; x += 1)
        for (let y = 0; y + size[1] <= room[1]; y += 1)
          for (let z = 0; z + size[2] <= room[2]; z += 1) {
            if (!apart([x, y, z], size)) continue
            taken.push({ at: [x, y, z], size })
            if (place(index + 1)) return true
            taken.pop()
          }
    return false
  }
  return place(0)
}

const side = fc.integer({ min: 1, max: 5 })
const piece = fc.record({ size: fc.tuple(side, side, side) as fc.Arbitrary<Size>, mayLie: fc.boolean() })
const room = fc.tuple(
  fc.integer({ min: 3, max: 6 }),
  fc.integer({ min: 3, max: 5 }),
  fc.integer({ min: 6, max: 8 }),
) as fc.Arbitrary<Size>

const inMm = (pieces: readonly { size: Size; mayLie: boolean }[]): Piece[] =>
  pieces.map(({ size, mayLie }, index) => ({
    id: `piece-${index}`,
    // a hair under whole cells, so that touching is not pressing
    size: size.map((count) => count * CELL - 0.5) as unknown as Size,
    mayLie,
  }))

describe('packing against brute force', () => {
  it('one piece: goes in exactly where some turn of it does, lying only where it may', () => {
    let refused = 0
    let upright = 0
    fc.assert(
      fc.property(room, piece, (cells, one) => {
        const goes = stow(sceneWith(cells), inMm([one])).left.length === 0
        const square = bruteForce(cells, [one])
        if (!square) refused += 1
        if (!one.mayLie && !square && bruteForce(cells, [{ ...one, mayLie: true }])) upright += 1
        // a slanted piece may go in where no square one does, never the other way about
        expect(goes || !square).toBe(true)
        if (goes && !square) {
          const [a, b, c] = one.size
          expect(Math.hypot(a, b, c)).toBeGreaterThan(Math.min(...cells))
        }
      }),
      { seed: 4, numRuns: 250 },
    )
    expect(refused).toBeGreaterThan(10)
    expect(upright).toBeGreaterThan(0)
  })

  it('two and three pieces: what it places does fit, and of two that fit it misses few', () => {
    let fitting = 0
    let missed = 0
    fc.assert(
      fc.property(room, fc.array(piece, { minLength: 2, maxLength: 3 }), (cells, pieces) => {
        const all = stow(sceneWith(cells), inMm(pieces)).left.length === 0
        const volume = pieces.reduce((sum, { size }) => sum + size[0] * size[1] * size[2], 0)
        if (all) expect(volume).toBeLessThanOrEqual(cells[0] * cells[1] * cells[2])
        if (!bruteForce(cells, pieces)) return
        fitting += 1
        if (!all) missed += 1
      }),
      { seed: 5, numRuns: 250 },
    )
    expect(fitting).toBeGreaterThan(60)
    expect(missed / fitting).toBeLessThan(0.05)
  })

  it('a crate that must stand does not lie down', () => {
    const scene = sceneWith([6, 4, 8])
    const crate = (mayLie: boolean): Piece => ({ id: 'crate', size: [380, 300, 900], mayLie })
    expect(stow(scene, [crate(false)]).left).toHaveLength(1)
    // 900 long lies in no room of 600 × 400 × 800, slanted neither; 780 does when it may lie
    expect(stow(scene, [{ id: 'low', size: [780, 380, 300], mayLie: false }]).left).toHaveLength(1)
    expect(stow(scene, [{ id: 'low', size: [780, 380, 300], mayLie: true }]).left).toEqual([])
  })
})

/** A room of 1400 × 1380 × 650 mm sawn into so many blocks, each cut through one of them: together they fill it to the millimetre. */
const sawn = (count: number): fc.Arbitrary<readonly Size[]> =>
  fc
    .array(fc.record({ share: fc.double({ min: 0.3, max: 0.7, noNaN: true }), axis: fc.nat({ max: 4 }) }), {
      minLength: count - 1,
      maxLength: count - 1,
    })
    .chain((cuts) => {
      let parts: number[][] = [[1400, 1380, 650]]
      for (const { share, axis } of cuts) {
        const [largest, ...others] = parts.sort((a, b) => b[0]! * b[1]! * b[2]! - a[0]! * a[1]! * a[2]!) as [number[]]
        // mostly across the longest side, as one saws
        const along = axis < 3 ? axis : largest.indexOf(Math.max(...largest))
        const near = largest.map((side, at) => (at === along ? Math.round(side * share) : side))
        parts = [...others, near, largest.map((side, at) => (at === along ? side - near[at]! : side))]
      }
      return fc.shuffledSubarray(parts as unknown as Size[], { minLength: count })
    })

const BED: Box = { x: { min: 0, max: 1400 }, y: { min: -690, max: 690 }, z: { min: 0, max: 650 } }

describe('packing what is known to fill a room', () => {
  it.each([
    [4, 0.99],
    [6, 0.95],
    [8, 0.65],
  ])('%i blocks that were sawn out of it go back in', (count, share) => {
    let back = 0
    fc.assert(
      fc.property(sawn(count), (sizes) => {
        const pieces = sizes.map((size, index): Piece => ({ id: `piece-${index}`, size }))
        const lies = packedByTrying([[BED]], pieces)
        if (lies.size === count) back += 1
        const blocks = [...lies].map(([id, { block }]) => ({ id, block }))
        for (const [at, { id, block }] of blocks.entries()) {
          const sides = (['x', 'y', 'z'] as const).map((axis) => spanLength(block[axis]))
          const own = pieces.find((one) => one.id === id)!.size
          // each as large as it is, in the room, and in none of the others
          const sorted = (them: readonly number[]) => [...them].sort((a, b) => a - b)
          sorted(sides).forEach((side, index) => expect(side).toBeCloseTo(sorted(own)[index]!, 6))
          for (const axis of ['x', 'y', 'z'] as const) {
            expect(block[axis].min).toBeGreaterThanOrEqual(BED[axis].min - 0.1)
            expect(block[axis].max).toBeLessThanOrEqual(BED[axis].max + 0.1)
          }
          for (const other of blocks.slice(at + 1)) expect(boxesOverlap(block, other.block)).toBe(false)
        }
      }),
      { seed: 8, numRuns: 60 },
    )
    expect(back / 60).toBeGreaterThanOrEqual(share)
  })

  it('is the same each time, however often it is asked', () => {
    const [sizes] = fc.sample(sawn(8), { seed: 3, numRuns: 1 }) as [readonly Size[]]
    const pieces = sizes.map((size, index): Piece => ({ id: `piece-${index}`, size }))
    expect(packedByTrying([[BED]], pieces)).toEqual(packedByTrying([[BED]], pieces))
  })

  it('two folded bicycles and a case go under a bed', () => {
    const pieces: Piece[] = [
      { id: 'bicycle-1', size: [1350, 650, 330] },
      { id: 'bicycle-2', size: [1350, 650, 330] },
      { id: 'case', size: [750, 500, 600] },
    ]
    // stood on edge beside each other the bicycles take 660 of 1380, and 720 are left for the case
    expect(packedByTrying([[BED]], pieces.slice(0, 2)).size).toBe(2)
    expect(packedByTrying([[BED]], pieces).size).toBe(3)
  })
})
