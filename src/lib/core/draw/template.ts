import type { Vec2 } from '../geometry'
import type { EndPanel } from './end-panel'
import { formatLength, type LengthUnit } from '../units'
import { line, path, type Item, type View } from './display'
import type { Sheet } from './svg'

const MARGIN_MM = 25
const TITLE_MM = 30
const TICK_LONG_MM = 20
/** A square of this side to check a printer by. */
const CHECK_MM = 100

/** A square to check a printer by. */
export function checkSquare(unit: LengthUnit): readonly Item[] {
  const square: readonly Vec2[] = [
    [20, 20],
    [20 + CHECK_MM, 20],
    [20 + CHECK_MM, 20 + CHECK_MM],
    [20, 20 + CHECK_MM],
  ]
  return [
    path(square, 'hair'),
    {
      kind: 'text',
      at: [20 + CHECK_MM / 2, 12],
      text: `check: ${formatLength(CHECK_MM, unit)} square`,
      size: 'small',
      anchor: 'middle',
    },
  ]
}

/** A template on a sheet of its own. */
export function onTemplateSheet(view: View, title: readonly string[]): Sheet {
  const [wide, high] = [view.bounds.max[0] - view.bounds.min[0], view.bounds.max[1] - view.bounds.min[1]]
  return {
    widthMm: Math.ceil(wide + 2 * MARGIN_MM),
    heightMm: Math.ceil(high + 2 * MARGIN_MM + TITLE_MM),
    scale: 1,
    views: [{ view, left: MARGIN_MM, top: MARGIN_MM }],
    title,
  }
}

/** A template at 1 : 1: the panel’s outline, a tick on the wall’s curve at every step of height with the depth there. */
export function templateView(panel: EndPanel, unit: LengthUnit): View {
  const ticks = panel.ticks.flatMap(({ upMm, depthMm }): Item[] => [
    line([depthMm - TICK_LONG_MM, upMm], [depthMm, upMm], 'hair'),
    line([0, upMm], [TICK_LONG_MM / 2, upMm], 'hair'),
    {
      kind: 'text',
      at: [Math.max(TICK_LONG_MM, depthMm - TICK_LONG_MM - 4), upMm],
      text: `${formatLength(upMm, unit)} up: ${formatLength(depthMm, unit)} deep`,
      size: 'small',
      anchor: 'end',
    },
  ])
  return {
    id: 'section',
    title: `${panel.end === 'rear' ? 'Rear' : 'Front'} end panel: front edge at the left, wall at the right`,
    bounds: { min: [0, 0], max: [Math.max(panel.depthMm, CHECK_MM + 40), Math.max(panel.heightMm, CHECK_MM + 40)] },
    groups: [
      {
        key: 'panel',
        items: [path(panel.outline, 'cut'), ...checkSquare(unit), ...ticks],
      },
    ],
  }
}

/** The template on a sheet of its own, to be printed at 1 : 1. */
export const templateSheet = (panel: EndPanel, name: string, unit: LengthUnit): Sheet =>
  onTemplateSheet(templateView(panel, unit), [
    `${name}, ${panel.end} end panel, 1 : 1`,
    `Cut at ${formatLength(panel.xMm, unit)} ${unit} from the rear sill · lengths in ${unit} · print at 100% and measure the square`,
    'Hold it against the wall before you cut: the body differs from its measures by what the tape did not see.',
  ])
