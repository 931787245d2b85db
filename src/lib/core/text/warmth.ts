import { FAR_TOO_LARGE, type DampAt, type LossWhat, type Loss, type WarmthReport, type WarmthStep } from '../budgets'
import type { WarmthAssumedKey } from '../job'
import { formatNumber } from '../units'
import { capital, count, degrees, list } from './grammar'
import { monthName } from './power'

export const LOSS_WORDS: Readonly<Record<LossWhat, string>> = {
  floor: 'floor',
  walls: 'walls',
  roof: 'roof',
  rear: 'rear end',
  bulkhead: 'bulkhead',
  windows: 'windows',
  hatches: 'roof openings',
  bridges: 'ribs and battens, allowed for',
  ribs: 'bare ribs',
  air: 'air that changes',
  cab: 'open cab',
}
export const WARMTH_ASSUMED_UNITS: Readonly<Record<WarmthAssumedKey, string>> = {
  heatedC: '°C',
  nightC: '°C',
  bridgePercent: '%',
  bareRibM2: 'm²',
  airChanges: '/h',
  cabPercent: '%',
  coveredPercent: '%',
  outsidePercent: '%',
  cabAirCm2: 'cm²',
  windMs: 'm/s',
  windDeg: '°',
  parkedDeg: '°',
  pricePerL: '',
}
const USUAL = 'Common practice, no source; set it to yours.'
export const WARMTH_ASSUMED_BASIS: Readonly<Record<WarmthAssumedKey, string>> = {
  heatedC: `From seven till ten in the evening. ${USUAL}`,
  nightC: `From ten till seven, under a duvet. ${USUAL}`,
  bridgePercent: `What ribs, battens and corners let through beside what the layers say. ${USUAL}`,
  bareRibM2:
    'Of ribs and sheet that no lining covers: 5.9 W for each square metre and kelvin (EN ISO 6946’s surfaces, from memory). Measure them.',
  airChanges: `Times that all the air of the body changes in an hour, in bed; the page Air works out what openings give. ${USUAL}`,
  cabPercent: `An open cab loses about 16 W for each kelvin by glass and sheet; a thick curtain leaves some 40% of that. ${USUAL}`,
  coveredPercent: `Of the windows, behind a cover that is pressed in, at night and in the sun. ${USUAL}`,
  outsidePercent: `What the air outside holds of what it could on a winter night. ${USUAL}`,
  cabAirCm2:
    'The windows of a cab that is open to the living space, both together, as far as they are let down while all is open: a hand’s breadth of each is about 800 cm², ajar behind a rain guard about 200 (common practice, no source; measure them). Where it rains in, or somebody can reach in, they stay shut: 0.',
  windMs: `Outside, on what is open and on joints: 0.6 of its pressure on the face before it, −0.5 beside it and on the roof, −0.3 behind it. Textbook values of a box, from memory; ${USUAL}`,
  windDeg: 'Where the wind comes from: 0 the front, 90 the left side, 180 the rear, 270 the right side.',
  parkedDeg:
    'Where the front points: 0 north, 90 east, 180 south, 270 west. What the sun does to the sides follows from it.',
  pricePerL: `In the client’s money, typical of 2026. ${USUAL}`,
}

const kilo = (watts: number): string => `${formatNumber(watts / 1000, 1)} kW`

/** The answer in one sentence or two. */
export function sayWarmth({
  neededW: [needed, low, high],
  heaterW,
  coldestC,
  assumed,
  warmUpMin,
  losses,
}: WarmthReport): string {
  const cold = `At ${degrees(coldestC)} it takes ${kilo(needed)} to keep ${degrees(assumed.heatedC)}${high - low > 0.1 * needed ? `, ${formatNumber(low / 1000, 1)} to ${formatNumber(high / 1000, 1)} as not all is said` : ''}`
  const most = losses.losses[0]
  const by = most === undefined ? '' : `; most goes by the ${LOSS_WORDS[most.what]}`
  const heater =
    needed <= 0
      ? ''
      : heaterW === 0
        ? ' There is no heater.'
        : heaterW < needed
          ? ` The heater gives ${kilo(heaterW)}: too little.`
          : heaterW > FAR_TOO_LARGE * needed
            ? ` The heater gives ${kilo(heaterW)}, far more: it goes on and off.`
            : ` The heater gives ${kilo(heaterW)} and warms it in ${count(Math.ceil(warmUpMin), { one: 'minute', many: 'minutes' })}.`
  return `${cold}${by}.${heater}`
}

/** A bed that is shut off from the heater, in a sentence. */
export const sayClosedBed = ({ bed }: WarmthReport, name: (id: string) => string): string | undefined =>
  bed === undefined
    ? undefined
    : bed.hasOutlet
      ? `Shut off by ${name(bed.behind)}, the bed has warm air of its own.`
      : `Shut off by ${name(bed.behind)}, the bed comes to ${degrees(Math.round(bed.c))} in the coldest night: no warm air comes out in there. An outlet low beside it cures that.`
export const CLOSED_BED_WHY: readonly string[] = [
  'What goes through cloth or board at 3.5 W/m²K and by its gaps, and what sleepers give off, against its share of what the body loses. Common practice, no source.',
]

/** What was not said, and what is taken in its place. */
export function sayWarmthUnsaid({ unsaid, coldestC, altitudeM }: WarmthReport): string | undefined {
  const words: Readonly<Record<WarmthReport['unsaid'][number], string>> = {
    coldestC: `the coldest night (${degrees(coldestC)} is taken, 5 K either way)`,
    altitudeM: `the height above the sea (${formatNumber(altitudeM)} m)`,
    lining: 'what it is lined with (rigid board to fibre of its thickness)',
  }
  return unsaid.length === 0 ? undefined : `Not said: ${list(unsaid.map((what) => words[what]))}.`
}

