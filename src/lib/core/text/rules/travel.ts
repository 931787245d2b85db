import type { RuleWords } from './words'

/** What the book says of the rules about travel, by id. */
export const TRAVEL_RULES = {
  'belt-floor': {
    title: 'Belts over structure',
    designer: 'A belted seat stands over seat rails or the maker’s points in the floor.',
    client: 'The belts hold.',
  },
  'driver-view': {
    title: 'Free in front of those in front',
    designer: 'On the road nothing reaches into where the driver and passenger look out and airbags unfold.',
    client: 'Nothing is in the driver’s way.',
  },
  'belt-facing': {
    title: 'Belts look forward or back',
    designer: 'A belted seat is turned no more than a few degrees from the way of travel.',
    client: 'Everyone travels on a seat that may carry them.',
  },
  'belts-enough': {
    title: 'A belt for each traveller',
    designer: 'In every mode on the road there are as many belted seats as people who travel.',
    client: 'Everyone may come along.',
  },
  'drawer-latch': {
    title: 'Heavy drawers lock',
    designer:
      'A drawer with more than a light load has a latch that locks; one that runs out towards the front sooner, since one brakes harder than one turns.',
    client: 'No drawer flies out in a bend or when you brake.',
  },
  'held-fast': {
    title: 'Held on the road',
    designer: 'In a mode on the road nothing heavy only stands.',
    client: 'Nothing flies when you brake.',
  },
} satisfies Record<string, RuleWords>
