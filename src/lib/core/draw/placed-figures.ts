import type { Brief } from '../brief'
import { prismBounds, rectangle, spanLength, unionOf, type Vec2 } from '../geometry'
import { bodyMm } from '../people'
import { facing, figuresOf, type FigureBody, type Scene } from '../scene'
import { path, type Item, type ItemGroup, type ViewId } from './display'
import type { PlanBody } from './people'
import { lyingFigure, sittingFigure, standingFigure } from './figures'

/** A person from above, standing or sitting: shoulders, head, and which way they look. */
function fromAbove(figure: FigureBody, statureMm: number): readonly Item[] {
  const { at } = figure
  const [fx, fy] = facing(figure)
  const [w, d, head] = [
    bodyMm(statureMm, 'shoulderBreadth') / 2,
    bodyMm(statureMm, 'footLength') / 2.4,
    (statureMm - bodyMm(statureMm, 'chin')) / 2,
  ]
  const there = (ahead: number, aside: number): Vec2 => [
    at[0] + fx * ahead - fy * aside,
    at[1] + fy * ahead + fx * aside,
  ]
  const shoulders = Array.from({ length: 24 }, (_, step): Vec2 => {
    const angle = (step * Math.PI) / 12
    return there(d * Math.cos(angle), w * Math.sin(angle))
  })
  return [
    path(shoulders, 'hair', 'figure'),
    { kind: 'circle', centre: there(d * 0.15, 0), radius: head * 0.8, weight: 'hair', fill: 'figure' },
    path(
      [there(d * 0.15 + head * 0.8, -25), there(d * 0.15 + head * 1.1, 0), there(d * 0.15 + head * 0.8, 25)],
      'hair',
    ),
  ]
}

function inPlan(figure: FigureBody): readonly Item[] {
  const { kind, pose, at, statureMm, turningMm, parts } = figure
  const [fx, fy] = facing(figure)
  const circle: readonly Item[] =
    turningMm === undefined
      ? []
      : [{ kind: 'circle', centre: at, radius: turningMm / 2, weight: 'clearance', fill: 'none' }]
  if (kind !== 'person' || statureMm === undefined) {
    const box = unionOf(parts.map(prismBounds))
    return [path(rectangle(box.x.min, box.y.min, box.x.max, box.y.max), 'visible', kind === 'pet' ? 'figure' : 'wood')]
  }
  if (pose === 'lying')
    return lyingFigure(statureMm, [at[0] + (fx * statureMm) / 2, at[1] + (fy * statureMm) / 2], [-fx, -fy])
  // what is under the body, as a chair, an arm or the thighs, shows its outline
  const round = parts.slice(turningMm === undefined ? 1 : 0, turningMm === undefined ? undefined : 1).map((part) => {
    const { x, y } = prismBounds(part)
    return path(rectangle(x.min, y.min, x.max, y.max), 'hair', turningMm === undefined ? 'none' : 'sheet')
  })
  return [...circle, ...round, ...fromAbove(figure, statureMm)]
}

/** The figures that were put into the scene’s mode, from above. */
export const placedInPlan = (scene: Scene, brief: Brief): readonly PlanBody[] =>
  figuresOf(scene, brief).map((figure) => ({ key: `figure ${figure.id}`, items: inPlan(figure), onMm: figure.onMm }))

/** A figure in a view that shows height: along the vehicle (a wall) or across it (the section, where right is −y). */
function fromSide(figure: FigureBody, across: boolean): readonly Item[] {
  const { kind, pose, at, onMm, statureMm, turningMm, parts } = figure
  const boxes = parts.map((part) => {
    const { x, y, z } = prismBounds(part)
    const [from, to] = across ? [-y.max, -y.min] : [x.min, x.max]
    return path(rectangle(from, z.min, to, z.max), 'hair', 'figure')
  })
  if (kind !== 'person' || statureMm === undefined || pose === 'lying') return boxes
  const middle = across ? -at[1] : at[0]
  const ahead = across ? -facing(figure)[1] : facing(figure)[0]
  if (turningMm !== undefined || (pose === 'sitting' && Math.abs(ahead) < 0.5)) return boxes
  if (pose === 'sitting') {
    const way = ahead > 0 ? 1 : -1
    const thigh = bodyMm(statureMm, 'hip') - bodyMm(statureMm, 'knee')
    return sittingFigure(statureMm, [middle + way * thigh, onMm], way)
  }
  return standingFigure(statureMm, [middle, onMm])
}

/** The figures that were put into the scene's mode, in one view: in plan all, on a wall those on its side, in the section those it cuts. */
export function placedFigures(scene: Scene, brief: Brief, view: ViewId, sectionAtMm = 0): ItemGroup {
  const seen = ({ at, parts }: FigureBody): boolean => {
    if (view === 'plan') return true
    if (view !== 'section') return at[1] > 0 === (view === 'left')
    const { x } = unionOf(parts.map(prismBounds))
    return x.min <= sectionAtMm && sectionAtMm <= x.max
  }
  const items = figuresOf(scene, brief)
    .filter(seen)
    .flatMap((figure) => (view === 'plan' ? inPlan(figure) : fromSide(figure, view === 'section')))
  return { key: 'figures', items }
}

/** Where a hand takes hold of a figure in plan: its middle, and how far round it. */
export function figureHandle({ at, parts }: FigureBody): { readonly at: Vec2; readonly radiusMm: number } {
  const { x, y } = unionOf(parts.map(prismBounds))
  return { at, radiusMm: Math.max(150, Math.min(spanLength(x), spanLength(y)) / 2) }
}
