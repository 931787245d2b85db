import type { RuleWords } from './words'

/** What the book says of the rules about ways, by id. */
export const WAYS_RULES = {
  'pet-step': {
    title: 'The pet can get in',
    designer: 'No step at the entrance is higher than the brief says the pet can manage.',
    client: 'Your pet gets in by itself.',
  },
  'step-rise': {
    title: 'Steps you can manage',
    designer: 'No step at the entrance is higher than the stiffest of the people can manage.',
    client: 'You get in without climbing.',
  },
  'transfer-space': {
    title: 'Room to transfer from a wheelchair',
    designer: 'Beside the bed of someone who uses a wheelchair, and in front of a toilet, there is room for the chair.',
    client: 'You can transfer from your chair.',
  },
  'door-free': {
    title: 'Doors stay clear',
    designer: 'Behind an entrance and an emergency exit enough of the opening stays clear.',
    client: 'You can get in and out.',
  },
  'door-rack': {
    title: 'Door racks clear the pillar',
    designer: 'A rack on the inside of a sliding door is shallow enough to pass the pillar.',
    client: 'The door opens and shuts with what hangs on it.',
  },
  'passing-place': {
    title: 'A place to pass',
    designer: 'Somewhere on the floor one person can stand aside for another.',
    client: 'Two of you can get past each other.',
  },
  'turning-circle': {
    title: 'Room to turn a wheelchair',
    designer: 'Somewhere on the floor there is a clear circle for the wheelchair to turn in.',
    client: 'You can turn round inside.',
  },
  'way-width': {
    title: 'A way to everything',
    designer:
      'From an entrance people can walk to every place that a mode uses, as wide as the broadest person or their aid needs.',
    client: 'You can get everywhere.',
  },
} satisfies Record<string, RuleWords>
