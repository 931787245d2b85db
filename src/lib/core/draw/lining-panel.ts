import { area, lerp, type Polygon, type Span, type Vec2 } from '../geometry'
import { type Face, type Interior, knots, type Opening, sectionAt } from '../shell'
import { formatLength, type LengthUnit } from '../units'
import { type Item, line, path, type View } from './display'
import { checkSquare, onTemplateSheet } from './template'
import type { Sheet } from './svg'

/** The faces of a body that are lined with panels. */
export const PANEL_FACES = ['left', 'right', 'ceiling'] as const
export type PanelFace = (typeof PANEL_FACES)[number]

const FACE_OF: Readonly<Record<PanelFace, Face>> = { left: 'wall-left', right: 'wall-right', ceiling: 'roof' }
const SIDE_OF: Readonly<Record<PanelFace, Opening['side']>> = { left: 'left', right: 'right', ceiling: 'roof' }

/** A lined face laid out flat: along it from the rear, and up the wall from the floor, or across the roof from the left; mm. */
export interface LiningPanel {
  readonly face: PanelFace
  readonly outline: Polygon
  /** Where doors, windows and hatches are, by their labels. */
  readonly holes: readonly { readonly label: string; readonly outline: Polygon }[]
  /** How high, or wide, it is at each place where the body bends. */
  readonly ticks: readonly { readonly alongMm: number; readonly acrossMm: number }[]
}

/** The corners of a face in a section, from the floor up, or from the left to the right. */
function cornersOf(interior: Interior, face: PanelFace, xMm: number): readonly Vec2[] {
  const section = sectionAt(interior, xMm)
  const edges = interior.faces.flatMap((one, edge) => (one === FACE_OF[face] ? [edge] : []))
  const [first, last] = [edges[0], edges[edges.length - 1]]
  if (first === undefined || last === undefined) return []
  const corners = [...edges.map((edge) => section[edge]!), section[(last + 1) % section.length]!]
  // a section runs up the left wall, across and down the right one
  return face === 'right' ? corners.reverse() : corners
}

const lengthOf = (corners: readonly Vec2[]): number =>
  corners.slice(1).reduce((sum, [y, z], index) => sum + Math.hypot(y - corners[index]![0], z - corners[index]![1]), 0)

/** How far along the corners a height (walls) or a distance from the centreline (ceiling) is reached; at their ends beyond them. */
function reachedAt(corners: readonly Vec2[], face: PanelFace, value: number): number {
  const axis = face === 'ceiling' ? 0 : 1
  let sum = 0
  for (const [index, to] of corners.entries()) {
    const from = corners[index - 1]
    if (from === undefined) continue
    const long = Math.hypot(to[0] - from[0], to[1] - from[1])
    const [a, b] = [from[axis], to[axis]]
    // down along y, up along z
    const t = a === b ? 1 : (value - a) / (b - a)
    if (t < 0) return sum
    if (t <= 1) return sum + t * long
    sum += long
  }
  return sum
}

/**
 * What of a lined face lies between two places along the body, laid out flat station by station, with the openings in it. Undefined
 * where the body has no such face. A face that curves both ways is no flat board: it is laid out by its length at the foot (walls) or the
 * left edge (ceiling) and its own girth at each station. Flares, raised roofs and walls that were moved out are left out: it is the body’s own face.
 */
