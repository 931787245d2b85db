import type { HouseMeasure } from '../job'
import { type Finding, type FindingUnit, type Missing, SERVICE_UNITS, type Thing } from '../review'
import { formatFigure, formatNumber, type LengthUnit, sayLength } from '../units'
import { SERVICE_WORDS } from './fitting-words'
import type { Names } from './names'
import { capital } from './words'
import type { FindingWords } from './finding-words'

const UNKNOWN: Readonly<Record<Exclude<Missing['what'], 'service' | 'thing'>, string>> = {
  people: 'who comes along, in the brief',
  sleepers: 'who sleeps in the vehicle, in the brief',
  travellers: 'who travels, in the brief',
  'seats-asked': 'how many are to sit inside, in the brief',
  'outer-size': 'the body’s height over the ground, in the survey',
  'wall-layers': 'what the wall is lined with, on the vehicle’s page',
  'axle-ratings': 'what each axle is rated for, in the survey',
  track: 'the track of the wheels, in the survey',
  'floor-structure': 'rails or points in the floor, in the survey',
  'air-openings': 'an opening for air: a fan, a hatch or a window that opens',
}

const THING_WORDS: Readonly<Record<Thing, string>> = {
  alarm: 'alarm',
  extinguisher: 'extinguisher',
  fuses: 'fuse board',
  'gas-store': 'gas locker',
  light: 'light',
}

const article = (word: string): string => `${/^[aeiou]/i.test(word) ? 'an' : 'a'} ${word}`

/** What a rule wants to know before it says anything: “a fuse board in the plan”. */
export function sayMissing(missing: Missing): string {
  switch (missing.what) {
    case 'service':
      return `${article(SERVICE_WORDS[missing.service])} in the plan`
    case 'people':
    case 'sleepers':
    case 'travellers':
    case 'seats-asked':
    case 'outer-size':
    case 'wall-layers':
    case 'floor-structure':
    case 'axle-ratings':
    case 'track':
    case 'air-openings':
      return UNKNOWN[missing.what]
    case 'thing':
      return `${article(THING_WORDS[missing.thing])} in the plan`
  }
}

/** What a house rule measures: “distance from the hob to the nearest cold box”. */
export function sayMeasured(measure: HouseMeasure): string {
  switch (measure.what) {
    case 'quantity':
      return `${SERVICE_WORDS[measure.service]} in all`
    case 'distance':
      return `distance from ${SERVICE_WORDS[measure.service]} to the nearest ${SERVICE_WORDS[measure.to]}`
    case 'height':
      return `height of ${SERVICE_WORDS[measure.service]} over the floor`
    case 'way':
      return `narrowest place on the way to ${SERVICE_WORDS[measure.service]}`
    case 'belted-seats':
      return 'belted seats, those of the cab with them'
    case 'bed-length':
      return 'length of the longest bed'
    case 'gross-mass':
      return 'gross mass by the papers'
    case 'minutes':
      return 'minutes from the mode before'
  }
}

/** In what a house rule’s bound is given. */
export function houseUnit(measure: HouseMeasure): FindingUnit {
  switch (measure.what) {
    case 'minutes':
      return 'min'
    case 'quantity':
      return SERVICE_UNITS[measure.service] ?? 'count'
    case 'belted-seats':
      return 'count'
    case 'gross-mass':
      return 'kg'
    case 'distance':
    case 'height':
    case 'way':
    case 'bed-length':
      return 'mm'
  }
}

/** A figure of a finding with its unit; counts stand alone. */
export function sayFigure(value: number, unit: FindingUnit, lengths: LengthUnit): string {
  switch (unit) {
    case 'mm':
      return sayLength(value, lengths)
    case 'deg':
      return `${formatNumber(value)}°`
    case 'count':
      return formatNumber(value)
    case 'litres':
      return `${formatNumber(value)} L`
    case 'kg':
    case 'N':
    case 'min':
    case 'Wh':
    case 'W/m²K':
    case 'cm²':
    case 'm':
    case '%':
      return `${formatFigure(value)} ${unit}`
  }
}

/** What a rule of the house says, in the house’s own words. */
export function sayHouse(
  finding: Extract<Finding, { code: 'house' }>,
  names: Names,
  lengths: LengthUnit,
): FindingWords {
  const { fittings, measured, needed, unit, facts } = finding
  const where =
    fittings[0] === undefined || facts.measure.what === 'quantity'
      ? ''
      : ` (${names.fitting(fittings[0]).toLowerCase()})`
  const figure = (value: number) => sayFigure(value, unit, lengths)
  const bound = facts.bound === 'least' ? 'at least' : 'at most'
  if (facts.asks === true)
    return {
      title: `To ask: ${facts.title}`,
      designer: `${capital(sayMeasured(facts.measure))}${where}: ${figure(measured)}; the list of questions has ${bound} ${figure(needed)}.`,
      client: `We ask before we build: ${facts.reason}.`,
      why: [
        `${capital(sayMeasured(facts.measure))}: ${figure(measured)}, ${bound} ${figure(needed)}.`,
        `What to ask: ${facts.reason}.`,
        'A question to ask of the office or examiner, no law: local codes and those who enter them decide.',
      ],
    }
  return {
    title: facts.title,
    designer: `${capital(sayMeasured(facts.measure))}${where}: ${figure(measured)}; the house asks for ${bound} ${figure(needed)}.`,
    client: `${facts.title}: ${facts.reason}`,
    why: [
      `${capital(sayMeasured(facts.measure))}: ${figure(measured)}, ${bound} ${figure(needed)}.`,
      `Why the house asks: ${facts.reason}`,
    ],
  }
}
