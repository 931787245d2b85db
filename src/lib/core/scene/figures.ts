import { measureOf, peopleOf, type Brief, type Person, type Pet } from '../brief'
import {
  block,
  overlapBounds,
  placePoint,
  placePrism,
  prismBounds,
  prismsOverlap,
  spanLength,
  type Placement,
  type Prism,
  type Vec2,
  type Vec3,
} from '../geometry'
import type { Figure, FigurePose } from '../job'
import { ACCESS } from '../people'
import { floorThere, protrusionThere } from '../shell'
import type { Blocker } from './free'
import type { Scene } from './scene'

/** A figure with its body, to scale, in the vehicle frame. */
export interface FigureBody extends Figure {
  readonly id: string
  readonly label: string
  readonly kind: 'person' | 'pet' | 'gear'
  /** Of a person: the stature that is planned for. */
  readonly statureMm: number | undefined
  /** What it sits, lies or stands on: the floor, or a fitting's top. */
  readonly onMm: number
  readonly parts: readonly Prism[]
  /** A wheelchair's turning circle round its middle; undefined for all else. */
  readonly turningMm: number | undefined
}

/** A lying body's height and a thigh's; a trunk is taken as deep as a foot is long. Common practice, no source. */
const LYING_MM = 250
const THIGH_MM = 150
/** Seat of a wheelchair, and the room a walker takes ahead. Common practice, no source. */
const CHAIR_SEAT_MM = 480
const WALKER_MM: Vec3 = [450, 620, 850]
/** A seat is at least as high as this, and no higher; one lies on nothing higher than the second. */
const SEAT_MM = { least: 250, most: 700 } as const
const LIE_MOST_MM = 1400
/** Bodies give: so much of one may press into a cushion or a board's edge. */
const GIVE_MM = 60

/** What lies under a point: the top of the highest part of a fitting between two heights above the floor. */
function topUnder(scene: Scene, [x, y]: Vec2, floor: number, least: number, most: number): number | undefined {
  let best: number | undefined
  for (const placed of scene.placed)
    for (const { prism } of placed.inner) {
      const bounds = prismBounds(prism)
      const above = bounds.z.max - floor
      const over = x >= bounds.x.min && x <= bounds.x.max && y >= bounds.y.min && y <= bounds.y.max
      if (over && above >= least && above <= most && bounds.z.max > (best ?? -Infinity)) best = bounds.z.max
    }
  return best
}

/** The parts of a person in their own frame: facing +x, on (0, 0, 0), where a sitter's seat is. */
function personParts(brief: Brief, person: Person, pose: FigurePose, onMm: number, floorMm: number): readonly Prism[] {
  const of = (measure: Parameters<typeof measureOf>[2]) => measureOf(brief, person, measure)
  const [w, d] = [of('shoulderBreadth') / 2, of('footLength') / 2]
  const stature = person.statureMm
  const rolls = person.mobility === 'wheelchair'
  const chair = person.wheelchair ?? { lengthMm: ACCESS.clearFloorMm[0], widthMm: ACCESS.clearFloorMm[1] }
  if (pose === 'lying') return [block([-stature / 2, -w, 0], [stature / 2, w, LYING_MM])]
  if (rolls)
    return [
      block([-chair.lengthMm / 2, -chair.widthMm / 2, 0], [chair.lengthMm / 2, chair.widthMm / 2, CHAIR_SEAT_MM]),
      block([-d, -w, CHAIR_SEAT_MM], [d, w, CHAIR_SEAT_MM + of('sittingHeight')]),
    ]
  if (pose === 'sitting') {
    const knee = of('hip') - of('knee')
    const down = floorMm - onMm
    return [
      block([-d, -w, 0], [d, w, of('sittingHeight')]),
      block([d, -w * 0.8, 0], [knee, w * 0.8, THIGH_MM]),
      ...(down < -50 ? [block([knee - 120, -w * 0.8, down], [knee + d, w * 0.8, 0])] : []),
    ]
  }
  const trunk = block([-d, -w, 0], [d, w, stature])
  if (pose === 'working') {
    const [arm, elbow] = [of('forearm') + of('hand'), of('elbow')]
    return [trunk, block([d, -w, elbow - 40], [d + arm, w, elbow + 40])]
  }
  const [long, wide, high] = WALKER_MM
  return person.mobility === 'walker' ? [trunk, block([d, -wide / 2, 0], [d + long, wide / 2, high])] : [trunk]
}

