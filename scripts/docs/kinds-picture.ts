// Every kind of fitting from its front and from above, at its usual size, as one picture: the catalogue at a glance.
import { defaultsOf, type Feature, type FittingKind, KINDS } from '../../src/lib/core/fittings'
import { prismBounds } from '../../src/lib/core/geometry'
import { KIND_WORDS } from '../../src/lib/core/text'

const COLUMNS = 6
const CELL = { wide: 176, high: 108 }
const VIEW = { wide: 80, high: 74 }
/** Room over the views for the kind’s name. */
const NAME = 22

const figure = (value: number): number => Math.round(value * 10) / 10

/** What a kind is drawn in: its first stance in which it is there at all. */
const shownIn = (kind: FittingKind): string =>
  kind.stances.find((stance) => kind.solids(defaultsOf(kind), stance).length > 0) ?? kind.stances[0]

/** One view of a kind, as large as its place lets it be, its left upper corner at (left, top). */
function viewOf(kind: FittingKind, view: 'front' | 'top', left: number, top: number): string {
  const [p, stance] = [defaultsOf(kind), shownIn(kind)]
  const boxes = kind.solids(p, stance).map(({ prism }) => {
    const { x, y, z } = prismBounds(prism)
    return { u: x, v: view === 'front' ? z : y }
  })
  const marked = kind
    .features(p, stance)
    .filter((feature) => feature.view === view)
    .flatMap(({ shape }) =>
      shape.kind === 'line' ? [shape.from, shape.to] : shape.kind === 'polygon' ? shape.points : [shape.centre],
    )
  const us = [...boxes.flatMap(({ u }) => [u.min, u.max]), ...marked.map(([u]) => u)]
  const vs = [...boxes.flatMap(({ v }) => [v.min, v.max]), ...marked.map(([, v]) => v)]
  const [u0, u1] = [Math.min(...us), Math.max(...us)]
  const [v0, v1] = [Math.min(...vs), Math.max(...vs)]
  const scale = Math.min(VIEW.wide / (u1 - u0), VIEW.high / (v1 - v0))
  const [dx, dy] = [(VIEW.wide - (u1 - u0) * scale) / 2, (VIEW.high - (v1 - v0) * scale) / 2]
  const at = ([u, v]: readonly [number, number]): readonly [number, number] => [
    figure(left + dx + (u - u0) * scale),
    figure(top + dy + (v1 - v) * scale),
  ]
  const outlines = boxes.map(({ u, v }) => {
    const [x, y] = at([u.min, v.max])
    return `<rect x="${x}" y="${y}" width="${figure((u.max - u.min) * scale)}" height="${figure((v.max - v.min) * scale)}" fill="#EFE6D2"/>`
  })
  const mark = ({ shape, filled }: Feature): string => {
    const fill = filled === true ? '#FDFCF9' : 'none'
    if (shape.kind === 'line') return `<path d="M${at(shape.from).join()}L${at(shape.to).join()}"/>`
    if (shape.kind === 'polygon')
      return `<path d="M${shape.points.map((point) => at(point).join()).join('L')}Z" fill="${fill}"/>`
    const [cx, cy] = at(shape.centre)
    return `<circle cx="${cx}" cy="${cy}" r="${figure(shape.radius * scale)}" fill="${fill}"/>`
  }
  const marks = kind.features(p, stance).filter((feature) => feature.view === view)
  return `<g stroke-width="1">${outlines.join('')}</g>${marks.map(mark).join('')}`
}

/** The picture, an SVG; kinds in the order of their names. */
export function kindsPicture(): string {
  const kinds = [...KINDS].sort((a, b) => (KIND_WORDS[a.id]! < KIND_WORDS[b.id]! ? -1 : 1))
  const rows = Math.ceil(kinds.length / COLUMNS)
  const cells = kinds.map((kind, index) => {
    const [left, top] = [(index % COLUMNS) * CELL.wide + 8, Math.floor(index / COLUMNS) * CELL.high + 6]
    const kg = kind.massKg(defaultsOf(kind))
    const name = `<text x="${left}" y="${top + 11}" stroke="none">${KIND_WORDS[kind.id]!} · ${kg < 10 ? figure(kg) : Math.round(kg)} kg</text>`
    return `${name}${viewOf(kind, 'front', left, top + NAME)}${viewOf(kind, 'top', left + VIEW.wide + 6, top + NAME)}`
  })
  const [wide, high] = [COLUMNS * CELL.wide + 8, rows * CELL.high + 8]
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}" height="${high}" viewBox="0 0 ${wide} ${high}" font-family="sans-serif" font-size="10" fill="#1F2B2A" stroke="#1F2B2A" stroke-width="0.5">`,
    '<rect width="100%" height="100%" fill="#FDFCF9" stroke="none"/>',
    '<g fill="none">',
    ...cells.map((cell) => cell.replace('<text ', '<text fill="#1F2B2A" ')),
    '</g>',
    '</svg>\n',
  ].join('\n')
}
