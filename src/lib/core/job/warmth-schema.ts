import { z } from 'zod'

/** What is taken of warmth where nobody said it. Common practice, no source. */
export const WARMTH_ASSUMED = {
  /** What it is kept at while somebody is up, and at night, °C. */
  heatedC: 18,
  nightC: 14,
  /** More than the layers say, for ribs, battens and corners, %. */
  bridgePercent: 15,
  /** Ribs that were left bare, m². */
  bareRibM2: 0,
  /** Times that the air changes in an hour, in bed. */
  airChanges: 1,
  /** Of what an open cab loses: 100 as it is, 40 behind a thick curtain, %. */
  cabPercent: 100,
  /** Of the windows, behind a cover at night, %. */
  coveredPercent: 0,
  /** Of the air outside, of what it could hold, %. */
  outsidePercent: 85,
  /** How far the windows of an open cab stand open, both together, cm². */
  cabAirCm2: 0,
  /** Wind, m/s, and from where, degrees from the front over the left side. */
  windMs: 0,
  windDeg: 90,
  /** Where the front points as it is parked, degrees from north over east. */
  parkedDeg: 0,
  pricePerL: 1.8,
} as const
export type WarmthAssumedKey = keyof typeof WARMTH_ASSUMED
export const WARMTH_ASSUMED_LIMITS: Readonly<Record<WarmthAssumedKey, readonly [min: number, max: number]>> = {
  heatedC: [0, 30],
  nightC: [-10, 30],
  bridgePercent: [0, 100],
  bareRibM2: [0, 30],
  airChanges: [0, 40],
  cabPercent: [0, 100],
  coveredPercent: [0, 100],
  outsidePercent: [5, 100],
  cabAirCm2: [0, 6000],
  windMs: [0, 40],
  windDeg: [0, 359],
  parkedDeg: [0, 359],
  pricePerL: [0, 1000],
}

export const warmthSchema = z.looseObject({
  assume: z
    .looseObject(
      Object.fromEntries(
        Object.entries(WARMTH_ASSUMED_LIMITS).map(([key, [min, max]]) => [
          key,
          z.number().min(min).max(max).optional(),
        ]),
      ) as Record<WarmthAssumedKey, z.ZodOptional<z.ZodNumber>>,
    )
    .optional(),
})
export type WarmthNotes = Readonly<z.infer<typeof warmthSchema>>
