import type { Need, Purpose } from '../brief'
import type { Gravity } from '../review'
import type { BodyChangeKind, BodyClass, LinedFace, Opening } from '../shell'
import type { SpaceRowId } from '../space'
import type { HollowWay } from '../fittings'
import type { InsideTapeId, SnapTo, TapeId } from '../scene'

export const NEED_WORDS: Record<Need, { one: string; many: string }> = {
  berth: { one: 'Berth', many: 'Berths' },
  belt: { one: 'Belt', many: 'Belts' },
  'table-seat': { one: 'Place at the table', many: 'Places at the table' },
  toilet: { one: 'Toilet', many: 'Toilets' },
  shower: { one: 'Shower', many: 'Showers' },
  hob: { one: 'Galley with hob', many: 'Hobs' },
  'cold-box': { one: 'Cold box', many: 'Cold boxes' },
  desk: { one: 'Desk', many: 'Desks' },
  stowage: { one: 'Gear to stow', many: 'Pieces of gear' },
  water: { one: 'Fresh water', many: 'Fresh water' },
  seat: { one: 'Seat for a rainy day', many: 'Seats for a rainy day' },
  basin: { one: 'Basin', many: 'Basins' },
  cot: { one: 'Cot', many: 'Cots' },
  'pet-place': { one: 'Place of a pet', many: 'Places of pets' },
  'wheelchair-place': { one: 'Wheelchair place', many: 'Wheelchair places' },
  'turning-circle': { one: 'Room to turn', many: 'Rooms to turn' },
  bedside: { one: 'Bedside shelf', many: 'Bedside shelves' },
  heater: { one: 'Heater', many: 'Heaters' },
  'outside-store': { one: 'Gear outside', many: 'Pieces outside' },
}

export const PURPOSE_WORDS: Record<Purpose, string> = { driving: 'on the road', living: 'by day', sleeping: 'at night' }

/** The worst that a review says, in two words: “3 stops”. */
export function sayTally(tally: Readonly<Record<Gravity, number>> | undefined): string {
  if (tally === undefined) return 'looking…'
  if (tally.stop > 0) return count(tally.stop, GRAVITY_WORDS.stop)
  return tally.caution > 0 ? count(tally.caution, GRAVITY_WORDS.caution) : 'no faults'
}

export const GRAVITY_WORDS: Record<Gravity, { one: string; many: string }> = {
  stop: { one: 'stop', many: 'stops' },
  caution: { one: 'caution', many: 'cautions' },
  note: { one: 'note', many: 'notes' },
}

export const BODY_CLASS_WORDS: Record<BodyClass, { readonly one: string; readonly many: string }> = {
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
  'floor-well': 'Well in the floor',
  'roof-hatch': 'Roof hatch',
  window: 'New window',
  door: 'New door',
  'side-hatch': 'Side hatch',
  'bulkhead-removed': 'Bulkhead taken out',
  'bulkhead-door': 'Door in the bulkhead',
  'window-blanked': 'Window blanked',
}

const CUT =
  'Cutting the body weakens it and opens it to water: the maker’s body-builder guide and local codes rule, a licensed body shop does it and frames the hole.'

/** What each change to the body asks of those who make it. */
export const CHANGE_CAUTIONS: Record<BodyChangeKind, string> = {
  flare: `${CUT} Check the widest vehicle that the road law lets you drive, and the mirrors.`,
  widened: `${CUT} The frame goes with the wall: what bears the roof must be made anew. Check the widest vehicle that the road law lets you drive.`,
  'raised-roof': `${CUT} A roof carries in a roll-over: it needs a frame of its own, proved by whoever fits it.`,
  'floor-well': `${CUT} Keep off cross members, the tank, brake and fuel lines and the exhaust, and weld in a tray that carries what the floor carried.`,
  'roof-hatch': `${CUT} Keep off the ribs and the roof’s rack points, and seal it before the first rain.`,
  window: `${CUT} Keep off pillars, belts’ upper points and wiring in the wall.`,
  door: `${CUT} A pillar, sill or belt point in its way needs an engineer. A door for people needs a latch that opens from inside.`,
  'side-hatch': `${CUT} Keep off pillars, the filler and wiring in the wall.`,
  'bulkhead-removed':
    'A bulkhead holds the load off the people in front, and may stiffen the body: ask the maker’s body-builder guide, and secure everything behind the seats.',
  'bulkhead-door':
    'A bulkhead holds the load off the people in front: the door in it must latch while driving. The maker’s body-builder guide rules.',
  'window-blanked': 'An emergency exit may not be blanked, and some windows carry the driver’s view: local codes rule.',
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
  'before-floor': 'first of all, before the floor',
  'before-lining': 'before insulation and lining; paint after the last hole',
} as const

export const LINED_FACE_WORDS: Record<LinedFace, string> = {
  floor: 'Floor',
  wall: 'Walls',
  roof: 'Roof',
  door: 'Doors',
}

/** With its first letter large, as a sentence or a row begins. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

export const SPACE_ROW_WORDS: Record<SpaceRowId, string> = {
  length: 'Length',
  'width-floor': 'Width at the floor',
  'width-600': 'Width at 600',
  'width-1200': 'Width at 1 200',
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
  station: 'station line',
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

/** “3 stops”, “1 caution”. */
export const count = (n: number, words: { one: string; many: string }): string =>
  `${n} ${n === 1 ? words.one : words.many}`

/** “galley, shower and bed”. */
export const list = (parts: readonly string[]): string =>
  parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`
