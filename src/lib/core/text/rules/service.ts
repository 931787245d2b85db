import type { RuleWords } from './words'

/** What the book says of the rules about service, by id. */
export const SERVICE_RULES = {
  'service-access': {
    title: 'Got at once in a while',
    designer:
      'Toilet tank, pump, fuses, bottles, filters and the spare wheel are reached; what must be moved first is counted.',
    client: 'What breaks can be got at.',
  },
} satisfies Record<string, RuleWords>
