import type { Command, Job } from '$lib/core/job'
import { genericShell } from '$lib/core/shells'
import { put, truck, variant } from '../support/plan'
import type { FindingCode } from '$lib/core/review'

/**
 * Of one code: a job where it must speak with these figures, and one beside it, at the boundary, where it must not.
 * Figures are worked out from the sizes that stand in the row.
 */
export interface Case {
  readonly speaks: Job
  readonly measured: number
  readonly needed: number
  /** Which rule says it, in which mode, and where, in the vehicle frame. */
  readonly rule: string
  readonly mode: string
  readonly place: readonly [number, number, number]
  readonly silent: Job
}
export type CasesFor<C extends FindingCode> = { readonly [K in C]: Case }

/** One with a stiff knee, whose bed has a platform so high and a mattress of 120. */
export function stiffOn(platformMm: number): Job {
  return truck(
    {
      type: 'person.put',
      id: 'person-a',
      person: { label: 'elder', statureMm: 1700, sleeps: true, travels: true, mobility: 'stiff' },
    },
    put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 1900, platformMm, mattressMm: 120 }),
  )
}

/** A hob of 450 with its lid up by day. */
export function cookingAt(x: number): Command[] {
  return [
    put('fit-a', 'galley-hob', x, 'left-wall'),
    { type: 'mode.stance', variant, mode: 'mode-day', fitting: 'fit-a', stance: 'cooking' },
  ]
}

/** A bed of 1900 across, its head at the left wall, its mattress 520 up. */
export function sleepsAcross(x: number, widthMm: number): Command {
  return put('fit-a', 'bed-fixed', x, 'centreline', { lyingMm: 1900, widthMm, platformMm: 400, mattressMm: 120 })
}

/** The truck with no door but its side door, so wide. */
export function sideDoorOnly(wideMm: number): Command {
  const shell = genericShell('truck-box')
  const openings = shell.openings
    .filter(({ side }) => side === 'right')
    .map((door) => ({ ...door, fromMm: door.toMm - wideMm, headMm: door.sillMm + Math.max(wideMm, 705) }))
  return { type: 'shell.put', shell: { ...shell, openings } }
}

/** Two blocks that leave a gap between them, across the truck of 2100: 900 high, so far over the floor. */
export function corridor(gap: number, upMm = 150, heightMm = 900): Command[] {
  const size = { lengthMm: 600, depthMm: (2100 - gap) / 2, heightMm }
  const block = (id: string, side: 'left-wall' | 'right-wall') =>
    put(id, 'water-tank', 1200, side, size, { up: { from: 'floor', mm: upMm } })
  return [block('fit-x', 'left-wall'), block('fit-y', 'right-wall')]
}
