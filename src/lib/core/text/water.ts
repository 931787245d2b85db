import {
  drinkAndRest,
  showersInside,
  waterHabit,
  type Brief,
  type WaterHabit,
  type WaterPurpose,
  type WaterUse,
} from '../brief'
import {
  COLD_C,
  mostLeaning,
  STORE_C,
  TAP_C,
  type Lever,
  type LineWhat,
  type TankReport,
  type WarmReport,
  type WaterReport,
  type WaterRun,
} from '../budgets'
import { formatNumber, sayLength, type LengthUnit } from '../units'
import { capital, count, degrees, list } from './grammar'
import type { Names } from './names'

const PURPOSE_WORDS: Readonly<Record<WaterPurpose, string>> = {
  drink: 'drinking and cooking',
  dishes: 'washing up',
  hands: 'hands and teeth',
  shower: 'the shower',
  toilet: 'the toilet’s flush',
  pets: 'animals',
  rinse: 'rinsing outside',
}
/** Said of several things. */
const SEVERAL: ReadonlySet<WaterPurpose> = new Set(['drink', 'hands', 'pets'])
export const sayPurpose = (purpose: WaterPurpose): string => PURPOSE_WORDS[purpose]

export const WATER_HABIT_WORDS: Readonly<Record<WaterHabit, string>> = {
  drinkL: 'drinking and cooking, each',
  dishesL: 'washing up, each',
  handsL: 'hands and teeth, each',
  showerMin: 'a shower, each',
  showerLpm: 'the shower’s flow',
  toiletL: 'the toilet’s flush, each',
  petL: 'an animal',
  rinseL: 'rinsed outside, in all',
}
export const WATER_HABIT_UNITS: Readonly<Record<WaterHabit, 'L' | 'min' | 'L/min'>> = {
  drinkL: 'L',
  dishesL: 'L',
  handsL: 'L',
  showerMin: 'min',
  showerLpm: 'L/min',
  toiletL: 'L',
  petL: 'L',
  rinseL: 'L',
}
export const WATER_HABIT_BASIS: Readonly<Record<WaterHabit, string>> = {
  drinkL: 'A day, for each who sleeps aboard. Common practice, no source: 10 to 21 L for each person and night in all.',
  dishesL: 'A day, for each who sleeps aboard. Common practice, no source.',
  handsL: 'A day, for each who sleeps aboard. Common practice, no source.',
  showerMin: 'Water running, a day, for each who sleeps aboard, if they shower inside. Common practice, no source.',
  showerLpm: 'Of a head that saves water. Common practice, no source; measure it with a bucket.',
  toiletL: 'A day, for each, if it is flushed from the tank. A cassette with a tank of its own takes none.',
  petL: 'Drunk a day, for each animal. Common practice, no source.',
  rinseL: 'Bikes, boards, boots, a day, from the tank. Nothing of it comes back.',
}

/** The sum of a night of water, as brief, demands and bench have it. */
export function sayWaterSum(
  use: WaterUse,
  { litres, drinkingL }: { readonly litres: number; readonly drinkingL: number },
  nights: number,
): string {
  const { people, perNightL, pets, petL, rinseL, nightL } = use
  const parts = [
    `${count(people, { one: 'person', many: 'people' })} × ${formatNumber(perNightL, 1)} L`,
    ...(pets > 0 ? [`${count(pets, { one: 'pet', many: 'pets' })} × ${formatNumber(petL, 1)} L`] : []),
    ...(rinseL > 0 ? [`${formatNumber(rinseL, 1)} L rinsed outside`] : []),
  ]
  if (nightL === 0) return `${formatNumber(litres)} L, and nobody aboard who drinks them.`
  if (drinkingL > 0 && drinkingL < litres) {
    const { drinkL, restL } = drinkAndRest(use)
    return `${formatNumber(drinkingL)} L kept for drinking ÷ ${formatNumber(drinkL, 1)} L a night, ${formatNumber(litres - drinkingL)} L ÷ ${formatNumber(restL, 1)} L for the rest: the first is gone after ${formatNumber(nights, 1)} nights.`
  }
  return `${formatNumber(litres)} L ÷ (${parts.join(' + ')} a night) = ${formatNumber(nights, 1)} nights.`
}
export const WATER_BASIS = 'Trade practice, no published source: 10 to 21 L for each person and night.'

