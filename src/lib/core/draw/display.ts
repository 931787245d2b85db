import type { Vec2 } from '../geometry'
import type { HatchId } from './hatches'

/** The views of the vehicle unfolded. Plan is (x, y); walls are (x, z); the section is (−y, z), seen from behind. */
export const VIEW_IDS = ['left', 'plan', 'right', 'section'] as const
export type ViewId = (typeof VIEW_IDS)[number]

/** Lines by weight, not colour. */
export type Weight = 'cut' | 'visible' | 'hair' | 'hidden' | 'clearance' | 'centre' | 'door'
export type Fill = 'none' | 'wood' | 'sheet' | 'body' | 'glass' | 'figure'

/** One mark of a drawing in the view's own millimetres, second axis up. */
export type Item =
  | {
      readonly kind: 'path'
      readonly points: readonly Vec2[]
      readonly closed: boolean
      readonly weight: Weight
      readonly fill: Fill
      readonly hatch?: HatchId
    }
  | {
      readonly kind: 'circle'
      readonly centre: Vec2
      readonly radius: number
      readonly weight: Weight
      readonly fill: Fill
    }
  | {
      readonly kind: 'text'
      readonly at: Vec2
      readonly text: string
      readonly size: 'label' | 'small' | 'title'
      readonly anchor: 'start' | 'middle' | 'end'
      /** Room that it has; a screen that cannot fit it leaves it out. */
      readonly room?: Vec2
    }
  | {
      readonly kind: 'dimension'
      readonly from: Vec2
      readonly to: Vec2
      readonly offset: number
      readonly text: string
    }

/** Marks that belong together: a fitting, the shell, the figures. */
export interface ItemGroup {
  readonly key: string
  readonly fittingId?: string
  readonly items: readonly Item[]
}

export interface Bounds {
  readonly min: Vec2
  readonly max: Vec2
}

export interface View {
  readonly id: ViewId
  readonly title: string
  readonly bounds: Bounds
  readonly groups: readonly ItemGroup[]
}

export const path = (points: readonly Vec2[], weight: Weight, fill: Fill = 'none', closed = true): Item => ({
  kind: 'path',
  points,
  closed,
  weight,
  fill,
})
export const line = (from: Vec2, to: Vec2, weight: Weight): Item => ({
  kind: 'path',
  points: [from, to],
  closed: false,
  weight,
  fill: 'none',
})
