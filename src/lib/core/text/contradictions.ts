import type { Contradiction } from '../brief'
import { sayLength, sayMass, type LengthUnit } from '../units'
import { count } from './words'

/** What does not go together, in a sentence with its figures. */
export function sayContradiction({ code, who, wanted, there }: Contradiction, unit: LengthUnit): string {
  const mm = (value: number) => sayLength(Math.round(value), unit)
  const metres = (value: number) => (unit === 'in' ? mm(value) : `${(value / 1000).toFixed(1)} m`)
  switch (code) {
    case 'belts-short':
      return `${count(wanted, { one: 'person travels', many: 'people travel' })}, this vehicle comes with ${count(there, { one: 'belt', many: 'belts' })}: more need approved seats by a licensed fitter.`
    case 'gear-long':
      return there === 0
        ? `${who} is too thick for any place in this vehicle.`
        : `${who} is ${mm(wanted)} long unbroken; the longest of its section that lies in here is ${mm(there)}.`
    case 'head-low':
      return `${who} needs ${mm(wanted)} to stand in shoes; the highest place under this roof has ${mm(there)}.`
    case 'bed-short':
      return `${who === '' ? 'A bed' : who} needs ${mm(wanted)} of length; the longest bed that lies in here is ${mm(there)}.`
    case 'route-wide':
      return `${who} needs a door of ${mm(wanted)}; the widest way in here is ${mm(there)}.`
    case 'walls-short':
      return `The musts ask for ${metres(wanted)} of wall, this vehicle has ${metres(there)}.`
    case 'parking-long':
      return `This vehicle is ${mm(wanted)} long; where it parks, ${mm(there)} is the limit.`
    case 'parking-high':
      return `This vehicle is ${mm(wanted)} high; where it parks, ${mm(there)} is the limit.`
    case 'payload-over':
      return `People, gear and water weigh ${sayMass(wanted)}; the payload is ${sayMass(there)}, before any furniture.`
    case 'holes-wanted':
      return 'No holes are to be made, yet a shower inside or a toilet with an outside hatch needs some.'
    case 'stealth-hatch':
      return 'It is to pass unseen, yet this toilet shows its hatch outside.'
  }
}
