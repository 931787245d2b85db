import type { Caution } from './contract'
import type { DrawFact, HeatFact } from './facts'

/** What a built-in hob cooks with. */
export const HOB_FUELS = ['gas', 'induction', 'diesel'] as const
type HobFuel = (typeof HOB_FUELS)[number]

/** Of one ring at full power. Typical, common practice, no source. */
const RING_WATTS = { gas: 1800, induction: 1500, diesel: 900 } as const satisfies Record<HobFuel, number>
const HEATS = {
  gas: { how: 'flame', fuel: 'gas' },
  induction: { how: 'induction', fuel: 'electric' },
  diesel: { how: 'plate', fuel: 'diesel' },
} as const satisfies Record<HobFuel, Pick<HeatFact, 'how' | 'fuel'>>

/** The heat of a hob of so many rings, at full power. */
export const hobHeat = (fuel: HobFuel, rings: number): Omit<HeatFact, 'isLit'> => ({
  ...HEATS[fuel],
  watts: rings * RING_WATTS[fuel],
  warms: 'pans',
})

/** Which caution each of them calls for. */
export const HOB_CAUTION = { gas: 'gas', induction: 'mains', diesel: 'fuel' } as const satisfies Record<
  HobFuel,
  Caution
>

/** The fan and the pump of a diesel hob. Typical, common practice, no source. */
const DIESEL_HOB_W = 20

/** What a hob draws: an induction hob that is used by one ring at a time, a diesel one for its fan. */
export const hobDraws = (fuel: HobFuel, rings: number): readonly DrawFact[] =>
  fuel === 'gas'
    ? []
    : fuel === 'induction'
      ? [{ by: 'cooking', from: 'mains', watts: Math.min(rings, 2) * RING_WATTS.induction, waitingWatts: 1 }]
      : [{ by: 'cooking', from: 'battery', watts: DIESEL_HOB_W }]
