import type { RuleWords } from './words'

/** What the book says of the rules about service, by id. */
export const SERVICE_RULES = {
  'goes-with': {
    title: 'What it does not work without',
    designer:
      'A flame has its gas, a heater its altitude kit where one stays high up, and an electric boiler its timer.',
    client: 'What you light and switch on works.',
  },
  'service-access': {
    title: 'Got at once in a while',
    designer:
      'Toilet tank, pump, fuses, bottles, filters and the spare wheel are reached; what must be moved first is counted.',
    client: 'What breaks can be got at.',
  },
} satisfies Record<string, RuleWords>
