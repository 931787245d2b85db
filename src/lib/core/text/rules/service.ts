import type { RuleWords } from './words'

/** What the book says of the rules about service, by id. */
export const SERVICE_RULES = {
  'goes-with': {
    title: 'Everything has what it needs to work',
    designer:
      'A gas flame has its gas, a heater its altitude kit high in the mountains, and an electric boiler its timer.',
    client: 'What you light or switch on works.',
  },
  'pump-near': {
    title: 'Pump by its tank',
    designer: 'The pump stands near the tank that it draws from, and not far above its bottom.',
    client: 'Water comes at once, and to the last.',
  },
  'tank-cleans': {
    title: 'Drinking water from a clean tank',
    designer: 'A hand gets into the tank that one drinks from, or a filter stands in the line.',
    client: 'You can wipe out the tank that you drink from.',
  },
  'tank-fills': {
    title: 'Filled to the top',
    designer: 'The filling point stands as high as the top of the tank.',
    client: 'The tank fills up by itself.',
  },
  'tanks-level': {
    title: 'Joined tanks level',
    designer: 'Tanks that are joined have their tops at one height.',
    client: 'Joined tanks are full together.',
  },
  'service-access': {
    title: 'Reached for service',
    designer:
      'Toilet tank, pump, fuses, bottles, filters and the spare wheel can be reached; what has to be moved first is counted.',
    client: 'What breaks can be reached.',
  },
} satisfies Record<string, RuleWords>
