import { answer, isAnswered, waterUse, type Brief } from '../../brief'
import type { HeatFact } from '../../fittings'
import { ruleFigure, type Job } from '../../job'
import { DAYS, HOURS, MONTH_OF } from '../../sky'
import { DIESEL_KWH_L, HEATER_SHARE, KIT_ABOVE_M } from '../heat-figures'
import { placedInAnyMode } from '../seen'
import { HABIT_FACTS } from '../power/habits'
import { journeyOf, type Journey } from '../power/journey'
import { GAS_VENT, GAS_ZONE_MM, gasLines, type GasLines } from './lines'
import { isUp, lossesOf, warmthAssumedIn } from '../warmth/loss'
import { COLD_C, heatKwh, TAP_C } from '../water/warm'

/** Net calorific value of propane, kWh/kg, and its density as a liquid at 15 °C, kg/L. Handbook values, from memory. */
export const PROPANE_KWH_KG = 12.9
const PROPANE_KG_L = 0.51
/** What a bottle is called by: 11 kg of gas. Common practice, no source. */
const BOTTLE_KG = 11

const MONTHS = 12

export type Burns = 'cooking' | 'baking' | 'air' | 'water'

/** Something that burns gas or diesel, and what of it. */
export interface Burner {
  readonly id: string
  /** The fitting. */
  readonly fittingId: string
  readonly fuel: 'gas' | 'diesel'
  readonly burns: Burns
  readonly watts: number
  /** At full power, on a mean day aboard; NaN where it follows from the water that is warmed. */
  readonly hoursADay: number
  readonly isSet: boolean
  /** Burnt on a mean day aboard, kWh, and on one of each month. */
  readonly kWhADay: number
  readonly byMonth: readonly number[]
}

/** How a plan’s gas and its heater’s diesel last: plain data. */
export interface FuelReport {
  readonly variantId: string
  readonly burners: readonly Burner[]
  readonly gasKg: number
  readonly bottles: number
  /** Nights that a filling of gas lasts in each month; Infinity where none is burnt, NaN where nobody is aboard. */
  readonly gasNights: readonly number[]
  /** In the month in which it lasts shortest, cooking every day and now and then; undefined where the brief says how often. */
  readonly gasNightsBetween: readonly number[] | undefined
  /** Fillings of all the gas in a year, and what of it is burnt, kg. */
  readonly gasFillings: number
  readonly gasKgAYear: number
  /** Diesel for a night of each month, L, and for the year. */
  readonly dieselANight: readonly number[]
  readonly dieselAYear: number
  readonly livedByMonth: readonly number[]
  readonly altitudeM: number
  /** Above so many metres a burner needs its kit. */
  readonly kitAboveM: number
  /** Pipes, joints and vents. */
  readonly lines: GasLines
  /** How near all that burns gas should be. */
  readonly zoneMm: number
  /** What the body loses for each kelvin, W, and what it is kept at while up and in bed, °C. */
  readonly losesWK: number
  readonly keptC: readonly [up: number, inBed: number]
}

const BURNS: Readonly<Record<HeatFact['warms'], Burns>> = {
  pans: 'cooking',
  food: 'baking',
  air: 'air',
  water: 'water',
}

/** Hours at full power of heaters of so many watts on a day aboard of each month, by the cold outside. */
function heatedHours(
  { weather, lived }: Journey,
  livedByMonth: readonly number[],
  { watts, wk, heldC }: { readonly watts: number; readonly wk: number; readonly heldC: (hour: number) => number },
): readonly number[] {
  if (watts === 0) return livedByMonth.map(() => 0)
  const hours = Array<number>(MONTHS).fill(0)
  for (let at = 0; at < lived.length; at += 1) {
    if (lived[at] === 0) continue
    const month = MONTH_OF[Math.floor(at / HOURS)] ?? 0
    const cold = Math.max(0, heldC(at % HOURS) - (weather.outsideC[at] ?? 0))
    hours[month] = (hours[month] ?? 0) + Math.min(1, (wk * cold) / watts)
  }
  return hours.map((sum, month) => sum / Math.max(1, livedByMonth[month] ?? 0))
}

/** Hours at full power that follow from the brief or the weather. */
function usualHours(burns: Burns, brief: Brief, heated: readonly number[]): readonly number[] {
  switch (burns) {
    case 'cooking':
    case 'baking':
      return Array<number>(MONTHS).fill(HABIT_FACTS[burns].hours(brief))
    case 'air':
      return heated
    case 'water':
      return Array<number>(MONTHS).fill(NaN)
  }
}