const nightsOf = (nights: number): string =>
  !Number.isFinite(nights)
    ? 'for ever'
    : nights < 1
      ? 'less than a night'
      : count(Math.floor(nights), { one: 'night', many: 'nights' })

/** The answer in one sentence or two. */
export function sayWater({ freshL, use, nights, wasteNights, first, asked, days }: WaterReport): string {
  if (use.people === 0) return 'Nobody sleeps aboard yet: say who does, and how long the water lasts follows.'
  if (freshL === 0)
    return `There is no tank for fresh water in this plan; ${formatNumber(use.nightL, 1)} L a day are used.`
  const most = use.lines[0]?.purpose
  const what = most === undefined ? '' : `; ${PURPOSE_WORDS[most]} ${SEVERAL.has(most) ? 'empty' : 'empties'} it most`
  const lasts = capital(`${nightsOf(nights)} between fills${what}.`)
  const full =
    first === 'drinking'
      ? ' What is kept for drinking is gone first.'
      : first === 'full'
        ? ` The waste is full first, after ${wasteNights < 1 ? 'less than a day' : count(Math.floor(wasteNights), { one: 'day', many: 'days' })}.`
        : ''
  const dry = days.findIndex(({ missedL }) => missedL > 1e-6)
  const short =
    dry >= 0 && asked > 0 && nights < asked
      ? ` ${WEEKDAYS[dry % 7]} goes dry: ${formatNumber(asked)} nights were asked for.`
      : ''
  return `${lasts}${full}${short}`
}

export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const

export const sayWaterShort = ({ freshL, use, nights }: WaterReport): string =>
  freshL === 0 || use.nightL === 0 ? '–' : `${formatNumber(nights, 1)} nights`

/** What the tanks of a plan lack: a way to fill them from outside, and something that takes what runs out. */
export const sayTanksLack = ({ wantsInlet, waste, wasteADayL, freshL }: WaterReport): readonly string[] => [
  ...(wantsInlet ? ['There is no filling point in the outer wall: the tank is filled through the inside.'] : []),
  ...(waste.length === 0 && freshL > 0 && wasteADayL > 0
    ? [`There is no tank for waste water: ${formatNumber(wasteADayL, 1)} L a day run into a can or out of the vehicle.`]
    : []),
]

/** What the brief does not say of water, and between what it lasts by what others use; nothing where all is said. */
export function sayWaterRange({ unsaid, nightsRange: [low, high], freshL, use }: WaterReport): string | undefined {
  if (unsaid.length === 0 || freshL === 0 || use.nightL === 0) return undefined
  const words = unsaid.map((habit) => WATER_HABIT_WORDS[habit].replace(/, (each|in all)$/, ''))
  return `Not said: ${list(words)}. By what others use it lasts between ${formatNumber(low, 1)} and ${formatNumber(high, 1)} nights.`
}

/** A year of the itinerary in one sentence. */
export function sayWaterYear({
  year: { fillings, dryDays, fullDays, livedDays },
  filledEvery,
  freshL,
}: WaterReport): string | undefined {
  if (freshL === 0) return undefined
  if (livedDays === 0) return 'Nobody is aboard in the year.'
  const often = filledEvery > 0 ? `, every ${count(filledEvery, { one: 'night', many: 'nights' })} at most` : ''
  const bad = [
    ...(dryDays > 0 ? [`dry on ${count(dryDays, { one: 'day', many: 'days' })}`] : []),
    ...(fullDays > 0 ? [`the waste runs over on ${count(fullDays, { one: 'day', many: 'days' })}`] : []),
  ]
  return `In a year ${count(livedDays, { one: 'day', many: 'days' })} aboard and ${count(fillings, { one: 'filling', many: 'fillings' })}${often}: ${bad.length === 0 ? 'no day is dry' : list(bad)}.`
}

