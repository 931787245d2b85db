import { answer } from './answers'
import type { Brief, WaterHabit } from './schema'

/** What is used where nobody said it: litres a day for each person, minutes of a shower and its flow, litres for an animal, litres rinsed outside. Common practice, no source. */
const WATER_USUAL: Readonly<Record<WaterHabit, number>> = {
  drinkL: 4,
  dishesL: 4,
  handsL: 3,
  showerMin: 2,
  showerLpm: 5,
  toiletL: 0,
  petL: 2,
  rinseL: 0,
}

/** Between what it lies among those who travel, where nobody said it. Common practice, no source. */
const WATER_RANGE: Readonly<Record<WaterHabit, readonly [low: number, high: number]>> = {
  drinkL: [3, 5],
  dishesL: [2, 6],
  handsL: [2, 4],
  showerMin: [1.5, 3],
  showerLpm: [4, 7],
  toiletL: [0, 0],
  petL: [1, 3],
  rinseL: [0, 0],
}

/** What water is used for. */
export type WaterPurpose = 'drink' | 'dishes' | 'hands' | 'shower' | 'toilet' | 'pets' | 'rinse'

/** Of what is used, what runs into the waste tank, and what of it is warmed. Common practice, no source. */
const SHARES: Readonly<Record<WaterPurpose, { readonly returns: number; readonly warm: number }>> = {
  drink: { returns: 0.3, warm: 0 },
  dishes: { returns: 0.95, warm: 1 },
  hands: { returns: 0.95, warm: 0.3 },
  shower: { returns: 0.95, warm: 1 },
  toilet: { returns: 0, warm: 0 },
  pets: { returns: 0, warm: 0 },
  rinse: { returns: 0, warm: 0 },
}

/** What all use of one thing in a night and a day, L. */
interface WaterLine {
  readonly purpose: WaterPurpose
  readonly litres: number
  /** Into the waste tank, L. */
  readonly wasteL: number
  /** At 38 °C, L. */
  readonly warmL: number
}

/** Fresh water of one night away from a hook-up, in litres, and who it is for. */
export interface WaterUse {
  readonly people: number
  readonly perNightL: number
  readonly pets: number
  readonly petL: number
  /** Rinsed outside, whoever is aboard. */
  readonly rinseL: number
  readonly nightL: number
  /** The same by what it is for, most first. */
  readonly lines: readonly WaterLine[]
}

/** How much a brief uses of one thing: as somebody said, else as is usual. */
export const waterHabit = ({ use }: Pick<Brief, 'use'>, habit: WaterHabit): number =>
  use?.water?.[habit] ?? WATER_USUAL[habit]

/** What was not said, and may be more or less than is usual: those that count for this brief. */
export const unsaidHabits = (brief: Brief): readonly WaterHabit[] =>
  (Object.keys(WATER_RANGE) as WaterHabit[]).filter(
    (habit) =>
      brief.use?.water?.[habit] === undefined &&
      WATER_RANGE[habit][0] < WATER_RANGE[habit][1] &&
      (!['showerMin', 'showerLpm'].includes(habit) || showersInside(brief)) &&
      (habit !== 'petL' || (brief.derives === true && Object.keys(brief.pets).length > 0)),
  )

/** The same brief with everything that nobody said at the low or the high end of what it may be. */
export function atTheEnd(brief: Brief, end: 'low' | 'high'): Brief {
  const water = Object.fromEntries(
    unsaidHabits(brief).map((habit) => [habit, WATER_RANGE[habit][end === 'low' ? 0 : 1]]),
  )
  return { ...brief, use: { ...brief.use, water: { ...brief.use?.water, ...water } } }
}

/** Whether anybody showers inside; a brief whose demands are typed has said nothing of showers, until somebody says how long one takes. */
export const showersInside = (brief: Brief): boolean =>
  brief.use?.water?.showerMin !== undefined || (brief.derives === true && answer(brief, 'washing') === 'inside')

/**
 * What a brief’s people and animals take of fresh water in a night: those who sleep aboard. A brief whose demands are typed has
 * said nothing of showers and animals: then the thrifty figure counts for people alone.
 */
export function waterUse(brief: Brief): WaterUse {
  const people = Object.values(brief.people).filter(({ sleeps }) => sleeps).length
  const pets = brief.derives === true ? Object.keys(brief.pets).length : 0
  const of = (habit: WaterHabit): number => waterHabit(brief, habit)
  const each: Readonly<Record<WaterPurpose, number>> = {
    drink: people * of('drinkL'),
    dishes: people * of('dishesL'),
    hands: people * of('handsL'),
    shower: showersInside(brief) ? people * of('showerMin') * of('showerLpm') : 0,
    toilet: people * of('toiletL'),
    pets: pets * of('petL'),
    rinse: people === 0 ? 0 : of('rinseL'),
  }
  const lines = (Object.keys(each) as WaterPurpose[])
    .map((purpose): WaterLine => {
      const litres = each[purpose]
      return { purpose, litres, wasteL: litres * SHARES[purpose].returns, warmL: litres * SHARES[purpose].warm }
    })
    .filter(({ litres }) => litres > 0)
    .sort((a, b) => b.litres - a.litres)
  const sum = (...of: readonly WaterPurpose[]): number => of.reduce((all, one) => all + each[one], 0)
  return {
    people,
    perNightL: people === 0 ? perPerson(brief) : sum('drink', 'dishes', 'hands', 'shower', 'toilet') / people,
    pets,
    petL: of('petL'),
    rinseL: each.rinse,
    nightL: lines.reduce((all, { litres }) => all + litres, 0),
    lines,
  }
}

/** What one who sleeps aboard would take, where nobody does yet. */
const perPerson = (brief: Brief): number =>
  waterHabit(brief, 'drinkL') +
  waterHabit(brief, 'dishesL') +
  waterHabit(brief, 'handsL') +
  waterHabit(brief, 'toiletL') +
  (showersInside(brief) ? waterHabit(brief, 'showerMin') * waterHabit(brief, 'showerLpm') : 0)

/** From one filling of fresh water to the next: as answered, else the nights off hook-up, at which one also fills. */
export const waterNights = ({ use, nightsOffHookUp }: Brief): number => use?.nightsBetweenWater ?? nightsOffHookUp

/** What is drunk and cooked with in a night and a day, and the rest, L. */
export function drinkAndRest({ lines, nightL }: WaterUse): { readonly drinkL: number; readonly restL: number } {
  const drinkL = lines.find(({ purpose }) => purpose === 'drink')?.litres ?? 0
  return { drinkL, restL: nightL - drinkL }
}

/**
 * How many nights so many litres last: where some of them are kept for drinking and cooking alone, until these or the rest are gone. 0 where no one
 * drinks them.
 */
export function nightsOfWater(
  use: WaterUse,
  { litres, drinkingL }: { readonly litres: number; readonly drinkingL: number },
): number {
  if (use.nightL === 0) return 0
  if (drinkingL === 0 || litres === drinkingL) return litres / use.nightL
  const { drinkL, restL } = drinkAndRest(use)
  return Math.min(drinkL === 0 ? Infinity : drinkingL / drinkL, restL === 0 ? Infinity : (litres - drinkingL) / restL)
}
