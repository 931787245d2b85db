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
import type { Vec3 } from '../../geometry'
import { planInterior, ruleFigure, type Job } from '../../job'
import { floorOverGround } from '../../scene'
import { HOURS } from '../../sky'
import { placedInAnyMode } from '../seen'
import { journeyOf } from '../power/journey'
import { lumpOf } from '../weight/lump'
import { frontShareOf, leftShareOf } from '../weight/statics'
import { axlesOf, type Axles } from '../weight/vehicle'
import { everyDays, throughDays, type WaterDay, type WaterDays } from './days'
import { DRAIN_FALL_MM, waterLines, type WaterLines } from './lines'
import { freshLitres, freshTanks, isFilledByHand, levelled, warmers, wasteTanks, type Tank, type Warmer } from './tanks'
import { heatKwh, litresAtTap, minutesToHeat, COLD_C, TAP_C } from './warm'

/** A week is shown, from a morning on which everything is full. */
const SHOWN_DAYS = 14

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
  /** Nights of the year aboard on which it would freeze. */
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

/** What fresh and waste water weigh on the wheels of an evening. */
interface Leans {
  /** More on the left wheels than on the right, kg; undefined where the track was not measured. */
  readonly leftKg: number | undefined
  readonly frontKg: number
  readonly rearKg: number
}

