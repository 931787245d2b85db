import {
  firstFull,
  marginOf,
  type Aboard,
  type Heavy,
  type Held,
  type LimitId,
  type LimitState,
  type Margin,
  type Reason,
  type Unknown,
  type WeightReport,
} from '../budgets'
import type { AssumedKey, Job, Store } from '../job'
import { formatFigure, formatNumber, sayLength, sayMass, type LengthUnit } from '../units'
import type { Names } from './names'
import { capital, count, list, person, pieceName, small } from './grammar'
import { CHANGE_WORDS } from './words'

/** Figures of the vehicle that weigh in, by their name in its document. */
export const MASS_WORDS: Readonly<Record<string, string>> = {
  trackMm: 'track',
  kerbFrontKg: 'front axle, empty',
  kerbRearKg: 'rear axle, empty',
  ratingFrontKg: 'front axle rating',
  ratingRearKg: 'rear axle rating',
  kerbKg: 'kerb weight',
  grossKg: 'gross weight',
  kerbWith: 'what the kerb weight includes',
  fuelL: 'fuel tank',
  fuelXMm: 'fuel tank, from the sill',
  centreMm: 'centre of gravity, height',
  roofDrivingKg: 'roof, driving',
  roofRestKg: 'roof, at rest',
}

export const ASSUMED_WORDS: Readonly<Record<AssumedKey, string>> = {
  driverKg: 'a driver who is not in the brief',
  personalKg: 'luggage for each person',
  personalKgPerM: 'luggage for each metre',
  shelfKgPerL: 'a full shelf, by volume',
}

/** Where what is taken comes from. */
export const ASSUMED_BASIS: Readonly<Record<AssumedKey, string>> = {
  driverKg: 'EU Regulation 1230/2012 counts 75 kg for a driver (figure not yet checked against it).',
  personalKg:
    'Luggage that is on no list: EN 1646-2 allows 10 kg for each person (figure not yet checked against it). What is on the gear list is taken off.',
  personalKgPerM:
    'EN 1646-2 allows 10 kg for each metre of the vehicle (figure not yet checked against it). What is on the gear list is taken off.',
  shelfKgPerL: 'Trade practice, no published source: clothes, food and pans by the volume of a shelf.',
}

export const LIMIT_WORDS: Readonly<Record<LimitId, string>> = {
  total: 'Whole vehicle',
  front: 'Front axle',
  rear: 'Rear axle',
  'front-left': 'Front left, half its axle',
  'front-right': 'Front right, half its axle',
  'rear-left': 'Rear left, half its axle',
  'rear-right': 'Rear right, half its axle',
  'front-share': 'Front share',
  side: 'Left against right',
  roof: 'Roof',
}

export const STORE_WORDS: Readonly<Record<Store, string>> = {
  water: 'fresh water',
  waste: 'waste water',
  gas: 'gas',
  fuel: 'fuel',
  diesel: 'heater fuel',
}

const FACE_WORDS: Readonly<Record<string, string>> = {
  floor: 'floor',
  'wall-left': 'left wall',
  'wall-right': 'right wall',
  roof: 'roof',
}

/** What an entry of the weight’s ledger is of. */
export function sayEntry(
  { source: { kind, id }, store }: Pick<Aboard, 'source' | 'store'>,
  job: Job,
  names: Names,
): string {
  const { people, pets, gear, demands } = job.brief
  switch (kind) {
    case 'body':
      return 'the empty vehicle'
    case 'fuel':
      return 'fuel'
    case 'seat-out':
      return 'a removed seat'
    case 'change': {
      const change = Object.values(job.variants).flatMap(({ plan }) => plan.changes[id] ?? [])[0]
      return change === undefined ? 'a change to the bodywork' : small(CHANGE_WORDS[change.kind])
    }
    case 'lining':
      return `lining of the ${FACE_WORDS[id] ?? 'doors'}`
    case 'fitting':
      return names.the(id)
    case 'store': {
      const host = names.the(id)
      const what = store === undefined ? 'the contents' : STORE_WORDS[store]
      return `${what} in ${host}`
    }
    case 'person':
      return id === '' ? 'a driver' : person(people[id]?.label ?? '')
    case 'pet':
      return pets[id] === undefined ? 'a pet' : person(pets[id].label)
    case 'gear':
      return pieceName(gear?.[id]?.label ?? demands[id]?.label)
    case 'things':
      return id === '' ? 'luggage that is on no list' : `things in ${names.the(id)}`
  }
}

