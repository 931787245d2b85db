import type { RuleWords } from './words'

/** What the book says of the rules about use, by id. */
export const USE_RULES = {
  'socket-bedside': {
    title: 'Socket by a machine at the bedside',
    designer: 'Who sleeps beside a machine has a socket near the pillow.',
    client: 'Your machine is plugged in where you sleep.',
  },
  'waste-enough': {
    title: 'Waste tank large enough',
    designer: 'The waste tank holds what runs into it between two fillings, or a share of the fresh water.',
    client: 'You do not look for a drain before you look for water.',
  },
  'energy-school': {
    title: 'Power from where the brief has it',
    designer: 'What the brief names as the source of power is there: an inlet, a charger for the drive, or panels.',
    client: 'Power comes from where you want it to.',
  },
  'socket-near': {
    title: 'Socket at the desk',
    designer: 'A desk has a socket within the reach of a machine’s own lead.',
    client: 'No lead lies across the floor.',
  },
  'inverter-enough': {
    title: 'Inverter for what it runs',
    designer: 'The inverter gives what runs at once at mains voltage, as it starts too.',
    client: 'What you plug in runs away from a campsite too.',
  },
  'cold-outside': {
    title: 'A drink from outside',
    designer: 'Where the client asks for it, an arm reaches the fridge through an open door.',
    client: 'You fetch a drink without climbing in.',
  },
  'drawer-reach': {
    title: 'No dead space in drawers',
    designer: 'Drawers pull out far enough for a hand to reach the back, and their boxes are as high as they can be.',
    client: 'You reach what lies at the back.',
  },
  'gear-out': {
    title: 'Gear comes out again',
    designer: 'Each piece stowed inside fits through a door.',
    client: 'You get your things out again.',
  },
  'wet-apart': {
    title: 'Wet gear on its own',
    designer: 'What comes back wet is stowed where nothing dry is.',
    client: 'Wet gear has a place of its own.',
  },
  'daily-front': {
    title: 'Daily gear in front',
    designer: 'A storage space deeper than an arm does not hold daily and seldom used gear together.',
    client: 'What you use daily is in front.',
  },
  'seats-dry': {
    title: 'A seat inside for everyone',
    designer: 'In one of the modes for living, everyone can sit inside.',
    client: 'On a wet day everyone sits in the dry.',
  },
  'bed-alone': {
    title: 'One can go to bed while another sits',
    designer: 'With two sleepers, the change to Night leaves at least one place to rest undisturbed.',
    client: 'One of you can go to bed while the other still reads.',
  },
  'change-possible': {
    title: 'From one mode to the next',
    designer: 'There is an order in which everything can be moved past what stands there.',
    client: 'It really can be changed over.',
  },
  'change-time': {
    title: 'Quick to change over',
    designer: 'The moves from one mode to the next take no longer than the limit.',
    client: 'Making the bed does not take all evening.',
  },
  'clearance-free': {
    title: 'Room to use everything',
    designer:
      'Doors, drawers, lids, people at work and getting in have their room in the modes that use them. Above a hob, a tub or a lid only the half nearer the middle of the vehicle has to clear the body, since the wall leans in behind it.',
    client: 'Everything opens and is comfortable to use.',
  },
  'cold-near': {
    title: 'Fridge near the hob',
    designer: 'From the hob it is two steps at most to the fridge.',
    client: 'You reach what you cook with.',
  },
  'gear-stowed': {
    title: 'A place for each piece of gear',
    designer: 'Every piece in the brief lies in a space that takes it, together with all the others.',
    client: 'Everything you bring has its place.',
  },
  'loose-stowed': {
    title: 'A place for loose parts',
    designer: 'Cushions, boards and covers that a mode does not use are stowed.',
    client: 'No cushion lies about.',
  },
  'finish-fit': {
    title: 'Surfaces stand up to use',
    designer:
      'Worktops stand up to the water and the pans beside them, floors and walls to what splashes on them, floors to the sun.',
    client: 'Nothing swells, scorches or opens at its seams.',
  },
  'mattress-air': {
    title: 'The mattress dries',
    designer: 'Foam lies on slats or a drilled board.',
    client: 'Your mattress does not go mouldy.',
  },
  'recline-free': {
    title: 'Cab seats lean back',
    designer: 'A cab seat leans back as far as it does with nothing behind it.',
    client: 'You can lean back on the road.',
  },
  'service-present': {
    title: 'Every must is met',
    designer:
      'Each must of the brief is met in a mode of its purpose, on the road in every one. 97% of the water is enough, and 65% of a fridge’s litres where they come from the number of people; sizes that someone wished for may be short by {10} or 3%, published ones by nothing.',
    client: 'What you must have is in the plan.',
  },
  'swivel-free': {
    title: 'Cab seats turn round',
    designer: 'A seat that a mode turns goes round past handbrake, door, pillar and furniture.',
    client: 'The front seats are part of the living space.',
  },
  'reach-high': {
    title: 'High storage within reach',
    designer: 'The tallest person aboard can reach over the edge of what hangs high.',
    client: 'You reach what you stow up there.',
  },
  'worktop-free': {
    title: 'Worktop while cooking',
    designer: 'Where there is daily cooking, a stretch of worktop stays clear in a mode that uses the hob.',
    client: 'You have room to chop and put things down.',
  },
} satisfies Record<string, RuleWords>
