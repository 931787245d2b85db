import type { Gravity } from '$lib/core/review'

/** Gravity by shape and number, not by colour alone: a hexagon stops, a triangle cautions, a circle notes. About 16 px, its middle at 0, 0. */
export const GRAVITY_SHAPES: Readonly<
  Record<Gravity, { readonly d: string; readonly fill: string; readonly numberY: number; readonly words: string }>
> = {
  stop: { d: 'M-7 -4L0 -8L7 -4L7 4L0 8L-7 4Z', fill: 'var(--stop)', numberY: 3.4, words: 'text-stop' },
  caution: { d: 'M0 -8L8 7L-8 7Z', fill: 'var(--caution)', numberY: 5, words: 'text-caution' },
  note: { d: 'M-7 0A7 7 0 1 1 7 0A7 7 0 1 1 -7 0Z', fill: 'var(--ink-2)', numberY: 3.4, words: 'text-ink-2' },
}
