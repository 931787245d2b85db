import type { Need, Purpose } from '../brief'
import type { Gravity } from '../review'
import type { BodyChangeKind, BodyClass, LinedFace, Opening } from '../shell'
import type { SpaceRowId } from '../space'
import type { HollowWay } from '../fittings'
import type { InsideTapeId, SnapTo, TapeId } from '../scene'
import { count, type Counted } from './grammar'

export const NEED_WORDS: Record<Need, Counted> = {
  berth: { one: 'Berth', many: 'Berths' },
  belt: { one: 'Belted seat', many: 'Belted seats' },
  'table-seat': { one: 'Place at the table', many: 'Places at the table' },
  toilet: { one: 'Toilet', many: 'Toilets' },
  shower: { one: 'Shower', many: 'Showers' },
  hob: { one: 'Galley with a hob', many: 'Galleys with a hob' },
  'cold-box': { one: 'Fridge', many: 'Fridges' },
  desk: { one: 'Desk', many: 'Desks' },
  stowage: { one: 'Place for gear', many: 'Places for gear' },
  water: { one: 'Fresh water', many: 'Fresh water' },
  seat: { one: 'Seat inside', many: 'Seats inside' },
  basin: { one: 'Sink', many: 'Sinks' },
  cot: { one: 'Cot', many: 'Cots' },
  'pet-place': { one: 'Place for the pet', many: 'Places for pets' },
  'wheelchair-place': { one: 'Wheelchair place', many: 'Wheelchair places' },
  'turning-circle': { one: 'Room to turn', many: 'Room to turn' },
  bedside: { one: 'Bedside shelf', many: 'Bedside shelves' },
  heater: { one: 'Heater', many: 'Heaters' },
  'outside-store': { one: 'Place for gear outside', many: 'Places for gear outside' },
}

export const PURPOSE_WORDS: Record<Purpose, string> = { driving: 'on the road', living: 'by day', sleeping: 'at night' }

/** The worst that a review says, in two words: “3 stops”. */
export function sayTally(tally: Readonly<Record<Gravity, number>> | undefined): string {
  if (tally === undefined) return 'checking…'
  if (tally.stop > 0) return count(tally.stop, GRAVITY_WORDS.stop)
  return tally.caution > 0 ? count(tally.caution, GRAVITY_WORDS.caution) : ALL_CLEAR
}

/** What is said where nothing is found. */
const ALL_CLEAR = 'all clear'

export const GRAVITY_WORDS: Record<Gravity, Counted> = {
  stop: { one: 'stop', many: 'stops' },
  caution: { one: 'caution', many: 'cautions' },
  note: { one: 'note', many: 'notes' },
}

export const BODY_CLASS_WORDS: Record<BodyClass, Counted> = {
  'panel-van': { one: 'panel van', many: 'Panel vans' },
  'compact-van': { one: 'compact van', many: 'Compact vans' },
  minivan: { one: 'minivan', many: 'Minivans' },
  minibus: { one: 'minibus', many: 'Minibuses' },
  bus: { one: 'bus', many: 'Buses' },
  'box-truck': { one: 'box truck', many: 'Box trucks' },
}

export const CHANGE_WORDS: Record<BodyChangeKind, string> = {
  flare: 'Side flare',
  widened: 'Wall moved out',
  'raised-roof': 'Raised roof',
  'floor-well': 'Floor well',
  'roof-hatch': 'Roof hatch',
  window: 'New window',
  door: 'New door',
  'side-hatch': 'Side hatch',
  'bulkhead-removed': 'Bulkhead removed',
  'bulkhead-door': 'Door in the bulkhead',
  'window-blanked': 'Window blanked',
}

const CUT =
  'Cutting the body weakens it and opens it to water: work for a licensed body shop, which frames the hole, by the maker’s body-builder guide and local codes.'