/** What is in its tanks, as it is loaded. */
function howFull(stores: readonly Pick<Aboard, 'kg' | 'amount'>[]): string {
  const shares = stores.map(({ kg, amount }) => (amount === 0 ? 1 : kg / amount))
  if (shares.every((share) => share > 0.995)) return ', full'
  if (shares.every((share) => share < 0.005)) return ', empty'
  // water and waste in one thing make no share together
  const [only] = shares
  return shares.length === 1 && only !== undefined ? `, ${percent(only)} full` : ', partly full'
}

/** What a row of what weighs most is called. */
export function sayHeavy({ kind, id, parts }: Heavy, job: Job, names: Names): string {
  const stores = parts.filter(({ source }) => source.kind === 'store')
  const more = parts.length > 1 ? ', with its contents' : ''
  if (kind === 'fitting') return `${names.fitting(id)}${stores.length > 0 ? howFull(stores) : more}`
  if (kind === 'lining') return 'Lining and insulation'
  if (kind === 'seat-out') return `${count(parts.length, { one: 'seat', many: 'seats' })} removed`
  if (kind === 'gear' && parts.length > 1) return `${parts.length} × ${sayEntry(parts[0]!, job, names)}`
  return capital(sayEntry(parts[0]!, job, names))
}

/** Where something is, in a carpenter’s words: “left, 640 from the sill”. */
export function sayPlace([x, y]: readonly [number, number, number], unit: LengthUnit): string {
  const side = y > SIDE_FROM_MM ? 'left' : y < -SIDE_FROM_MM ? 'right' : 'in the middle'
  return x < 0 ? `${side}, ${sayLength(-x, unit)} behind the sill` : `${side}, ${sayLength(x, unit)} from the sill`
}
const SIDE_FROM_MM = 120

const percent = (share: number): string => `${formatNumber(share * 100, 0)}%`

/** A figure of a limit. */
export const sayLimitFigure = (unit: LimitState['unit'], value: number): string =>
  unit === 'share' ? percent(value) : sayMass(Math.round(value))

const AXLE_NAMES: Partial<Record<LimitId, string>> = {
  total: 'whole vehicle',
  front: 'front axle',
  rear: 'rear axle',
  roof: 'roof',
}

/** The answer in one sentence or two: what is left, and what is first to be full. */
export function sayWeight({ limits }: Pick<WeightReport, 'limits'>): string {
  const total = limits.find(({ id }) => id === 'total')
  const left = total === undefined ? undefined : marginOf(total, total.worstDry.value)
  const first = firstFull(limits)
  const firstLeft = marginOf(first, first.worstDry.value) ?? 0
  const whole =
    left === undefined
      ? ''
      : left >= 0
        ? `${sayMass(Math.floor(left))} to spare, fully loaded.`
        : `${sayMass(Math.ceil(-left))} too heavy, fully loaded.`
  if (first.id === 'total') return firstLeft < 0 ? whole : `${whole} The gross weight is the tightest limit.`
  const name = AXLE_NAMES[first.id] ?? LIMIT_WORDS[first.id].toLowerCase()
  return firstLeft >= 0
    ? `${whole} The ${name} is the tightest limit: at worst ${sayMass(Math.floor(firstLeft))} is left on it.`
    : `${whole} The ${name} is overloaded: at worst it carries ${sayMass(Math.ceil(-firstLeft))} too much.`
}

/** The state of the budgets in three words, for the step: “rear axle 97%”. */
export function sayWeightState(margins: readonly Margin[] | undefined): string {
  const first = margins?.[0]
  if (first === undefined) return 'weigh it up'
  const name = AXLE_NAMES[first.id] ?? LIMIT_WORDS[first.id].toLowerCase()
  return `${name === 'whole vehicle' ? 'whole' : name} ${percent(first.unit === 'share' ? first.value : first.value / first.limit)}`
}

/** “Without the passenger and the fuel”, “with everything aboard”: what the worst loading is. */
export function sayWorst(
  { worstDry: { ashore } }: LimitState,
  entries: readonly Aboard[],
  job: Job,
  names: Names,
): string {
  const byId = new Map(entries.map((entry) => [entry.id, entry]))
  const out = ashore.flatMap((id) => byId.get(id) ?? [])
  if (out.length === 0) return 'The worst case is with everything aboard and the waste tanks empty.'
  const named = [...new Set(out.sort((a, b) => b.amount - a.amount).map((entry) => sayEntry(entry, job, names)))]
  const most = named.slice(0, MOST_NAMED)
  const rest = named.length - most.length
  return `The worst case is without ${list(rest > 0 ? [...most, `${rest} more`] : most)}, which would take weight off it; the waste tanks are empty.`
}
const MOST_NAMED = 5

