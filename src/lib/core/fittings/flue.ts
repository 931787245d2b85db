import { measure, type Adjust } from './adjust'
import type { DrawFact } from './facts'
import type { Parameters } from './parameters'
import { lengthParameter } from './shapes'

/** Of a heater that burns fuel, on half power, at 1 m, dB(A). Common practice, no source. */
export const HEATER_DB = 45

/** Where a heater’s flue and intake are. */
export const flueParameters = {
  flueMm: lengthParameter(0, -1500, 1500).describe(
    'Where its flue goes out, from its middle to its right as one faces it',
  ),
  intakeMm: lengthParameter(300, -1500, 1500).describe('Where it draws its air to burn, from its middle to its right'),
}

type Flue = Parameters & { readonly flueMm: number; readonly intakeMm: number }

export const flueAdjust: { readonly [K in keyof typeof flueParameters]: Adjust<Flue> } = {
  flueMm: {
    ...measure('flue'),
    // the intake keeps its distance
    follow: ({ flueMm, intakeMm }, value) => ({ intakeMm: intakeMm + Number(value) - flueMm }),
  },
  intakeMm: measure('intake'),
}

/** The fan and pump of a heater that burns something while it runs, and its glow plug as it starts. Typical, common practice, no source. */
const FAN_WATTS = 25
const GLOW = 4

/** What a heater that burns something draws: with diesel a glow plug lights it, for some minutes. */
export const heaterDraw = (fuel: 'diesel' | 'gas'): DrawFact => ({
  by: 'heating',
  from: 'battery',
  watts: FAN_WATTS,
  ...(fuel === 'diesel' ? { surge: GLOW, startsSlowly: true } : {}),
})
/** An element that a campsite’s socket bears. Common practice, no source. */
export const ELEMENT_MOST_W = 1800
