import { planInterior, type Job } from '../job'
import { scenesOf } from '../scene'

import { planDimensions } from './dimensions'
import type { PlacedView, Sheet } from './svg'
import type { View } from './display'
import { drawView } from './views'

const MARGIN_MM = 30
const GAP_MM = 34
const TITLE_MM = 26

/** The scales that a drawing may be asked for in. */
export const SCALES = [5, 10, 20, 25, 50, 100] as const

export interface SheetOptions {
  readonly variantId: string
  readonly modeId: string
  readonly scale: number
  /** Put beside the title, in whatever form the reader wants it. */
  readonly date?: string
}

const size = (view: View, scale: number) => ({
  wide: (view.bounds.max[0] - view.bounds.min[0]) / scale,
  high: (view.bounds.max[1] - view.bounds.min[1]) / scale,
})

/** The vehicle unfolded on one sheet: left wall, dimensioned plan, right wall. @throws RangeError for a variant or mode that is none. */
export function unfoldedSheet(job: Job, { variantId, modeId, scale, date }: SheetOptions): Sheet {
  const variant = job.variants[variantId]
  if (variant === undefined) throw new RangeError(`there is no variant “${variantId}”`)
  const scene = scenesOf(variant, planInterior(job.shell, variant.plan)).find((one) => one.modeId === modeId)
  if (scene === undefined) throw new RangeError(`there is no mode “${modeId}”`)
  const plan = drawView(scene, 'plan', job.brief)
  const dimensioned: View = { ...plan, groups: [...plan.groups, planDimensions(scene, plan.bounds.max[1], job.units)] }
  let top = MARGIN_MM
  const views = [drawView(scene, 'left', job.brief), dimensioned, drawView(scene, 'right', job.brief)].map(
    (view): PlacedView => {
      const at = { view, left: MARGIN_MM, top }
      top += size(view, scale).high + GAP_MM
      return at
    },
  )
  return {
    widthMm: Math.ceil(size(plan, scale).wide + 2 * MARGIN_MM),
    heightMm: Math.ceil(top - GAP_MM + TITLE_MM + 8),
    scale,
    views,
    title: [
      job.name,
      `Variant ${variant.name} · ${variant.plan.modes[modeId]!.name} · 1 : ${scale} · lengths in ${job.units}${date === undefined ? '' : ` · ${date}`}`,
      'For planning. Local codes, the vehicle maker’s body-builder guide and licensed trades rule.',
    ],
  }
}

/** A plan alone, small, for a list of jobs. */
export function thumbnailSheet(job: Job, variantId: string, modeId: string): Sheet {
  const variant = job.variants[variantId]!
  const scene = scenesOf(variant, planInterior(job.shell, variant.plan)).find((one) => one.modeId === modeId)!
  const plan = drawView(scene, 'plan')
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
