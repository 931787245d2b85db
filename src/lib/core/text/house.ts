import type { HouseMeasure } from '../job'
import { type Finding, type FindingUnit, type Missing, SERVICE_UNITS, type Thing } from '../review'
import { formatFigure, formatNumber, type LengthUnit, sayLength } from '../units'
import { SERVICE_WORDS } from './fitting-words'
import type { Names } from './names'
import { aOrAn, capital } from './grammar'
import type { FindingWords } from './finding-words'

const UNKNOWN: Readonly<Record<Exclude<Missing['what'], 'service' | 'thing'>, string>> = {
  people: 'who is aboard, in the brief',
  sleepers: 'who sleeps in the vehicle, in the brief',
  travellers: 'who travels, in the brief',
  'seats-asked': 'how many should have a seat inside, in the brief',
  'outer-size': 'the vehicle’s height above the ground, in the survey',
  'wall-layers': 'what the wall is lined with, on the Vehicle page',
  'axle-ratings': 'the rating of each axle, in the survey',
  track: 'the track of the wheels, in the survey',
  'floor-structure': 'rails or mounting points in the floor, in the survey',
  'air-openings': 'an opening for air: a fan, a roof light or a window that opens',
}

const THING_WORDS: Readonly<Record<Thing, string>> = {
  alarm: 'alarm',
  extinguisher: 'extinguisher',
  fuses: 'fuse board',
  'gas-store': 'gas locker',
  light: 'light',
}

/** What a rule wants to know before it says anything: “a fuse board in the plan”. */
export function sayMissing(missing: Missing): string {
  switch (missing.what) {
    case 'service':
      return `${aOrAn(SERVICE_WORDS[missing.service])} in the plan`
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
      return `${aOrAn(THING_WORDS[missing.thing])} in the plan`
  }
}

/** What a house rule measures: “distance from the hob to the nearest fridge”. */
export function sayMeasured(measure: HouseMeasure): string {
  switch (measure.what) {
    case 'quantity':
      return `${SERVICE_WORDS[measure.service]} in all`
    case 'distance':
      return `distance from the ${SERVICE_WORDS[measure.service]} to the nearest ${SERVICE_WORDS[measure.to]}`
    case 'height':
      return `height of the ${SERVICE_WORDS[measure.service]} above the floor`
    case 'way':
      return `narrowest place on the way to the ${SERVICE_WORDS[measure.service]}`
    case 'belted-seats':
      return 'belted seats, including the cab'
    case 'bed-length':
      return 'length of the longest bed'
    case 'gross-mass':
      return 'gross weight in the papers'
    case 'minutes':
      return 'time to change over from the mode before'
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
    case 'W':
    case 'A':
    case 'W/m²K':
    case 'cm²':
    case 'm':
    case '%':
    case '°C':
      return `${formatFigure(value)} ${unit}`
  }
}

/** What was typed as a reason may have its full stop or not. */
const ended = (text: string): string => (/[.!?]$/.test(text) ? text : `${text}.`)

/** What a house rule says, in the workshop’s own words. */
export function sayHouse(
  finding: Extract<Finding, { code: 'house' }>,
  names: Names,
  lengths: LengthUnit,
): FindingWords {
  const { fittings, measured, needed, unit, facts } = finding
  const where =
    fittings[0] === undefined || facts.measure.what === 'quantity' ? '' : `${capital(names.the(fittings[0]))}: `
  const figure = (value: number) => sayFigure(value, unit, lengths)
  const bound = `${figure(needed)} ${facts.bound === 'least' ? 'at least' : 'at most'}`
  const what = where === '' ? capital(sayMeasured(facts.measure)) : sayMeasured(facts.measure)
  const sum = `${capital(sayMeasured(facts.measure))}: ${figure(measured)}; ${bound}.`
  return facts.asks === true
    ? {
        title: `To ask: ${facts.title}`,
        designer: `${where}${what}: ${figure(measured)}; the list of questions says ${bound}.`,
        client: ended(`We have to ask before we build: ${facts.reason}`),
        why: [
          sum,
          ended(`What to ask: ${facts.reason}`),
          'A question for the office or the examiner, not a law: local codes and those who apply them decide.',
        ],
      }
    : {
        title: facts.title,
        designer: `${where}${what}: ${figure(measured)}; your rule says ${bound}.`,
        client: ended(`${facts.title}: ${facts.reason}`),
        why: [sum, ended(`Why the workshop asks for it: ${facts.reason}`)],
      }
}
