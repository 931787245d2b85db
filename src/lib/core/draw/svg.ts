import type { Bounds, Fill, Item, View, Weight } from './display'
import { HATCHES } from './hatches'
import { layLabels, meet, type LabelBox, type LaidLabel } from './labels'
import { printable, textWidth } from './letters'

import type { Vec2 } from '../geometry'

/** Pen and brush for paper: widths in mm on the sheet. */
const PEN: Record<Weight, { width: number; dash?: string }> = {
  cut: { width: 0.5 },
  visible: { width: 0.3 },
  hair: { width: 0.18 },
  hidden: { width: 0.22, dash: '1.6 0.9' },
  clearance: { width: 0.22, dash: '0.3 0.8' },
  centre: { width: 0.15, dash: '4 1 0.8 1' },
  door: { width: 1.1 },
}
const PAPER = '#FFFFFF'
const BRUSH: Record<Fill, string> = {
  none: 'none',
  wood: '#EFE6D2',
  sheet: PAPER,
  body: '#F0EBDF',
  glass: '#E9F1F1',
  figure: PAPER,
}
export const INK = '#1F2B2A'
const TEXT_MM = { label: 2.4, small: 2, title: 3 } as const
/** A hatch tile's unit on paper. */
const HATCH_MM = 0.26

/** Text made safe to stand in XML, whatever a user called a thing. */
export const escapeXml = (text: string): string =>
  text
    .replace(/[^\t\n\r\x20-\ud7ff\ue000-\ufffd\u{10000}-\u{10ffff}]/gu, '')
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;')

export const figure = (value: number): string => String(Math.round(value * 1000) / 1000)

export interface PlacedView {
  readonly view: View
  /** Where the view's upper left corner lies on the sheet, in mm from that of the sheet. */
  readonly left: number
  readonly top: number
  /** How much of it is shown, in its own mm: its upper left corner is then that of this part. All of it where that is not said. */
  readonly part?: Bounds
  /** Numbers that stand for names without room. */
  readonly numbers?: ReadonlyMap<string, number>
}

export interface Sheet {
  readonly widthMm: number
  readonly heightMm: number
  /** 20 stands for 1 : 20. */
  readonly scale: number
  readonly views: readonly PlacedView[]
  /** No paper behind it. */
  readonly clear?: boolean
  /** Lines of the title block, first one large. */
  readonly title: readonly string[]
}

function drawItem(item: Item, at: (point: Vec2) => Vec2, scale: number): string {
  const xy = (point: Vec2) => at(point).map(figure).join(' ')
  if (item.kind === 'path') {
    const pen = PEN[item.weight]
    const d = `M${item.points.map(xy).join('L')}${item.closed ? 'Z' : ''}`
    const stroke = `stroke="${INK}" stroke-width="${pen.width}"${pen.dash === undefined ? '' : ` stroke-dasharray="${pen.dash}"`}`
    const hatch = item.hatch === undefined ? '' : `<path d="${d}" fill="url(#hatch-${item.hatch})"/>`
    return `<path d="${d}" fill="${BRUSH[item.fill]}" ${stroke}/>${hatch}`
  }
  if (item.kind === 'circle') {
    const [x, y] = at(item.centre)
    return `<circle cx="${figure(x)}" cy="${figure(y)}" r="${figure(item.radius / scale)}" fill="${BRUSH[item.fill]}" stroke="${INK}" stroke-width="${PEN[item.weight].width}"/>`
  }
  return ''
}

/** Words on a drawing lie on a scrap of paper, so that neither hatch nor line runs through them. */
function scrap({ x0, y0, x1, y1 }: LabelBox): string {
  return `<rect x="${figure(x0)}" y="${figure(y0)}" width="${figure(x1 - x0)}" height="${figure(y1 - y0)}" fill="${PAPER}" fill-opacity="0.82"/>`
}

function written(text: string, [x, y]: Vec2, size: number, anchor: LaidLabel['anchor'], upright: boolean): string {
  const turn = upright ? ` transform="rotate(-90 ${figure(x)} ${figure(y)})"` : ''
  // by the baseline: not every reader knows of others
  const at = `x="${figure(x)}" y="${figure(y + MIDDLE_SHARE * size)}"`
  return `<text ${at} font-size="${size}" text-anchor="${anchor}"${turn}>${escapeXml(printable(text))}</text>`
}

/** Half the height of capitals: so far below the middle of a word is its baseline. */
const MIDDLE_SHARE = 0.36

/** The box of a word, anchored at a point of its middle line. */
function boxOf(text: string, [x, y]: Vec2, size: number, anchor: LaidLabel['anchor'], upright: boolean): LabelBox {
  const long = textWidth(text, size)
  const before = anchor === 'start' ? 0 : anchor === 'end' ? long : long / 2
  const half = size * 0.5
  return upright
    ? { x0: x - half, y0: y - (long - before), x1: x + half, y1: y + before }
    : { x0: x - before, y0: y - half, x1: x - before + long, y1: y + half }
}

/** A figure of a dimension where it may stand. */
interface LaidFigure {
  readonly text: string
  readonly at: Vec2
  readonly upright: boolean
  readonly box: LabelBox
}