const leaning = (leftKg: number): string =>
  Math.abs(leftKg) < 0.5
    ? 'as much on the left as on the right'
    : `${formatNumber(Math.round(Math.abs(leftKg)))} kg more on the ${leftKg > 0 ? 'left' : 'right'}`

/** What the water weighs on the wheels, full and at its most slanted. */
export function sayWaterLean({ days }: WaterReport): string | undefined {
  const [first] = days
  if (first === undefined) return undefined
  const on = (kg: number): string => `${formatNumber(Math.round(kg))} kg on`
  // what hangs behind an axle lifts the other
  const axles =
    first.frontKg < -0.5
      ? `${on(first.rearKg)} the rear axle and takes ${formatNumber(Math.round(-first.frontKg))} kg off the front one`
      : first.rearKg < -0.5
        ? `${on(first.frontKg)} the front axle and takes ${formatNumber(Math.round(-first.rearKg))} kg off the rear one`
        : `${on(first.frontKg)} the front axle and ${on(first.rearKg)} the rear`
  if (first.leftKg === undefined)
    return `On the first evening the water puts ${axles}; how it leans is not known: the track was not measured.`
  const most = mostLeaning(days)
  const worst = days[most]?.leftKg ?? 0
  return `On the first evening the water puts ${axles}, ${leaning(first.leftKg)}${most === 0 ? '' : `; on day ${most + 1} ${leaning(worst)}`}.`
}

/** What would make it last longer, and by how much. */
export function sayLever({ what, byL, gainsNights }: Lever): string {
  const more = `${formatNumber(gainsNights, 1)} ${gainsNights === 1 ? 'night' : 'nights'} more`
  return what === 'tank'
    ? `${formatNumber(byL)} L more of fresh water: ${more}`
    : what === 'drinking'
      ? `${formatNumber(byL)} L more kept for drinking: ${more}`
      : what === 'waste'
        ? `${formatNumber(byL)} L more of waste tank: ${more}`
        : `half of ${PURPOSE_WORDS[what]}, ${formatNumber(byL, 1)} L a day less: ${more}`
}

/** Nights on which a tank outside would freeze; of how many that are as cold, where it is empty on some. */
export const sayFrost = ({ frostNights, coldNights }: TankReport): string =>
  coldNights > frostNights ? `${formatNumber(frostNights)} of ${formatNumber(coldNights)}` : formatNumber(frostNights)

/** Why a tank stands as it does: frost and clearance. */
export function sayTank(tank: TankReport, groundMm: number | undefined, unit: LengthUnit): readonly string[] {
  return [
    `${formatNumber(tank.litres)} L${tank.joined > 1 ? `, in ${tank.joined} tanks that are joined at the bottom and level out` : ''}${tank.isDrinking ? ', kept for drinking and cooking' : ''}.`,
    ...(tank.lostL > 0.5
      ? [
          `Their tops are not level: the lowest runs over first, and ${formatNumber(Math.round(tank.lostL))} L of the others stay empty.`,
        ]
      : []),
    ...(tank.isCarried ? ['It is carried to a tap and filled there.'] : []),
    ...(tank.isCleaned ? [] : ['No hand gets into it to clean it.']),
    tank.isOutside
      ? `It hangs outside${tank.isLagged ? ', lagged: it bears a night of −5 °C' : ''}. It would freeze on ${count(tank.frostNights, { one: 'night', many: 'nights' })} aboard in a year of the climates on the page Power${tank.coldNights > tank.frostNights ? `; on ${formatNumber(tank.coldNights - tank.frostNights)} more that are as cold it has run dry or was emptied` : ''}. Common practice, no source.`
      : 'It stands inside: it freezes only where nobody heats.',
    ...(tank.isOutside && tank.overGroundMm !== undefined
      ? [
          `Its lowest point is ${sayLength(Math.round(tank.overGroundMm), unit)} over the ground${groundMm === undefined ? '' : `; the vehicle itself has ${sayLength(groundMm, unit)}`}.`,
        ]
      : []),
  ]
}

