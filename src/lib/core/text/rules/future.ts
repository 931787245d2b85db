import type { RuleWords } from './words'

/** What the book says of the rules about later on, by id. */
export const FUTURE_RULES = {
  'reserve-kept': {
    title: 'Room for later',
    designer: 'What the brief keeps room for has its berth, belted seat or place for a battery.',
    client: 'What you have in mind for later fits.',
  },
  'resale-bed': {
    title: 'A bed long enough to register',
    designer: 'Where the client may sell, one bed is as long as registration asks.',
    client: 'The next owner can register it.',
  },
} satisfies Record<string, RuleWords>
