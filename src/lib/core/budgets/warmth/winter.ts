import { answer, sleepersOf } from '../../brief'
import type { Job } from '../../job'
import { DAYS, HOURS, MONTH_OF } from '../../sky'
import { HABIT_FACTS } from '../power/habits'
import { journeyOf } from '../power/journey'
import { isUp } from './loss'
import { saturationKpa, vapourGM3, vapourKpa } from './moist'

/** Vapour of one asleep, and of one who is up, g an hour. BS 5250, from memory. */
export const SLEEPER_G_H = 40
const UP_G_H = 55
/** A meal for one, g: common practice, no source. And what a flame gives off for each kWh of gas: propane makes 1.63 kg of water a kilogram, C₃H₈ + 5 O₂ = 3 CO₂ + 4 H₂O. */
const [MEAL_G, FLAME_G_KWH] = [150, 127]
/** While one cooks the air changes so often: a window is open. Common practice, no source. */
const COOKING_CHANGES = 4
const COOKS_AT = 18
/** By day one is out, and a door stands open. Common practice, no source. */
const isOut = (hour: number): boolean => hour >= 9 && hour < COOKS_AT

/** A face as it is for damp: how much colder it is than the room for each kelvin between inside and outside. */
export interface Face<K extends string> {
  readonly at: K
  readonly share: number
}

/** What vapour does through the nights of a year aboard. */
export interface Winter<K extends string> {
  /** Hours aboard in which it is heated. */
  readonly hours: number
  /** Of them, those in which a face is wet. */
  readonly wet: Readonly<Record<K, number>>
  /** January 0: in which most is wet; undefined where nothing is. */
  readonly worstMonth: number | undefined
}

interface Room {
  readonly volumeM3: number
  readonly changes: number
  readonly heatedC: number
  readonly nightC: number
  readonly outsideShare: number
  readonly gearGH: number
  /** What a meal burns of gas in the room, kWh. */
  readonly flameKwh: number
}

/** Goes through every hour aboard in which it is colder outside than it is kept. Vapour follows what is given off and what the air brings, as much as an hour does. */
export function throughWinter<K extends string>(job: Job, faces: readonly Face<K>[], room: Room): Winter<K> {
  const { weather, lived } = journeyOf(job)
  const people = sleepersOf(job.brief).length
  const cooks = HABIT_FACTS.cooking.hours(job.brief) > 0 ? people : 0
  const wet = Object.fromEntries(faces.map(({ at }) => [at, 0])) as Record<K, number>
  const byMonth = Array<number>(12).fill(0)
  let [held, hours] = [0, 0]
  for (let at = 0; at < DAYS * HOURS; at += 1) {
    const outside = weather.outsideC[at] ?? 0
    const hour = at % HOURS
    const up = isUp(hour)
    const inside = up ? room.heatedC : room.nightC
    const brought = vapourGM3(room.outsideShare * saturationKpa(outside), outside)
    if (lived[at] !== 1 || outside >= inside) {
      held = brought
      continue
    }
    hours += 1
    const isCooking = hour === COOKS_AT && cooks > 0
    const changes = isCooking || isOut(hour) ? Math.max(COOKING_CHANGES, room.changes) : room.changes
    const given =
      (isOut(hour) ? 0 : people * (up ? UP_G_H : SLEEPER_G_H)) +
      room.gearGH +
      (isCooking ? cooks * MEAL_G + room.flameKwh * FLAME_G_KWH : 0)
    const ends = brought + given / Math.max(0.01, changes * room.volumeM3)
    held = Math.min(vapourGM3(saturationKpa(inside), inside), ends + (held - ends) * Math.exp(-changes))
    const kpa = vapourKpa(held, inside)
    let isAny = false
    for (const { at: face, share } of faces)
      // below its dew point a face bears less vapour than there is
      if (saturationKpa(inside - share * (inside - outside)) < kpa - 1e-9) {
        wet[face] += 1
        isAny = true
      }
    if (isAny) {
      const month = MONTH_OF[Math.floor(at / HOURS)] ?? 0
      byMonth[month] = (byMonth[month] ?? 0) + 1
    }
  }
  const most = Math.max(...byMonth)
  return { hours, wet, worstMonth: most === 0 ? undefined : byMonth.indexOf(most) }
}

/** What a meal burns in the room, kWh, by watts of gas without a flue. */
export const mealKwh = (job: Job, watts: number): number =>
  answer(job.brief, 'cooking') === 'never' ? 0 : (watts / 1000) * HABIT_FACTS.cooking.hours(job.brief) * 0.55