const FUEL_WORDS = { gas: 'gas', diesel: 'diesel', electric: 'current', engine: 'the engine' } as const

/** What a heater of water gives. */
export function sayWarm({ litres, by, atTapL, showers, minutes, kWh }: WarmReport): string {
  if (litres === 0)
    return `It warms what flows, by ${list(
      by.map(({ fuel }) => FUEL_WORDS[fuel]),
      'or',
    )}.`
  const ways = by.map(
    ({ fuel, watts }, at) => `${Math.round(minutes[at] ?? 0)} min by ${FUEL_WORDS[fuel]} at ${formatNumber(watts)} W`,
  )
  return `${formatNumber(litres)} L at ${degrees(STORE_C)} make ${formatNumber(atTapL, 1)} L at ${degrees(TAP_C)}${showers === undefined ? '' : `: ${count(Math.floor(showers), { one: 'shower', many: 'showers' })} in a row`}. Warm in ${list(ways, 'or')}, ${formatNumber(kWh, 2)} kWh.`
}
export const WARM_WHY: readonly string[] = [
  `4.186 kJ warm a litre by a kelvin; water comes at ${COLD_C} °C, is kept at ${STORE_C} °C and mixed to ${TAP_C} °C: litres × (${STORE_C} − ${COLD_C}) ÷ (${TAP_C} − ${COLD_C}).`,
]

/** The brief’s habits that count: those of a shower only where one is had. */
export const waterHabits = (brief: Brief): readonly { readonly habit: WaterHabit; readonly value: number }[] =>
  (Object.keys(WATER_HABIT_WORDS) as WaterHabit[])
    .filter((habit) =>
      habit === 'showerLpm' ? showersInside(brief) : habit !== 'petL' || Object.keys(brief.pets).length > 0,
    )
    .map((habit) => ({ habit, value: habit === 'showerMin' && !showersInside(brief) ? 0 : waterHabit(brief, habit) }))

/** What a tank is for. */
export const tankFor = ({ isDrinking }: TankReport): string => (isDrinking ? 'drinking' : 'fresh')

export const sayTankName = ({ id }: TankReport | WarmReport, names: Names): string => capital(names.fitting(id))

export const LINE_WORDS: Readonly<Record<LineWhat, string>> = {
  fill: 'filling hose',
  vent: 'vent',
  joins: 'joining hose',
  cold: 'cold line',
  hot: 'hot line',
  drain: 'drain',
}

/** Where water is let out before frost, the lowest first. */
export const sayDrains = (drains: WaterReport['lines']['drains'], names: Names): string =>
  drains.length === 0
    ? 'Nothing holds water yet.'
    : `A drain cock at the lowest point of ${list(drains.map(({ id }) => names.the(id)))}: all of them are opened before frost, the lowest last.`

/** A line in words: from where to where, how long, and how a drain falls. */
export function sayWaterRun({ what, from, to, lengthMm, fallMm, fallPerM }: WaterRun, names: Names): string {
  const way = `${capital(LINE_WORDS[what])} from ${names.the(from)} to ${names.the(to)}: ${formatNumber(lengthMm / 1000, 1)} m`
  return fallMm === undefined || fallPerM === undefined
    ? way
    : fallMm <= 0
      ? `${way}, and no fall: the tank is higher than the outlet`
      : `${way}, falls ${formatNumber(Math.round(fallMm))} mm${Number.isFinite(fallPerM) ? `, ${formatNumber(Math.round(fallPerM))} mm on a metre` : ''}`
}
