import type { RuleWords } from './words'

/** What the book says of the rules about ways, by id. */
export const WAYS_RULES = {
  'pet-step': {
    title: 'The pet gets in',
    designer: 'No step at the entrance is higher than the brief says a pet takes.',
    client: 'Your animal gets in by itself.',
  },
  'step-rise': {
    title: 'Steps one can take',
    designer: 'No step at the entrance is higher than the stiffest of the people can take.',
    client: 'You get in without climbing.',
  },
  'transfer-space': {
    title: 'Room to move over from a wheelchair',
    designer: 'Beside the bed of one who uses a wheelchair, and before a toilet, there is room for the chair.',
    client: 'You can move over from your chair.',
  },
  'door-free': {
    title: 'Doors stay free',
    designer: 'Behind an entrance and an emergency exit enough of the opening stays free.',
    client: 'You get in and out.',
  },
  'door-rack': {
    title: 'What hangs on a door goes with it',
    designer: 'A rack on the inner face of a sliding door is shallow enough to go out past the pillar.',
    client: 'The door opens and shuts with what hangs on it.',
  },
  'passing-place': {
    title: 'A place to pass',
    designer: 'Somewhere on the floor one stands aside for another.',
    client: 'Two of you pass one another.',
  },
  'turning-circle': {
    title: 'Room to turn a wheelchair',
    designer: 'Somewhere on the floor the wheelchair’s circle is free.',
    client: 'You turn round inside.',
  },
  'way-width': {
    title: 'A way to everything',
    designer:
      'From an entrance one walks to every place that a mode uses, as wide as the broadest person or their aid needs.',
    client: 'You get everywhere.',
  },
} satisfies Record<string, RuleWords>
