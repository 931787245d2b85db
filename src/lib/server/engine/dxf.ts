import { DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf'
import { printable, WIRES, type Item, type ItemGroup, type View } from '$lib/core/draw'
import type { Vec2 } from '$lib/core/geometry'

const TEXT_MM: Readonly<Record<'label' | 'small' | 'title', number>> = { label: 60, small: 45, title: 80 }
const FIGURE_MM = 45
/** Words on a template, which is cut at 1 : 1. */
const TEMPLATE_TEXT_MM = 6

/** What a program that reads the file calls each kind of mark. */
type LayerOf = (group: ItemGroup, item: Item) => string

/** Templates: by the weight of the line. */
const byWeight: LayerOf = (_group, item) => (item.kind === 'path' || item.kind === 'circle' ? item.weight : 'words')

/** Drawings of a vehicle: by what is drawn. */
export const byThing: LayerOf = (group, item) => {
  if (group.key === WIRES) return item.kind === 'text' ? 'wire-numbers' : 'wires'
  if (item.kind === 'text') return 'words'
  if (item.kind === 'dimension') return 'dimensions'
  if (item.fill === 'figure') return 'people'
  if (item.weight === 'hidden') return 'hidden'
  if (item.weight === 'centre') return 'centreline'
  if (item.weight === 'clearance') return 'clearances'
  if (item.weight === 'door') return 'doors'
  if (group.fittingId === undefined) return 'body'
  return item.weight === 'hair' ? 'details' : 'fittings'
}

/** A text as a DXF file holds it: letters beyond ASCII by their code. */
const coded = (text: string): string =>
  printable(text)
    .replaceAll('\u00a0', ' ')
    .replaceAll(/[^\x20-\x7e]/gu, (letter) => {
      const code = letter.codePointAt(0) ?? 0
      return code > 0xffff ? '?' : `\\U+${code.toString(16).toUpperCase().padStart(4, '0')}`
    })

/** A view, and where its origin lies in the drawing, mm. */
export interface DxfView {
  readonly view: View
  readonly at: Vec2
  /** Written over it. */
  readonly title?: string
}

/** Views in one DXF drawing at full size, in millimetres. */
export function toDxf(views: readonly DxfView[], layerOf: LayerOf = byWeight): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
  const layers = new Set<string>()
  const on = (layer: string): void => {
    if (!layers.has(layer)) dxf.addLayer(layer, 7, 'Continuous')
    layers.add(layer)
    dxf.setCurrentLayerName(layer)
  }
  const textMm = (size: keyof typeof TEXT_MM): number => (layerOf === byWeight ? TEMPLATE_TEXT_MM : TEXT_MM[size])
  for (const { view, at, title } of views) {
    const to = ([u, v]: Vec2): Vec2 => [u + at[0], v + at[1]]
    const text = (point: Vec2, mm: number, words: string): void => {
      const [x, y] = to(point)
      dxf.addText(point3d(x, y), mm, coded(words))
    }
    const strokes = (points: readonly Vec2[], closed: boolean): void => {
      dxf.addLWPolyline(
        points.map((point) => ({ point: point2d(...to(point)) })),
        { flags: closed ? 1 : 0 },
      )
    }
    if (title !== undefined) {
      on('titles')
      text([view.bounds.min[0], view.bounds.max[1] + 500], TEXT_MM.title, title)
    }
    for (const group of view.groups)
      for (const item of group.items) {
        on(layerOf(group, item))
        if (item.kind === 'path') strokes(item.points, item.closed)
        else if (item.kind === 'circle') dxf.addCircle(point3d(...to(item.centre)), item.radius)
        else if (item.kind === 'text') text(item.at, textMm(item.size), item.text)
        else {
          const [ax, ay] = item.from
          const [bx, by] = item.to
          const length = Math.hypot(bx - ax, by - ay) || 1
          const [nx, ny] = [(-(by - ay) / length) * item.offset, ((bx - ax) / length) * item.offset]
          const [p, q]: readonly [Vec2, Vec2] = [
            [ax + nx, ay + ny],
            [bx + nx, by + ny],
          ]
          strokes([item.from, p, q, item.to], false)
          text([(p[0] + q[0]) / 2, (p[1] + q[1]) / 2], FIGURE_MM, item.text)
        }
      }
  }
  return dxf.stringify()
}