const petParts = ({ lengthMm, heightMm }: Pet, pose: FigurePose): readonly Prism[] => [
  block(
    [-lengthMm / 2, -lengthMm * 0.2, 0],
    [lengthMm / 2, lengthMm * 0.2, pose === 'lying' ? heightMm * 0.6 : heightMm * 1.2],
  ),
]

const gearParts = ([long, wide, high]: readonly [number, number, number], pose: FigurePose): readonly Prism[] => {
  const [l, w, h] = pose === 'lying' ? [Math.max(long, high), wide, Math.min(long, high)] : [long, wide, high]
  return [block([-l / 2, -w / 2, 0], [l / 2, w / 2, h])]
}

/** The figures of a scene with their bodies; those whose owner has left the brief are left out. */
export function figuresOf(scene: Scene, brief: Brief): readonly FigureBody[] {
  const people = new Map(peopleOf(brief))
  return Object.entries(scene.figures).flatMap(([id, figure]): FigureBody[] => {
    const { who, pose, at, turn } = figure
    const floor = floorThere(scene.interior, at[0])
    const person = people.get(who)
    const pet = brief.pets[who]
    const gear = brief.gear?.[who]
    const lies = pose === 'lying' && (person !== undefined || pet !== undefined)
    const sits = pose === 'sitting' && person !== undefined && person.mobility !== 'wheelchair'
    const under = lies
      ? topUnder(scene, at, floor, 50, LIE_MOST_MM)
      : sits
        ? topUnder(scene, at, floor, SEAT_MM.least, SEAT_MM.most)
        : undefined
    const stool = sits && person !== undefined ? measureOf(brief, person, 'knee') : 0
    const onMm = under ?? floor + (sits ? stool : 0)
    const own =
      person !== undefined
        ? personParts(brief, person, pose, onMm, floor)
        : pet !== undefined
          ? petParts(pet, pose)
          : gear !== undefined
            ? gearParts(gear.sizeMm, pose)
            : []
    const label = person?.label ?? pet?.label ?? gear?.label
    if (own.length === 0 || label === undefined) return []
    const placement: Placement = { at: [at[0], at[1], onMm], turn, mirrored: false }
    return [
      {
        ...figure,
        id,
        label,
        kind: person !== undefined ? 'person' : pet !== undefined ? 'pet' : 'gear',
        statureMm: person?.statureMm,
        onMm,
        parts: own.map((part) => placePrism(placement, part)),
        turningMm: person?.mobility === 'wheelchair' ? (person.wheelchair?.turningMm ?? ACCESS.turningMm) : undefined,
      },
    ]
  })
}

/** The way a figure faces, as a unit vector in plan. */
export const facing = ({ turn }: Pick<Figure, 'turn'>): Vec2 =>
  placePoint({ at: [0, 0, 0], turn, mirrored: false }, [1, 0])

export interface FigureClash {
  readonly blockers: readonly Blocker[]
  /** How deep the worst of them reaches into the body. */
  readonly byMm: number
}

/** What a figure's body meets that does not give: fittings, what stands proud of the body, its walls and roof. */
export function figureClash(scene: Scene, figure: FigureBody): FigureClash | undefined {
  const blockers: Blocker[] = []
  let worst = 0
  const meet = (blocker: Blocker, byMm: number) => {
    if (byMm <= GIVE_MM) return
    blockers.push(blocker)
    worst = Math.max(worst, byMm)
  }
  const depth = (prism: Prism): number =>
    Math.max(
      0,
      ...figure.parts
        .filter((part) => prismsOverlap(part, prism))
        .map((part) => {
          const shared = overlapBounds(part, prism)
          return Math.min(spanLength(shared.x), spanLength(shared.y), spanLength(shared.z))
        }),
    )
  for (const placed of scene.placed)
    meet({ kind: 'fitting', id: placed.id }, Math.max(0, ...placed.inner.map(({ prism }) => depth(prism))))
  for (const { id, prism } of scene.interior.keepOuts) meet({ kind: 'keep-out', id }, depth(prism))
  meet(
    { kind: 'shell', id: 'shell' },
    Math.max(0, ...figure.parts.map((part) => protrusionThere(scene.interior, part)?.byMm ?? 0)),
  )
  return blockers.length === 0 ? undefined : { blockers, byMm: Math.round(worst) }
}