export function liningPanel(
  interior: Interior,
  face: PanelFace,
  along: Span = interior.xSpan,
): LiningPanel | undefined {
  const stretch = { min: Math.max(along.min, interior.xSpan.min), max: Math.min(along.max, interior.xSpan.max) }
  if (!(stretch.max > stretch.min)) return undefined
  const stations = knots(interior, stretch).map((xMm) => ({ xMm, corners: cornersOf(interior, face, xMm) }))
  if (stations.some(({ corners }) => corners.length < 2)) return undefined
  let alongMm = 0
  const laid = stations.map(({ xMm, corners }, index) => {
    const before = stations[index - 1]
    if (before !== undefined) {
      const [from, to] = [before.corners[0]!, corners[0]!]
      alongMm += Math.hypot(xMm - before.xMm, to[0] - from[0], to[1] - from[1])
    }
    return { xMm, alongMm, acrossMm: lengthOf(corners) }
  })
  const alongAt = (xMm: number): number => {
    const after = laid.findIndex((one) => one.xMm >= xMm)
    const [a, b] = [laid[Math.max(0, after - 1)]!, laid[after === -1 ? laid.length - 1 : after]!]
    return a.xMm === b.xMm ? b.alongMm : lerp(a.alongMm, b.alongMm, (xMm - a.xMm) / (b.xMm - a.xMm))
  }
  const holes = interior.shell.openings
    .filter(({ side, fromMm, toMm }) => side === SIDE_OF[face] && toMm > stretch.min && fromMm < stretch.max)
    .map(({ label, fromMm, toMm, sillMm, headMm }) => {
      const [x0, x1] = [Math.max(fromMm, stretch.min), Math.min(toMm, stretch.max)]
      const [near, far] = face === 'ceiling' ? [headMm, sillMm] : [sillMm, headMm]
      const corner = (xMm: number, value: number): Vec2 => [
        alongAt(xMm),
        reachedAt(cornersOf(interior, face, xMm), face, value),
      ]
      return { label, outline: [corner(x0, near), corner(x1, near), corner(x1, far), corner(x0, far)] }
    })
    .filter(({ outline }) => area(outline) > 1)
  return {
    face,
    outline: [
      ...laid.map((one): Vec2 => [one.alongMm, 0]),
      ...laid.map((one): Vec2 => [one.alongMm, one.acrossMm]).reverse(),
    ],
    holes,
    ticks: laid.map((one) => ({ alongMm: one.alongMm, acrossMm: one.acrossMm })),
  }
}

const TITLES: Readonly<Record<PanelFace, string>> = {
  left: 'Left wall lining: foot at the bottom, rear at the left; seen from inside',
  right: 'Right wall lining: foot at the bottom, rear at the left; seen from outside',
  ceiling: 'Ceiling: left edge at the bottom, rear at the left; seen from inside, from below',
}

/** The panel at 1 : 1, its openings and its girth where the body bends. */
export function liningView({ face, outline, holes, ticks }: LiningPanel, unit: LengthUnit): View {
  const most = Math.max(...ticks.map(({ acrossMm }) => acrossMm))
  const long = Math.max(...ticks.map(({ alongMm }) => alongMm))
  return {
    id: 'section',
    title: TITLES[face],
    bounds: { min: [0, 0], max: [long, most] },
    groups: [
      {
        key: 'panel',
        items: [
          path(outline, 'cut'),
          ...holes.flatMap((hole): Item[] => [
            path(hole.outline, 'cut'),
            {
              kind: 'text',
              at: [(hole.outline[0]![0] + hole.outline[1]![0]) / 2, (hole.outline[0]![1] + hole.outline[2]![1]) / 2],
              text: hole.label,
              size: 'small',
              anchor: 'middle',
            },
          ]),
          ...ticks.flatMap(({ alongMm, acrossMm }, index): Item[] => [
            line([alongMm, 0], [alongMm, acrossMm], 'hair'),
            {
              kind: 'text',
              at: [alongMm + (index === ticks.length - 1 ? -6 : 6), 14],
              text: `${formatLength(alongMm, unit)}: ${formatLength(acrossMm, unit)}`,
              size: 'small',
              anchor: index === ticks.length - 1 ? 'end' : 'start',
            },
          ]),
          ...checkSquare(unit),
        ],
      },
    ],
  }
}

/** The panel on a sheet of its own, to be printed or cut at 1 : 1. */
export const liningSheet = (panel: LiningPanel, name: string, unit: LengthUnit): Sheet =>
  onTemplateSheet(liningView(panel, unit), [
    `${name}, ${panel.face === 'ceiling' ? 'ceiling' : `${panel.face} wall`} lining, 1 : 1`,
    `Laid out flat station by station; figures along and across · lengths in ${unit} · print at 100% and measure the square`,
    'Where a face curves both ways no flat board lies on it: cut it oversize and scribe it to the body. Flares, raised roofs and walls moved out are left out.',
  ])
