import type { RuleWords } from './words'

/** What the book says of the rules about people, by id. */
export const PEOPLE_RULES = {
  'bed-whole': {
    title: 'A bed without gaps',
    designer: 'A bed made of a board and the cushions beside it has no gap.',
    client: 'Nothing gives way under you between the cushions.',
  },
  'seat-depth': {
    title: 'Seats support the thighs',
    designer: 'A bench is deep enough to sit on, and no deeper than the shortest person can lean back in.',
    client: 'You sit well, with a back to lean on.',
  },
  'basin-height': {
    title: 'A basin at the right height',
    designer: 'The rim of a basin is as far below the elbow as is comfortable for washing.',
    client: 'You wash without stooping.',
  },
  'berth-rail': {
    title: 'A rail on a high bed',
    designer: 'A bunk, and any high bed that a child sleeps in, has a rail high enough above the mattress.',
    client: 'Nobody falls out of bed.',
  },
  'table-knee': {
    title: 'Seat and table match',
    designer:
      'Between a cushion and the table top in front of it there is room for thighs, and the top is not too high for elbows.',
    client: 'You sit well at the table.',
  },
  'seat-height': {
    title: 'Feet on the floor',
    designer: 'A seat is no higher than the hollow of the knee of the shortest adult, with shoes and a soft cushion.',
    client: 'Everyone sits with their feet on the floor.',
  },
  'bed-high': {
    title: 'A bed you can get into',
    designer:
      'The mattress is no higher than its sleeper’s knees, chair or steps allow, and no platform is higher than anyone climbs without a ladder.',
    client: 'You get into bed without help.',
  },
  'berth-length': {
    title: 'Long enough to lie down',
    designer: 'A bed is as long as the tallest of its sleepers and a little more.',
    client: 'You can lie stretched out.',
  },
  'berth-width': {
    title: 'Wide enough to lie down',
    designer: 'A bed gives each of its sleepers their width.',
    client: 'You can lie without touching the wall.',
  },
  'berths-enough': {
    title: 'A berth for each sleeper',
    designer: 'One of the night modes has as many berths as people who sleep in the vehicle.',
    client: 'Everyone has a bed.',
  },
  'climb-over': {
    title: 'Out of bed over nobody',
    designer: 'At night nobody has to climb over another sleeper to get out.',
    client: 'You wake nobody when you get up.',
  },
  'figure-fits': {
    title: 'People fit where you put them',
    designer: 'A person, a pet or a piece of gear that was put into the drawing runs into nothing.',
    client: 'You, drawn to scale, have the room.',
  },
  'heads-apart': {
    title: 'Heads away from feet',
    designer: 'No head lies next to another sleeper’s feet.',
    client: 'You sleep with your heads at the same end.',
  },
  'heads-clear': {
    title: 'Headroom over the seats',
    designer: 'Over each seat the tallest person can sit and get up below the roof and what hangs there.',
    client: 'You can sit without ducking.',
  },
  'rail-held': {
    title: 'A grab rail that holds',
    designer: 'A grab rail is bolted into framing.',
    client: 'The rail holds you.',
  },
  'sit-up': {
    title: 'Sitting up in bed',
    designer: 'At the head or the foot of the bed there is room for the sleeper to sit up.',
    client: 'You can sit up in bed.',
  },
  'standing-height': {
    title: 'Headroom to stand',
    designer: 'The tallest person can stand upright to cook, wash and open doors.',
    client: 'You can stand without stooping.',
  },
  'table-places': {
    title: 'Everyone at one table',
    designer: 'In one of the modes for living, everyone has a seat with a table edge in front of it.',
    client: 'You can all eat together.',
  },
  'worktop-height': {
    title: 'Worktop at the cook’s height',
    designer:
      'The worktop is as far below the cook’s elbow as is comfortable for light work, and nobody else who cooks has to stoop far.',
    client: 'You cook without stooping.',
  },
} satisfies Record<string, RuleWords>
