import type { RuleWords } from './words'

/** What the book says of the rules about weight, by id. */
export const WEIGHT_RULES = {
  payload: {
    title: 'No heavier than the vehicle may be',
    designer: 'With everyone and everything aboard that may be, the vehicle weighs no more than its gross mass.',
    client: 'Loaded for a trip, it weighs no more than it may.',
  },
  'axle-load': {
    title: 'No axle over its rating',
    designer: 'Whatever of all that may be aboard is, no axle carries more than it is rated for.',
    client: 'However you load it, both axles carry no more than they may.',
  },
  'wheel-load': {
    title: 'No wheel over its half',
    designer: 'At the worst loading no wheel carries more than half of what its axle may.',
    client: 'No tyre carries too much.',
  },
  'side-balance': {
    title: 'Left and right alike',
    designer: 'With tanks full and empty both sides carry about the same.',
    client: 'It does not hang to one side.',
  },
  'front-share': {
    title: 'Weight on the wheels that steer',
    designer: 'At the worst loading enough of the whole stands on the front axle.',
    client: 'It steers and brakes as it should.',
  },
  'roof-load': {
    title: 'What the roof may carry',
    designer: 'What stands on the roof weighs no more than the body’s maker allows, driving and at rest.',
    client: 'The roof carries what stands on it.',
  },
  'mass-high': {
    title: 'Heavy things low',
    designer: 'Inside the body nothing heavy rides high up.',
    client: 'It does not sway in bends.',
  },
  'mass-behind': {
    title: 'Heavy things between the axles',
    designer: 'What lies behind the rear axle does not lift the front one far.',
    client: 'The tail does not push the front about.',
  },
} satisfies Record<string, RuleWords>
