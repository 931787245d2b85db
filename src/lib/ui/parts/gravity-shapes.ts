import { SIGNS } from '$lib/core/draw'
import type { Gravity } from '$lib/core/review'

/** Gravity by shape and number, not by colour alone: about 16 px, its middle at 0, 0. */
export const GRAVITY_SHAPES: Readonly<
  Record<Gravity, { readonly d: string; readonly fill: string; readonly numberY: number; readonly words: string }>
> = {
  stop: { ...SIGNS.stop, fill: 'var(--stop)', words: 'text-stop' },
  caution: { ...SIGNS.caution, fill: 'var(--caution)', words: 'text-caution' },
  note: { ...SIGNS.note, fill: 'var(--ink-2)', words: 'text-ink-2' },
}
