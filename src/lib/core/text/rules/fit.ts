import type { RuleWords } from './words'

/** What the book says of the rules about fitting the body, by id. */
export const FIT_RULES = {
  'as-bought': {
    title: 'Put right before it is hidden',
    designer:
      'What was found on the vehicle as bought is put right before furniture covers it or an opening is cut in it; what stays keeps its room.',
    client: 'Nothing is built over rust or a leak.',
  },
  'carry-in': {
    title: 'It goes in through a door',
    designer: 'Tanks, machines and cubicles that come whole pass a door and can be turned inside.',
    client: 'Everything can be brought in, and out again.',
  },
  'hung-held': {
    title: 'What hangs is held',
    designer: 'What hangs on wall or roof is fixed to structure, at points enough for its mass and what is in it.',
    client: 'Nothing comes down on you.',
  },
  'body-opening': {
    title: 'The body is open where it must be',
    designer: 'A cassette’s hatch, a fan’s cut-out and a roof window have their opening in the body.',
    client: 'Holes that are needed are planned.',
  },
  'inside-shell': {
    title: 'Inside the lined body',
    designer:
      'Every part lies within the lining; a scribed part may be cut behind, its front stands whole. What is built in place is trimmed by up to 10 mm where it meets a wall.',
    client: 'It fits the vehicle.',
  },
  'no-holes': {
    title: 'No holes where none are wanted',
    designer:
      'A fit-out that moves on, or for a client who wants no hole drilled, is held by rails, the maker’s points, straps or its weight, and the body stays whole.',
    client: 'The vehicle stays as it was.',
  },
  'fits-hollow': {
    title: 'What is inside fits inside',
    designer:
      'What was put into a bench, a cupboard or under a bed lies within the boards round it, clear of drawers, bowls and bins.',
    client: 'What is stowed or built into furniture has room there.',
  },
  'no-overlap': {
    title: 'One place for one thing',
    designer:
      'No two things share room, nor a thing and what stands proud of the body; what lies in the hollow of another is in nobody’s way.',
    client: 'Nothing stands in another.',
  },
  'stands-off': {
    title: 'Stands close to its wall',
    designer:
      'What is not cut to the wall stands where its top clears the wall or roof; how much is lost behind its foot is told.',
    client: 'No room is lost where you would not see it.',
  },
  'stands-on': {
    title: 'Stands or hangs on something',
    designer: 'Everything has floor, wall, roof or a neighbour to hold it.',
    client: 'Nothing hangs in the air.',
  },
} satisfies Record<string, RuleWords>
