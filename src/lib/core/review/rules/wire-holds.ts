import type { CircuitWhat, Wire, WireFault } from '../../wiring'
import { byItself, defineRule, practice, type RuleInput } from '../define-rule'
import type { Draft } from '../finding'
import { middleOf, topOf } from '../middle'

/** Which wire it is: what it is for, and what somebody calls it. */
interface OfWire {
  readonly wire: string
  readonly what: CircuitWhat
  readonly label?: string
}
type Part = 'switch' | 'timer' | 'residual-current'

declare module '../finding' {
  interface FactsByCode {
    /** The wire carries less than its fuse lets through. */
    'wire-thin': OfWire & { readonly mm2: number; readonly flowsA: number }
    'wire-drop': OfWire & { readonly mm2: number; readonly volts: number; readonly starts: boolean }
    'wire-without': OfWire & { readonly part: Part }
  }
}

const WITHOUT: { readonly [F in WireFault]?: Part } = {
  'no-switch': 'switch',
  'no-timer': 'timer',
  'no-residual-current': 'residual-current',
}

function judged(wire: Wire, place: Draft['place']): readonly Draft[] {
  const { id, what, label, serves, sized, faults, volts, amps, surgeA, mostDrop } = wire
  const about = { fittings: serves, place }
  const of: OfWire = { wire: id, what, ...(label === undefined ? {} : { label }) }
  return faults.flatMap((fault): Draft[] => {
    const part = WITHOUT[fault]
    if (part !== undefined)
      return [{ ...about, code: 'wire-without', measured: 0, needed: 1, unit: 'count', facts: { ...of, part } }]
    // a fuse that blows is seen at once
    if (sized === undefined || fault === 'fuse-small') return []
    const { mm2, carriesA } = sized.conductor
    const starts = fault === 'surge'
    return starts || fault === 'drop'
      ? [
          {
            ...about,
            code: 'wire-drop',
            measured: Math.round((1000 * sized.dropV * (starts ? surgeA / amps : 1)) / volts) / 10,
            needed: mostDrop * (starts ? 200 : 100),
            unit: '%',
            facts: { ...of, mm2, volts, starts },
          },
        ]
      : [
          {
            ...about,
            code: 'wire-thin',
            measured: carriesA,
            needed: sized.fuseA,
            unit: 'A',
            facts: { ...of, mm2, flowsA: Math.round(amps * 10) / 10 },
          },
        ]
  })
}

const placeOf = ({ scene, find }: RuleInput, { serves: [first] }: Wire): Draft['place'] => {
  const placed = first === undefined ? undefined : find(first)
  return placed === undefined ? middleOf(scene) : topOf(placed)
}

/** A wire that somebody chose carries what its fuse lets through, loses no more than it may, and has its switch, timer and residual-current device. */
export const wireHolds = defineRule({
  id: 'wire-holds',
  group: 'safety',
  modes: ['living'],
  reads: ['scene', 'wiring'],
  gravity: { 'wire-thin': 'stop', 'wire-drop': 'caution', 'wire-without': 'caution' },
  basis: practice(
    'what a wire carries by ISO 10133, as remembered, or by the shop’s own table; what may be lost is set on the page Power; a licensed electrician and the local code rule',
  ),
  parameters: {},
  key: byItself(({ code, facts }) => `${code} ${facts.wire} ${'part' in facts ? facts.part : ''}`),
  check: (input) =>
    (input.wiring()?.wires ?? []).flatMap((wire) =>
      wire.isChosen ? (judged(wire, placeOf(input, wire)) as Draft<'wire-thin' | 'wire-drop' | 'wire-without'>[]) : [],
    ),
})