interface LaidDimension {
  readonly d: string
  /** Its figure has no room along its line, and stands across it. */
  readonly across: boolean
  /** Where its figure may stand, the best place first. */
  readonly places: readonly LaidFigure[]
}

const DIMENSION_MM = 2.2
/** Shares of a line at which its figure may stand, the middle first. */
const ALONG = [0.5, 0.35, 0.65, 0.22, 0.78, 0.12, 0.88] as const

/** A dimension with short slanted strokes at its ends; `offset` is to the left of the way from `from` to `to`, in the view’s mm. Where its figure has no room along it, it stands across it. */
function layDimension(
  item: Extract<Item, { kind: 'dimension' }>,
  at: (point: Vec2) => Vec2,
  scale: number,
): LaidDimension {
  const [ax, ay] = at(item.from)
  const [bx, by] = at(item.to)
  const length = Math.hypot(bx - ax, by - ay) || 1
  const [ux, uy] = [(bx - ax) / length, (by - ay) / length]
  const off = item.offset / scale
  const [nx, ny] = [uy * off, -ux * off]
  const [px, py, qx, qy] = [ax + nx, ay + ny, bx + nx, by + ny]
  const slash = (x: number, y: number) => {
    const [sx, sy] = [(ux + uy) * 0.9, (uy - ux) * 0.9]
    return `M${figure(x - sx)} ${figure(y - sy)}L${figure(x + sx)} ${figure(y + sy)}`
  }
  const d = `M${figure(ax + nx * 0.15)} ${figure(ay + ny * 0.15)}L${figure(px)} ${figure(py)}L${figure(qx)} ${figure(qy)}L${figure(bx + nx * 0.15)} ${figure(by + ny * 0.15)}${slash(px, py)}${slash(qx, qy)}`
  const along = Math.abs(ux) < 0.5
  const wide = textWidth(item.text, DIMENSION_MM)
  const fits = wide + 1 <= length
  const upright = along === fits
  // beside the line, away from what is measured; one that lies on what it measures has two sides
  const sides = off === 0 ? [1, -1] : [Math.sign(off)]
  const clear = fits ? DIMENSION_MM * 0.75 : wide / 2 + 0.8
  const places = ALONG.flatMap((share) =>
    sides.map((side): LaidFigure => {
      const [mx, my] = [px + (qx - px) * share, py + (qy - py) * share]
      const point: Vec2 = [mx + uy * side * clear, my - ux * side * clear]
      return { text: item.text, at: point, upright, box: boxOf(item.text, point, DIMENSION_MM, 'middle', upright) }
    }),
  )
  return { d, across: !fits, places }
}

/** So far beside a view its dimensions lie, in the view’s mm. */
const BESIDE_MM = 600

/** What of a view a part of it shows on a sheet: at an edge that is the view’s own, also what lies beside it. */
function window({ view: { bounds }, left, top }: PlacedView, part: Bounds, scale: number): LabelBox {
  const beside = (isEdge: boolean): number => (isEdge ? BESIDE_MM / scale : 0)
  return {
    x0: left - beside(part.min[0] <= bounds.min[0]),
    x1: left + (part.max[0] - part.min[0]) / scale + beside(part.max[0] >= bounds.max[0]),
    y0: top - beside(part.max[1] >= bounds.max[1]),
    y1: top + (part.max[1] - part.min[1]) / scale + beside(part.min[1] <= bounds.min[1]),
  }
}

