import { DIESEL_KWH_L, PROPANE_KWH_KG, type Burner, type Burns, type FuelReport } from '../budgets'
import { formatNumber } from '../units'
import { capital, count } from './grammar'
import type { Names } from './names'
import { monthName } from './power'

export const BURNS_WORDS: Readonly<Record<Burns, string>> = {
  cooking: 'cooking',
  baking: 'baking',
  air: 'heating',
  water: 'warm water',
}

/** The month of a list whose figure is least, of those that have one. */
const leastMonth = (values: readonly number[]): number =>
  values.reduce(
    (best, value, month) => (Number.isNaN(value) || value >= (values[best] ?? Infinity) ? best : month),
    values.findIndex((value) => !Number.isNaN(value)),
  )
const mostMonth = (values: readonly number[]): number =>
  values.reduce((best, value, month) => (value > (values[best] ?? -Infinity) ? month : best), 0)

const nights = (value: number): string => count(Math.floor(value), { one: 'night', many: 'nights' })

/** The answer in one sentence or two. */
export function sayFuel({ burners, gasKg, gasNights, gasFillings, dieselANight, dieselAYear }: FuelReport): string {
  const gas = burners.some(({ fuel, kWhADay }) => fuel === 'gas' && kWhADay > 0)
  const parts: string[] = []
  if (gas && gasKg === 0) parts.push('Something burns gas and there is no bottle or tank for it.')
  else if (gas) {
    const [least, most] = [leastMonth(gasNights), mostMonth(gasNights.map((one) => (Number.isFinite(one) ? one : -1)))]
    const [few, many] = [gasNights[least] ?? NaN, gasNights[most] ?? NaN]
    if (!Number.isFinite(few)) parts.push('Nobody is aboard in any month: no gas is burnt.')
    else
      parts.push(
        Math.floor(few) === Math.floor(many)
          ? `A filling of gas lasts ${nights(few)}.`
          : `A filling of gas lasts ${nights(few)} in ${monthName(least)} and ${nights(many)} in ${monthName(most)}.`,
        gasFillings < 1
          ? 'One filling is enough for a year.'
          : `${capital(count(Math.ceil(gasFillings), { one: 'filling', many: 'fillings' }))} a year.`,
      )
  }
  if (dieselAYear > 0) {
    const most = mostMonth(dieselANight)
    parts.push(
      `The heater takes ${formatNumber(dieselANight[most] ?? 0, 1)} L of diesel a night in ${monthName(most)}, ${formatNumber(Math.round(dieselAYear))} L a year, from the vehicle’s tank.`,
    )
  }
  return parts.length === 0 ? 'Nothing in this plan burns gas or diesel.' : parts.join(' ')
}

/** What the brief does not say of it, and between what the gas lasts. */
export function sayFuelUnsaid({ gasNightsBetween, gasKg }: FuelReport): string | undefined {
  const [daily, rarely] = gasNightsBetween ?? []
  if (gasKg === 0 || daily === undefined || rarely === undefined || !Number.isFinite(daily) || !Number.isFinite(rarely))
    return undefined
  return Math.floor(daily) === Math.floor(rarely)
    ? undefined
    : `Not said: how often there is cooking. Every day or now and then, a filling lasts ${formatNumber(Math.floor(daily))} to ${nights(rarely)} in the month that takes most.`
}

export const sayFuelShort = ({ burners, gasKg, gasNights }: FuelReport): string => {
  if (gasKg === 0 || !burners.some(({ fuel }) => fuel === 'gas')) return '–'
  const least = gasNights[leastMonth(gasNights)] ?? NaN
  return Number.isFinite(least) ? nights(least) : '–'
}

export const sayBurner = ({ fittingId, burns, fuel }: Burner, names: Names): string =>
  `${capital(names.fitting(fittingId))}: ${BURNS_WORDS[burns]}, ${fuel}`

/** Why a burner takes what it takes. */
export const whyBurner = (
  { watts, hoursADay, kWhADay, burns, fuel, isSet }: Burner,
  { losesWK, keptC: [up, inBed] }: Pick<FuelReport, 'losesWK' | 'keptC'>,
): readonly string[] => [
  Number.isNaN(hoursADay)
    ? `What the brief’s warm water takes, through a heater of 85%: ${formatNumber(kWhADay, 2)} kWh on a mean day aboard.`
    : `${formatNumber(watts)} W for ${formatNumber(hoursADay, 2)} h on a mean day aboard${burns === 'air' ? ', through a heater of 85%' : ''}: ${formatNumber(kWhADay, 2)} kWh.`,
  fuel === 'gas'
    ? `Propane gives ${PROPANE_KWH_KG} kWh/kg (handbook value, from memory): ${formatNumber((1000 * kWhADay) / PROPANE_KWH_KG)} g a day.`
    : `Diesel gives ${DIESEL_KWH_L} kWh/L (handbook value, from memory): ${formatNumber(kWhADay / DIESEL_KWH_L, 2)} L a day.`,
  isSet
    ? 'Its hours were set here.'
    : burns === 'air'
      ? `How long it runs follows from the weather: ${formatNumber(up)} °C by day, ${formatNumber(inBed)} °C in bed, and ${formatNumber(Math.round(losesWK))} W lost for each kelvin, as the page Warmth has it. Common practice, no source.`
      : burns === 'water'
        ? 'The litres follow from the page Water.'
        : 'Its hours follow from the brief. Common practice, no source.',
]

/** A pipe in words, and whether it is longer than the zone. */
export const sayGasRun = ({ from, to, lengthMm }: FuelReport['lines']['runs'][number], names: Names): string =>
  `Pipe from ${names.the(from)} to ${names.the(to)}: ${formatNumber(lengthMm / 1000, 1)} m`

/** How a locker is vented, and how it should be. */
export const sayGasVent = (
  { id, ventCm2, neededCm2, floorCm2, isSealed }: FuelReport['lines']['vents'][number],
  names: Names,
): string =>
  `${capital(names.the(id))}: a vent of ${formatNumber(ventCm2)} cm² at its lowest point, ${ventCm2 < neededCm2 ? 'too small: ' : ''}${formatNumber(neededCm2)} cm² asked for by its floor of ${formatNumber(Math.round(floorCm2))} cm²; ${isSealed ? 'its door is tight' : 'its door is not tight to the inside'}.`

/** What is tested before gas is let in. */
export const sayLeakTest = ({ joints, toBuyM }: FuelReport['lines']): string =>
  `${formatNumber(toBuyM)} m of pipe to buy, a tenth over. A licensed fitter tests it before it is closed in and again when it is whole, under pressure, and goes over all ${count(joints, { one: 'joint', many: 'joints' })}; the record stays with the vehicle.`

/** Nights that a filling lasts in a month, in a cell. */
export const sayGasNights = (value: number): string =>
  Number.isNaN(value) ? '' : Number.isFinite(value) ? formatNumber(Math.floor(value)) : '–'
