import { chargerWatts, INVERTER_SURGE, PERSONAL, placedInAnyMode, plantOf, powerAssumedIn } from '../budgets'
import { block, prismBounds, type Box, type Vec3 } from '../geometry'
import { planInterior, type Job } from '../job'
import { berthsOf, scenesOf, type Placed } from '../scene'
import { sizedFor, type Sized } from './conductors'
import { netOf, routeOn, type Net, type Route } from './net'

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

/** Where a wire begins: what guards it is there. */
export type Source = 'battery' | 'board' | 'inverter' | 'engine' | 'inlet' | 'panel' | 'controller'

/** One wire with its fuse, out to what it serves and back. */
export interface Wire {
  readonly id: string
  readonly what: CircuitWhat
  readonly source: Source
  /** The fittings that it serves, in the order in which it comes to them. */
  readonly serves: readonly string[]
  readonly volts: number
  readonly amps: number
  readonly surgeA: number
  /** Its way, one way; undefined where the body leaves none. */
  readonly route: Route | undefined
  /** Undefined where no conductor is thick enough, or there is no way. */
  readonly sized: Sized | undefined
  readonly mostDrop: number
  /** What goes with it besides its fuse. */
  readonly wants: readonly ('switch' | 'dimmer' | 'timer' | 'residual-current')[]
}

export interface Wiring {
  readonly wires: readonly Wire[]
  readonly missing: readonly ('battery' | 'board')[]
}

const MAINS_V = 230
/** Of what a wire may lose, and lights and sockets a little more. Common practice, no source. */
const MOST_DROP = 0.03
const LIGHT_DROP = 0.05
/** At both ends of a wire, to connect it. Common practice, no source. */
const ENDS_MM = 300
/** Not all runs at once. Common practice, no source. */
const AT_ONCE = 0.6
const LEAST_MAIN_A = 30
/** What is plugged in at an outlet of the battery’s voltage, and at all of one circuit. Common practice, no source. */
const OUTLET_A = 3
const MOST_SOCKETS_A = 15
/** What a circuit at mains voltage is laid for. Common practice, no source: the electrician’s code rules. */
const MAINS_A = 16
/** A panel of a vehicle gives its watts at about so many volts for each 12 of the battery. Common practice, no source. */
const PANEL_V = 18
/** More at mains voltage has a circuit of its own, W. Common practice, no source. */
const LARGE_W = 800
/** Where the engine’s battery is, ahead of the load space and over its floor, mm. A place to plan with: the vehicle has its own. */
const ENGINE_AHEAD_MM = 900
const ENGINE_UP_MM = 300
/** Over a mattress nobody wants a wire. Common practice, no source. */
const SLEEPER_MM = 500

const centreOf = ({ bounds: { x, y, z } }: Placed): Vec3 => [
  (x.min + x.max) / 2,
  (y.min + y.max) / 2,
  (z.min + z.max) / 2,
]

/** What no wire goes through: where somebody lies, and what is cut into the roof. */
function keptFree(job: Job, variantId: string, placed: readonly Placed[]): readonly Box[] {
  const variant = job.variants[variantId]!
  const scenes = scenesOf(variant, planInterior(job.shell, variant.plan))
  const lying = scenes.flatMap((scene) =>
    berthsOf(scene).map(({ lying: { area, zMm }, fittingId }): Box => {
      const base = scene.placed.find(({ id }) => id === fittingId)?.placement.at[2] ?? 0
      const [xs, ys] = [area.map(([x]) => x), area.map(([, y]) => y)]
      return prismBounds(
        block(
          [Math.min(...xs), Math.min(...ys), base + zMm],
          [Math.max(...xs), Math.max(...ys), base + zMm + SLEEPER_MM],
        ),
      )
    }),
  )
  const cut = placed.flatMap(({ facts, bounds }) => (facts.air === undefined ? [] : [bounds]))
  return [...lying, ...cut]
}

