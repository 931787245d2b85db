import type { RuleWords } from './words'

/** What the book says of the rules about the outside, by id. */
export const OUTSIDE_RULES = {
  'fill-clean': {
    title: 'Clean water away from waste',
    designer: 'The filler for water is well away from waste drain and toilet hatch.',
    client: 'You fill clean water cleanly.',
  },
  'hook-up-side': {
    title: 'The cable beside the door',
    designer: 'The inlet for the mains is clear of an entrance on its side.',
    client: 'You do not step over the cable.',
  },
  'awning-door': {
    title: 'The awning hangs over a door',
    designer: 'Along the vehicle an awning reaches over a door of its side.',
    client: 'You step out in the dry.',
  },
  'ground-clear': {
    title: 'Nothing hangs lowest',
    designer: 'Tanks under the floor clear the ground as the vehicle itself does.',
    client: 'It touches down no earlier than before.',
  },
  'parking-fit': {
    title: 'It goes where it parks',
    designer:
      'As it was delivered, as it was changed, with what stands on its roof and hangs behind it, the vehicle goes under the height and into the length that the client named.',
    client: 'It fits where you park.',
  },
  'roof-within': {
    title: 'Within the roof',
    designer: 'What rides on the roof ends before the windscreen and within the sides of the body.',
    client: 'Nothing stands out in the wind.',
  },
  'stealth-seen': {
    title: 'Unseen from outside',
    designer: 'Where the brief wants it, as little as can be shows from outside.',
    client: 'No one sees that you live in it.',
  },
} satisfies Record<string, RuleWords>
