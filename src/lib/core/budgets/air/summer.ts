import { answer, isAnswered, sleepersOf } from '../../brief'
import type { Job } from '../../job'
import { HOURS, type WeatherYear } from '../../sky'
import { AIR_WH } from '../heat-figures'
import { placedInAnyMode } from '../seen'
import { journeyOf } from '../power/journey'
import { after } from '../warmth/hours'
import { isUp, lossesOf, warmthAssumedOf } from '../warmth/loss'
import { coolersOf, COLD_PER_W, COOLED_C, facesFor, SLEEPER_W } from '../warmth/needs'
import { heatStored } from '../warmth/report'
import { sunInto, type SunFaces } from '../warmth/sun'

const [BEDTIME, EVENING] = [22, 18]
/** So many hot days follow each other. Common practice, no source. */
const DAYS_IN_A_ROW = 3
/** Where the front points: north, east, south, west. */
const HEADINGS = [0, 90, 180, 270] as const

/** How the hottest day aboard is inside, hour by hour. */
export interface Summer {
  readonly hottestC: number
  /** Neither the brief nor the itinerary nor measured weather says how hot it gets: the usual is taken. */
  readonly isUnsaid: boolean
  readonly sunWM2: number
  /** Of that day, midnight to midnight, the third of three alike: outside, shut, and with the fan at full or all open, °C. */
  readonly outsideC: readonly number[]
  readonly shutC: readonly number[]
  readonly airedC: readonly number[]
  /** At their hottest, and at bedtime; with rain from six in the evening, all shut but the joints. */
  readonly noonShutC: number
  readonly noonAiredC: number
  readonly bedAiredC: number
  readonly bedRainC: number
  /** Shut at its hottest, by where the front points: which is coolest, and how much cooler than the hottest. */
  readonly coolestDeg: number
  readonly coolerK: number
  readonly shadedSides: number
  /** Cooling that keeps 26 °C in the hottest hour, shut, W; and over that day, kWh. */
  readonly coolingW: number
  readonly coolingKwh: number
  /** What the plan’s air conditioner makes of that: as cold, W; 0 where there is none; and what it asks at the socket that day, kWh. */
  readonly coolerW: number
  readonly atSocketKwh: number
}

interface Body {
  readonly whK: number
  /** Without air, W for each kelvin. */
  readonly wk: number
}

/** Three days alike, of which the last counts: starts as warm as it is outside. */
function throughDay(
  { whK, wk }: Body,
  outsideC: readonly number[],
  watts: (hour: number) => number,
  m3h: (hour: number) => number,
): readonly number[] {
  let c = outsideC[0] ?? 0
  let day: number[] = []
  for (let round = 0; round < DAYS_IN_A_ROW; round += 1) {
    day = []
    for (let hour = 0; hour < HOURS; hour += 1) {
      const whole = Math.max(0.1, wk + AIR_WH * m3h(hour))
      c = after({ whK, wk: whole }, c, outsideC[hour] ?? 0, watts(hour), 1)
      day.push(c)
    }
  }
  return day
}

/** The hottest hour of a year in which somebody is up and aboard, or -1. */
function hottestHour({ outsideC }: WeatherYear, lived: Uint8Array): number {
  let hottest = -1
  for (let at = 0; at < lived.length; at += 1)
    if (
      lived[at] === 1 &&
      isUp(at % HOURS) &&
      (outsideC[at] ?? 0) > (hottest < 0 ? -Infinity : (outsideC[hottest] ?? 0))
    )
      hottest = at
  return hottest
}

/** The hottest day that somebody is aboard. `aired` and `shut` are fresh air, m³/h. */
export function summerOf(job: Job, variantId: string, air: { readonly aired: number; readonly shut: number }): Summer {
  const { weather, lived } = journeyOf(job)
  const losses = lossesOf(job, variantId)
  const placed = placedInAnyMode(job, variantId)
  const assumed = warmthAssumedOf(job, variantId)
  const hottest = Math.max(0, hottestHour(weather, lived))
  const from = Math.floor(hottest / HOURS) * HOURS
  const typical = weather.outsideC[hottest] ?? 0
  // whoever said how hot it gets knows better than a typical climate, whose days are all alike
  const isSaid = isAnswered(job.brief, 'hottestC')
  const isUnsaid = !isSaid && Object.keys(job.power?.legs ?? {}).length === 0 && job.power?.weather === undefined
  const hottestC = isSaid || isUnsaid ? answer(job.brief, 'hottestC') : typical
  const outsideC = Array.from(
    { length: HOURS },
    (_, hour) => (weather.outsideC[from + hour] ?? typical) + hottestC - typical,
  )
  const faces: SunFaces = facesFor(job, variantId)
  const sunOf = (deg: number): Float64Array => sunInto(faces, weather, [from, from + HOURS], deg)
  const peopleW = sleepersOf(job.brief).length * SLEEPER_W
  const body: Body = {
    whK: heatStored(placed, losses.volumeM3),
    wk: losses.losses.reduce((sum, one) => sum + (one.what === 'air' ? 0 : one.wk), 0),
  }
  const inside = (sun: Float64Array, m3h: (hour: number) => number): readonly number[] =>
    throughDay(body, outsideC, (hour) => (sun[hour] ?? 0) + (isUp(hour) ? 0 : peopleW), m3h)
  const sun = sunOf(assumed.parkedDeg)
  const shutC = inside(sun, () => air.shut)
  const airedC = inside(sun, () => air.aired)
  const rainC = inside(sun, (hour) => (hour >= EVENING ? air.shut : air.aired))
  const byHeading = HEADINGS.map((deg) => ({ deg, c: Math.max(...inside(sunOf(deg), () => air.shut)) }))
  const coolest = byHeading.reduce((best, one) => (one.c < best.c - 0.05 ? one : best))
  // to hold the temperature nothing is stored: what comes in goes out again
  const cold = outsideC.map((c, hour) =>
    Math.max(0, (body.wk + AIR_WH * air.shut) * (c - COOLED_C) + (sun[hour] ?? 0) + peopleW),
  )
  const coolerW = coolersOf(placed)
  const level = Array.from(
    { length: HOURS },
    (_, hour) => 1000 * ((weather.beam[from + hour] ?? 0) + (weather.diffuse[from + hour] ?? 0)),
  )
  return {
    hottestC,
    isUnsaid,
    sunWM2: Math.max(...level),
    outsideC,
    shutC,
    airedC,
    noonShutC: Math.max(...shutC),
    noonAiredC: Math.max(...airedC),
    bedAiredC: airedC[BEDTIME] ?? NaN,
    bedRainC: rainC[BEDTIME] ?? NaN,
    coolestDeg: coolest.deg,
    coolerK: Math.max(...byHeading.map(({ c }) => c)) - coolest.c,
    shadedSides: faces.shaded.length,
    coolingW: Math.max(...cold),
    coolingKwh: cold.reduce((sum, one) => sum + one, 0) / 1000,
    coolerW,
    atSocketKwh: cold.reduce((sum, one) => sum + Math.min(one, coolerW), 0) / COLD_PER_W / 1000,
  }
}