/** What each change to the body asks of those who make it. */
export const CHANGE_CAUTIONS: Record<BodyChangeKind, string> = {
  flare: `${CUT} Check the widest vehicle that the road law lets you drive, and the mirrors.`,
  widened: `${CUT} The frame goes with the wall: what carries the roof has to be made anew. Check the widest vehicle that the road law lets you drive.`,
  'raised-roof': `${CUT} A roof carries in a roll-over: it needs a frame of its own, approved by whoever fits it.`,
  'floor-well': `${CUT} Keep off cross members, the tank, brake and fuel lines and the exhaust, and weld in a tray that carries what the floor carried.`,
  'roof-hatch': `${CUT} Keep off the ribs and the roof’s rack points, and seal it before the first rain.`,
  window: `${CUT} Keep off pillars, belts’ upper points and wiring in the wall.`,
  door: `${CUT} A pillar, sill or belt point in its way needs an engineer. A door for people needs a latch that opens from inside.`,
  'side-hatch': `${CUT} Keep off pillars, the filler and wiring in the wall.`,
  'bulkhead-removed':
    'A bulkhead holds the load off the people in front, and may stiffen the body: ask the maker’s body-builder guide, and secure everything behind the seats.',
  'bulkhead-door':
    'A bulkhead holds the load off the people in front: the door in it must latch while driving. See the maker’s body-builder guide.',
  'window-blanked':
    'An emergency exit may not be blanked, and some windows are part of the driver’s view: see local codes.',
}

/** How an opening opens. */
export const WAY_WORDS: Record<Opening['opens'], string> = {
  sliding: 'slides',
  hinged: 'hinged 90°',
  'hinged-180': 'hinged 180°',
  'hinged-270': 'hinged 270°',
  'twin-hinged': 'two hinged leaves',
  tailgate: 'lifts up',
  folding: 'folds',
  'roll-up': 'rolls up',
  'roof-hatch': 'lifts',
  hopper: 'tips out',
  'sliding-pane': 'pane slides',
  'fixed-window': 'fixed',
}

export const CHANGE_STEP_WORDS = {
  'before-floor': 'first, before the floor',
  'before-lining': 'before insulation and lining; paint after the last hole',
} as const

export const LINED_FACE_WORDS: Record<LinedFace, string> = {
  floor: 'Floor',
  wall: 'Walls',
  roof: 'Roof',
  door: 'Doors',
}

export const SPACE_ROW_WORDS: Record<SpaceRowId, string> = {
  length: 'Length',
  'width-floor': 'Width at the floor',
  'width-600': 'Width, {600} up',
  'width-1200': 'Width, {1200} up',
  height: 'Height, centreline',
  'height-cab': 'Height in the cab',
}

export const TAPE_WORDS: Record<TapeId, string> = {
  rear: 'rear sill',
  front: 'bulkhead',
  'cab-front': 'front of the cab',
  left: 'left wall',
  right: 'right wall',
  floor: 'floor',
  ceiling: 'ceiling',
  behind: 'behind, to',
  ahead: 'ahead, to',
  'beside-left': 'leftward, to',
  'beside-right': 'rightward, to',
  'in-left': 'left side',
  'in-right': 'right side',
  'in-front': 'front',
  'in-back': 'back',
  'in-bottom': 'bottom',
  'in-top': 'top',
}

/** What closes a hollow. */
export const HOLLOW_WORDS: Record<HollowWay, string> = {
  open: 'open',
  door: 'behind a door',
  flap: 'behind a flap',
  drawer: 'behind drawers',
  lid: 'under a lid',
  panel: 'behind a panel',
}

/** The sides of a hollow, as seen from in front of what it is in. */
export const SIDE_WORDS: Record<InsideTapeId, string> = {
  'in-left': 'its left side',
  'in-right': 'its right side',
  'in-front': 'its front',
  'in-back': 'its back',
  'in-bottom': 'its bottom',
  'in-top': 'its top',
}

export const SNAP_WORDS: Record<SnapTo['kind'], string> = {
  neighbour: '',
  hollow: 'inside',
  arch: '',
  door: 'door edge',
  wall: 'wall',
  station: 'section line',
  centre: 'centreline',
  floor: 'floor',
  roof: 'roof',
  round: '',
}

export const FACE_WORDS = {
  floor: 'the floor',
  roof: 'the roof',
  'wall-left': 'the left wall',
  'wall-right': 'the right wall',
  rear: 'the rear doors',
  front: 'the bulkhead',
} as const
