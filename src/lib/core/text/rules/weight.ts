import type { RuleWords } from './words'

/** What the book says of the rules about weight, by id. */
export const WEIGHT_RULES = {
  payload: {
    title: 'Within the gross weight',
    designer: 'With everyone and everything aboard, the vehicle weighs no more than its gross weight.',
    client: 'Loaded for a trip, it stays legal.',
  },
  'axle-load': {
    title: 'No axle overloaded',
    designer: 'However it is loaded, no axle carries more than its rating.',
    client: 'However you load it, both axles carry no more than they may.',
  },
  'wheel-load': {
    title: 'No wheel overloaded',
    designer: 'At the worst loading no wheel carries more than half of its axle’s rating.',
    client: 'No tyre carries too much.',
  },
  'side-balance': {
    title: 'Left and right in balance',
    designer: 'With tanks full and empty both sides carry about the same.',
    client: 'It does not lean to one side.',
  },
  'front-share': {
    title: 'Enough weight on the front wheels',
    designer: 'At the worst loading enough of the weight is on the front axle.',
    client: 'It steers and brakes as it should.',
  },
  'roof-load': {
    title: 'Within the roof load',
    designer: 'What is on the roof weighs no more than the vehicle’s maker allows, driving and at rest.',
    client: 'The roof carries what is on it.',
  },
  'mass-high': {
    title: 'Heavy things low',
    designer: 'Inside the vehicle nothing heavy is carried high up.',
    client: 'It does not sway in bends.',
  },
  'mass-behind': {
    title: 'Heavy things between the axles',
    designer: 'What lies behind the rear axle does not take much weight off the front one.',
    client: 'The tail does not push the front about.',
  },
} satisfies Record<string, RuleWords>
