import { ageOf, peopleOf, personMass, petMass, type Brief, type Person } from '../../brief'
import { placePoint, prismBounds, spanMiddle, type Vec3 } from '../../geometry'
import { assignBerths, seatPlaces, type Placed, type Scene } from '../../scene'
import { floorThere } from '../../shell'
import { weightEntry, type Unknown, type WeightEntry } from './entry'
import { onRoof } from './on-roof'
import { driversSeat } from './vehicle'

/** A place that someone takes, and the fitting that carries them. */
interface Spot {
  readonly at: Vec3
  readonly carriedBy: string | undefined
  readonly onRoof: boolean
}

/** The middle of one who sits over the cushion, of one who lies over the mattress, of one who stands over the floor, mm. Common practice, no source. */
const SITS_UP_MM = 200
const LIES_UP_MM = 100
const STANDS_UP_MM = 900

const middleOfFloor = ({ interior }: Scene): Vec3 => {
  const x = spanMiddle(interior.xSpan)
  return [x, 0, floorThere(interior, x)]
}

const over = ([x, y, z]: Vec3, upMm: number): Vec3 => [x, y, z + upMm]

/** Belted places for the road: the driver’s first, the rest of the cab, then those on fittings. */
function beltedSpots(scene: Scene): readonly Spot[] {
  const { shell } = scene.interior
  const driver = driversSeat(shell)
  const cab = [...shell.cabSeats]
    .filter(({ belt }) => belt)
    .sort((a, b) => Number(b.id === driver?.id) - Number(a.id === driver?.id))
  const fitted = scene.placed.flatMap((placed) =>
    placed.services.flatMap(({ type, places, cushion }): Spot[] =>
      type === 'belt'
        ? (places ?? []).map(({ at }) => ({
            at: [at[0], at[1], placed.placement.at[2] + (cushion?.topMm ?? 450) + SITS_UP_MM],
            carriedBy: placed.id,
            onRoof: false,
          }))
        : [],
    ),
  )
  return [
    ...cab.map(({ xMm, yMm, cushionMm }): Spot => ({
      at: [xMm, yMm, cushionMm + SITS_UP_MM],
      carriedBy: undefined,
      onRoof: false,
    })),
    ...fitted,
  ]
}

/** Who travels, the driver first, then adults, then children. */
function travellers(brief: Brief): readonly (readonly [string, Person])[] {
  const all = peopleOf(brief).filter(([, { travels }]) => travels)
  const drives = all.find(([, person]) => ageOf(person) === 'adult' && person.mobility !== 'wheelchair') ?? all[0]
  const rank = ([id, person]: readonly [string, Person]): number =>
    id === drives?.[0] ? 0 : person.mobility === 'wheelchair' ? 1 : ageOf(person) === 'adult' ? 2 : 3
  return [...all].sort((a, b) => rank(a) - rank(b))
}

interface Placing {
  readonly entries: readonly WeightEntry[]
  readonly unknown: readonly Unknown[]
}

/** Everyone who travels, in the seat that they have on the road. The driver is always aboard. */
function onTheRoad(scene: Scene, brief: Brief, driverKg: number): Placing {
  const spots = [...beltedSpots(scene)]
  const people = travellers(brief)
  const unknown: Unknown[] = people.length === 0 ? [{ what: 'people' }] : []
  const chairs = scene.placed.filter(({ services }) => services.some(({ type }) => type === 'wheelchair-place'))
  const entries = people.map(([id, person], index): WeightEntry => {
    const chair = person.mobility === 'wheelchair' ? chairs.shift() : undefined
    const spot: Spot | undefined =
      chair === undefined
        ? spots.shift()
        : {
            at: over([...placePoint(chair.placement, [0, 0]), chair.placement.at[2]], STANDS_UP_MM),
            carriedBy: chair.id,
            onRoof: false,
          }
    if (spot === undefined) unknown.push({ what: 'seat', id })
    return personEntry(
      brief,
      id,
      person,
      spot ?? { at: over(middleOfFloor(scene), STANDS_UP_MM), carriedBy: undefined, onRoof: false },
      index > 0,
    )
  })
  if (people.length > 0) return { entries, unknown }
  const spot = spots[0] ?? { at: over(middleOfFloor(scene), STANDS_UP_MM) }
  const driver = weightEntry({ id: 'driver', kind: 'person', of: '', kg: driverKg, at: spot.at, reason: 'usual' })
  return { entries: [driver], unknown }
}

