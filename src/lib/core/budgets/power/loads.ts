import { ageOf } from '../../brief'
import type { DrawFact, Habit } from '../../fittings'
import type { Job } from '../../job'
import type { Placed } from '../../scene'
import { DAYS, HOURS, YEAR_HOURS } from '../../sky'
import { isUp } from '../warmth/loss'
import { coldShare, heatShare, type BodyNeeds } from '../warmth/needs'
import {
  GEAR_HOURS,
  HABIT_FACTS,
  PERSONAL,
  pumpHours,
  SCREEN_W,
  TIMES,
  type Personal,
  type Shed,
  type Times,
} from './habits'
import type { Journey } from './journey'
import type { Plant } from './plant'

/** One thing that draws. */
export interface Load {
  /** The same in every variant that has the thing. */
  readonly id: string
  readonly source: { readonly kind: 'fitting' | 'person' | 'gear' | 'plan' | 'extra'; readonly id: string }
  readonly key: Habit | Personal | 'extra'
  readonly from: 'battery' | 'mains'
  readonly watts: number
  readonly surge: number
  readonly sheds: Shed
  /** Hours a day at its watts, where somebody set them or they follow from the brief; of what follows from the weather, those of a mild day. */
  readonly hours: number
  /** Somebody set its hours. */
  readonly isSet: boolean
  readonly onlyHookUp: boolean
  readonly times: Times
  /** It only waits to be used. */
  readonly isWaiting: boolean
  /** It draws whether someone lives there or not. */
  readonly isAlways: boolean
  /** Litres, of a cold box. */
  readonly coldLitres?: number
}

/** What a cold box is kept at. */
const COLD_C = 4
/** Where its litres are not said. Common practice, no source. */
const USUAL_LITRES = 80

/** The loads of a plan and its people, before anything is said of them. */
function bare(job: Job, placed: readonly Placed[], plant: Plant): readonly Load[] {
  const { brief } = job
  const usual = { surge: 1, isSet: false, onlyHookUp: false, isWaiting: false, isAlways: false } as const
  const fittings = placed.flatMap(({ id, facts }) =>
    facts.draws.flatMap((draw, index): Load[] => ofDraw(id, index, draw, facts.cold, brief)),
  )
  const own = (
    kind: Load['source']['kind'],
    id: string,
    key: Personal,
    hours: number,
    watts = PERSONAL[key].watts,
  ): Load[] =>
    hours <= 0 || watts <= 0
      ? []
      : [
          {
            ...usual,
            id: `${id}-${key}`,
            source: { kind, id },
            key,
            from: key === 'bedside' ? 'mains' : 'battery',
            watts,
            sheds: PERSONAL[key].sheds,
            hours,
            times: PERSONAL[key].times,
            isWaiting: key === 'inverter',
          },
        ]
  const people = Object.entries(brief.people).flatMap(([id, person]) => [
    ...own('person', id, 'desk', person.work?.hours ?? 0, PERSONAL.desk.watts + (person.work?.screens ?? 0) * SCREEN_W),
    ...(person.sleeps && ageOf(person) !== 'infant' ? own('person', id, 'phones', 2) : []),
    ...(person.sleeps && person.work === undefined && ageOf(person) === 'adult' ? own('person', id, 'laptop', 1) : []),
    ...own('person', id, 'bedside', person.bedside === true ? 8 : 0),
  ])
  const gear = Object.entries(brief.gear ?? {}).flatMap(([id, piece]) =>
    piece.charges === true ? own('gear', id, 'gear', GEAR_HOURS[piece.use ?? 'weekly'] * piece.count) : [],
  )
  const hasWater = placed.some(({ facts }) => facts.holds.some(({ what }) => what === 'water'))
  const hasTap = placed.some(({ facts }) => facts.isSplashed)
  const plan = [
    ...(hasWater && hasTap ? own('plan', 'water', 'pump', pumpHours(brief)) : []),
    ...own('plan', 'power', 'inverter', 12, plant.inverterWaitingWatts),
  ]
  const extras = Object.entries(job.power?.extras ?? {}).map(([id, extra]): Load => ({
    ...usual,
    id: `${id}-extra`,
    source: { kind: 'extra', id },
    key: 'extra',
    from: extra.from,
    watts: extra.watts,
    sheds: extra.isVital === true ? 'vital' : 'wanted',
    hours: extra.hours,
    times: TIMES[extra.when],
  }))
  return [...fittings, ...people, ...gear, ...plan, ...extras]
}

