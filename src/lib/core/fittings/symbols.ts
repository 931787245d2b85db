import { rectangle, type Vec2 } from '../geometry'
import type { Feature } from './contract'

type View = Feature['view']

/** Lines that make a fitting recognisable. First letter of a name aside, they are this program's own small vocabulary. */
export const line = (view: View, from: Vec2, to: Vec2): Feature => ({ view, shape: { kind: 'line', from, to } })
export const box = (view: View, x0: number, y0: number, x1: number, y1: number, filled = false): Feature => ({
  view,
  ...(filled ? { filled } : {}),
  shape: { kind: 'polygon', points: rectangle(Math.min(x0, x1), Math.min(y0, y1), Math.max(x0, x1), Math.max(y0, y1)) },
})
export const ring = (view: View, x: number, y: number, radius: number, filled = false): Feature => ({
  view,
  ...(filled ? { filled } : {}),
  shape: { kind: 'circle', centre: [x, y], radius },
})
/** A run of lines from point to point. */
export const strokes = (view: View, points: readonly Vec2[]): readonly Feature[] =>
  points.slice(1).map((to, index) => line(view, points[index]!, to))
export const cross = (view: View, x0: number, y0: number, x1: number, y1: number): readonly Feature[] => [
  line(view, [x0, y0], [x1, y1]),
  line(view, [x0, y1], [x1, y0]),
]

/** Lines parallel to the second axis that part a stretch into `count` fields. */
export const parted = (view: View, x0: number, x1: number, y0: number, y1: number, count: number): readonly Feature[] =>
  Array.from({ length: Math.max(0, count - 1) }, (_, index) => {
    const x = x0 + ((index + 1) * (x1 - x0)) / count
    return line(view, [x, y0], [x, y1])
  })
/** Lines parallel to the first axis: shelves, louvres, slats. */
export const levels = (view: View, x0: number, x1: number, y0: number, y1: number, count: number): readonly Feature[] =>
  Array.from({ length: Math.max(0, count - 1) }, (_, index) => {
    const y = y0 + ((index + 1) * (y1 - y0)) / count
    return line(view, [x0, y], [x1, y])
  })

/** A hinged leaf from its front: its frame, a grip near the free edge, a notch at each hinge. */
export function leaf(x0: number, x1: number, z0: number, z1: number, hinge: string): readonly Feature[] {
  const [hung, free, inward] = hinge === 'left' ? [x0, x1, 1] : [x1, x0, -1]
  const grip = free - inward * Math.min(45, (x1 - x0) / 4)
  const high = z1 - z0
  return [
    box('front', x0, z0, x1, z1),
    line('front', [grip, z0 + high * 0.45], [grip, z0 + high * 0.62]),
    line('front', [hung, z0 + high * 0.15], [hung + inward * 25, z0 + high * 0.15]),
    line('front', [hung, z0 + high * 0.85], [hung + inward * 25, z0 + high * 0.85]),
  ]
}

/** A drawer's front: its frame and a finger slot under its upper edge. */
export const drawerFront = (x0: number, x1: number, z0: number, z1: number): readonly Feature[] => {
  const middle = (x0 + x1) / 2
  const slot = Math.min(60, (x1 - x0) / 4)
  const z = z1 - Math.min(25, (z1 - z0) / 4)
  return [box('front', x0, z0, x1, z1), line('front', [middle - slot, z], [middle + slot, z])]
}

/** A flap from its front: its frame and a short tongue at the edge that one takes hold of. */
export const flapFront = (
  x0: number,
  x1: number,
  z0: number,
  z1: number,
  gripAt: 'low' | 'high',
): readonly Feature[] => {
  const middle = (x0 + x1) / 2
  const [edge, inward] = gripAt === 'low' ? [z0, 1] : [z1, -1]
  const tongue = inward * Math.min(30, (z1 - z0) / 4)
  return [
    box('front', x0, z0, x1, z1),
    ...strokes('front', [
      [middle - 30, edge],
      [middle - 30, edge + tongue],
      [middle + 30, edge + tongue],
      [middle + 30, edge],
    ]),
  ]
}

/** A pillow in plan. */
export const pillow = (x0: number, y0: number, x1: number, y1: number): Feature => box('top', x0, y0, x1, y1, true)

/** The widest a pillow is drawn; common practice, no source. */
const PILLOW_MM = 750

/** Pillows side by side along x at the end `headY` of a bed, reaching `inward` (±1) into it. */
export const pillows = (
  count: number,
  x0: number,
  x1: number,
  headY: number,
  inward: 1 | -1,
  deepMm = 320,
): readonly Feature[] => {
  const each = (x1 - x0) / count
  const gap = Math.max(Math.min(40, each / 8), (each - PILLOW_MM) / 2)
  return Array.from({ length: count }, (_, index) =>
    pillow(x0 + each * index + gap, headY + inward * 40, x0 + each * (index + 1) - gap, headY + inward * (40 + deepMm)),
  )
}

/** Where the rings of a hob lie in a square about its middle, and how large they are, as shares of that. */
const RINGS: Readonly<Record<number, readonly (readonly [x: number, y: number, r: number])[]>> = {
  1: [[0, 0, 0.34]],
  2: [
    [-0.17, 0.18, 0.26],
    [0.2, -0.26, 0.18],
  ],
  3: [
    [-0.24, 0.2, 0.22],
    [0.24, 0.2, 0.18],
    [0, -0.26, 0.2],
  ],
  4: [
    [-0.24, 0.24, 0.2],
    [0.24, 0.24, 0.17],
    [-0.24, -0.24, 0.17],
    [0.24, -0.24, 0.2],
  ],
  5: [
    [-0.32, 0.28, 0.15],
    [0.32, 0.28, 0.15],
    [-0.32, -0.28, 0.15],
    [0.32, -0.28, 0.15],
    [0, 0, 0.2],
  ],
}

/** The rings of a hob in plan, the larger at the back where there are two. */
export const rings = (x: number, y: number, count = 2, wideMm = 330): readonly Feature[] =>
  (RINGS[count] ?? []).map(([u, v, r]) => ring('top', x + u * wideMm, y + v * wideMm, r * wideMm, true))

/** A basin with its drain and tap in plan. */
export const basinTop = (x0: number, y0: number, x1: number, y1: number): readonly Feature[] => [
  box('top', x0, y0, x1, y1, true),
  ring('top', (x0 + x1) / 2, (y0 + y1) / 2, 20),
  line('top', [(x0 + x1) / 2, y1], [(x0 + x1) / 2, y1 - Math.min(110, (y1 - y0) / 3)]),
]

/** A tap seen from its front, standing on `z`. */
export const tapFront = (x: number, z: number, highMm = 60): readonly Feature[] =>
  strokes('front', [
    [x, z],
    [x, z + highMm],
    [x + 40, z + highMm],
  ])