interface Want {
  readonly what: CircuitWhat
  readonly source: Source
  readonly from: Vec3 | undefined
  readonly serves: readonly Placed[]
  readonly volts: number
  readonly amps: number
  readonly surgeA?: number
  readonly mostDrop?: number
  readonly wants?: Wire['wants']
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

function laid(net: Net, want: Want, index: number): Wire {
  const { what, source, from, serves, volts, amps, surgeA = amps, mostDrop = MOST_DROP, wants = [] } = want
  const way = from === undefined ? undefined : chained(net, from, serves)
  return {
    id: `${what}-${index + 1}`,
    what,
    source,
    serves: way?.order ?? serves.map(({ id }) => id),
    volts,
    amps,
    surgeA,
    route: way?.route,
    sized: way === undefined ? undefined : sizedFor({ amps, surgeA, lengthMm: way.route.lengthMm, volts, mostDrop }),
    mostDrop,
    wants,
  }
}

/** The loads at the battery’s voltage that share a wire, by the habit that they run by; each of the others has its own. */
const SHARED: Readonly<Record<string, CircuitWhat>> = {
  lit: 'lights',
  reading: 'reading-lights',
  'coming-in': 'door-lights',
  always: 'always-on',
  guarding: 'always-on',
  driving: 'always-on',
  watching: 'other',
  listening: 'other',
}
const OWN: Readonly<Record<string, CircuitWhat>> = {
  cooking: 'hob',
  heating: 'heater',
  cold: 'cold-box',
  airing: 'fan',
  lifting: 'lift',
}
const WANTS: { readonly [W in CircuitWhat]?: Wire['wants'] } = {
  lights: ['dimmer'],
  'reading-lights': ['switch'],
  'door-lights': ['switch'],
  'always-on': ['switch'],
  fan: ['switch'],
  pump: ['switch'],
  'mains-inlet': ['residual-current'],
  'mains-sockets': ['residual-current'],
}

/** The circuits of a plan as the program gathers them, each on its way. */
export function wiringOf(job: Job, variantId: string): Wiring {
  const placed = placedInAnyMode(job, variantId)
  const interior = planInterior(job.shell, job.variants[variantId]!.plan)
  const net = netOf(interior, keptFree(job, variantId, placed))
  const plant = plantOf(placed)
  const { volts } = plant
  const by = (is: (facts: Placed['facts']) => boolean): readonly Placed[] => placed.filter(({ facts }) => is(facts))
  const [battery] = by(({ holds }) => holds.some(({ what }) => what === 'charge'))
  const [board] = by(({ electrics }) => electrics === 'fuses')
  const [inverter] = by(({ gives }) => gives.some(({ what }) => what === 'mains'))
  const [inlet] = by(({ inlet: one }) => one === 'mains')
  const at = (one: Placed | undefined): Vec3 | undefined => (one === undefined ? undefined : centreOf(one))
  const hub = at(board) ?? at(battery)
  const engine: Vec3 = [interior.xSpan.max + ENGINE_AHEAD_MM, 0, ENGINE_UP_MM]
  const wants: Want[] = []
  const add = (want: Want): void => void wants.push({ ...want, wants: want.wants ?? WANTS[want.what] ?? [] })

  // what hangs on the board
  const shared = new Map<string, { what: CircuitWhat; serves: Placed[]; watts: number; surgeW: number }>()
  const middle = (interior.xSpan.min + interior.xSpan.max) / 2
  for (const one of placed)
    for (const { by: habit, from, watts, surge = 1 } of one.facts.draws) {
      if (from !== 'battery') continue
      const what = SHARED[habit]
      if (what === undefined) {
        add({
          what: OWN[habit] ?? 'other',
          source: 'board',
          from: hub,
          serves: [one],
          volts,
          amps: watts / volts,
          surgeA: (watts * surge) / volts,
        })
        continue
      }
      // lights of the front and of the rear have a dimmer each
      const key = what === 'lights' ? `${what} ${centreOf(one)[0] < middle ? 'rear' : 'front'}` : what
      const group = shared.get(key) ?? { what, serves: [], watts: 0, surgeW: 0 }
      if (!group.serves.includes(one)) group.serves.push(one)
      group.watts += watts
      group.surgeW = Math.max(group.surgeW, watts * (surge - 1))
      shared.set(key, group)
    }
  for (const { what, serves, watts, surgeW } of shared.values())
    add({
      what,
      source: 'board',
      from: hub,
      serves,
      volts,
      amps: watts / volts,
      surgeA: (watts + surgeW) / volts,
      mostDrop: what === 'lights' || what === 'reading-lights' ? LIGHT_DROP : MOST_DROP,
    })
  const outlets = (from: 'battery' | 'mains') => ({
    serves: by(({ gives }) => gives.some((one) => one.what === 'outlets' && one.from === from)),
    count: placed.reduce(
      (sum, { facts }) =>
        sum + facts.gives.reduce((all, one) => all + (one.what === 'outlets' && one.from === from ? one.count : 0), 0),
      0,
    ),
  })
  const low = outlets('battery')
  for (const side of [1, -1]) {
    const serves = low.serves.filter((one) => (centreOf(one)[1] >= 0 ? 1 : -1) === side)
    if (serves.length > 0)
      add({
        what: 'sockets',
        source: 'board',
        from: hub,
        serves,
        volts,
        amps: Math.min(MOST_SOCKETS_A, OUTLET_A * low.count),
        mostDrop: LIGHT_DROP,
      })
  }
  const [tank] = by(({ holds }) => holds.some(({ what }) => what === 'water'))
  if (tank !== undefined && placed.some(({ facts }) => facts.isSplashed))
    add({
      what: 'pump',
      source: 'board',
      from: hub,
      serves: [tank],
      volts,
      amps: PERSONAL.pump.watts / volts,
      surgeA: (2 * PERSONAL.pump.watts) / volts,
    })

  // what feeds it
  const onBoard = wants.reduce((sum, { amps }) => sum + amps, 0)
  if (battery !== undefined && board !== undefined)
    add({
      what: 'main',
      source: 'battery',
      from: at(battery),
      serves: [board],
      volts,
      amps: Math.max(LEAST_MAIN_A, onBoard * AT_ONCE),
    })
  if (battery !== undefined && inverter !== undefined && inverter.id !== battery.id) {
    const amps = plant.inverterWatts / volts / (powerAssumedIn(job).inverterPercent / 100)
    add({
      what: 'inverter',
      source: 'battery',
      from: at(battery),
      serves: [inverter],
      volts,
      amps,
      surgeA: amps * INVERTER_SURGE,
    })
  }
  for (const one of placed)
    for (const give of one.facts.gives) {
      if (give.what !== 'charger' || battery === undefined || one.id === battery.id) continue
      const what = give.from === 'sun' ? 'sun-charger' : give.from === 'engine' ? 'engine-charger' : 'mains-charger'
      add({ what, source: 'battery', from: at(battery), serves: [one], volts, amps: give.amps })
      if (give.from === 'engine')
        add({
          what,
          source: 'engine',
          from: engine,
          serves: [one],
          volts,
          amps: chargerWatts(give.amps, volts) / volts,
        })
    }
  const panels = by(({ gives }) => gives.some(({ what }) => what === 'sun'))
  const [controller] = by(({ gives }) => gives.some((one) => one.what === 'charger' && one.from === 'sun'))
  const panelVolts = (PANEL_V * volts) / 12
  if (panels.length > 0 && (controller ?? battery) !== undefined)
    add({
      what: 'panel',
      source: controller === undefined ? 'battery' : 'controller',
      from: at(controller ?? battery),
      serves: panels,
      volts: panelVolts,
      amps: plant.sunWatts / panelVolts,
    })

  // what is at mains voltage
  const mainsFrom = at(inverter) ?? at(inlet)
  const mains = {
    source: inverter === undefined ? ('inlet' as const) : ('inverter' as const),
    from: mainsFrom,
    volts: MAINS_V,
  }
  if (inlet !== undefined && inverter !== undefined)
    add({
      what: 'mains-inlet',
      source: 'inlet',
      from: at(inlet),
      serves: [inverter],
      volts: MAINS_V,
      amps: MAINS_A / 1.25,
    })
  for (const one of placed)
    for (const { by: habit, from, watts, surge = 1 } of one.facts.draws) {
      if (from !== 'mains' || watts < LARGE_W) continue
      add({
        ...mains,
        what: 'mains',
        serves: [one],
        amps: watts / MAINS_V,
        surgeA: (watts * surge) / MAINS_V,
        wants: habit === 'hot-water' || habit === 'heating' ? ['residual-current', 'timer'] : ['residual-current'],
      })
    }
  const high = outlets('mains')
  const small = placed.filter(({ facts }) => facts.draws.some(({ from, watts }) => from === 'mains' && watts < LARGE_W))
  const together = [...new Set([...high.serves, ...small])]
  if (together.length > 0) add({ ...mains, what: 'mains-sockets', serves: together, amps: MAINS_A / 1.25 })

  return {
    wires: wants.filter(({ from }) => from !== undefined).map((want, index) => laid(net, want, index)),
    missing: [
      ...(battery === undefined ? (['battery'] as const) : []),
      ...(board === undefined ? (['board'] as const) : []),
    ],
  }
}