/** How long the gas of a variant lasts, and what its heater burns of the vehicle’s diesel. */
export function fuelReport(job: Job, variantId: string): FuelReport {
  const { brief } = job
  const placed = placedInAnyMode(job, variantId)
  const journey = journeyOf(job)
  const livedByMonth = Array.from({ length: MONTHS }, (_, month) =>
    Array.from({ length: DAYS }, (__, day) => day).reduce(
      (sum, day) => sum + (MONTH_OF[day] === month ? (journey.lived[day * HOURS] ?? 0) : 0),
      0,
    ),
  )
  const livedDays = livedByMonth.reduce((sum, days) => sum + days, 0)
  // the body is heated once, whoever shares in it
  const heatersW = placed.reduce(
    (sum, { facts }) =>
      sum +
      facts.heat.reduce(
        (all, { warms, fuel, watts }) => all + (warms === 'air' && (fuel === 'gas' || fuel === 'diesel') ? watts : 0),
        0,
      ),
    0,
  )
  const losesWK = lossesOf(job, variantId).totalWK
  const { heatedC, nightC } = warmthAssumedIn(job)
  const heated = heatedHours(journey, livedByMonth, {
    watts: heatersW,
    wk: losesWK,
    heldC: (hour) => (isUp(hour) ? heatedC : nightC),
  })
  const warmKwh = heatKwh(
    waterUse(brief).lines.reduce((sum, one) => sum + one.warmL, 0),
    COLD_C,
    TAP_C,
  )
  const mean = (byMonth: readonly number[]): number =>
    byMonth.reduce((sum, one, month) => sum + one * (livedByMonth[month] ?? 0), 0) / Math.max(1, livedDays)
  const notes = job.power?.loads ?? {}
  const burnersFor = (of: Brief): readonly Burner[] => {
    // water is warmed once, by the first that can
    let isWarmed = false
    return placed.flatMap(({ id: fittingId, facts }) =>
      facts.heat.flatMap((heat, index): Burner[] => {
        const { fuel, watts } = heat
        if (fuel !== 'gas' && fuel !== 'diesel') return []
        const burns = BURNS[heat.warms]
        if (burns === 'water') {
          if (isWarmed) return []
          isWarmed = true
        }
        const id = `${fittingId}-burner-${index}`
        const note = Object.hasOwn(notes, id) ? notes[id]?.hours : undefined
        const hours = note === undefined ? usualHours(burns, of, heated) : Array<number>(MONTHS).fill(note)
        // a hob is called by what it burns, a heater by what it gives
        const burnt = burns === 'cooking' || burns === 'baking' ? watts / 1000 : watts / 1000 / HEATER_SHARE
        const byMonth = hours.map((one) => (Number.isNaN(one) ? warmKwh / HEATER_SHARE : one * burnt))
        return [
          {
            id,
            fittingId,
            fuel,
            burns,
            watts,
            hoursADay: mean(hours),
            isSet: note !== undefined,
            kWhADay: mean(byMonth),
            byMonth,
          },
        ]
      }),
    )
  }
  const burners = burnersFor(brief)
  const perDay = (fuel: Burner['fuel'], month: number, those = burners): number =>
    those.reduce((sum, one) => sum + (one.fuel === fuel ? (one.byMonth[month] ?? 0) : 0), 0)
  const overYear = (fuel: Burner['fuel']): number =>
    livedByMonth.reduce((sum, days, month) => sum + days * perDay(fuel, month), 0)
  const gasL = placed.reduce(
    (sum, { facts }) => sum + facts.holds.reduce((all, one) => all + (one.what === 'gas' ? one.litres : 0), 0),
    0,
  )
  const gasKg = gasL * PROPANE_KG_L
  const gasKgAYear = overYear('gas') / PROPANE_KWH_KG
  return {
    variantId,
    burners: [...burners].sort((a, b) => b.kWhADay - a.kWhADay),
    gasKg,
    bottles: Math.round(gasKg / BOTTLE_KG),
    gasNights: livedByMonth.map((days, month) =>
      days === 0 ? NaN : perDay('gas', month) === 0 ? Infinity : (gasKg * PROPANE_KWH_KG) / perDay('gas', month),
    ),
    gasNightsBetween: isAnswered(brief, 'cooking')
      ? undefined
      : (['daily', 'sometimes'] as const).map((cooking) => {
          const those = burnersFor({ ...brief, use: { ...brief.use, cooking } })
          return Math.min(
            ...livedByMonth.flatMap((days, month) => {
              const kWh = perDay('gas', month, those)
              return days === 0 || kWh === 0 ? [] : [(gasKg * PROPANE_KWH_KG) / kWh]
            }),
          )
        }),
    gasFillings: gasKg === 0 ? 0 : gasKgAYear / gasKg,
    gasKgAYear,
    dieselANight: livedByMonth.map((_, month) => perDay('diesel', month) / DIESEL_KWH_L),
    dieselAYear: overYear('diesel') / DIESEL_KWH_L,
    livedByMonth,
    altitudeM: answer(brief, 'altitudeM'),
    kitAboveM: ruleFigure(job, 'goes-with', 'upToM', KIT_ABOVE_M),
    lines: gasLines(placed, {
      ofFloor: ruleFigure(job, 'gas-vent', 'ofFloor', GAS_VENT.ofFloor),
      leastCm2: ruleFigure(job, 'gas-vent', 'leastCm2', GAS_VENT.leastCm2),
    }),
    zoneMm: ruleFigure(job, 'gas-zone', 'runMm', GAS_ZONE_MM),
    losesWK,
    keptC: [heatedC, nightC],
  }
}
