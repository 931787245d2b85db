import type { RuleWords } from './words'

/** What the book says of the rules about the outside, by id. */
export const OUTSIDE_RULES = {
  'fill-clean': {
    title: 'Water filler away from waste',
    designer: 'The water filler is well away from the waste drain and the toilet hatch.',
    client: 'You fill clean water in a clean place.',
  },
  'hook-up-side': {
    title: 'Mains cable clear of the door',
    designer: 'The mains inlet is clear of an entrance on its side.',
    client: 'You do not step over the cable.',
  },
  'awning-door': {
    title: 'Awning above a door',
    designer: 'Along the vehicle an awning reaches above a door on its side.',
    client: 'You step out into the dry.',
  },
  'tank-frost': {
    title: 'Fresh water out of the frost',
    designer: 'A tank for fresh water under the floor is lagged where nights are colder than frost.',
    client: 'There is water on a cold morning.',
  },
  'ground-clear': {
    title: 'Tanks clear the ground',
    designer: 'Tanks under the floor have as much ground clearance as the vehicle itself.',
    client: 'It touches the ground no sooner than before.',
  },
  'parking-fit': {
    title: 'Fits where it parks',
    designer:
      'As delivered, as changed, and with what is on its roof and at its rear, the vehicle passes under the height and within the length that the client named.',
    client: 'It fits where you park.',
  },
  'roof-within': {
    title: 'Within the roof',
    designer: 'What is carried on the roof ends before the windscreen and within the sides of the vehicle.',
    client: 'Nothing sticks out in the wind.',
  },
  'stealth-seen': {
    title: 'Does not give itself away',
    designer: 'Where the brief asks for it, as little as possible shows from outside.',
    client: 'Nobody sees that you live in it.',
  },
} satisfies Record<string, RuleWords>
