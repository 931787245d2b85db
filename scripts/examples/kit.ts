import type { Brief } from '../../src/lib/core/brief'
import type { ParameterValue, Seat } from '../../src/lib/core/fittings'
import type { Command, FixingWay } from '../../src/lib/core/job'
import type { Furniture } from '../../src/lib/demo/build'

type Size = Record<string, ParameterValue>
export const variant = 'variant-a'
export const LEFT = { from: 'left-wall', mm: 0 } as const
export const RIGHT = { from: 'right-wall', mm: 0 } as const
export const MIDDLE = { from: 'centreline', mm: 0 } as const

export const at = (
  id: string,
  kind: string,
  x: number,
  across: Seat['across'],
  parameters: Size = {},
  more: Partial<Seat> = {},
): Furniture => ({
  id: `fit-${id}`,
  kind,
  parameters,
  seat: { along: { from: 'rear', mm: x }, across, ...more },
})
/** Right after another one, on the same wall. */
export const after = (
  id: string,
  kind: string,
  before: string,
  across: Seat['across'],
  parameters: Size = {},
  more: Partial<Seat> = {},
): Furniture => ({
  id: `fit-${id}`,
  kind,
  parameters,
  seat: { along: { from: 'after', fitting: `fit-${before}`, mm: 0 }, across, ...more },
})
export const fromFront = (
  id: string,
  kind: string,
  mm: number,
  across: Seat['across'],
  parameters: Size = {},
  more: Partial<Seat> = {},
): Furniture => ({
  id: `fit-${id}`,
  kind,
  parameters,
  seat: { along: { from: 'bulkhead', mm }, across, ...more },
})
export const up = (mm: number): Partial<Seat> => ({ up: { from: 'floor', mm } })
export const along: Partial<Seat> = { turn: 90 }
export const brief = (more: Partial<Brief>): Brief => ({
  people: {},
  pets: {},
  nightsOffHookUp: 3,
  derives: true,
  notes: '',
  demands: {},
  ...more,
})
export const person = (label: string, statureMm: number, more: Record<string, unknown> = {}) => ({
  label,
  statureMm,
  sleeps: true,
  travels: true,
  ...more,
})
export const stance = (mode: string, fitting: string, to: string): Command => ({
  type: 'mode.stance',
  variant,
  mode: `mode-${mode}`,
  fitting: `fit-${fitting}`,
  stance: to,
})
export const fixed = (fitting: string, how: FixingWay, points: number): Command => ({
  type: 'fitting.fixing',
  variant,
  id: `fit-${fitting}`,
  fixing: { how, points },
})
export const cut = (id: string, change: Record<string, unknown>): Command => ({
  type: 'change.put',
  variant,
  id: `change-${id}`,
  change: change as never,
})

/** Put into a hollow of another, from its left, its front and its bottom. */
export const inside = (
  id: string,
  kind: string,
  host: string,
  [left, front, upMm]: readonly [number, number, number],
  parameters: Size = {},
  hollow = 'inside',
  turn: 0 | 90 | 180 | 270 = 0,
): Furniture => ({
  id: `fit-${id}`,
  kind,
  parameters,
  seat: {
    inside: {
      fitting: `fit-${host}`,
      hollow,
      along: { from: 'left', mm: left },
      across: { from: 'front', mm: front },
      upMm,
      turn,
      mirrored: false,
    },
  },
})
