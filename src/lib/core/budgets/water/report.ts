import {
  answer,
  atTheEnd,
  drinkAndRest,
  nightsOfWater,
  showersInside,
  unsaidHabits,
  waterHabit,
  waterNights,
  waterUse,
  type WaterHabit,
  type WaterPurpose,
  type WaterUse,
} from '../../brief'
import { planInterior, ruleFigure, type Job, type Loading } from '../../job'
import { floorOverGround } from '../../scene'
import { placedInAnyMode } from '../seen'
import { lumpOf } from '../weight/lump'
import { axlesOf } from '../weight/vehicle'
import { everyDays, throughDays, type WaterDay, type WaterDays } from './days'
import { fullnessOf, heldOn, leansOf, type Leans, type Tanks } from './evening'
import { DRAIN_FALL_MM, waterLines, type WaterLines } from './lines'
import { freshLitres, freshTanks, isFilledByHand, warmers, wasteTanks, type Tank, type Warmer } from './tanks'
import { heatKwh, litresAtTap, minutesToHeat, COLD_C, TAP_C } from './warm'
import { frostOf, throughYear, yearOf, type WaterYear } from './year'

/** So many days are shown, from a morning on which everything is full. */
export const WATER_DAYS = 14

/** What would change it, and how many nights it would last longer. */
export interface Lever {
  readonly what: WaterPurpose | 'tank' | 'drinking' | 'waste'
  /** Litres a day less, or litres of tank more. */
  readonly byL: number
  readonly gainsNights: number
}

/** A tank with what stands against it. */
export interface TankReport extends Tank {
  /** Its lowest point over the ground, mm; undefined where the vehicle was not measured. */
  readonly overGroundMm: number | undefined
  /** Nights of the year aboard that are too cold for it where it hangs, and those of them on which water stands in it. */
  readonly coldNights: number
  readonly frostNights: number
}

export interface WarmReport extends Warmer {
  /** At the tap, once, L; of a heater that warms what flows nothing. */
  readonly atTapL: number
  /** So many showers of the brief in a row; undefined where nobody showers inside. */
  readonly showers: number | undefined
  /** Of each of its ways to heat. */
  readonly minutes: readonly number[]
  /** To warm its store once, kWh. */
  readonly kWh: number
}

/** A day, with what its water weighs in the evening and where. */
interface Evening extends WaterDay, Leans {
  /** How full each tank is, as a loading of the vehicle has it. */
  readonly tanks: NonNullable<Loading['tanks']>
}

/** How long a plan’s water lasts: plain data. */
export interface WaterReport {
  readonly variantId: string
  readonly use: WaterUse
  readonly wasteADayL: number
  readonly warmADayL: number
  readonly warmADayKwh: number
  readonly fresh: readonly TankReport[]
  readonly waste: readonly TankReport[]
  readonly warm: readonly WarmReport[]
  readonly freshL: number
  /** Of it kept for drinking and cooking. */
  readonly drinkingL: number
  readonly wasteL: number
  /** Until it is dry, and until the waste is full; Infinity where it never is. */
  readonly nights: number
  readonly wasteNights: number
  /** What is first: the tap is dry, what is kept for drinking is gone, or the waste is full. */
  readonly first: 'dry' | 'drinking' | 'full' | undefined
  /** By what others use, where this brief says nothing: nights at most and at least, and what it does not say. */
  readonly nightsRange: readonly [low: number, high: number]
  readonly unsaid: readonly WaterHabit[]
  /** Nights between two fillings, as asked for; of the itinerary where that has a hook-up oftener. */
  readonly asked: number
  readonly filledEvery: number
  readonly days: readonly Evening[]
  readonly year: WaterYear
  /** The most first. */
  readonly levers: readonly Lever[]
  /** The vehicle’s own ground clearance, mm. */
  readonly groundMm: number | undefined
  readonly coldestC: number
  readonly lines: WaterLines
  /** A drain should fall so much on a metre. */
  readonly fallMm: number
  /** Whether it can be filled from outside, and whether it must be. */
  readonly hasInlet: boolean
  readonly wantsInlet: boolean
}

/** A tank that is larger by so much is looked at, L. */
const MORE_L = 20
/** Of what is used for one thing, so much less is looked at. */
const LESS = 0.5

const sumOf = (tanks: readonly { readonly litres: number }[]): number =>
  tanks.reduce((sum, { litres }) => sum + litres, 0)
const lasts = (litres: number, dayL: number): number => (dayL <= 0 ? Infinity : litres / dayL)

