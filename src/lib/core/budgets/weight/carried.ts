import {
  demandOf,
  demandsOf,
  gearMass,
  piecesOf,
  travellersOf,
  type Brief,
  type Gear,
  type MassRange,
} from '../../brief'
import { prismBounds, prismBulk, spanMiddle, type Vec3 } from '../../geometry'
import { stowedIn } from '../../needs'
import { type Placed, type Scene } from '../../scene'
import { weightEntry, type Unknown, type WeightEntry } from './entry'
import { onRoof } from './on-roof'

interface Carried {
  readonly entries: readonly WeightEntry[]
  readonly unknown: readonly Unknown[]
}

interface Lies {
  readonly at: Vec3
  readonly carriedBy: string | undefined
  readonly onRoof: boolean
}

/** Where a thing lies that has no place: on the floor, in the middle. */
const inTheMiddle = ({ interior }: Scene): Lies => ({
  at: [spanMiddle(interior.xSpan), 0, 400],
  carriedBy: undefined,
  onRoof: false,
})

const middleOf = (placed: Placed): Vec3 => {
  const inside = placed.services.find(({ type }) => type === 'outside-store')?.inside
  const { x, y, z } = inside === undefined ? placed.bounds : prismBounds(inside)
  return [spanMiddle(x), spanMiddle(y), spanMiddle(z)]
}

/** Where gear travels that lives outside: on the roof or on what carries it behind, if something does. */
function outsidePlace(scene: Scene, place: 'outside' | 'roof'): Lies | undefined {
  const stores = scene.placed.filter(({ services }) => services.some(({ type }) => type === 'outside-store'))
  const found = stores.find((placed) => onRoof(scene, placed) === (place === 'roof')) ?? stores[0]
  if (found !== undefined) return { at: middleOf(found), carriedBy: found.id, onRoof: onRoof(scene, found) }
  if (place === 'outside') return undefined
  const { interior } = scene
  const top = Math.max(...interior.sections.flatMap(({ polygon }) => polygon.map((corner) => corner[1])))
  return { at: [spanMiddle(interior.xSpan), 0, top + 100], carriedBy: undefined, onRoof: true }
}

/** Gear of the brief, where it is packed. What found no room lies in the middle, and is named. */
function gearEntries(
  scene: Scene,
  brief: Brief,
): Carried & { readonly inside: ReadonlyMap<string, number>; readonly insideKg: number } {
  const unknown: Unknown[] = []
  const entries: WeightEntry[] = []
  const inside = new Map<string, number>()
  let insideKg = 0
  const left = new Map(Object.entries(brief.gear ?? {}).map(([id, { count }]) => [id, count]))
  const demands = new Map(demandsOf(brief).map((demand) => [demand.id, demand]))
  const stowed = stowedIn(scene, brief)
  const add = (id: string, of: string, mass: MassRange, lies: Lies | undefined): void => {
    if (!mass.isSaid) unknown.push({ what: 'gear-mass', id: of })
    if (lies === undefined) unknown.push({ what: 'gear-place', id: of })
    const { at, carriedBy, onRoof: isOnRoof } = lies ?? inTheMiddle(scene)
    entries.push(
      weightEntry({
        id: `gear:${id}`,
        kind: 'gear',
        of,
        kg: mass.kg,
        lowKg: mass.lowKg,
        highKg: mass.highKg,
        at,
        reason: mass.isSaid ? 'said' : 'by-size',
        may: true,
        onRoof: isOnRoof,
        carriedBy,
      }),
    )
  }

  for (const piece of piecesOf(brief)) {
    const demandId = demandOf(piece.id)
    const [of = demandId] = demands.get(demandId)?.forWhom ?? []
    const gear: Gear | undefined = brief.gear?.[of]
    const mass = gearMass(gear ?? { label: '', sizeMm: [...piece.size], count: 1 })
    const host = stowed.places.get(piece.id)
    const at = stowed.at.get(piece.id)
    if (gear !== undefined) left.set(of, (left.get(of) ?? 0) - 1)
    insideKg += mass.kg
    if (host !== undefined)
      inside.set(host, (inside.get(host) ?? 0) + piece.size.reduce((product, side) => product * side, 1))
    add(piece.id, of, mass, host === undefined || at === undefined ? undefined : { at, carriedBy: host, onRoof: false })
  }
  for (const [of, count] of left) {
    const gear = brief.gear?.[of]
    if (gear === undefined || count <= 0) continue
    const place = gear.place ?? 'inside'
    const lies = place === 'inside' ? undefined : outsidePlace(scene, place)
    if (place === 'inside') insideKg += gearMass(gear).kg * count
    for (let index = 0; index < count; index += 1) add(`${of}#${place}-${index}`, of, gearMass(gear), lies)
  }
  return { entries, unknown: told(unknown), inside, insideKg }
}

