import { chordAt, prismBounds, sliceAtX, type Vec3 } from '../../geometry'
import { berthsOf, type Scene } from '../../scene'
import { byFitting, defineRule, practice } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'bed-hole': { readonly longMm: number }
  }
}

/** So finely a bed is looked over. */
const STEP_MM = 20
/** What lies so much lower than the rest is a hole to whoever lies there. */
const LEVEL_MM = 30
/** The knife is laid so far under the top of the mattress. */
const UNDER_MM = 5

interface Hole {
  readonly wideMm: number
  readonly longMm: number
  readonly at: Vec3
}

/** The widest place of a bed under which there is nothing: neither its own cushions nor those that it lies beside. */
function holeOf(scene: Scene, berth: ReturnType<typeof berthsOf>[number]): Hole | undefined {
  const placed = scene.placed.find(({ id }) => id === berth.fittingId)
  if (placed === undefined) return undefined
  const top = placed.placement.at[2] + berth.lying.zMm
  const spanOfArea = (axis: 0 | 1) => {
    const values = berth.lying.area.map((corner) => corner[axis])
    return { min: Math.min(...values), max: Math.max(...values) }
  }
  const [x, y] = [spanOfArea(0), spanOfArea(1)]
  const solids = scene.placed
    .flatMap(({ solids: all }) => all.map(({ prism }) => ({ prism, bounds: prismBounds(prism) })))
    .filter(({ bounds }) => bounds.z.max >= top - LEVEL_MM && bounds.z.min < top - UNDER_MM)
  const count = ({ min, max }: { min: number; max: number }) => Math.max(1, Math.floor((max - min) / STEP_MM))
  const [columns, rows] = [count(x), count(y)]
  const open = new Uint8Array(columns * rows).fill(1)
  for (let column = 0; column < columns; column += 1) {
    const at = x.min + (column + 0.5) * STEP_MM
    for (const { prism, bounds } of solids) {
      if (at < bounds.x.min || at > bounds.x.max) continue
      // at the knife’s height, or where that is over it: at its own top
      const across = chordAt(sliceAtX(prism, at), 1, Math.min(top - UNDER_MM, bounds.z.max - 0.5))
      if (across === undefined) continue
      for (let row = 0; row < rows; row += 1) {
        const side = y.min + (row + 0.5) * STEP_MM
        if (side >= across.min && side <= across.max) open[row * columns + column] = 0
      }
    }
  }
  /** How far it is open through a cell, along one axis. */
  const run = (column: number, row: number, dx: number, dy: number): number => {
    const inDirection = (sign: 1 | -1): number => {
      let cells = 0
      for (
        let [c, r] = [column + sign * dx, row + sign * dy];
        c >= 0 && r >= 0 && c < columns && r < rows && open[r * columns + c] === 1;
        c += sign * dx, r += sign * dy
      )
        cells += 1
      return cells
    }
    return (1 + inDirection(1) + inDirection(-1)) * STEP_MM
  }
  let worst: Hole | undefined
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < columns; column += 1) {
      if (open[row * columns + column] === 0) continue
      const [along, across] = [run(column, row, 1, 0), run(column, row, 0, 1)]
      const [wideMm, longMm] = [Math.min(along, across), Math.max(along, across)]
      if (worst === undefined || wideMm > worst.wideMm)
        worst = { wideMm, longMm, at: [x.min + (column + 0.5) * STEP_MM, y.min + (row + 0.5) * STEP_MM, top] }
    }
  return worst
}

/** A bed that is made of a board and the cushions beside it is whole: nothing sinks through between them. */
export const bedWhole = defineRule({
  id: 'bed-whole',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene'],
  gravity: { 'bed-hole': 'caution' },
  basis: practice('a gap that takes a hand is felt through a cushion, and takes a leg or a child'),
  parameters: {
    gapMm: { default: 60, min: 20, max: 300, unit: 'mm', basis: practice('a hand’s thickness and some') },
  },
  key: byFitting(() => 'hole'),
  check: ({ scene, parameters }) =>
    berthsOf(scene)
      .filter(({ lying }) => lying.leans === true)
      .flatMap((berth) => {
        const hole = holeOf(scene, berth)
        if (hole === undefined || hole.wideMm <= parameters.gapMm) return []
        return [
          {
            code: 'bed-hole' as const,
            fittings: [berth.fittingId],
            place: hole.at,
            measured: hole.wideMm,
            needed: parameters.gapMm,
            unit: 'mm' as const,
            facts: { longMm: hole.longMm },
          },
        ]
      }),
})
