import { cabSeatItems, planBounds, sectionBounds, shellPlan, shellSection, shellSide, sideBounds } from '$lib/core/draw'
import type { Interior } from '$lib/core/shell'

/** The empty body in three views, each with its bounds. */
export const fullShellViews = (interior: Interior, stationMm: number) => ({
  plan: {
    bounds: planBounds(interior),
    items: [...shellPlan(interior).items, ...cabSeatItems(interior.shell, 'plan')],
  },
  side: {
    bounds: sideBounds(interior),
    items: [...shellSide(interior, 'right').items, ...cabSeatItems(interior.shell, 'right')],
  },
  section: { bounds: sectionBounds(interior), items: shellSection(interior, stationMm).items },
})
