import type { RuleWords } from './words'

/** What the book says of the rules about use, by id. */
export const USE_RULES = {
  'cold-outside': {
    title: 'A drink from outside',
    designer: 'Where the client asks it, an arm reaches the cold box through an open door.',
    client: 'You take a drink without climbing in.',
  },
  'drawer-reach': {
    title: 'No dead end in a drawer',
    designer: 'Drawers run out so far that a hand reaches their back, and their boxes are as high as they can be.',
    client: 'You reach what lies at the back.',
  },
  'gear-out': {
    title: 'Gear comes out again',
    designer: 'Each piece that is stowed inside passes a door.',
    client: 'You get your things out.',
  },
  'wet-apart': {
    title: 'Wet things apart',
    designer: 'What comes back wet is stowed where nothing dry is.',
    client: 'Wet gear has a place of its own.',
  },
  'daily-front': {
    title: 'Daily things in front',
    designer: 'A stowage deeper than an arm does not hold daily and seldom used things together.',
    client: 'What you use daily lies in front.',
  },
  'seats-dry': {
    title: 'A dry seat for each',
    designer: 'In one of the modes one lives in, everyone can sit inside.',
    client: 'On a wet day everyone sits dry.',
  },
  'bed-alone': {
    title: 'A bed is made while another sits',
    designer: 'With two sleepers, the change to the night leaves at least one place to rest in peace.',
    client: 'One can go to bed while the other still reads.',
  },
  'change-possible': {
    title: 'From one mode to the next',
    designer: 'There is an order in which everything can be moved past what stands there.',
    client: 'It can be changed over at all.',
  },
  'change-time': {
    title: 'Quick enough to change',
    designer: 'The moves from one mode to the next take no longer than patience lasts.',
    client: 'Making the bed is no evening’s work.',
  },
  'clearance-free': {
    title: 'Room to use it',
    designer:
      'Doors, drawers, lids, people at work and getting in have their room in the modes that use them. Over a hob, a tub or a lid the body itself need leave free only the half nearer the middle of the vehicle, since the wall leans in behind it.',
    client: 'Everything opens and can be worked at.',
  },
  'cold-near': {
    title: 'The cold box by the hob',
    designer: 'From hob to cold box it is a step.',
    client: 'You reach what you cook.',
  },
  'gear-stowed': {
    title: 'A place for each piece of gear',
    designer: 'Every piece of the brief lies in a room that takes it, with all others.',
    client: 'Everything you bring has its place.',
  },
  'loose-stowed': {
    title: 'A place for loose parts',
    designer: 'Cushions, boards and covers that a mode does not use lie in a stowage.',
    client: 'No cushion lies about.',
  },
  'finish-fit': {
    title: 'Surfaces bear what they get',
    designer:
      'Worktops bear the water and the pans beside them, floors and walls what splashes on them, floors the sun.',
    client: 'Nothing swells, scorches or opens at its seams.',
  },
  'mattress-air': {
    title: 'The mattress dries',
    designer: 'Foam lies on slats or a drilled board.',
    client: 'Your mattress does not grow mould.',
  },
  'recline-free': {
    title: 'Cab seats lean back',
    designer: 'A cab seat leans back as far as it does by itself.',
    client: 'You can lean back on the road.',
  },
  'service-present': {
    title: 'The musts are there',
    designer:
      'Each must of the brief is offered in a mode of its purpose, on the road in every one. Of the litres of water 97 % do, of those of a cold box that come from the number of people 65 %; sizes that someone wished for may be short by 10 mm or 3 %, published ones by nothing.',
    client: 'What you must have is in the plan.',
  },
  'swivel-free': {
    title: 'Cab seats turn',
    designer: 'A seat that a mode turns goes round past lever, door, pillar and furniture.',
    client: 'The front seats belong to the room.',
  },
  'reach-high': {
    title: 'High stowage in reach',
    designer: 'The tallest aboard reaches over the edge of what hangs high.',
    client: 'You get at what you stow up there.',
  },
  'worktop-free': {
    title: 'Worktop while cooking',
    designer: 'Where one cooks daily, a stretch of worktop stays free in a mode that has the hob.',
    client: 'You have room to cut and to put down.',
  },
} satisfies Record<string, RuleWords>
