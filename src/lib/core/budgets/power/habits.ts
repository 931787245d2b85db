import { answer, waterUse, type Brief } from '../../brief'
import type { Habit } from '../../fittings'

/** What goes first when there is too little: by its place in the list. What is vital never goes. */
export const SHEDS = ['vital', 'needed', 'wanted', 'first'] as const
export type Shed = (typeof SHEDS)[number]

/** What draws and belongs to no fitting. */
export type Personal = 'laptop' | 'desk' | 'phones' | 'bedside' | 'gear' | 'pump' | 'inverter'

/** When of a day something runs, as shares of its hours; what follows from the weather has none. */
export type Times = readonly (readonly [from: number, to: number, share: number])[]

const ALL_DAY: Times = [[0, 24, 1]]
const EVENING: Times = [[18, 23, 1]]
export const TIMES: Readonly<Record<'day' | 'evening' | 'night' | 'always', Times>> = {
  day: [[8, 18, 1]],
  evening: EVENING,
  night: [
    [22, 24, 0.25],
    [0, 6, 0.75],
  ],
  always: ALL_DAY,
}

interface HabitFacts {
  readonly times: Times
  readonly sheds: Shed
  /** Hours a day at full watts, for who lives there. */
  readonly hours: (brief: Brief) => number
  /** Nobody runs it on a battery of the usual size: it waits for a hook-up, until somebody says otherwise. */
  readonly onlyHookUp?: true
}

const peopleIn = (brief: Brief): number =>
  Math.max(1, Object.values(brief.people).filter(({ sleeps, travels }) => sleeps || travels).length)

/** How often there is cooking, as a share of days. */
const COOKS = { never: 0, sometimes: 0.35, daily: 1 } as const
const cooks = (brief: Brief): number => COOKS[answer(brief, 'cooking')]
const MEALS: Times = [
  [7, 9, 0.2],
  [12, 13, 0.25],
  [18, 20, 0.55],
]

/** How long each runs. Common practice, no source; the figures of a load can be set one by one. */
export const HABIT_FACTS: Readonly<Record<Habit, HabitFacts>> = {
  always: { times: ALL_DAY, sheds: 'wanted', hours: () => 24 },
  guarding: { times: ALL_DAY, sheds: 'vital', hours: () => 24 },
  // these follow from the weather: the hours are those of a mild day
  cold: { times: ALL_DAY, sheds: 'needed', hours: () => 8 },
  heating: { times: ALL_DAY, sheds: 'vital', hours: () => 8 },
  cooling: { times: ALL_DAY, sheds: 'first', hours: () => 4, onlyHookUp: true },
  airing: { times: ALL_DAY, sheds: 'wanted', hours: () => 3 },
  lit: { times: EVENING, sheds: 'needed', hours: () => 4 },
  // at full power: a third of an hour a day for two
  cooking: { times: MEALS, sheds: 'first', hours: (brief) => cooks(brief) * (0.15 + 0.08 * peopleIn(brief)) },
  'warming-food': { times: MEALS, sheds: 'first', hours: (brief) => cooks(brief) * 0.06 * peopleIn(brief) },
  baking: { times: MEALS, sheds: 'first', hours: (brief) => cooks(brief) * 0.25 },
  // a person takes 5 L at 40 K over the tap, and 15 L where there is a shower inside: 1.163 Wh per litre and kelvin, by 800 W
  'hot-water': {
    times: [
      [7, 8, 0.5],
      [18, 20, 0.5],
    ],
    sheds: 'first',
    hours: (brief) => (peopleIn(brief) * (answer(brief, 'washing') === 'inside' ? 15 : 5) * 40 * 1.163) / 800,
    onlyHookUp: true,
  },
  reading: { times: [[21, 23, 1]], sheds: 'needed', hours: () => 1 },
  'coming-in': { times: EVENING, sheds: 'needed', hours: () => 0.3 },
  watching: { times: [[20, 22, 1]], sheds: 'first', hours: () => 1.5 },
  listening: { times: [[17, 21, 1]], sheds: 'first', hours: () => 2 },
  lifting: {
    times: [
      [9, 10, 0.5],
      [17, 18, 0.5],
    ],
    sheds: 'needed',
    hours: () => 0.1,
  },
  driving: { times: [[10, 18, 1]], sheds: 'needed', hours: (brief) => answer(brief, 'drivingHours') },
}

/** Of what belongs to no fitting. Watts typical, common practice, no source. */
export const PERSONAL: Readonly<
  Record<Personal, { readonly watts: number; readonly times: Times; readonly sheds: Shed }>
> = {
  laptop: { watts: 40, times: EVENING, sheds: 'first' },
  desk: { watts: 30, times: [[9, 18, 1]], sheds: 'wanted' },
  phones: { watts: 10, times: EVENING, sheds: 'wanted' },
  bedside: { watts: 40, times: TIMES.night, sheds: 'vital' },
  gear: { watts: 60, times: EVENING, sheds: 'first' },
  pump: {
    watts: 60,
    times: [
      [7, 9, 0.4],
      [18, 21, 0.6],
    ],
    sheds: 'needed',
  },
  inverter: { watts: 0, times: [[8, 20, 1]], sheds: 'wanted' },
}
/** Each screen at a desk beside the machine. */
export const SCREEN_W = 20
/** A pump moves so much. Common practice, no source. */
const PUMP_L_PER_H = 480
export const pumpHours = (brief: Brief): number => waterUse(brief).nightL / PUMP_L_PER_H
/** Hours a day of charging for a thing by how often it is used. */
export const GEAR_HOURS = { daily: 1.5, weekly: 0.3, seldom: 0.05 } as const