/** A year of the itinerary, filled as it goes. */
interface WaterYear {
  readonly fillings: number
  /** Days on which something was wanted and not there, or ran into a full tank. */
  readonly dryDays: number
  readonly fullDays: number
  readonly livedDays: number
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
  readonly days: readonly (WaterDay & Leans)[]
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

/** A lagged tank under the floor bears a night down to this. Common practice, no source. */
const LAGGED_BEARS_C = -5
/** A tank that is larger by so much is looked at, L. */
const MORE_L = 20
/** Of what is used for one thing, so much less is looked at. */
const LESS = 0.5

const sumOf = (tanks: readonly { readonly litres: number }[]): number =>
  tanks.reduce((sum, { litres }) => sum + litres, 0)
const lasts = (litres: number, dayL: number): number => (dayL <= 0 ? Infinity : litres / dayL)

/** The coldest of each night that is spent aboard, °C. */
function coldNights(job: Job): readonly number[] {
  const { weather, lived } = journeyOf(job)
  const least: number[] = []
  for (let at = 0; at < lived.length; at += HOURS)
    if (lived[at] === 1) least.push(Math.min(...weather.outsideC.subarray(at, at + HOURS)))
  return least
}

/** Of the part of the itinerary that has the longest way between two fillings: nights from one to the next. */
function longestEvery(job: Job, asked: number): number {
  const legs = Object.values(job.power?.legs ?? {}).filter(({ nights }) => nights > 0)
  const between = ({ hookUpEvery }: { readonly hookUpEvery: number }): number =>
    hookUpEvery === 0 ? asked : asked === 0 ? hookUpEvery : Math.min(asked, hookUpEvery)
  return legs.length === 0 ? asked : Math.max(...legs.map(between))
}

/** Goes through the year of the itinerary: filled at every hook-up, and when it is so long ago. */
function throughYear(job: Job, days: Omit<WaterDays, 'fills'>, asked: number): WaterYear {
  const { lived, hookUp } = journeyOf(job)
  const nightsSaid = Object.keys(job.power?.legs ?? {}).length > 0
  const mornings: { readonly isFirst: boolean; readonly isHooked: boolean }[] = []
  for (let at = 0; at < lived.length; at += HOURS)
    if (lived[at] === 1)
      mornings.push({
        isFirst: at === 0 || lived[at - HOURS] !== 1,
        isHooked: nightsSaid && hookUp[at] === 1,
      })
  const went = throughDays(
    {
      ...days,
      fills: (day, since) => {
        const morning = mornings[day]
        return morning !== undefined && (morning.isFirst || morning.isHooked || (asked > 0 && since >= asked))
      },
    },
    mornings.length,
  )
  return {
    fillings: went.filter(({ filledL }) => filledL > 0).length + (went.length > 0 ? 1 : 0),
    dryDays: went.filter(({ missedL }) => missedL > 1e-6).length,
    fullDays: went.filter(({ overL }) => overL > 1e-6).length,
    livedDays: went.length,
  }
}

/** What water weighs on the wheels, tank by tank where it stands. */
function leansOf(
  at: ReadonlyMap<string, Vec3>,
  axles: Axles,
  held: readonly (readonly [id: string, litres: number])[],
): Leans {
  let [left, front, whole] = [0, 0, 0]
  for (const [id, litres] of held) {
    const place = at.get(id)
    if (place === undefined) continue
    whole += litres
    front += litres * frontShareOf(axles, place)
    if (axles.trackMm !== undefined) left += litres * (2 * leftShareOf(axles.trackMm, place) - 1)
  }
  return { leftKg: axles.trackMm === undefined ? undefined : left, frontKg: front, rearKg: whole - front }
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
  const { days: kept, wasteADayL } = keptOf(use, fresh, waste)
  const nights = use.nightL === 0 ? Infinity : nightsOfWater(use, { litres: freshL, drinkingL })
  const wasteNights = waste.length === 0 ? Infinity : lasts(wasteL, wasteADayL)
  const floorMm = floorOverGround(planInterior(shell, job.variants[variantId]!.plan))
  const cold = coldNights(job)
  const withGround = (tank: Tank): TankReport => ({
    ...tank,
    overGroundMm: floorMm === undefined ? undefined : floorMm + tank.bottomMm,
    frostNights: tank.isOutside ? cold.filter((least) => least < (tank.isLagged ? LAGGED_BEARS_C : 0)).length : 0,
  })
  const asked = Math.round(waterNights(brief))
  const filledEvery = longestEvery(job, asked)
  const showerL = showersInside(brief) ? waterHabit(brief, 'showerMin') * waterHabit(brief, 'showerLpm') : 0
  const hasInlet = placed.some(({ facts }) => facts.inlet === 'water')
  const byHand = new Set(placed.filter(isFilledByHand).map(({ id }) => id))
  const places = new Map(placed.map((one) => [one.id, lumpOf(one).at]))
  const axles = axlesOf(shell)
  const [main, apart] = [fresh.filter((one) => !isApart(one, fresh)), fresh.filter((one) => isApart(one, fresh))]
  const inTanks = (tanks: readonly Tank[], litres: readonly number[]): readonly (readonly [string, number])[] =>
    tanks.flatMap(({ vessels }, at) =>
      levelled(vessels, litres[at] ?? 0).map((of, nth) => [vessels[nth]?.id ?? '', of] as const),
    )
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
    days: throughDays({ ...kept, fills: everyDays(filledEvery) }, SHOWN_DAYS).map((day) => ({
      ...day,
      ...leansOf(places, axles, [
        ...inTanks(main, day.fresh),
        ...inTanks(apart, day.drinking),
        ...waste.map(({ id, litres }) => [id, wasteL === 0 ? 0 : (day.wasteL * litres) / wasteL] as const),
      ]),
    })),
    year: throughYear(job, kept, asked),
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

/** What is used in a day from which tanks. */
function keptOf(
  use: WaterUse,
  fresh: readonly Tank[],
  waste: readonly Tank[],
): { readonly days: Omit<WaterDays, 'fills'>; readonly wasteADayL: number } {
  const wasteADayL = use.lines.reduce((sum, one) => sum + one.wasteL, 0)
  const drunk = use.lines.find(({ purpose }) => purpose === 'drink')
  const litres = (those: readonly Tank[]): readonly number[] => those.map((one) => one.litres)
  const wasteL = waste.length === 0 ? Infinity : sumOf(waste)
  const apart = fresh.filter((one) => isApart(one, fresh))
  if (apart.length === 0)
    return { days: { fresh: { litres: litres(fresh), dayL: use.nightL, wasteADayL }, wasteL }, wasteADayL }
  const { drinkL, restL } = drinkAndRest(use)
  const drinkWasteL = drunk?.wasteL ?? 0
  const main = fresh.filter((one) => !apart.includes(one))
  return {
    days: {
      fresh: { litres: litres(main), dayL: restL, wasteADayL: wasteADayL - drinkWasteL },
      drinking: { litres: litres(apart), dayL: drinkL, wasteADayL: drinkWasteL },
      wasteL,
    },
    wasteADayL,
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
