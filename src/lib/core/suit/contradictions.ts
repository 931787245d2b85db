import {
  aidedOf,
  answer,
  type Brief,
  demandsOf,
  gearMass,
  NEED_FACTS,
  peopleOf,
  personMass,
  petMass,
  type ResolvedDemand,
  STANDING_SPARE_MM,
  tallestOf,
} from '../brief'
import { clamp, spanLength } from '../geometry'
import { routeOf } from '../people'
import {
  boxInside,
  type Board,
  type Interior,
  longestBoard,
  mostHeadroomMm,
  payloadOf,
  type Shell,
  widestAcross,
} from '../shell'

export const CONTRADICTION_CODES = [
  'belts-short',
  'gear-long',
  'gear-untried',
  'head-low',
  'bed-short',
  'route-wide',
  'walls-short',
  'parking-long',
  'parking-high',
  'payload-over',
  'holes-wanted',
  'stealth-hatch',
] as const
export type ContradictionCode = (typeof CONTRADICTION_CODES)[number]

/** Two things that do not go together, before anything is drawn. */
export interface Contradiction {
  readonly code: ContradictionCode
  readonly gravity: 'stop' | 'caution'
  /** Whose or what it is about, in the brief's own words; empty where it is about all. */
  readonly who: string
  readonly wanted: number
  readonly there: number
  readonly unit: 'mm' | 'count' | 'kg' | 'none'
}

/** Belts that a body comes with: its cab’s, and those behind that stay or go in again. */
export const beltsOf = ({ cabSeats, loadSeats }: Shell): number =>
  [...cabSeats, ...loadSeats].filter(({ belt }) => belt).length

/** Wall that furniture can stand along, both sides: the length less what must stay free, mm. */
export function wallLengthMm({ shell, xSpan }: Interior): number {
  const shut = (side: 'left' | 'right'): number =>
    shell.openings
      .filter((opening) => opening.side === side && opening.need !== 'may-cover')
      .filter(({ sillMm }) => sillMm < COUNTER_MM)
      .reduce(
        (sum, { fromMm, toMm }) =>
          sum + Math.max(0, clamp(toMm, xSpan.min, xSpan.max) - clamp(fromMm, xSpan.min, xSpan.max)),
        0,
      )
  return Math.round(2 * spanLength(xSpan) - shut('left') - shut('right'))
}
/** Windows above a worktop's height take no wall from it. */
const COUNTER_MM = 700

/** Wall that the musts ask for: a bed along one wall or across between both, whichever takes less; the rest by their length. */
export const wallAskedMm = (brief: Brief): number =>
  demandsOf(brief)
    .filter(({ need, must }) => must && NEED_FACTS[need].alongWall)
    .reduce((sum, { need, sizeMm }) => sum + (need === 'berth' ? Math.min(sizeMm[0]!, 2 * sizeMm[1]!) : sizeMm[0]!), 0)

/** The longest bed of a width that lies in the body: along it, or across at any usual height if that is what `wantedMm` needs. */
export function longestBedMm(interior: Interior, wideMm: number, wantedMm: number): number {
  const along = spanLength(interior.xSpan)
  if (along >= wantedMm) return Math.floor(along)
  let across = 0
  for (let z = BED_LOW_MM; z <= BED_HIGH_MM; z += 100) {
    const found = widestAcross(interior, interior.xSpan, wideMm, { min: z, max: z + MATTRESS_MM })
    across = Math.max(across, found?.mm ?? 0)
  }
  return Math.floor(Math.max(along, across))
}
const BED_LOW_MM = 400
const BED_HIGH_MM = 900
const MATTRESS_MM = 120

/** Mass of people, pets and gear that come along, kg. */
export function loadKg(brief: Brief): number {
  const people = Object.values(brief.people)
    .filter(({ travels }) => travels)
    .reduce((sum, person) => sum + personMass(brief, person).kg, 0)
  const pets = Object.values(brief.pets).reduce((sum, pet) => sum + petMass(pet).kg, 0)
  const gear = Object.values(brief.gear ?? {}).reduce((sum, one) => sum + gearMass(one).kg * one.count, 0)
  const water = demandsOf(brief)
    .filter(({ need }) => need === 'water')
    .reduce((sum, { quantity }) => sum + quantity, 0)
  return Math.round(people + pets + gear + water)
}

/** The widest door that people come in by, mm. */
const entranceMm = ({ openings }: Shell): number =>
  Math.max(0, ...openings.filter(({ entrance }) => entrance).map(({ fromMm, toMm }) => toMm - fromMm))

const longPieces = (brief: Brief): readonly ResolvedDemand[] =>
  demandsOf(brief).filter(({ need, sizeMm, must }) => need === 'stowage' && must && sizeMm.length === 3)

