import { answer } from './answers'
import { PET_WATER_L, WATER_PER_NIGHT_L, WATER_WITH_SHOWER_L } from './needs'
import type { Brief } from './schema'

/** Fresh water of one night away from a hook-up, in litres, and who it is for. */
export interface WaterUse {
  readonly people: number
  readonly perNightL: number
  readonly pets: number
  readonly petL: number
  readonly nightL: number
}

/**
 * What a brief's people and animals take of fresh water in a night: those who sleep aboard. A brief whose demands are typed has
 * said nothing of showers and animals: then the thrifty figure counts for people alone.
 */
export function waterUse(brief: Brief): WaterUse {
  const derived = brief.derives === true
  const people = Object.values(brief.people).filter(({ sleeps }) => sleeps).length
  const pets = derived ? Object.keys(brief.pets).length : 0
  const perNightL = derived && answer(brief, 'washing') === 'inside' ? WATER_WITH_SHOWER_L : WATER_PER_NIGHT_L
  return { people, perNightL, pets, petL: PET_WATER_L, nightL: people * perNightL + pets * PET_WATER_L }
}

/** From one filling of fresh water to the next: as answered, else the nights off hook-up, at which one also fills. */
export const waterNights = ({ use, nightsOffHookUp }: Brief): number => use?.nightsBetweenWater ?? nightsOffHookUp

/** How many nights so many litres last; 0 where no one drinks them. */
export const nightsOfWater = (brief: Brief, litres: number): number => {
  const { nightL } = waterUse(brief)
  return nightL === 0 ? 0 : litres / nightL
}
