import type { RuleWords } from './words'

/** What the book says of the rules about air, light and quiet, by id. */
export const AIR_RULES = {
  'air-screened': {
    title: 'Screens where air comes in',
    designer: 'A fan or window that is open at night has a screen against insects.',
    client: 'Air comes in, gnats do not.',
  },
  'air-berth': {
    title: 'Air at every head',
    designer: 'Where a plan has openings for air, each head lies near one: a fan, a roof hatch or a window that opens.',
    client: 'You sleep in moving air.',
  },
  'air-hob': {
    title: 'Steam goes out',
    designer: 'A fan, an opening window or a door is near the hob.',
    client: 'Cooking does not steam up the vehicle.',
  },
  'air-pair': {
    title: 'A fan has its inlet',
    designer:
      'An extract fan has another opening to draw from, across the space and not beside it; where several cook and sleep without a fan, air goes through from end to end.',
    client: 'The fan moves the air, not only itself.',
  },
  'hollow-air': {
    title: 'Machines inside furniture breathe',
    designer:
      'What runs warm in a cupboard or a bench has air on one side of it or above, and what gasses when it is charged has a vent to the outside.',
    client: 'Nothing overheats behind a door, and no gas gathers there.',
  },
  'berth-warm': {
    title: 'No bed against a cold wall',
    designer: 'A mattress touches only a wall that is lined well enough to stay dry.',
    client: 'The mattress stays dry.',
  },
  'light-door': {
    title: 'Door lights go out',
    designer: 'A light by a door has a switch of its own.',
    client: 'Going out at night wakes no one.',
  },
  'light-night': {
    title: 'A light for the way at night',
    designer:
      'Where lights are drawn, one of them shows the toilet at night: best a small red one, which wakes no one.',
    client: 'You find the toilet at night without waking anyone.',
  },
  'light-reading': {
    title: 'A reading light for each',
    designer: 'Where lights are drawn, each sleeper has one to read by within reach.',
    client: 'One reads while the other sleeps.',
  },
  'window-free': {
    title: 'Windows that open are reached',
    designer: 'At least half of a window that opens is free of what stands before it.',
    client: 'You can open your windows.',
  },
  'quiet-heads': {
    title: 'Quiet at the pillow',
    designer: 'Heads keep away from heaters, cold boxes, inverters and air conditioners.',
    client: 'You sleep in quiet.',
  },
} satisfies Record<string, RuleWords>
