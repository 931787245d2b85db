import { COLD_PER_W, COOLED_C, type AirReport, type AirState } from '../budgets'
import { formatNumber } from '../units'
import { capital, count, list, person } from './grammar'

export const AIR_STATE_WORDS: Readonly<Record<AirState, string>> = {
  full: 'fan at full, all open',
  lowest: 'fan at its lowest, all open',
  open: 'all open, no fan',
  shut: 'all shut',
}
const flow = (m3h: number): string => `${formatNumber(Math.round(m3h))} m³/h`
export const changesOf = ({ volumeM3 }: AirReport, m3h: number): number => m3h / Math.max(0.1, volumeM3)
/** Over this air is stale. Common practice, no source: 1 000 to 1 500 is what rooms are laid out for. */
export const STALE_PPM = 1500

const whoOf = (who: AirReport['passed'][number]): string => (who.who === 'cook' ? who.label : person(who.label))

/** That an open cab’s windows would count, where nobody said how far they are let down. */
const sayCab = ({ hasCab, assumed }: AirReport): string =>
  hasCab && assumed.cabAirCm2 === 0 ? ' The cab’s windows count once it is said how far they stand open.' : ''

/** The answer in one sentence or two. */
export function sayAir(report: AirReport): string {
  const { fresh, hasFan, places, passed, isShortCut } = report
  const cab = sayCab(report)
  if (places.length === 0) return `Nothing opens in this plan: air comes through joints alone.${cab}`
  const most = hasFan ? fresh.full : fresh.open
  const changes = changesOf(report, most)
  const hasInlet = places.some(({ outM3H }) => outM3H < -1)
  const moves = hasFan
    ? !hasInlet
      ? `The fan moves almost nothing: there is no way in for the air.${cab}`
      : `With the fan at full the air changes ${formatNumber(changes, changes < 10 ? 1 : 0)} times an hour.`
    : `With all open and ${report.wind.ms > 0 ? `${formatNumber(report.wind.ms)} m/s of wind` : 'no wind'} the air changes ${formatNumber(changes, 1)} times an hour.`
  const missed = passed.filter(({ isPassed }) => !isPassed)
  const over =
    passed.length === 0 || !hasInlet
      ? ''
      : missed.length === 0
        ? ` It passes over ${list(passed.map(whoOf))}.`
        : ` It does not pass over ${list(missed.map(whoOf), 'or')}.`
  return `${moves}${isShortCut ? ' It takes a short cut: the inlet is beside the fan.' : over}`
}
export const sayAirShort = (report: AirReport): string =>
  report.places.length === 0
    ? '–'
    : `${formatNumber(changesOf(report, report.hasFan ? report.fresh.full : report.fresh.open), 0)} /h`

/** What nobody said of it, and between what fresh air may be for that. */
export function sayAirRange({ places, hasFan, freshRange: { most, shut } }: AirReport): string {
  const between = ([low, high]: readonly [number, number]): string =>
    `${formatNumber(Math.round(low))} to ${flow(high)}`
  const open = places.length === 0 ? '' : `${between(most)} ${hasFan ? 'with the fan at full' : 'with all open'}, `
  return `Not said: ${places.length === 0 ? '' : 'how far windows are opened, and '}how tight the body is. By what is usual, ${open}${between(shut)} shut.`
}

/** Carbon dioxide as far as it can be told. */
export const sayPpm = (value: number): string => formatNumber(Math.round(value / 50) * 50)

/** What the air is like by the morning. */
export function sayMorning({ co2, hasFan, sleepers, places }: AirReport): string {
  if (sleepers === 0) return 'Nobody sleeps here.'
  const ppm = (value: number): string => `${sayPpm(value)} ppm`
  const said =
    places.length === 0
      ? `${ppm(co2.shut)} of carbon dioxide.`
      : `${ppm(co2.lowest)} of carbon dioxide ${hasFan ? 'with the fan at its lowest' : 'with the windows ajar'}, ${ppm(co2.shut)} with all shut.`
  return `After eight hours asleep: ${said} ${co2.lowest > STALE_PPM ? `Over ${ppm(STALE_PPM)} it is stale.` : ''}`.trim()
}
export const MORNING_WHY: readonly string[] = [
  '13 L an hour for each who sleeps (Persily and de Jonge, 2017, from memory), 420 ppm outside, and the fresh air above: given off ÷ air, towards its end by the body’s own volume.',
  'Never an unflued burner while asleep; a carbon monoxide alarm at pillow height.',
]
export const AIR_WHY: readonly string[] = [
  'Each opening lets 0.6 of its free area × √(2 Δp ÷ 1.2) through, the fan what its curve has at the pressure that costs; a window that is open counts half of its size; inside it is 5 K warmer than outside, and warm air rises; the wind presses as said under Warmth. As much comes in as goes out, in every space that doors and curtains shut off.',
  'Discharge 0.6: textbook value; shares of windows (0.3 to 0.7 of their size for the range) and joints of 25 cm² low and high (half to twice that): common practice, no source.',
]

