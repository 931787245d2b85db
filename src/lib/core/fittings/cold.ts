import type { DrawFact } from './facts'

/** A compressor while it runs: so much, and more for a larger box. Typical, common practice, no source. */
const [LEAST_W, W_PER_LITRE] = [35, 0.2]

/** What the compressor of a cold box of so many litres draws; how long it runs follows from how warm it is round it. */
export const coldDraw = (litres: number): DrawFact => ({
  by: 'cold',
  from: 'battery',
  watts: Math.round(LEAST_W + litres * W_PER_LITRE),
  surge: 3,
})