/** Of the part of the itinerary that has the longest way between two fillings: nights from one to the next. */
function longestEvery(job: Job, asked: number): number {
  const legs = Object.values(job.power?.legs ?? {}).filter(({ nights }) => nights > 0)
  const between = ({ hookUpEvery }: { readonly hookUpEvery: number }): number =>
    hookUpEvery === 0 ? asked : asked === 0 ? hookUpEvery : Math.min(asked, hookUpEvery)
  return legs.length === 0 ? asked : Math.max(...legs.map(between))
}

/** How long the water of a variant lasts, by the sum that brief, demands and bench show too. */
export function waterReport(job: Job, variantId: string): WaterReport {
  const { brief, shell } = job
  const placed = placedInAnyMode(job, variantId)
  const use = waterUse(brief)
  const warmADayL = use.lines.reduce((sum, one) => sum + one.warmL, 0)
  const [fresh, waste] = [freshTanks(placed), wasteTanks(placed)]
  const { litres: freshL, drinkingL } = freshLitres(placed)
  const wasteL = sumOf(waste)
  const { days: kept, wasteADayL, tanks } = keptOf(use, fresh, waste)
  const asked = Math.round(waterNights(brief))
  const year = throughYear(job, kept, asked)
  const nights = use.nightL === 0 ? Infinity : nightsOfWater(use, { litres: freshL, drinkingL })
  const wasteNights = waste.length === 0 ? Infinity : lasts(wasteL, wasteADayL)
  const floorMm = floorOverGround(planInterior(shell, job.variants[variantId]!.plan))
  const withGround = (tank: Tank): TankReport => ({
    ...tank,
    overGroundMm: floorMm === undefined ? undefined : floorMm + tank.bottomMm,
    ...frostOf(tanks, tank, year),
  })
  const filledEvery = longestEvery(job, asked)
  const showerL = showersInside(brief) ? waterHabit(brief, 'showerMin') * waterHabit(brief, 'showerLpm') : 0
  const hasInlet = placed.some(({ facts }) => facts.inlet === 'water')
  const byHand = new Set(placed.filter(isFilledByHand).map(({ id }) => id))
  const places = new Map(placed.map((one) => [one.id, lumpOf(one).at]))
  const axles = axlesOf(shell)
  const ends = (end: 'low' | 'high'): number =>
    nightsOfWater(waterUse(atTheEnd(brief, end)), { litres: freshL, drinkingL })
  return {
    variantId,
    use,
    wasteADayL,
    warmADayL,
    warmADayKwh: heatKwh(warmADayL, COLD_C, TAP_C),
    fresh: fresh.map(withGround),
    waste: waste.map(withGround),
    warm: warmers(placed).map((one) => ({
      ...one,
      atTapL: litresAtTap(one.litres),
      showers: showerL === 0 ? undefined : litresAtTap(one.litres) / showerL,
      minutes: one.by.map(({ watts }) => minutesToHeat(one.litres, watts)),
      kWh: heatKwh(one.litres, COLD_C, 60),
    })),
    freshL,
    drinkingL,
    wasteL,
    nights,
    wasteNights,
    first: firstOf(use, { freshL, drinkingL, nights, wasteNights }),
    nightsRange: use.nightL === 0 ? [nights, nights] : [ends('high'), ends('low')],
    unsaid: unsaidHabits(brief),
    asked,
    filledEvery,
    days: throughDays({ ...kept, fills: everyDays(filledEvery) }, WATER_DAYS).map((day): Evening => {
      const held = heldOn(tanks, day)
      return { ...day, ...leansOf(places, axles, held), tanks: fullnessOf(held) }
    }),
    year: yearOf(year),
    levers: leversOf(use, { freshL, drinkingL, wasteL, hasWaste: waste.length > 0 }),
    groundMm: shell.outer?.groundMm,
    coldestC: answer(brief, 'coldestC'),
    lines: waterLines(placed),
    fallMm: ruleFigure(job, 'drain-fall', 'fallMm', DRAIN_FALL_MM),
    hasInlet,
    wantsInlet:
      !hasInlet && fresh.some(({ isCarried, vessels }) => !isCarried && !vessels.some(({ id }) => byHand.has(id))),
  }
}

/** Kept for drinking while another tank has the rest. */
const isApart = (tank: Tank, all: readonly Tank[]): boolean =>
  tank.isDrinking && all.some(({ isDrinking }) => !isDrinking)