export function saySummer({ summer, places }: AirReport): string {
  const c = (value: number): string => `${formatNumber(value, 0)} °C`
  const { coolingW, coolingKwh, coolerW, atSocketKwh } = summer
  const kw = (watts: number): string => `${formatNumber(watts / 1000, 1)} kW`
  const cooling =
    coolingW < 50
      ? 'Nothing needs cooling.'
      : `To keep ${formatNumber(COOLED_C)} °C shut asks ${kw(coolingW)} of cooling at most and ${formatNumber(coolingKwh, 1)} kWh that day.${
          coolerW === 0
            ? ''
            : coolerW < coolingW
              ? ` The air conditioner makes ${kw(coolerW)}: it gets warmer, and takes ${formatNumber(atSocketKwh, 1)} kWh at the socket.`
              : ` The air conditioner takes ${formatNumber(atSocketKwh, 1)} kWh of it at the socket.`
        }`
  const inside =
    places.length === 0
      ? `${c(summer.noonShutC)} inside, ${c(summer.bedAiredC)} at bedtime`
      : `${c(summer.noonShutC)} shut, ${c(summer.noonAiredC)} aired, ${c(summer.bedAiredC)} at bedtime, ${c(summer.bedRainC)} after a wet evening with all shut`
  return `On the hottest day of the year aboard, ${summer.isUnsaid ? 'taken as ' : ''}${c(summer.hottestC)} outside${summer.isUnsaid ? ' since nobody said how hot it gets' : ''}: ${inside}. ${cooling}`
}
const COMPASS: Readonly<Record<number, string>> = { 0: 'north', 90: 'east', 180: 'south', 270: 'west' }
/** Which way to park on a hot day; nothing where it hardly matters. */
export const sayParked = ({ summer: { coolestDeg, coolerK, shadedSides } }: AirReport): string | undefined =>
  coolerK < 0.5
    ? undefined
    : `Parked with its front to the ${COMPASS[coolestDeg] ?? ''} it is up to ${formatNumber(coolerK, 1)} K cooler shut than the worst way${shadedSides > 0 ? ', its awning out' : ''}.`
export const summerWhy = ({ summer }: AirReport): readonly string[] => [
  `${formatNumber(Math.round(summer.sunWM2))} W/m² of sun on the level at most that day, on each side by the hour and by where it is parked. A face takes in half of what falls on it, as far as its lining lets it; glass lets six tenths in, less behind covers; under an awning half of the sky’s light. The third of three days alike, with what the body stores. Common practice, no source.`,
  `A watt of current makes ${formatNumber(COLD_PER_W, 1)} W of cold. Typical of a roof unit; common practice, no source. The page Power runs it in its own weather, hour by hour, with the air changes assumed under Warmth.`,
]

/** What a space is called by what is done in it. */
export function spaceName({ sleepers, cooks, isWet, isCab }: AirReport['spaces'][number]): string {
  if (isCab) return 'the cab'
  const parts = [
    ...(sleepers > 0 ? ['the bed'] : []),
    ...(cooks ? ['the cook'] : []),
    ...(isWet ? ['the wet room'] : []),
  ]
  return parts.length === 0 ? 'the rest' : list(parts)
}

/** What a shut door or curtain keeps from those behind it. */
export const sayCutOff = (
  { id, shutM3H, openM3H }: AirReport['cutOff'][number],
  name: (id: string) => string,
): string => `With ${name(id)} shut the bed gets ${flow(shutM3H)}; opened, ${flow(openM3H)}.`

const ends = { rear: 'rear', front: 'front' } as const
/** Where one fan would pass over most, and what a second would bring. */
export function sayFans({ byEnd, withSecond, fresh, hasFan, passed, turned }: AirReport): readonly string[] {
  const better = (Object.keys(ends) as (keyof typeof ends)[]).filter(
    (end) => byEnd[end] > passed.filter(({ isPassed }) => isPassed).length,
  )
  const now = passed.filter(({ isPassed }) => isPassed).length
  return [
    ...(turned === undefined
      ? []
      : [
          `Blowing in, the fan would bring ${flow(turned.fresh)} and pass over ${turned.passes === now ? 'as many' : count(turned.passes, { one: 'of them', many: 'of them' })}.`,
        ]),
    ...better.map(
      (end) =>
        `With the fan at the ${ends[end]} it would pass over ${count(byEnd[end], { one: 'of them', many: 'of them' })}.`,
    ),
    ...(withSecond === undefined || !hasFan
      ? []
      : [`A second fan would make it ${flow(withSecond)} in place of ${flow(fresh.full)}.`]),
  ]
}
/** What is felt at each head. */
export const saySpeeds = ({ passed }: AirReport): string | undefined =>
  passed.every(({ speed }) => speed < 0.01)
    ? undefined
    : `Felt there: ${list(passed.map((one) => `${formatNumber(one.speed, 2)} m/s at ${whoOf(one)}`))}. Over 0.2 m/s one feels a draught in bed (common practice, no source).`
export const sayFlow = flow
/** What goes through an opening. */
export const sayThrough = ({ outM3H, bothM3H }: AirReport['places'][number]): string =>
  bothM3H > 1
    ? `in and out ${flow(bothM3H)}`
    : outM3H > 1
      ? `out ${flow(outM3H)}`
      : outM3H < -1
        ? `in ${flow(-outM3H)}`
        : 'still'
export const sayNoise = ({ label, db, source }: AirReport['noise'][number], name: (id: string) => string): string =>
  source === undefined
    ? `${capital(person(label))}: nothing that hums runs at night.`
    : `${capital(person(label))}: ${formatNumber(Math.round(db))} dB(A) at the head, most of it ${name(source)}.`
export const NOISE_WHY: readonly string[] = [
  'At a metre as is typical of the kind, 6 dB less for each doubling of the distance, 8 dB less behind boards; several add up by their energy. A first estimate: common practice, no source.',
]