function ofDraw(
  id: string,
  index: number,
  { by, from, watts, waitingWatts, surge = 1, isUnattended = false }: DrawFact,
  cold: Placed['facts']['cold'],
  brief: Job['brief'],
): Load[] {
  const habit = HABIT_FACTS[by]
  const usual = { source: { kind: 'fitting', id }, from, isSet: false } as const
  const load: Load = {
    ...usual,
    id: `${id}-${index}`,
    key: by,
    watts,
    surge,
    sheds: habit.sheds,
    hours: habit.hours(brief),
    onlyHookUp: habit.onlyHookUp === true,
    times: habit.times,
    isWaiting: false,
    isAlways: isUnattended,
    ...(by === 'cold' && cold !== undefined ? { coldLitres: cold.litres } : {}),
  }
  if (waitingWatts === undefined) return [load]
  // a thing at mains voltage waits only while the inverter is on
  const waiting: Load = {
    ...usual,
    id: `${id}-${index}-waiting`,
    key: 'always',
    watts: waitingWatts,
    surge: 1,
    sheds: 'wanted',
    hours: from === 'mains' ? 12 : 24,
    onlyHookUp: load.onlyHookUp,
    times: from === 'mains' ? TIMES.day : TIMES.always,
    isWaiting: true,
    isAlways: false,
  }
  return [load, waiting]
}

/** The loads of a plan and its people, with what was said of them. */
export function loadsOf(job: Job, placed: readonly Placed[], plant: Plant): readonly Load[] {
  const notes = job.power?.loads ?? {}
  return bare(job, placed, plant).map((load) => {
    const note = Object.hasOwn(notes, load.id) ? notes[load.id] : undefined
    return note === undefined
      ? load
      : {
          ...load,
          hours: note.hours ?? load.hours,
          isSet: note.hours !== undefined,
          onlyHookUp: note.onlyHookUp ?? load.onlyHookUp,
        }
  })
}

/** What a cold box lets in: W of current for each kelvin and each litre to the power of two thirds, its compressor’s gain in it. Typical, common practice, no source: 90 L at 25 °C take about 0.4 kWh a day. */
const LEAKS_W = 0.04
/** From here on air is moved, and so many kelvin more make a fan run all the time. Common practice, no source. */
const [AIRED_FROM_C, FULL_K] = [20, 10]
const COOKS_AT: ReadonlySet<number> = new Set([12, 18, 19])

/** What share of an hour a thing runs that follows from the weather, by the hour of the day and of the year: above 1 it runs all of it. */
type Duty = (outsideC: number, hour: number, at: number, isDark: boolean) => number
const DUTY: { readonly [K in Load['key']]?: (load: Load, needs: BodyNeeds) => Duty } = {
  cold: ({ coldLitres = USUAL_LITRES, watts }, { keptC }) => {
    const perK = (LEAKS_W * coldLitres ** (2 / 3)) / Math.max(1, watts)
    return (outsideC, hour) => perK * Math.max(0, Math.max(outsideC + 2, keptC(hour)) - COLD_C)
  },
  heating: (_, needs) => (outsideC, hour) => heatShare(needs, outsideC, hour),
  cooling: (_, needs) => (outsideC, __, at) => coldShare(needs, outsideC, at),
  airing: () => (outsideC, hour) => Math.max((outsideC - AIRED_FROM_C) / FULL_K, COOKS_AT.has(hour) ? 0.5 : 0),
  lit: () => (_, hour, __, isDark) => (isDark && isUp(hour) ? LIT_SHARE : 0),
}
/** Of the lights, on a dark evening. Common practice, no source. */
const LIT_SHARE = 0.7
const DARK_KWH = 0.01

/** Shares of a day’s hours by the hour of the day. */
function byHour(times: Times): readonly number[] {
  const shares = Array<number>(HOURS).fill(0)
  for (const [from, to, share] of times)
    for (let hour = from; hour < to; hour += 1) shares[hour] = (shares[hour] ?? 0) + share / (to - from)
  return shares
}

/** What a load wants in each hour of a year, Wh; a thing that waits for a hook-up only where there is one. */
export function wantsThroughYear(load: Load, { weather, lived, hookUp }: Journey, needs: BodyNeeds): Float64Array {
  const wants = new Float64Array(YEAR_HOURS)
  // whoever sets its hours says how long it runs, whatever the weather
  const duty = load.isSet ? undefined : DUTY[load.key]?.(load, needs)
  const running = (share: number): number => load.watts * Math.min(1, Math.max(0, share))
  const daily = byHour(load.times).map((share) => running(load.hours * share))
  const { beam, diffuse, outsideC } = weather
  const { isAlways, onlyHookUp } = load
  for (let day = 0, at = 0; day < DAYS; day += 1)
    for (let hour = 0; hour < HOURS; hour += 1, at += 1) {
      if ((lived[at] === 0 && !isAlways) || (onlyHookUp && hookUp[at] === 0)) continue
      wants[at] =
        duty === undefined
          ? (daily[hour] ?? 0)
          : running(duty(outsideC[at] ?? 0, hour, at, (beam[at] ?? 0) + (diffuse[at] ?? 0) < DARK_KWH))
    }
  return wants
}
