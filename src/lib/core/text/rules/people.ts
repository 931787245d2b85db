import type { RuleWords } from './words'

/** What the book says of the rules about people, by id. */
export const PEOPLE_RULES = {
  'bed-whole': {
    title: 'A bed without holes',
    designer: 'A bed that is made of a board and the cushions beside it is whole.',
    client: 'Nothing gives way under you between the cushions.',
  },
  'seat-depth': {
    title: 'Seats bear the thighs',
    designer: 'A bench is deep enough to sit on, and no deeper than the shortest can lean back in.',
    client: 'You sit well, with a back to lean on.',
  },
  'basin-height': {
    title: 'A basin to wash at',
    designer: 'The rim of a basin hangs as far below the elbow as washing wants it.',
    client: 'You wash without stooping.',
  },
  'berth-rail': {
    title: 'A rail by a high bed',
    designer: 'A bunk, and any high bed that a child sleeps in, has a rail high enough over the mattress.',
    client: 'No one falls out of bed.',
  },
  'table-knee': {
    title: 'Seat and table match',
    designer: 'Between a seat’s cushion and the top before it there is room for thighs, and no more than for elbows.',
    client: 'You sit well at the table.',
  },
  'seat-height': {
    title: 'Feet on the floor',
    designer: 'A seat is no higher than the hollow of the shortest adult’s knees, with shoes and a soft cushion.',
    client: 'Everyone sits with their feet on the floor.',
  },
  'bed-high': {
    title: 'A bed one gets onto',
    designer:
      'The mattress is no higher than its sleeper’s knees, chair or stairs allow, and no platform higher than anyone climbs without a ladder.',
    client: 'You get into bed without help.',
  },
  'berth-length': {
    title: 'Long enough to lie',
    designer: 'A berth is as long as the taller of its sleepers and a little more.',
    client: 'You lie stretched out.',
  },
  'berth-width': {
    title: 'Wide enough to lie',
    designer: 'A berth gives each of its sleepers their width.',
    client: 'You lie without touching the wall.',
  },
  'berths-enough': {
    title: 'A berth for each sleeper',
    designer: 'One of the night modes has as many berths as people who sleep in it.',
    client: 'Everyone has a bed.',
  },
  'climb-over': {
    title: 'Out of bed over no one',
    designer: 'At night no one gets out over another sleeper.',
    client: 'You wake no one when you get up.',
  },
  'figure-fits': {
    title: 'The body that was put there fits',
    designer: 'A person, a pet or a piece of gear that the designer put into a mode meets nothing.',
    client: 'You, to scale, have the room.',
  },
  'heads-apart': {
    title: 'Heads away from feet',
    designer: 'No head lies by another sleeper’s feet.',
    client: 'You sleep head by head.',
  },
  'heads-clear': {
    title: 'No knock on the head',
    designer: 'Over each seat the tallest sits and rises below the roof and what hangs there.',
    client: 'You sit without ducking.',
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
    title: 'Standing upright',
    designer: 'The tallest stands upright where one cooks, washes and opens doors.',
    client: 'You stand without stooping.',
  },
  'table-places': {
    title: 'All at one table',
    designer: 'In one of the modes one lives in, each has a seat with a table’s edge before it.',
    client: 'You all eat together.',
  },
  'worktop-height': {
    title: 'Worktop as high as the cook',
    designer:
      'The worktop lies as far below the elbow of one who cooks as light work wants it, and no other who cooks by turns stoops far.',
    client: 'You cook without stooping.',
  },
} satisfies Record<string, RuleWords>
