import { HATCHES } from './hatches'
import type { Fill, Item, View, Weight } from './display'
import { layLabels, type LaidLabel } from './labels'

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
const BRUSH: Record<Fill, string> = {
  none: 'none',
  wood: '#EFE6D2',
  sheet: '#FDFCF9',
  body: '#F0EBDF',
  glass: '#E9F1F1',
  figure: '#FDFCF9',
}
const INK = '#1F2B2A'
const TEXT_MM = { label: 2.4, small: 2, title: 3 } as const
/** The face at its full width; a reader may have to make do with a wider one. */
const STRETCH = 1.25
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

const figure = (value: number): string => String(Math.round(value * 1000) / 1000)

export interface PlacedView {
  readonly view: View
  /** Where the view's lower left corner lies on the sheet, in mm from the top left. */
  readonly left: number
  readonly top: number
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
  return item.kind === 'dimension' ? drawDimension(item, at, scale) : ''
}

function drawLabel({ text, at: [x, y], fontSize, anchor, upright }: LaidLabel): string {
  const turn = upright ? ` transform="rotate(-90 ${figure(x)} ${figure(y)})"` : ''
  return `<text x="${figure(x)}" y="${figure(y)}" dy="0.35em" font-size="${fontSize}" text-anchor="${anchor}"${turn} paint-order="stroke" stroke="#FDFCF9" stroke-width="0.5">${escapeXml(text)}</text>`
}

/** A dimension with short slanted strokes at its ends; `offset` is to the left of the way from `from` to `to`, in the view’s mm. */
function drawDimension(item: Extract<Item, { kind: 'dimension' }>, at: (point: Vec2) => Vec2, scale: number): string {
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
  const upright = Math.abs(ux) < 0.5
  const [mx, my] = [(px + qx) / 2, (py + qy) / 2]
  const text =
    item.text.length * 1.05 > length && !upright
      ? ''
      : `<text x="${figure(mx)}" y="${figure(my - 0.8)}" font-size="2.2" text-anchor="middle"${upright ? ` transform="rotate(-90 ${figure(mx)} ${figure(my)})"` : ''} paint-order="stroke" stroke="#FDFCF9" stroke-width="0.6">${escapeXml(item.text)}</text>`
  return `<path d="${d}" fill="none" stroke="${INK}" stroke-width="0.15"/>${text}`
}

/** A sheet as an SVG file in true millimetres, to be printed at its scale. */
export function toSvg(sheet: Sheet): string {
  const { widthMm, heightMm, scale } = sheet
  const patterns = Object.entries(HATCHES).map(([group, hatch]) => {
    return `<pattern id="hatch-${group}" width="${hatch.width}" height="${hatch.height}" patternUnits="userSpaceOnUse" patternTransform="scale(${HATCH_MM})"><path d="${hatch.strokes}" fill="none" stroke="${INK}" stroke-width="0.7" stroke-linecap="round" opacity="0.45"/></pattern>`
  })
  const views = sheet.views.map(({ view, left, top }) => {
    const at = ([u, v]: Vec2): Vec2 => [left + (u - view.bounds.min[0]) / scale, top + (view.bounds.max[1] - v) / scale]
    const items = view.groups.flatMap((group) => group.items)
    const lettering = { at, scale: 1 / scale, sizes: TEXT_MM, stretch: STRETCH, margin: 1 }
    const marks = [...items.map((item) => drawItem(item, at, scale)), ...layLabels(items, lettering).map(drawLabel)]
    // last, so that a box on the roof does not cover it
    const name = `<text x="${figure(left)}" y="${figure(top - 2)}" font-size="2.6" font-weight="600" paint-order="stroke" stroke="#FDFCF9" stroke-width="0.8">${escapeXml(view.title)}</text>`
    return `<g id="view-${view.id}">${marks.join('')}${name}</g>`
  })
  const title = sheet.title.map(
    (text, index) =>
      `<text x="10" y="${figure(heightMm - 14 + index * 4.4)}" font-size="${index === 0 ? 4 : 2.6}"${index === 0 ? ' font-weight="650"' : ''}>${escapeXml(text)}</text>`,
  )
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${figure(widthMm)}mm" height="${figure(heightMm)}mm" viewBox="0 0 ${figure(widthMm)} ${figure(heightMm)}" font-family="'Instrument Sans Variable', 'Instrument Sans', sans-serif" fill="${INK}">`,
    `<defs>${patterns.join('')}</defs>${sheet.clear === true ? '' : '<rect width="100%" height="100%" fill="#FDFCF9"/>'}`,
    ...views,
    ...title,
    '</svg>\n',
  ].join('\n')
}
