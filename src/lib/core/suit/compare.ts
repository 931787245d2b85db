import { type Brief, demandsOf } from '../brief'
import { type Interior, interiorOf, type Lining, payloadOf, type Shell } from '../shell'
import { type Contradiction, contradictionsOf, loadKg, wallAskedMm, wallLengthMm } from './contradictions'

/** How one body stands to a brief, before anything is drawn. */
export interface VehicleRow {
  readonly shellId: string
  readonly name: string
  /** Musts that nothing stops, and all of them: what is asked as a must, and what else the brief sets that this body cannot keep. */
  readonly musts: number
  readonly of: number
  /** What speaks against it, gravest first; the first that fails is the first of these. */
  readonly against: readonly Contradiction[]
  /** Wall that furniture can stand along, and what the musts ask of it. */
  readonly wallMm: number
  readonly wallAskedMm: number
  /** Wall left when the musts stand along it; negative when it is short. */
  readonly spareWallMm: number
  readonly payloadKg: number
  /** Of people, gear and water. */
  readonly loadKg: number
  /** Payload left after them; negative when over. */
  readonly payloadLeftKg: number
  readonly lengthMm: number | undefined
  readonly heightMm: number | undefined
}

/** Which demand a contradiction speaks against. */
const AGAINST: Partial<Record<Contradiction['code'], string>> = {
  'belts-short': 'belt',
  'gear-long': 'stowage',
  'bed-short': 'berth',
  'route-wide': 'turning-circle',
}

/** What is about one piece or bed fails that one only. */
const NAMED: ReadonlySet<Contradiction['code']> = new Set(['gear-long', 'bed-short'])

function mustsMet(brief: Brief, against: readonly Contradiction[]): { musts: number; of: number } {
  const musts = demandsOf(brief).filter(({ must }) => must)
  const stops = against.filter(({ gravity }) => gravity === 'stop')
  const fails = musts.filter(({ need, label }) =>
    stops.some(
      ({ code, who }) =>
        AGAINST[code] === need && (label === undefined || who === '' || who === label || !NAMED.has(code)),
    ),
  )
  // a bar that it does not go under, a wall that is too short: each is a must of its own that fails
  const others = new Set(stops.flatMap(({ code }) => (musts.some(({ need }) => AGAINST[code] === need) ? [] : [code])))
  return { musts: musts.length - fails.length, of: musts.length + others.size }
}

const rowOf = (brief: Brief, interior: Interior): VehicleRow => {
  const { shell } = interior
  const against = contradictionsOf(brief, interior)
  const [wallMm, askedMm] = [wallLengthMm(interior), wallAskedMm(brief)]
  const [payloadKg, load] = [payloadOf(shell), loadKg(brief)]
  return {
    shellId: shell.id,
    name: shell.name,
    ...mustsMet(brief, against),
    against,
    wallMm,
    wallAskedMm: askedMm,
    spareWallMm: wallMm - askedMm,
    payloadKg,
    loadKg: load,
    payloadLeftKg: payloadKg - load,
    lengthMm: shell.outer?.lengthMm,
    heightMm: shell.outer?.heightMm,
  }
}

/**
 * Bodies against a brief: those that nothing stops first, then by how much speaks against them and the musts met; among
 * equals the shortest that serves. Each is taken lined, without changes; furniture's own mass is not yet in the payload left.
 */
export function compareVehicles(brief: Brief, shells: readonly Shell[], lining: Lining): readonly VehicleRow[] {
  const stops = ({ against }: VehicleRow): number => against.filter(({ gravity }) => gravity === 'stop').length
  return shells
    .map((shell) => rowOf(brief, interiorOf(shell, lining)))
    .sort(
      (a, b) =>
        stops(a) - stops(b) ||
        a.against.length - b.against.length ||
        b.musts - a.musts ||
        (a.lengthMm ?? 0) - (b.lengthMm ?? 0) ||
        (a.shellId < b.shellId ? -1 : 1),
    )
}
