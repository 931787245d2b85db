import { MediaQuery } from 'svelte/reactivity'
import type { LengthUnit } from '$lib/core/units'

const byFinger = new MediaQuery('(pointer: coarse)')

/** What makes a field of a length bring the pad of figures under a finger, in place of the system’s keyboard. */
export const padded = (unit: LengthUnit) => ({
  'data-pad': unit,
  inputmode: byFinger.current ? ('none' as const) : ('text' as const),
})
