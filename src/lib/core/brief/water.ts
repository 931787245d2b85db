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

/** How many nights so many litres last; 0 where no one drinks them. */
export const nightsOfWater = (brief: Brief, litres: number): number => {
  const { nightL } = waterUse(brief)
  return nightL === 0 ? 0 : litres / nightL
}
