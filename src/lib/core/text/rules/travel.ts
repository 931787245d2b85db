import type { RuleWords } from './words'

/** What the book says of the rules about travel, by id. */
export const TRAVEL_RULES = {
  'belt-floor': {
    title: 'Belted seats over seat rails',
    designer: 'A belted seat stands over seat rails or the maker’s points in the floor.',
    client: 'The belts hold.',
  },
  'driver-view': {
    title: 'A clear view from the cab',
    designer: 'On the road nothing reaches into the view of the driver and passenger or where airbags unfold.',
    client: 'Nothing is in the driver’s way.',
  },
  'belt-facing': {
    title: 'Belted seats face forward or back',
    designer: 'A belted seat is turned no more than a few degrees off the direction of travel.',
    client: 'Everyone travels on a proper seat.',
  },
  'belts-enough': {
    title: 'A belted seat for each traveller',
    designer: 'In every mode on the road there are as many belted seats as people who travel.',
    client: 'Everyone can come along.',
  },
  'drawer-latch': {
    title: 'Heavy drawers have locking latches',
    designer:
      'A drawer with more than a light load has a locking latch; one that opens towards the front needs it sooner, since braking is harder than a bend.',
    client: 'No drawer flies open in a bend or when you brake.',
  },
  'held-fast': {
    title: 'Everything held on the road',
    designer: 'In a mode on the road nothing heavy just stands there unfixed.',
    client: 'Nothing flies when you brake.',
  },
} satisfies Record<string, RuleWords>
