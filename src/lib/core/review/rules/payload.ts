import { takenOut } from '../ways-out'
import { defineRule, published } from '../define-rule'
import { limitOf, markOf, namedIn, past, pushing } from '../loads'

interface Loaded {
  /** The empty vehicle with its fuel; people; the rest. */
  readonly emptyKg: number
  readonly peopleKg: number
  readonly builtKg: number
  readonly carriedKg: number
  /** What it may be, as some masses are not known for certain. */
  readonly lowKg: number
  readonly highKg: number
}

declare module '../finding' {
  interface FactsByCode {
    'payload-over': Loaded
    'payload-waste': Loaded
  }
}

const PEOPLE: ReadonlySet<string> = new Set(['person', 'pet'])
const BUILT: ReadonlySet<string> = new Set(['fitting', 'lining', 'change', 'seat-out'])

/** Everything aboard weighs no more than the vehicle may. */
export const payload = defineRule({
  id: 'payload',
  group: 'weight',
  modes: ['driving'],
  reads: ['scene', 'weight'],
  gravity: { 'payload-over': 'stop', 'payload-waste': 'caution' },
  basis: published(
    'the gross mass on the vehicle’s plate; the plate and the local code rule, helper springs raise neither',
  ),
  parameters: {
    reserveKg: {
      default: 0,
      min: 0,
      max: 500,
      unit: 'kg',
      basis: published('the plate has none: what is kept free for souvenirs and errors is for the workshop to say'),
    },
  },
  key: () => 'total',
  check: (input) => {
    const total = limitOf(input, 'total')
    if (total?.limit === undefined) return []
    const most = total.limit - input.parameters.reserveKg
    const { entries } = input.weight().ledger
    const sum = (of: (kind: string) => boolean): number =>
      entries
        .filter(({ source, store }) => of(source.kind) && store !== 'waste')
        .reduce((kg, one) => kg + one.amount, 0)
    const emptyKg = sum((kind) => kind === 'body' || kind === 'fuel')
    const peopleKg = sum((kind) => PEOPLE.has(kind))
    const builtKg = sum((kind) => BUILT.has(kind))
    const carriedKg = sum(() => true) - emptyKg - peopleKg - builtKg
    const facts = { emptyKg, peopleKg, builtKg, carriedKg, lowKg: total.low, highKg: total.high }
    const heaviest = pushing(input, () => 1)
    const draft = {
      fittings: namedIn(heaviest),
      place: markOf(input, heaviest),
      needed: most,
      unit: 'kg' as const,
      facts,
    }
    if (total.worstDry.value > most)
      return [{ ...draft, code: 'payload-over' as const, measured: past(total.worstDry.value) }]
    return total.worst.value > most
      ? [{ ...draft, code: 'payload-waste' as const, measured: past(total.worst.value) }]
      : []
  },
  // what is to be left at home is the client’s to say: the heaviest of what was built in
  remedies: (input, { fittings }) => takenOut(input, fittings.slice(0, 3)),
})
