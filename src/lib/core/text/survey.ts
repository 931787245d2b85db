import type { Check, CheckCode, Frame, Measure, MeasureGroup, StationName } from '../survey'
import type { RoofKind } from '../readings'
import { sayLength, sayMass, type LengthUnit } from '../units'
import { withLengths } from './lengths'

const STATION_WORDS: Record<StationName, string> = {
  rear: 'At the rear sill',
  axle: 'Over the rear axle',
  door: 'By the side door',
  front: 'At the front end',
}

export const MEASURE_GROUP_WORDS: Record<MeasureGroup, string> = {
  lengths: 'Lengths of the load space',
  ...STATION_WORDS,
  arches: 'Wheel arches',
  'rear-door': 'Rear door opening',
  'side-door': 'Side door opening',
  cab: 'The cab, where it is open to the load space',
  openings: 'Other doors, windows and hatches',
  outside: 'Outside',
  masses: 'Weights, from the papers or a weighbridge',
}

export const ROOF_WORDS: Record<RoofKind, string> = {
  straight: 'flat',
  leaning: 'sloping to the sides',
  curved: 'curved',
  domed: 'domed',
}

const WORDS: Readonly<Record<string, string>> = {
  'length-floor': 'sill to front, at the floor',
  'length-bed': 'sill to front, {700} up',
  'length-behind-arch': 'front of arch to front end',
  'floor-diagonal-a': 'floor diagonal, left to right',
  'floor-diagonal-b': 'floor diagonal, right to left',
  'arch-from': 'sill to arch',
  'arch-length': 'length of the arch',
  'arch-between': 'between the arches',
  'arch-height': 'height of the arch',
  'side-door-from': 'sill to the door',
  'cab-length': 'bulkhead to dashboard',
  'cab-width': 'width between the doors',
  'cab-floor': 'cab floor above the load floor',
  'cab-roof': 'load floor’s level to the cab’s roof',
  'axle-from-sill': 'rear axle ahead of the sill',
  wheelbase: 'wheelbase',
  'outer-width': 'width without mirrors',
  'outer-height': 'height above the ground',
  'outer-length': 'length',
  'kerb-front': 'front axle, empty',
  'kerb-rear': 'rear axle, empty',
  gross: 'gross weight allowed',
  'rating-front': 'front axle rating',
  'rating-rear': 'rear axle rating',
  track: 'track of the rear wheels, middle of tyre to middle of tyre',
}

const PARTS: Readonly<Record<string, string>> = {
  width: 'width',
  height: 'height',
  'diagonal-a': 'diagonal, up to the left',
  'diagonal-b': 'diagonal, up to the right',
  step: 'load floor down to its step, 0 for none',
}

const OPENING_PARTS: Readonly<Record<string, string>> = {
  from: 'rear sill to it',
  width: 'along',
  sill: 'load floor to its sill',
  height: 'sill to head',
  step: 'load floor down to its step, 0 for none',
}

/** What a measure is called beside its field; `frame` gives the heights that it is taken at. */
export function sayMeasure(
  { id, group, of }: Pick<Measure, 'id' | 'group' | 'of'>,
  frame: Frame,
  unit: LengthUnit,
): string {
  const known = WORDS[id]
  if (known !== undefined) return withLengths(known, unit)
  if (of !== undefined) return `${of}: ${OPENING_PARTS[id.slice(id.lastIndexOf('-') + 1)]}`
  const part = PARTS[id.slice(group.length + 1)]
  if (part !== undefined) return part
  const [, name = '', ...rest] = id.split('-')
  const side = rest.at(-1) === 'left' ? ', left of the middle' : rest.at(-1) === 'right' ? ', right of the middle' : ''
  const what = side === '' ? 'width' : 'half'
  if (name === 'cant' && rest[0] === 'up') return 'height where wall meets roof'
  if (name === 'cant') return `${what} where wall meets roof${side}`
  if (name === 'roof') return 'height on the centreline'
  if (name === 'floor') return `${what} at the floor${side}`
  return `${what} ${sayLength(frame.levelMm[name as keyof Frame['levelMm']], unit)} up${side}`
}

/** What a check says: the arithmetic, then what it means. */
export function sayCheck(
  check: Check,
  names: (id: string) => string,
  unit: LengthUnit,
): { readonly title: string; readonly sum: string } {
  const say = (value: number) =>
    check.code === 'masses-sum' ? sayMass(Math.round(value)) : sayLength(Math.round(value), unit)
  const { measured, expected, slack } = check
  const apart = say(Math.abs(measured - expected))
  const TITLES: Record<CheckCode, string> = {
    'readings-agree': `Two readings: ${names(check.measures[0]!)}`,
    'diagonals-equal': `Diagonals: ${names(check.measures[0]!)}`,
    'diagonal-fits': 'Diagonal against width and height',
    'parts-sum': 'Parts against the whole length',
    'sides-alike': `Left against right: ${names(check.measures[0]!)}`,
    'leans-in': `Wider above than below: ${names(check.measures[1]!)}`,
    'skin-plausible': 'Outside less inside',
    'arch-over-axle': 'Wheel arch against axle',
    'arch-within-floor': 'Wheel arches within the floor',
    'masses-sum': 'Empty against gross weight',
  }
  const SUMS: Record<CheckCode, string> = {
    'readings-agree': `${say(measured)} and ${say(expected)} are ${apart} apart; up to ${say(slack)} is normal for a tape.`,
    'diagonals-equal': `${say(measured)} and ${say(expected)} are ${apart} apart; a square corner leaves at most ${say(slack)}.`,
    'diagonal-fits': `√(width² + height²) = ${say(expected)}; measured ${say(measured)}, ${apart} apart; at most ${say(slack)}.`,
    'parts-sum': `Sill to arch + arch + arch to front = ${say(measured)}; the whole is ${say(expected)}, ${apart} apart; at most ${say(slack)}.`,
    'sides-alike': `${say(measured)} left and ${say(expected)} right are ${apart} apart; left and right of a vehicle agree to ${say(slack)}.`,
    'leans-in': `${say(measured)} above, ${say(expected)} below; walls lean in, so above may be at most ${say(slack)} wider.`,
    'skin-plausible': `Outside − inside = ${say(measured)} for both walls together; between ${say(expected - slack)} and ${say(expected + slack)} is plausible.`,
    'arch-over-axle': `The middle of the arch lies ${say(measured)} from the sill, the axle ${say(expected)}: ${apart} apart; at most ${say(slack)}.`,
    'arch-within-floor': `${say(measured)} between the arches, ${say(expected)} of floor.`,
    'masses-sum': `Front + rear = ${say(measured)} empty; ${say(expected)} allowed.`,
  }
  return { title: TITLES[check.code], sum: SUMS[check.code] }
}