const REASON_WORDS: Readonly<Record<Reason, string>> = {
  said: 'as entered',
  'made-of': 'boards by size and density, bought parts at a typical weight',
  'by-body': 'by height and build, or by the size of an animal',
  'by-size': 'by its size, as its weight is not entered',
  'by-layers': 'layers by density over the lined area',
  'by-thickness': 'by its thickness, as its layers are not entered',
  'by-litres': 'by what it holds, full',
  usual: 'assumed',
  papers: 'from the papers',
  weighed: 'as weighed',
}

/** One line of arithmetic for an entry of a limit. */
export function sayShare(entry: Aboard, part: number, job: Job, names: Names): string {
  const share = entry.kg === 0 ? 0 : part / entry.kg
  return `${capital(sayEntry(entry, job, names))}: ${formatFigure(entry.kg, 1)} kg × ${formatFigure(share, 2)} = ${formatFigure(part, 1)} kg (${REASON_WORDS[entry.reason]})`
}

/** An entry by itself, with what its mass rests on. */
export const sayShareless = (entry: Aboard, job: Job, names: Names): string =>
  `${capital(sayEntry(entry, job, names))}: ${formatFigure(entry.kg, 1)} kg, ${REASON_WORDS[entry.reason]}`

/** What nobody said, and what it leaves open. */
export function sayUnknown(unknown: Unknown, job: Job): string {
  const { gear, demands, people } = job.brief
  switch (unknown.what) {
    case 'kerb-with':
      return 'Does the kerb weight include a driver and fuel? Assumed as in European running order: 75 kg and nine tenths of a tank.'
    case 'kerb-axles':
      return 'What each axle carries empty is not known: 52% to 48% is assumed, ten points either way.'
    case 'rating-front':
      return 'The rating of the front axle is not known.'
    case 'rating-rear':
      return 'The rating of the rear axle is not known.'
    case 'track':
      return 'The track is not known, so single wheels cannot be worked out.'
    case 'fuel-tank':
      return 'The size of the fuel tank is not known: 75 L is assumed, between 50 and 120.'
    case 'roof-limit':
      return 'What the roof may carry on the road is not known: ask the maker of the vehicle.'
    case 'people':
      return 'The brief names nobody who travels: a driver alone is assumed.'
    case 'outer-length':
      return 'The length of the vehicle is not known: luggage is counted by people alone.'
    case 'lining-layers':
      return `The lining of the ${unknown.id === 'door' ? 'doors' : unknown.id} is not entered: its thickness is counted.`
    case 'gear-mass':
      return `${capital(pieceName(gear?.[unknown.id]?.label ?? demands[unknown.id]?.label))}: weight not entered, so its size is counted.`
    case 'gear-place':
      return `${capital(pieceName(gear?.[unknown.id]?.label ?? demands[unknown.id]?.label))}: no place found, so it is counted in the middle.`
    case 'seat':
      return `${capital(person(people[unknown.id]?.label ?? ''))} has no belted seat and is counted in the middle.`
  }
}

/** What a weighing says of the plan. */
export function sayHeld(held: Held, unit: LengthUnit): readonly string[] {
  const { overKg, uncertainKg, readKg, plannedKg, x, y, isBelowKerb } = held
  const sum = `The scale says ${sayMass(Math.round(readKg))}, the plan ${sayMass(Math.round(plannedKg))}.`
  const off = `${sayMass(Math.round(uncertainKg))} either way`
  if (isBelowKerb)
    return [
      sum,
      'That is less than the empty vehicle by its papers. Was something missing that the papers count: seats, the bulkhead, fuel, the driver?',
    ]
  if (Math.abs(overKg) <= uncertainKg) return [sum, `They agree, as far as either can tell: ${off}.`]
  const where = [
    ...(x === undefined
      ? []
      : [
          `${sayLength(Math.round(x.mm / 10) * 10, unit)} from the sill, ${sayLength(Math.round(x.offMm / 10) * 10, unit)} either way`,
        ]),
    ...(y === undefined
      ? []
      : [Math.abs(y.mm) <= y.offMm ? 'on neither side for certain' : y.mm > 0 ? 'on the left' : 'on the right']),
  ]
  return [
    sum,
    `${sayMass(Math.round(Math.abs(overKg)))} ${overKg > 0 ? 'more than the plan accounts for' : 'less than the plan counts'}, ${off}.`,
    where.length === 0 ? 'This reading does not tell where that is.' : `About ${list(where)}.`,
  ]
}

/** Limits as they are listed: ratings first in their order, then guides, each with a figure. */
export const listedLimits = (limits: readonly LimitState[]): readonly LimitState[] =>
  limits.filter(
    ({ id, limit }) => id !== 'side' && (limit !== undefined || id === 'front' || id === 'rear' || id === 'roof'),
  )
