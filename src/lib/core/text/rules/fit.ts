import type { RuleWords } from './words'

/** What the book says of the rules about fitting the body, by id. */
export const FIT_RULES = {
  'as-bought': {
    title: 'Repaired before it is hidden',
    designer:
      'What was found on the vehicle as bought is repaired before furniture covers it or an opening is cut in it; what stays keeps its space.',
    client: 'Nothing is built over rust or a leak.',
  },
  'as-rated': {
    title: 'As much as its size gives',
    designer: 'No panel gives more for its area, and no battery holds more for its volume, than can be bought.',
    client: 'The figures of battery and panels can be had.',
  },
  'carry-in': {
    title: 'Everything goes in through a door',
    designer: 'Tanks, machines and cubicles that come whole fit through a door and can be turned inside.',
    client: 'Everything can be carried in, and out again.',
  },
  'hung-held': {
    title: 'What hangs is well fixed',
    designer:
      'What hangs on a wall or the roof is fixed to framing, at enough points for its weight and what is in it.',
    client: 'Nothing comes down on you.',
  },
  'body-opening': {
    title: 'Openings are cut for what needs them',
    designer: 'A cassette’s hatch, a fan’s cut-out and a roof light have their opening in the body.',
    client: 'The holes that are needed are planned.',
  },
  'inside-shell': {
    title: 'Inside the lined body',
    designer:
      'Every part lies within the lining; a scribed part may be cut at the back, but its front stays whole. What is built in place is trimmed by up to {10} where it meets a wall.',
    client: 'Everything fits the vehicle.',
  },
  'no-holes': {
    title: 'No holes where none are wanted',
    designer:
      'A fit-out that moves on, or for a client who wants no holes, is held by rails, the maker’s points, straps or its own weight, and the body stays whole.',
    client: 'The vehicle stays as it was.',
  },
  'fits-hollow': {
    title: 'What is inside fits inside',
    designer:
      'What was put into a bench, a cupboard or under a bed lies within the boards round it, clear of drawers, sinks and bins.',
    client: 'What is stowed or built into furniture has room there.',
  },
  'no-overlap': {
    title: 'One place for one thing',
    designer:
      'No two fittings overlap, and none overlaps what stands proud of the body; what lies inside another is in nobody’s way.',
    client: 'No two things are in the same place.',
  },
  'stands-off': {
    title: 'Close to its wall',
    designer:
      'What is not scribed to the wall stands where its top clears the wall or roof; the space lost behind its foot is reported.',
    client: 'No space is lost where you would not see it.',
  },
  'stands-on': {
    title: 'Everything stands or hangs on something',
    designer: 'Everything has a floor, wall, roof or neighbour to hold it.',
    client: 'Nothing hangs in the air.',
  },
} satisfies Record<string, RuleWords>
