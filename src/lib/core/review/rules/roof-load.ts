import { takenOut } from '../ways-out'
import { byItself, defineRule, practice } from '../define-rule'
import { limitOf, markOf, namedIn, past, pushing } from '../loads'

declare module '../finding' {
  interface FactsByCode {
    'roof-over': { readonly when: 'driving' | 'rest' }
    'roof-unknown': Record<never, never>
  }
}

/** The roof carries no more than it may, driving and at rest; where nobody said what that is, it is asked. */
export const roofLoad = defineRule({
  id: 'roof-load',
  group: 'weight',
  modes: 'every',
  reads: ['scene', 'brief', 'weight'],
  gravity: { 'roof-over': 'stop', 'roof-unknown': 'note' },
  basis: practice('what the vehicle’s maker allows on its roof, rack and all; see the body-builder guide'),
  parameters: {
    askedKg: {
      default: 30,
      min: 0,
      max: 300,
      unit: 'kg',
      basis: practice('this much on a roof whose limit is not known is worth a question'),
    },
  },
  key: byItself((draft) => ('when' in draft.facts ? draft.facts.when : 'asked')),
  check: (input) => {
    // with nothing up there nothing need be summed
    const { placed } = input.scene
    const goesUp = Object.values(input.brief.gear ?? {}).some(({ place }) => place === 'roof' || place === 'outside')
    if (!goesUp && !placed.some(({ seat }) => seat.up.from === 'on-roof')) return []
    const roof = limitOf(input, 'roof')
    if (roof === undefined) return []
    const when = input.scene.purpose === 'driving' ? ('driving' as const) : ('rest' as const)
    const { value } = roof.worstDry
    const loaded = pushing(input, ({ onRoof }) => (onRoof ? 1 : 0))
    const draft = { fittings: namedIn(loaded), place: markOf(input, loaded), unit: 'kg' as const }
    if (roof.limit !== undefined)
      return value > roof.limit
        ? [{ ...draft, code: 'roof-over' as const, measured: past(value), needed: roof.limit, facts: { when } }]
        : []
    return when === 'driving' && value > input.parameters.askedKg
      ? [
          {
            ...draft,
            code: 'roof-unknown' as const,
            measured: past(value),
            needed: input.parameters.askedKg,
            facts: {},
          },
        ]
      : []
  },
  remedies: (input, finding) => (finding.code === 'roof-over' ? takenOut(input, finding.fittings) : []),
})