/** Each only once. */
const told = (unknown: readonly Unknown[]): readonly Unknown[] => [
  ...new Map(unknown.map((one) => [JSON.stringify(one), one])).values(),
]

/** What may be twice as much, or half. Common practice, no source. */
const THINGS = { low: 0.5, high: 2 } as const

/** What people bring that no list holds, in the stores that are left for it: as much for each of them and each metre as the standard has it. */
function thingsEntries(
  scene: Scene,
  brief: Brief,
  assume: { readonly personalKg: number; readonly personalKgPerM: number; readonly shelfKgPerL: number },
  inside: ReadonlyMap<string, number>,
  listedKg: number,
): Carried {
  const { outer } = scene.interior.shell
  const lengthM = (outer?.lengthMm ?? 0) / 1000
  const unknown: readonly Unknown[] = outer === undefined ? [{ what: 'outer-length' }] : []
  const kg = Math.max(
    0,
    assume.personalKg * Math.max(1, travellersOf(brief)) + assume.personalKgPerM * lengthM - listedKg,
  )
  if (kg === 0) return { entries: [], unknown }
  const rooms = scene.placed.flatMap((placed) => {
    const own = placed.services.flatMap(({ type, inside: room }) =>
      type === 'stowage' && room !== undefined ? [prismBulk(room)] : [],
    )
    const mm3 = own.reduce((sum, one) => sum + one.mm3, 0)
    const free = mm3 - (inside.get(placed.id) ?? 0)
    if (!(free > 0)) return []
    const mean = (axis: 0 | 1 | 2) => own.reduce((sum, one) => sum + one.middle[axis] * one.mm3, 0) / mm3
    return [{ placed, mostKg: free * 1e-6 * assume.shelfKgPerL, at: [mean(0), mean(1), mean(2)] as Vec3 }]
  })
  const most = rooms.reduce((sum, { mostKg }) => sum + mostKg, 0)
  const share = most === 0 ? 0 : Math.min(1, kg / most)
  const entry = (id: string, of: string, amount: number, lies: Lies): WeightEntry =>
    weightEntry({
      id: `things:${id}`,
      kind: 'things',
      of,
      kg: amount,
      lowKg: amount * THINGS.low,
      highKg: amount * THINGS.high,
      at: lies.at,
      reason: 'usual',
      may: true,
      onRoof: lies.onRoof,
      carriedBy: lies.carriedBy,
    })
  const stored = rooms.map(({ placed, mostKg, at }) =>
    entry(placed.id, placed.id, mostKg * share, { at, carriedBy: placed.id, onRoof: onRoof(scene, placed) }),
  )
  const over = kg - most * share
  return { entries: over > 0.01 ? [...stored, entry('loose', '', over, inTheMiddle(scene))] : stored, unknown }
}

/** Everything that people bring. */
export function carriedEntries(
  scene: Scene,
  brief: Brief,
  assume: { readonly personalKg: number; readonly personalKgPerM: number; readonly shelfKgPerL: number },
): Carried {
  const gear = gearEntries(scene, brief)
  const things = thingsEntries(scene, brief, assume, gear.inside, gear.insideKg)
  return { entries: [...gear.entries, ...things.entries], unknown: [...gear.unknown, ...things.unknown] }
}
