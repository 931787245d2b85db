import type { Basis } from '../brief'
import type { Contradiction, ContradictionCode } from '../suit'
import { ACCESS_SOURCE } from '../people'
import { isInInches, sayLength, sayMass, type LengthUnit } from '../units'
import { sayBasis } from './findings'
import { capital, count, person, quoted } from './grammar'

/** What does not go together, in a sentence with its figures. */
export function sayContradiction({ code, who, wanted, there }: Contradiction, unit: LengthUnit): string {
  const whom = capital(person(who))
  const piece = who === '' ? 'A piece of gear' : quoted(who)
  const mm = (value: number) => sayLength(Math.round(value), unit)
  const metres = (value: number) => (isInInches(unit) ? mm(value) : `${(value / 1000).toFixed(1)}\u00a0m`)
  switch (code) {
    case 'belts-short':
      return `People who travel: ${wanted}. Belted seats in this vehicle: ${there}. More need approved seats and a licensed fitter.`
    case 'gear-long':
      return there === 0
        ? `${piece} is too thick for any space in this vehicle.`
        : `${piece}: ${mm(wanted)} in one piece; the longest that fits in this vehicle is ${mm(there)}.`
    case 'gear-untried':
      return `${count(wanted, { one: 'more long piece was', many: 'more long pieces were' })} not tried in this vehicle: a slanted place is looked for only for the ${there} longest.`
    case 'head-low':
      return `${whom} needs ${mm(wanted)} of headroom (in shoes); the most under this roof is ${mm(there)}.`
    case 'bed-short':
      return `${who === '' ? 'A bed' : whom} needs ${mm(wanted)} of length to lie down; the longest bed that fits in here is ${mm(there)}.`
    case 'route-wide':
      return `${whom} needs a door ${mm(wanted)} wide; the widest way in is ${mm(there)}.`
    case 'walls-short':
      return `The musts need ${metres(wanted)} of wall; this vehicle has ${metres(there)}.`
    case 'parking-long':
      return `This vehicle is ${mm(wanted)} long; where it parks, ${mm(there)} is the limit.`
    case 'parking-high':
      return `This vehicle is ${mm(wanted)} high; where it parks, ${mm(there)} is the limit.`
    case 'payload-over':
      return `People, gear and water weigh ${sayMass(wanted)}; the payload is ${sayMass(there)}, before any furniture.`
    case 'holes-wanted':
      return 'No holes are to be made, but a shower inside or a toilet with an outside hatch needs some.'
    case 'stealth-hatch':
      return 'It is not to give itself away, but this toilet has a hatch that shows from outside.'
  }
}

/** What a contradiction rests on. */
const BASES: Record<ContradictionCode, Basis> = {
  'belts-short': { kind: 'geometry', note: 'who travels on a seat, against the belted seats that the body comes with' },
  'gear-long': {
    kind: 'geometry',
    note: 'the piece by its two smaller sides: straight, slanted or with one end raised in the empty lined load space',
  },
  'gear-untried': {
    kind: 'practice',
    note: 'each section that does not lie straight is a search of its own; the longest are searched for first',
  },
  'head-low': { kind: 'practice', note: 'height and room for shoes, against the highest place on the centreline' },
  'bed-short': {
    kind: 'practice',
    note: 'height and some to spare, lying along the body or across it at a usual height',
  },
  'route-wide': { kind: 'source', note: ACCESS_SOURCE },
  'walls-short': {
    kind: 'practice',
    note: 'both walls less the doors that must stay free; a bed takes its length along one wall or twice its width across, the rest their length',
  },
  'parking-long': { kind: 'brief', note: 'the limit that was answered, against the body’s outside' },
  'parking-high': {
    kind: 'brief',
    note: 'the limit that was answered, against the body’s outside without a roof load',
  },
  'payload-over': {
    kind: 'practice',
    note: 'adults 75 kg, teenagers 60, children 35, infants 12; gear as answered; a kilogram for each litre of water',
  },
  'holes-wanted': { kind: 'brief', note: 'the answers on furniture, toilet and washing' },
  'stealth-hatch': { kind: 'brief', note: 'the answers on not giving itself away and on the toilet' },
}

export const sayContradictionBasis = ({ code }: Pick<Contradiction, 'code'>, lengths: LengthUnit): string =>
  sayBasis(BASES[code], lengths)
