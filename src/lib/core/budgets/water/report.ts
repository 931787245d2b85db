import { answer, showersInside, waterHabit, waterNights, waterUse, type WaterPurpose, type WaterUse } from '../../brief'
import { planInterior, type Job } from '../../job'
import { floorOverGround } from '../../scene'
import { HOURS } from '../../sky'
import { placedInAnyMode } from '../power/case'
import { journeyOf } from '../power/journey'
import { throughDays, type WaterDay } from './days'
import { waterLines, type WaterLines } from './lines'
import { freshTanks, warmers, wasteTanks, type Tank, type Warmer } from './tanks'
import { heatKwh, litresAtTap, minutesToHeat, COLD_C, TAP_C } from './warm'

/** A week is shown, from a morning on which everything is full. */
const SHOWN_DAYS = 14

/** What would change it, and how many nights it would last longer. */
export interface Lever {
  readonly what: WaterPurpose | 'tank' | 'waste'
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
  readonly wasteL: number
  /** Until it is dry, and until the waste is full; Infinity where it never is. */
  readonly nights: number
  readonly wasteNights: number
  readonly first: 'dry' | 'full' | undefined
  /** Nights between two fillings, as asked for. */
  readonly asked: number
  readonly days: readonly WaterDay[]
  /** The most first. */
  readonly levers: readonly Lever[]
  /** The vehicle’s own ground clearance, mm. */
  readonly groundMm: number | undefined
  readonly coldestC: number
  readonly lines: WaterLines
  /** Whether it can be filled from outside. */
  readonly hasInlet: boolean
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

/** How long the water of a variant lasts, by the sum that brief, demands and bench show too. */
export function waterReport(job: Job, variantId: string): WaterReport {
  const { brief, shell } = job
  const placed = placedInAnyMode(job, variantId)
  const use = waterUse(brief)
  const wasteADayL = use.lines.reduce((sum, one) => sum + one.wasteL, 0)
  const warmADayL = use.lines.reduce((sum, one) => sum + one.warmL, 0)
  const [fresh, waste] = [freshTanks(placed), wasteTanks(placed)]
  const [freshL, wasteL] = [sumOf(fresh), sumOf(waste)]
  const nights = lasts(freshL, use.nightL)
  const wasteNights = waste.length === 0 ? Infinity : lasts(wasteL, wasteADayL)
  const floorMm = floorOverGround(planInterior(shell, job.variants[variantId]!.plan))
  const cold = coldNights(job)
  const withGround = (tank: Tank): TankReport => ({
    ...tank,
    overGroundMm: floorMm === undefined ? undefined : floorMm + tank.bottomMm,
    frostNights: tank.isOutside ? cold.filter((least) => least < (tank.isLagged ? LAGGED_BEARS_C : 0)).length : 0,
  })
  const asked = waterNights(brief)
  const showerL = showersInside(brief) ? waterHabit(brief, 'showerMin') * waterHabit(brief, 'showerLpm') : 0
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
    wasteL,
    nights,
    wasteNights,
    first: freshL === 0 || use.nightL === 0 ? undefined : wasteNights < nights ? 'full' : 'dry',
    asked,
    days: throughDays(
      {
        fresh: fresh.map(({ litres }) => litres),
        wasteL: waste.length === 0 ? Infinity : wasteL,
        dayL: use.nightL,
        wasteADayL,
        fillEvery: Math.round(asked),
      },
      SHOWN_DAYS,
    ),
    levers: leversOf(use, { freshL, wasteL, wasteADayL, hasWaste: waste.length > 0 }),
    groundMm: shell.outer?.groundMm,
    coldestC: answer(brief, 'coldestC'),
    lines: waterLines(placed),
    hasInlet: placed.some(({ facts }) => facts.inlet === 'water'),
  }
}

interface Held {
  readonly freshL: number
  readonly wasteL: number
  readonly wasteADayL: number
  readonly hasWaste: boolean
}

/** What would make it last longest: half of each thing that is used, or a larger tank. It lasts until it is dry, or the waste is full. */
function leversOf(use: WaterUse, { freshL, wasteL, wasteADayL, hasWaste }: Held): readonly Lever[] {
  if (use.nightL === 0 || freshL === 0) return []
  const until = (fresh: number, dayL: number, waste: number, wasteDayL: number): number =>
    Math.min(lasts(fresh, dayL), hasWaste ? lasts(waste, wasteDayL) : Infinity)
  const now = until(freshL, use.nightL, wasteL, wasteADayL)
  const gained = (nights: number): number => (Number.isFinite(nights) ? nights - now : 0)
  return [
    ...use.lines.map(({ purpose, litres, wasteL: runs }): Lever => ({
      what: purpose,
      byL: litres * LESS,
      gainsNights: gained(until(freshL, use.nightL - litres * LESS, wasteL, wasteADayL - runs * LESS)),
    })),
    {
      what: 'tank' as const,
      byL: MORE_L,
      gainsNights: gained(until(freshL + MORE_L, use.nightL, wasteL, wasteADayL)),
    },
    ...(hasWaste
      ? [
          {
            what: 'waste' as const,
            byL: MORE_L,
            gainsNights: gained(until(freshL, use.nightL, wasteL + MORE_L, wasteADayL)),
          },
        ]
      : []),
  ]
    .filter(({ gainsNights }) => gainsNights > 0.05)
    .sort((a, b) => b.gainsNights - a.gainsNights)
}
