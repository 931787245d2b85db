import type { RuleWords } from './words'

/** What the book says of the rules about service, by id. */
export const SERVICE_RULES = {
  'goes-with': {
    title: 'Everything has what it needs to work',
    designer:
      'A gas flame has its gas, a heater its altitude kit high in the mountains, and an electric boiler its timer.',
    client: 'What you light or switch on works.',
  },
  'service-access': {
    title: 'Reached for service',
    designer:
      'Toilet tank, pump, fuses, bottles, filters and the spare wheel can be reached; what has to be moved first is counted.',
    client: 'What breaks can be reached.',
  },
} satisfies Record<string, RuleWords>
