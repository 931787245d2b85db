import { planInterior, type Job } from '../job'
import { scenesOf } from '../scene'

import type { Sheet } from './svg'
import type { View } from './display'
import { drawView } from './views'
import { wholeOf } from './whole'

const size = (view: View, scale: number) => ({
  wide: (view.bounds.max[0] - view.bounds.min[0]) / scale,
  high: (view.bounds.max[1] - view.bounds.min[1]) / scale,
})

/** A plan alone, small, for a list of jobs. */
export function thumbnailSheet(job: Job, variantId: string, modeId: string): Sheet {
  const variant = job.variants[variantId]!
  const scene = scenesOf(variant, planInterior(job.shell, variant.plan)).find((one) => one.modeId === modeId)!
  const plan = wholeOf(drawView(scene, 'plan'))
  const bare: View = {
    ...plan,
    title: '',
    groups: plan.groups.map((group) => ({ ...group, items: group.items.filter(({ kind }) => kind !== 'text') })),
  }
  const { wide, high } = size(plan, 25)
  return {
    widthMm: Math.ceil(wide + 8),
    heightMm: Math.ceil(high + 8),
    scale: 25,
    views: [{ view: bare, left: 4, top: 4 }],
    title: [],
    clear: true,
  }
}