/** Whether a piece lies straight along the middle of a body at some height: most do, and then nothing needs be searched. */
function liesInMiddle(interior: Interior, long: number, wide: number, high: number): boolean {
  const { min, max } = interior.xSpan
  const [x, y] = [(min + max) / 2, wide / 2]
  return [100, 400, 700].some((z) =>
    boxInside(interior, {
      x: { min: x - long / 2, max: x + long / 2 },
      y: { min: -y, max: y },
      z: { min: z, max: z + high },
    }),
  )
}

/** Pieces that are too long to lie straight are looked for slanted: each section once, and no more sections than these, the longest first. */
const MOST_SECTIONS = 8

interface LongPiece {
  readonly label: string
  readonly long: number
  readonly board: Board | undefined
}

function searchedPieces(
  brief: Brief,
  interior: Interior,
): { readonly tried: readonly LongPiece[]; readonly untried: number } {
  const boards = new Map<string, Board | undefined>()
  const tried: LongPiece[] = []
  let untried = 0
  for (const { label = '', sizeMm } of longPieces(brief)) {
    const [long, middle, least] = [...sizeMm].sort((a, b) => b - a) as [number, number, number]
    if (liesInMiddle(interior, long, middle, least)) continue
    const section = `${middle} ${least}`
    if (!boards.has(section)) {
      if (boards.size === MOST_SECTIONS) {
        untried += 1
        continue
      }
      boards.set(section, longestBoard(interior, middle, least))
    }
    tried.push({ label, long, board: boards.get(section) })
  }
  return { tried, untried }
}

/** Everything that a brief asks and a body cannot give, gravest first. */
export function contradictionsOf(brief: Brief, interior: Interior): readonly Contradiction[] {
  const { shell } = interior
  const found: Contradiction[] = []
  const say = (
    code: ContradictionCode,
    gravity: Contradiction['gravity'],
    who: string,
    wanted: number,
    there: number,
    unit: Contradiction['unit'] = 'mm',
  ) => found.push({ code, gravity, who, wanted, there, unit })

  const demands = demandsOf(brief)
  const travels = demands.filter(({ need }) => need === 'belt').reduce((sum, { quantity }) => sum + quantity, 0)
  if (travels > beltsOf(shell)) say('belts-short', 'stop', '', travels, beltsOf(shell), 'count')

  const { tried, untried } = searchedPieces(brief, interior)
  for (const { label, long, board } of tried)
    if (board === undefined || board.mm < long) say('gear-long', 'stop', label, long, board?.mm ?? 0)
  if (untried > 0) say('gear-untried', 'caution', '', untried, MOST_SECTIONS, 'count')

  const headroom = mostHeadroomMm(interior)
  for (const [, person] of peopleOf(brief)) {
    if (person.mobility === 'wheelchair' || (person.age ?? 'adult') === 'infant') continue
    const wanted = person.statureMm + STANDING_SPARE_MM
    if (wanted > headroom) say('head-low', 'caution', person.label, wanted, headroom)
  }

  const beds = new Map<string, number>()
  for (const { label, need, sizeMm } of demands) {
    if (need !== 'berth') continue
    const size = sizeMm.join(' ')
    const there = beds.get(size) ?? longestBedMm(interior, sizeMm[1]!, sizeMm[0]!)
    beds.set(size, there)
    if (there < sizeMm[0]!) say('bed-short', 'stop', label ?? tallestOf(brief)?.label ?? '', sizeMm[0]!, there)
  }

  const aided = aidedOf(brief)
  const doorMm = aided === undefined ? 0 : routeOf(aided.aid).doorMm
  if (aided !== undefined && entranceMm(shell) < doorMm)
    say('route-wide', 'stop', aided.person.label, doorMm, entranceMm(shell))

  const [asked, wall] = [wallAskedMm(brief), wallLengthMm(interior)]
  if (asked > wall) say('walls-short', 'stop', '', asked, wall)

  const { outer } = shell
  const { parkingLengthMm, parkingHeightMm } = brief.use ?? {}
  if (outer !== undefined && parkingLengthMm !== undefined && outer.lengthMm > parkingLengthMm)
    say('parking-long', 'stop', '', outer.lengthMm, parkingLengthMm)
  if (outer !== undefined && parkingHeightMm !== undefined && outer.heightMm > parkingHeightMm)
    say('parking-high', 'stop', '', outer.heightMm, parkingHeightMm)

  const [load, payload] = [loadKg(brief), payloadOf(shell)]
  if (load > payload) say('payload-over', 'stop', '', load, payload, 'kg')

  const hatch = answer(brief, 'toilet') === 'cassette'
  if (answer(brief, 'permanence') === 'no-holes' && (hatch || answer(brief, 'washing') === 'inside'))
    say('holes-wanted', 'caution', '', 0, 0, 'none')
  if (answer(brief, 'stealth') && hatch) say('stealth-hatch', 'caution', '', 0, 0, 'none')

  return found.sort((a, b) => Number(b.gravity === 'stop') - Number(a.gravity === 'stop'))
}