/** A name whose middle is in a part is in all of it, moved off its edge where need be; of another part it is none. */
function inWindow(label: LaidLabel, room: LabelBox): LaidLabel | undefined {
  const box = boxOf(label.text, label.at, label.fontSize, label.anchor, label.upright)
  const [x, y] = [(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2]
  if (x < room.x0 || x >= room.x1 || y < room.y0 || y >= room.y1) return undefined
  const [dx, dy] = [
    Math.max(0, room.x0 - box.x0) - Math.max(0, box.x1 - room.x1),
    Math.max(0, room.y0 - box.y0) - Math.max(0, box.y1 - room.y1),
  ]
  return { ...label, at: [label.at[0] + dx, label.at[1] + dy] }
}

const NO_EDGE: LabelBox = { x0: -Infinity, y0: -Infinity, x1: Infinity, y1: Infinity }

/** Where the parts of a view lie on a sheet, and what of it that shows. */
interface Laid {
  readonly items: readonly Item[]
  readonly at: (point: Vec2) => Vec2
  readonly room: LabelBox
  readonly dimensions: readonly LaidDimension[]
  /** The figures that are written. */
  readonly figures: readonly LaidFigure[]
  /** How many figures of this part have no room. */
  readonly leftOut: number
}

/** What was laid for a view stays as long as the view does: its figures are counted, then drawn. */
const laid = new WeakMap<PlacedView, { readonly scale: number; readonly laid: Laid }>()

function layOnce(placed: PlacedView, scale: number): Laid {
  const known = laid.get(placed)
  if (known?.scale === scale) return known.laid
  const now = lay(placed, scale)
  laid.set(placed, { scale, laid: now })
  return now
}

function lay(placed: PlacedView, scale: number): Laid {
  const { view, left, top, part = view.bounds } = placed
  const at = ([u, v]: Vec2): Vec2 => [left + (u - part.min[0]) / scale, top + (part.max[1] - v) / scale]
  const room = placed.part === undefined ? NO_EDGE : window(placed, part, scale)
  const items = view.groups.flatMap((group) => group.items)
  const dimensions = items.flatMap((item) => (item.kind === 'dimension' ? [layDimension(item, at, scale)] : []))
  // a figure is written where the middle of its line is
  const here = dimensions.filter(({ places: [middle] }) => {
    const [x, y] = middle?.at ?? [NaN, NaN]
    return x >= room.x0 && x < room.x1 && y >= room.y0 && y < room.y1
  })
  // those that stand along their line come first, and each takes the first place that is free
  const figures: LaidFigure[] = []
  for (const { places } of [...here].sort((a, b) => Number(a.across) - Number(b.across))) {
    const free = places.find(({ box }) => !figures.some((other) => meet(box, other.box)))
    if (free !== undefined) figures.push(free)
  }
  return { items, at, room, dimensions, figures, leftOut: here.length - figures.length }
}

/** How many lengths of a view have no room for their figure at a scale. */
export const figuresLeftOut = (placed: PlacedView, scale: number): number => layOnce(placed, scale).leftOut

/** The marks of a view where it lies on a sheet, in mm from the upper left corner of that. `id` is the sheet’s own name for it. */
export function viewSvg(placed: PlacedView, scale: number, id: string): string {
  const { numbers } = placed
  const { items, at, room, dimensions, figures } = layOnce(placed, scale)
  const lettering = { at, scale: 1 / scale, sizes: TEXT_MM, wide: textWidth, margin: 1 }
  const kept = figures.map(({ box }) => box)
  const labels = layLabels(items, lettering, numbers === undefined ? { kept } : { kept, numbers }).flatMap(
    (label) => inWindow(label, room) ?? [],
  )
  const marks = [
    ...items.map((item) => drawItem(item, at, scale)),
    ...dimensions.map(({ d }) => `<path d="${d}" fill="none" stroke="${INK}" stroke-width="0.15"/>`),
  ].join('')
  const words = [
    ...labels.flatMap(({ text, at: point, fontSize, anchor, upright }) => [
      scrap(boxOf(text, point, fontSize, anchor, upright)),
      written(text, point, fontSize, anchor, upright),
    ]),
    ...figures.map((one) => written(one.text, one.at, DIMENSION_MM, 'middle', one.upright)),
  ].join('')
  if (room === NO_EDGE) return `<g id="${id}">${marks}${words}</g>`
  const clip = `<clipPath id="${id}-part"><rect x="${figure(room.x0)}" y="${figure(room.y0)}" width="${figure(room.x1 - room.x0)}" height="${figure(room.y1 - room.y0)}"/></clipPath>`
  return `<g id="${id}">${clip}<g clip-path="url(#${id}-part)">${marks}</g>${words}</g>`
}

/** What the marks of views refer to. */
export const SVG_DEFS = `<defs>${Object.entries(HATCHES)
  .map(
    ([group, hatch]) =>
      `<pattern id="hatch-${group}" width="${hatch.width}" height="${hatch.height}" patternUnits="userSpaceOnUse" patternTransform="scale(${HATCH_MM})"><path d="${hatch.strokes}" fill="none" stroke="${INK}" stroke-width="0.7" stroke-linecap="round" opacity="0.45"/></pattern>`,
  )
  .join('')}</defs>`

/** The element that a sheet of a size is in. */
export const svgOpen = (widthMm: number, heightMm: number): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${figure(widthMm)}mm" height="${figure(heightMm)}mm" viewBox="0 0 ${figure(widthMm)} ${figure(heightMm)}" font-family="'Instrument Sans', 'Instrument Sans Variable', sans-serif" fill="${INK}">`

/** A sheet as an SVG file in true millimetres, to be printed at its scale. */
export function toSvg(sheet: Sheet): string {
  const { widthMm, heightMm, scale } = sheet
  const views = sheet.views.map((placed) => {
    // last, so that a box on the roof does not cover it
    const name = `<text x="${figure(placed.left)}" y="${figure(placed.top - 2)}" font-size="2.6" font-weight="600">${escapeXml(placed.view.title)}</text>`
    return `${viewSvg(placed, scale, `view-${placed.view.id}`)}${name}`
  })
  const title = sheet.title.map(
    (text, index) =>
      `<text x="10" y="${figure(heightMm - 14 + index * 4.4)}" font-size="${index === 0 ? 4 : 2.6}"${index === 0 ? ' font-weight="600"' : ''}>${escapeXml(text)}</text>`,
  )
  return [
    svgOpen(widthMm, heightMm),
    `${SVG_DEFS}${sheet.clear === true ? '' : `<rect width="100%" height="100%" fill="${PAPER}"/>`}`,
    ...views,
    ...title,
    '</svg>\n',
  ].join('\n')
}
