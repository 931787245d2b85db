import type { Interior } from '../shell'
import { cabSeatItems } from './cab-seats'
import type { View } from './display'
import { planBounds, sectionBounds, shellPlan, shellSection, shellSide, sideBounds } from './shell-views'

/** The empty body from above, from its right side, and cut at a station. */
export function bodyViews(interior: Interior, stationMm: number): Readonly<Record<'plan' | 'side' | 'section', View>> {
  const { shell } = interior
  const group = (items: View['groups'][number]['items']) => [{ key: 'body', items }]
  return {
    plan: {
      id: 'plan',
      title: 'From above',
      bounds: planBounds(interior),
      groups: group([...shellPlan(interior).items, ...cabSeatItems(shell, 'plan')]),
    },
    side: {
      id: 'right',
      title: 'Right wall, seen through',
      bounds: sideBounds(interior),
      groups: group([...shellSide(interior, 'right').items, ...cabSeatItems(shell, 'right')]),
    },
    section: {
      id: 'section',
      title: 'Section, seen from behind',
      bounds: sectionBounds(interior),
      groups: group(shellSection(interior, stationMm).items),
    },
  }
}

/** All marks of a view, those behind first. */
export const itemsOf = ({ groups }: View): View['groups'][number]['items'] => groups.flatMap(({ items }) => items)
