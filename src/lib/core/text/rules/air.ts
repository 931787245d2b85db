import type { RuleWords } from './words'

/** What the book says of the rules about air, light and quiet, by id. */
export const AIR_RULES = {
  'air-screened': {
    title: 'Insect screens where air comes in',
    designer: 'A fan or window that is open at night has an insect screen.',
    client: 'You get fresh air without gnats.',
  },
  'air-berth': {
    title: 'Fresh air at every pillow',
    designer: 'Where a plan has openings for air, each pillow is near one: a fan, a roof light or a window that opens.',
    client: 'You sleep in moving air.',
  },
  'air-hob': {
    title: 'A vent near the hob',
    designer: 'A fan, an opening window or a door is near the hob.',
    client: 'Cooking does not steam up the vehicle.',
  },
  'air-pair': {
    title: 'An air inlet for the fan',
    designer:
      'A roof fan has another opening to draw from, across the space and not right beside it; where several people cook and sleep without a fan, air can pass from end to end.',
    client: 'The fan really moves the air.',
  },
  'hollow-air': {
    title: 'Machines inside furniture stay cool',
    designer:
      'What runs warm in a cupboard or a bench has air on one side or above it, and what gives off gas while charging has a vent to the outside.',
    client: 'Nothing overheats behind a door, and no gas gathers there.',
  },
  'heater-size': {
    title: 'Heater of the right size',
    designer: 'The heaters give what the body loses in the coldest night, and not many times that.',
    client: 'It is warm on the coldest night.',
  },
  'berth-warm': {
    title: 'No bed against a cold wall',
    designer: 'A mattress only touches a wall that is lined well enough to stay dry.',
    client: 'The mattress stays dry.',
  },
  'light-door': {
    title: 'Door lights can be switched off',
    designer: 'A light by a door has a switch of its own.',
    client: 'Going out at night wakes nobody.',
  },
  'light-night': {
    title: 'A light for the way at night',
    designer:
      'Where lights are drawn, one of them lights the toilet at night: a small red one is best, because it wakes nobody.',
    client: 'You find the toilet at night without waking anyone.',
  },
  'light-reading': {
    title: 'A reading light for each sleeper',
    designer: 'Where lights are drawn, each sleeper has one to read by within reach.',
    client: 'One of you can read while the other sleeps.',
  },
  'window-free': {
    title: 'Opening windows can be opened',
    designer: 'At least half of a window that opens has nothing in front of it.',
    client: 'You can open your windows.',
  },
  'heater-control': {
    title: 'Heater set from bed or seat',
    designer: 'A seat or a bed is near what sets the heater: a step and an arm away.',
    client: 'You set the heater without a walk.',
  },
  'quiet-heads': {
    title: 'Quiet at the pillow',
    designer: 'Pillows are away from heaters, fridges, inverters and air conditioners.',
    client: 'You sleep in quiet.',
  },
} satisfies Record<string, RuleWords>