function personEntry(brief: Brief, id: string, person: Person, spot: Spot, may: boolean): WeightEntry {
  const { kg, lowKg, highKg, isSaid } = personMass(brief, person)
  return weightEntry({
    id: `person:${id}`,
    kind: 'person',
    of: id,
    kg,
    lowKg,
    highKg,
    at: spot.at,
    reason: isSaid ? 'said' : 'by-body',
    may,
    onRoof: spot.onRoof,
    carriedBy: spot.carriedBy,
  })
}

/** Everyone at rest: where their figure was put, else in a berth or on a seat, as the mode has it. */
function atRest(scene: Scene, brief: Brief): Placing {
  const people = peopleOf(brief)
  const figures = new Map(Object.values(scene.figures).map((figure) => [figure.who, figure]))
  const beds = new Map<string, Spot>()
  if (scene.purpose === 'sleeping') {
    const ids = new Map<Person, string>(people.map(([id, person]) => [person, id]))
    const asleep = people.map(([, person]) => person).filter((one) => one.sleeps && ageOf(one) !== 'infant')
    for (const { berth, sleepers } of assignBerths(scene, asleep).nights)
      for (const sleeper of sleepers) {
        const id = ids.get(sleeper)
        const bed = scene.placed.find((placed) => placed.id === berth.fittingId)
        if (id === undefined || bed === undefined) continue
        const [x, y] = berth.lying.middle
        beds.set(id, {
          at: [x, y, bed.placement.at[2] + berth.lying.zMm + LIES_UP_MM],
          carriedBy: bed.id,
          onRoof: onRoof(scene, bed),
        })
      }
  }
  const seats = [...seatPlaces(scene)]
  const entries = people.map(([id, person]): WeightEntry => {
    const figure = figures.get(id)
    const floor = floorThere(scene.interior, figure?.at[0] ?? spanMiddle(scene.interior.xSpan))
    const seat = figure === undefined && !beds.has(id) ? seats.shift() : undefined
    const spot: Spot =
      figure !== undefined
        ? { at: [figure.at[0], figure.at[1], floor + STANDS_UP_MM], carriedBy: undefined, onRoof: false }
        : (beds.get(id) ??
          (seat === undefined
            ? { at: over(middleOfFloor(scene), STANDS_UP_MM), carriedBy: undefined, onRoof: false }
            : { at: [seat.at[0], seat.at[1], floor + STANDS_UP_MM], carriedBy: undefined, onRoof: false }))
    return personEntry(brief, id, person, spot, true)
  })
  return { entries, unknown: [] }
}

/** People and pets, where the mode has them. */
export function liveEntries(scene: Scene, brief: Brief, driverKg: number): Placing {
  const people = scene.purpose === 'driving' ? onTheRoad(scene, brief, driverKg) : atRest(scene, brief)
  const places: readonly Placed[] = scene.placed.filter(({ services }) =>
    services.some(({ type }) => type === 'pet-place'),
  )
  const pets = Object.entries(brief.pets).map(([id, pet], index): WeightEntry => {
    const place = places[index]
    const { kg, lowKg, highKg, isSaid } = petMass(pet)
    const inside = place?.services.find(({ type }) => type === 'pet-place')?.inside
    const bounds = inside === undefined ? place?.bounds : prismBounds(inside)
    const at: Vec3 =
      bounds === undefined
        ? over(middleOfFloor(scene), pet.heightMm / 2)
        : [spanMiddle(bounds.x), spanMiddle(bounds.y), bounds.z.min + pet.heightMm / 2]
    return weightEntry({
      id: `pet:${id}`,
      kind: 'pet',
      of: id,
      kg,
      lowKg,
      highKg,
      at,
      reason: isSaid ? 'said' : 'by-body',
      may: true,
      carriedBy: place?.id,
    })
  })
  return { entries: [...people.entries, ...pets], unknown: people.unknown }
}
