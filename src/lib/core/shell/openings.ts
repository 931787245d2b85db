import type { Opening } from './shape'

/** What an opening of the body is, by its way of opening. The one owner of which openings open, give air and let a person out. */
interface OpeningFacts {
  /** One stands before it and reaches through it. */
  readonly isDoor: boolean
  /** It is of glass. */
  readonly isWindow: boolean
  /** Air comes in or goes out by it while people are at home: it stands open without standing in anyone’s way. */
  readonly givesAir: boolean
  /** A person can climb out by it, if it is large enough. */
  readonly isWayOut: boolean
  /** It is opened from outside too. */
  readonly opensFromOutside: boolean
}

const DOOR: OpeningFacts = {
  isDoor: true,
  isWindow: false,
  givesAir: false,
  isWayOut: true,
  opensFromOutside: true,
}
const PANE: OpeningFacts = {
  isDoor: false,
  isWindow: true,
  givesAir: true,
  isWayOut: true,
  opensFromOutside: false,
}

const OPENING_FACTS: Readonly<Record<Opening['opens'], OpeningFacts>> = {
  sliding: DOOR,
  hinged: DOOR,
  'hinged-180': DOOR,
  'hinged-270': DOOR,
  'twin-hinged': DOOR,
  folding: DOOR,
  tailgate: DOOR,
  'roll-up': DOOR,
  'roof-hatch': { ...PANE, isWindow: false },
  hopper: PANE,
  'sliding-pane': PANE,
  'fixed-window': { ...PANE, givesAir: false, isWayOut: false },
}

/** Whether one can stand before an opening and reach through it: doors and tailgates, not windows, hoppers or the roof. */
export const isDoor = ({ side, opens }: Opening): boolean => side !== 'roof' && OPENING_FACTS[opens].isDoor
export const isWindow = ({ opens }: Opening): boolean => OPENING_FACTS[opens].isWindow
/** Whether daylight comes in by it: glass that does not lie behind the leaf of a door that is shut. */
export const givesLight = (opening: Opening): boolean => isWindow(opening) && opening.behind === undefined
export const givesAir = ({ opens, behind }: Opening): boolean => OPENING_FACTS[opens].givesAir && behind === undefined
/** What lies behind another’s leaf is the same way out as that one; what opens only from outside is none. */
export const isWayOut = ({ opens, outsideOnly, behind }: Opening): boolean =>
  OPENING_FACTS[opens].isWayOut && outsideOnly !== true && behind === undefined
/** Whether what is behind it can be got at from outside by it. */
export const opensFromOutside = ({ opens }: Opening): boolean => OPENING_FACTS[opens].opensFromOutside
