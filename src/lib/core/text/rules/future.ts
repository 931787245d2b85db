import type { RuleWords } from './words'

/** What the book says of the rules about later on, by id. */
export const FUTURE_RULES = {
  'reserve-kept': {
    title: 'Room for what is to come',
    designer: 'What the brief foresees has its berth, belt or place for a battery kept.',
    client: 'What you have in mind for later fits.',
  },
  'resale-bed': {
    title: 'A bed that counts',
    designer: 'Where the brief thinks of selling, one bed is as long as the register asks.',
    client: 'Its next owner can register it.',
  },
} satisfies Record<string, RuleWords>
