import type { Vec3 } from '../geometry'
import type { Job, WirePart } from '../job'
import type { Placed } from '../scene'
import { faultsOf, sizedFor, type Conductor, type Duty, type Sized, type WireFault } from './conductors'
import { routeOn, type Net, type Route } from './net'

/** What a wire is for. */
export type CircuitWhat =
  | 'main'
  | 'inverter'
  | 'panel'
  | 'sun-charger'
  | 'engine-charger'
  | 'mains-charger'
  | 'lights'
  | 'reading-lights'
  | 'door-lights'
  | 'always-on'
  | 'alarms'
  | 'sockets'
  | 'hob'
  | 'heater'
  | 'cold-box'
  | 'fan'
  | 'pump'
  | 'lift'
  | 'other'
  | 'mains-inlet'
  | 'mains-sockets'
  | 'mains'
  | 'later-battery'
  | 'own'

/** Where a wire begins: what guards it is there. */
export type Source = 'battery' | 'board' | 'inverter' | 'engine' | 'inlet' | 'panel' | 'controller'

/** One wire with its fuse, out to what it serves and back. */
export interface Wire {
  /** The same as long as it serves the same. */
  readonly id: string
  readonly what: CircuitWhat
  /** What a circuit of one’s own is called. */
  readonly label?: string
  readonly source: Source
  /** The fittings that it serves, in the order in which it comes to them. */
  readonly serves: readonly string[]
  readonly volts: number
  readonly amps: number
  /** For minutes as something starts: no less than for long. */
  readonly startA: number
  readonly surgeA: number
  /** Its way, one way; undefined where the body leaves none. */
  readonly route: Route | undefined
  /** Undefined where no conductor is thick enough, or there is no way. */
  readonly sized: Sized | undefined
  readonly mostDrop: number
  /** What goes with it besides its fuse. */
  readonly wants: readonly WirePart[]
  /** Whether somebody chose its section, fuse or parts. */
  readonly isChosen: boolean
  readonly faults: readonly WireFault[]
}

/** At both ends of a wire, to connect it. Common practice, no source. */
const ENDS_MM = 300

/** The middle of a thing: where its wire ends. */
export const centreOf = ({ bounds: { x, y, z } }: Placed): Vec3 => [
  (x.min + x.max) / 2,
  (y.min + y.max) / 2,
  (z.min + z.max) / 2,
]

/** A wire that is wanted: what it is for, from where, and to what. */
export interface Want {
  readonly what: CircuitWhat
  /** What tells it from others of its sort. */
  readonly key?: string
  readonly label?: string
  readonly source: Source
  readonly from: Vec3 | undefined
  readonly serves: readonly Placed[]
  readonly volts: number
  readonly amps: number
  readonly startA?: number
  readonly surgeA?: number
  readonly isLight?: boolean
  readonly wants?: Wire['wants']
  /** Where it goes, if not to what it serves. */
  readonly to?: Vec3
}

/** A way that comes to things one after the other, the nearest first. */
function chained(
  net: Net,
  from: Vec3,
  serves: readonly Placed[],
): { readonly route: Route; readonly order: readonly string[] } | undefined {
  const left = [...serves]
  const order: string[] = []
  const points: Vec3[] = []
  let [at, lengthMm] = [from, 0]
  while (left.length > 0) {
    const ways = left.flatMap((one) => {
      const route = routeOn(net, at, centreOf(one))
      return route === undefined ? [] : [{ one, route }]
    })
    const best = ways.reduce<(typeof ways)[number] | undefined>(
      (so, way) => (so === undefined || way.route.lengthMm < so.route.lengthMm ? way : so),
      undefined,
    )
    if (best === undefined) return undefined
    points.push(...(points.length === 0 ? best.route.points : best.route.points.slice(1)))
    lengthMm += best.route.lengthMm
    order.push(best.one.id)
    at = centreOf(best.one)
    left.splice(left.indexOf(best.one), 1)
  }
  return { route: { points, lengthMm: lengthMm + ENDS_MM }, order }
}

/** What a wire is laid by: the net of the body, the conductors to be had, what may be lost, and what somebody chose. */
export interface Laying {
  readonly net: Net
  readonly job: Job
  readonly conductors: readonly Conductor[]
  readonly mostDrop: (isLight: boolean) => number
}

/** What must go with a wire, by what it is called where it does not. */
const LACKS: { readonly [P in WirePart]?: WireFault } = {
  switch: 'no-switch',
  timer: 'no-timer',
  'residual-current': 'no-residual-current',
}

/** A wire on its way, with the section and fuse that its duty asks for or that somebody chose. */
export function laid({ net, job, conductors, mostDrop }: Laying, want: Want): Wire {
  const {
    what,
    source,
    from,
    serves,
    volts,
    amps,
    startA = amps,
    surgeA = amps,
    isLight = false,
    wants = [],
    key,
    label,
    to,
  } = want
  const id = key === undefined ? what : `${what}-${key}`
  const notes = job.power?.wires
  const note = notes !== undefined && Object.hasOwn(notes, id) ? notes[id] : undefined
  const straight = from === undefined || to === undefined ? undefined : routeOn(net, from, to)
  const way =
    straight !== undefined
      ? { route: { ...straight, lengthMm: straight.lengthMm + ENDS_MM }, order: [] }
      : from === undefined
        ? undefined
        : chained(net, from, serves)
  const duty: Duty | undefined =
    way === undefined
      ? undefined
      : { amps, startA, surgeA, lengthMm: way.route.lengthMm, volts, mostDrop: mostDrop(isLight) }
  const sized = duty === undefined ? undefined : sizedFor(duty, conductors, note)
  const parts = note?.with ?? wants
  return {
    id,
    what,
    ...(label === undefined ? {} : { label }),
    source,
    serves: way?.order ?? serves.map(({ id }) => id),
    volts,
    amps,
    startA,
    surgeA,
    route: way?.route,
    sized,
    mostDrop: mostDrop(isLight),
    wants: parts,
    isChosen: note !== undefined,
    faults: [
      ...(sized === undefined || duty === undefined ? [] : faultsOf(sized, duty)),
      ...wants.flatMap((part) => {
        const lacks = LACKS[part]
        return lacks === undefined || parts.includes(part) ? [] : [lacks]
      }),
    ],
  }
}