/** What is used in a day from which tanks, and these by what they are for. */
function keptOf(
  use: WaterUse,
  fresh: readonly Tank[],
  waste: readonly Tank[],
): { readonly days: Omit<WaterDays, 'fills'>; readonly wasteADayL: number; readonly tanks: Tanks } {
  const wasteADayL = use.lines.reduce((sum, one) => sum + one.wasteL, 0)
  const drunk = use.lines.find(({ purpose }) => purpose === 'drink')
  const litres = (those: readonly Tank[]): readonly number[] => those.map((one) => one.litres)
  const wasteL = waste.length === 0 ? Infinity : sumOf(waste)
  const apart = fresh.filter((one) => isApart(one, fresh))
  const main = fresh.filter((one) => !apart.includes(one))
  const tanks = { main, apart, waste }
  if (apart.length === 0)
    return { days: { fresh: { litres: litres(fresh), dayL: use.nightL, wasteADayL }, wasteL }, wasteADayL, tanks }
  const { drinkL, restL } = drinkAndRest(use)
  const drinkWasteL = drunk?.wasteL ?? 0
  return {
    days: {
      fresh: { litres: litres(main), dayL: restL, wasteADayL: wasteADayL - drinkWasteL },
      drinking: { litres: litres(apart), dayL: drinkL, wasteADayL: drinkWasteL },
      wasteL,
    },
    wasteADayL,
    tanks,
  }
}

function firstOf(
  use: WaterUse,
  {
    freshL,
    drinkingL,
    nights,
    wasteNights,
  }: {
    readonly freshL: number
    readonly drinkingL: number
    readonly nights: number
    readonly wasteNights: number
  },
): WaterReport['first'] {
  if (freshL === 0 || use.nightL === 0) return undefined
  if (wasteNights < nights) return 'full'
  const { drinkL } = drinkAndRest(use)
  const isDrinkFirst = drinkingL > 0 && drinkingL < freshL && drinkL > 0 && drinkingL / drinkL <= nights + 1e-9
  return isDrinkFirst ? 'drinking' : 'dry'
}

interface Held {
  readonly freshL: number
  readonly drinkingL: number
  readonly wasteL: number
  readonly hasWaste: boolean
}

/** The same with less used for one thing. */
const withLess = (use: WaterUse, purpose: WaterPurpose): WaterUse => {
  const lines = use.lines.map((one) =>
    one.purpose === purpose ? { ...one, litres: one.litres * (1 - LESS), wasteL: one.wasteL * (1 - LESS) } : one,
  )
  return { ...use, lines, nightL: lines.reduce((sum, { litres }) => sum + litres, 0) }
}

/** What would make it last longest: half of each thing that is used, or a larger tank. It lasts until it is dry, or the waste is full. */
function leversOf(use: WaterUse, { freshL, drinkingL, wasteL, hasWaste }: Held): readonly Lever[] {
  if (use.nightL === 0 || freshL === 0) return []
  const until = (
    of: WaterUse,
    more: { readonly fresh?: number; readonly drinking?: number; readonly waste?: number },
  ) =>
    Math.min(
      nightsOfWater(of, {
        litres: freshL + (more.fresh ?? 0) + (more.drinking ?? 0),
        drinkingL: drinkingL + (more.drinking ?? 0),
      }),
      hasWaste
        ? lasts(
            wasteL + (more.waste ?? 0),
            of.lines.reduce((sum, one) => sum + one.wasteL, 0),
          )
        : Infinity,
    )
  const now = until(use, {})
  const gained = (nights: number): number => (Number.isFinite(nights) ? nights - now : 0)
  const isApart = drinkingL > 0 && drinkingL < freshL
  return [
    ...use.lines.map(({ purpose, litres }): Lever => ({
      what: purpose,
      byL: litres * LESS,
      gainsNights: gained(until(withLess(use, purpose), {})),
    })),
    { what: 'tank' as const, byL: MORE_L, gainsNights: gained(until(use, { fresh: MORE_L })) },
    ...(isApart
      ? [{ what: 'drinking' as const, byL: MORE_L, gainsNights: gained(until(use, { drinking: MORE_L })) }]
      : []),
    ...(hasWaste ? [{ what: 'waste' as const, byL: MORE_L, gainsNights: gained(until(use, { waste: MORE_L })) }] : []),
  ]
    .filter(({ gainsNights }) => gainsNights > 0.05)
    .sort((a, b) => b.gainsNights - a.gainsNights)
}