/** What gets wet in bed, in a sentence. */
export function sayDamp({ damp, vapourGH }: WarmthReport): string {
  if (vapourGH === 0) return 'Nobody sleeps here: nothing gets wet.'
  const wet = damp.filter(({ isWet }) => isWet)
  if (wet.length === 0) return 'In bed nothing gets wet.'
  const isOne = wet.length === 1 && wet[0]!.at !== 'windows' && wet[0]!.at !== 'bridges'
  return `In bed ${list(wet.map(({ at }) => DAMP_WORDS[at]))} ${isOne ? 'gets' : 'get'} wet.`
}

export const sayWarmthShort = ({ neededW: [needed], heaterW }: WarmthReport): string =>
  heaterW === 0 ? '–' : `${heaterW >= needed ? '+' : '−'}${kilo(Math.abs(heaterW - needed))}`

export const DAMP_WORDS: Readonly<Record<DampAt, string>> = {
  windows: 'windows',
  bridges: 'ribs and battens',
  wall: 'the wall',
  locker: 'the wall behind a locker',
  mattress: 'the wall beside the mattress',
}

const STEP_WORDS_WARM: Readonly<Record<WarmthStep['what'], string>> = {
  walls: '10 mm more board on the walls',
  roof: '10 mm more board under the roof',
  floor: '10 mm more board in the floor',
  rear: '10 mm more board at the rear end',
  windows: 'covers before all windows',
  ribs: 'the bare ribs covered',
  cab: 'a thick curtain before the cab',
}
export const sayWarmthStep = ({ what, savesW, savesKwh, money }: WarmthStep): string =>
  `${STEP_WORDS_WARM[what]}: ${formatNumber(Math.round(savesW))} W less in the coldest night, ${formatNumber(Math.round(savesKwh))} kWh a year${money >= 1 ? `, ${formatNumber(Math.round(money))} in money` : ''}`

/** Why something loses what it loses. */
export function whyLoss(
  { what, m2, uValue, wk, low, high, isAssumed }: Loss,
  { coldestC, assumed }: WarmthReport,
): readonly string[] {
  const kelvin = Math.max(0, assumed.heatedC - coldestC)
  return [
    m2 > 0
      ? `${formatNumber(m2, 1)} m² × ${formatNumber(uValue, 2)} W/m²K = ${formatNumber(wk, 1)} W for each kelvin; × ${formatNumber(kelvin)} K = ${formatNumber(Math.round(wk * kelvin))} W.`
      : `${formatNumber(wk, 1)} W for each kelvin; × ${formatNumber(kelvin)} K = ${formatNumber(Math.round(wk * kelvin))} W.`,
    ...(isAssumed
      ? [
          `What it is lined with was not said: ${formatNumber(low, 1)} to ${formatNumber(high, 1)} W/K, from rigid board to fibre of its thickness. Say its layers on the page Vehicle.`,
        ]
      : []),
    BASIS[what],
  ]
}
const LAYERS = 'U-value of the layers by EN ISO 6946, ribs left out.'
const BASIS: Readonly<Record<LossWhat, string>> = {
  floor: LAYERS,
  walls: LAYERS,
  roof: LAYERS,
  rear: `${LAYERS} Its doors as they are lined.`,
  bulkhead: 'One sheet, and a cab that is four tenths of the way warmer than outside. Common practice, no source.',
  windows:
    'Panes of acrylic 3.0, the vehicle’s own glass 5.7, behind a cover 1.4 W/m²K. EN ISO 10077 for glass, from memory; common practice, no source.',
  hatches: '3.5 W/m²K. Common practice, no source.',
  bridges: 'A share of what the faces lose, as assumed beside it. Common practice, no source.',
  ribs: '5.9 W/m²K: EN ISO 6946’s surfaces alone, from memory.',
  air: '0.34 Wh for each cubic metre and kelvin (handbook value) × the volume × the air changes assumed.',
  cab: 'About 16 W/K of glass and sheet, as far as it is open. Common practice, no source.',
}

export const whyDamp = (
  { at, c, dryChanges }: WarmthReport['damp'][number],
  { dewC, vapourGH, assumed, humidity, coldestC, winter }: WarmthReport,
): readonly string[] => [
  `${capital(DAMP_WORDS[at])}: ${formatNumber(c, 1)} °C with ${degrees(assumed.nightC)} in the room and ${degrees(coldestC)} outside. What is colder than ${formatNumber(dewC, 1)} °C gets wet.`,
  `${formatNumber(vapourGH)} g of vapour an hour (BS 5250: 40 g for each who sleeps, from memory; gear that dries 20 g) and ${formatNumber(assumed.airChanges, 1)} air changes make ${formatNumber(Math.round(100 * humidity))}% in the room.`,
  `Through a year aboard it is wet in ${formatNumber(winter.wet[at])} of ${formatNumber(winter.hours)} hours that one would heat${winter.worstMonth === undefined ? '' : `, most in ${monthName(winter.worstMonth)}`}: out by day; 55 g an hour for each who is up (BS 5250, from memory), 150 g a meal (common practice, no source), 127 g for each kWh of gas that burns in the room.`,
  Number.isFinite(dryChanges)
    ? `It stays dry from ${formatNumber(dryChanges, 1)} air changes an hour on.`
    : 'No air from outside keeps it dry: it is colder than that air lets it be.',
]
