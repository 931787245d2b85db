import { chargerWatts, INVERTER_SURGE, PERSONAL, plantOf, powerAssumedIn } from '../budgets'
import type { DrawFact } from '../fittings'
import type { Vec3 } from '../geometry'
import { planInterior, type Job, type WirePart } from '../job'
import type { Placed } from '../scene'
import { centreOf, type CircuitWhat, type Want, type Wire } from './lay'

/** What hangs on what, and what it comes from. */
interface Circuits {
  readonly wants: readonly Want[]
  readonly battery: Placed | undefined
  readonly board: Placed | undefined
}

const MAINS_V = 230
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

/** What wakes people is on no switch, and under no fuse with anything else. */
const isAlarm = ({ facts: { guards } }: Placed): boolean => guards !== undefined && 'senses' in guards

/** What lights, sockets and the like bear of what is lost: a little more. */
const LIGHT: ReadonlySet<CircuitWhat> = new Set(['lights', 'reading-lights', 'sockets'])
/** Between a battery and one that is to come. Common practice, no source. */
const LATER_MM = 60

/** What shares a wire and a fuse. */
interface Shared {
  readonly what: CircuitWhat
  readonly key?: string
  readonly label?: string
  readonly serves: Placed[]
  watts: number
  surgeW: number
  /** More for minutes, as one of them starts. */
  startW: number
  isLight: boolean
  readonly parts: Set<WirePart>
}

/** The circuits of a plan as the program gathers them and its people made them: what hangs on which, before a wire is laid. `placed`: all that stands in any mode. */
export function circuitsOf(job: Job, variantId: string, placed: readonly Placed[]): Circuits {
  const interior = planInterior(job.shell, job.variants[variantId]!.plan)
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
  const circuits = Object.entries(job.power?.circuits ?? {})
  const ownOf = (id: string): (typeof circuits)[number] | undefined =>
    circuits.find(([, { serves }]) => serves.includes(id))
  const shared = new Map<string, Shared>()
  /** Puts something on a circuit that it shares; what a circuit of one’s own holds says which parts go with it. */
  const hang = (
    one: Placed,
    what: CircuitWhat,
    name: string | undefined,
    { watts, surge = 1, startsSlowly = false }: Pick<DrawFact, 'watts' | 'surge' | 'startsSlowly'>,
  ): void => {
    const own = ownOf(one.id)
    const key = own === undefined ? `${what} ${name ?? ''}` : `own ${own[0]}`
    const group: Shared = shared.get(key) ?? {
      ...(own === undefined
        ? { what, ...(name === undefined ? {} : { key: name }) }
        : { what: 'own', key: own[0], label: own[1].label }),
      serves: [],
      watts: 0,
      surgeW: 0,
      startW: 0,
      isLight: true,
      parts: new Set(),
    }
    if (!group.serves.includes(one)) group.serves.push(one)
    group.watts += watts
    const more = watts * (surge - 1)
    group.surgeW = Math.max(group.surgeW, more)
    if (startsSlowly) group.startW = Math.max(group.startW, more)
    group.isLight &&= LIGHT.has(what)
    for (const part of WANTS[what] ?? []) group.parts.add(part)
    shared.set(key, group)
  }
  const middle = (interior.xSpan.min + interior.xSpan.max) / 2
  for (const one of placed)
    one.facts.draws.forEach((draw, index) => {
      const { by: habit } = draw
      if (draw.from !== 'battery') return
      const what = isAlarm(one) ? 'alarms' : (SHARED[habit] ?? OWN[habit] ?? 'other')
      // lights of the front and of the rear have a dimmer each; what shares no wire has one by itself
      const name =
        SHARED[habit] === undefined
          ? `${one.id}${index === 0 ? '' : `-${index}`}`
          : what === 'lights'
            ? centreOf(one)[0] < middle
              ? 'rear'
              : 'front'
            : undefined
      hang(one, what, name, draw)
    })
  const outlets =
    (from: 'battery' | 'mains') =>
    (one: Placed): number =>
      one.facts.gives.reduce((all, give) => all + (give.what === 'outlets' && give.from === from ? give.count : 0), 0)
  for (const one of placed) {
    const count = outlets('battery')(one)
    if (count > 0) hang(one, 'sockets', centreOf(one)[1] >= 0 ? 'left' : 'right', { watts: OUTLET_A * count * volts })
  }
  for (const { what, key, label, serves, watts, surgeW, startW, isLight, parts } of shared.values()) {
    const amps = what === 'sockets' ? Math.min(MOST_SOCKETS_A, watts / volts) : watts / volts
    add({
      what,
      ...(key === undefined ? {} : { key }),
      ...(label === undefined ? {} : { label }),
      source: 'board',
      from: hub,
      serves,
      volts,
      amps,
      startA: amps + startW / volts,
      surgeA: amps + surgeW / volts,
      isLight,
      wants: [...parts],
    })
  }
  const [pump] = by(({ plumbs }) => plumbs === 'pump')
  const [tank] = by(({ holds }) => holds.some((one) => one.what === 'water' && one.isWarmed !== true))
  const pumps = pump ?? tank
  if (pumps !== undefined && placed.some(({ facts }) => facts.isSplashed))
    add({
      what: 'pump',
      source: 'board',
      from: hub,
      serves: [pumps],
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
      add({ what, key: one.id, source: 'battery', from: at(battery), serves: [one], volts, amps: give.amps })
      if (give.from === 'engine')
        add({
          what,
          key: `${one.id}-engine`,
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
        key: one.id,
        serves: [one],
        amps: watts / MAINS_V,
        surgeA: (watts * surge) / MAINS_V,
        wants: habit === 'hot-water' || habit === 'heating' ? ['residual-current', 'timer'] : ['residual-current'],
      })
    }
  const small = placed.filter(({ facts }) => facts.draws.some(({ from, watts }) => from === 'mains' && watts < LARGE_W))
  const together = [...new Set([...placed.filter((one) => outlets('mains')(one) > 0), ...small])]
  if (together.length > 0) add({ ...mains, what: 'mains-sockets', serves: together, amps: MAINS_A / 1.25 })

  // the cable for a battery that is to come is pulled while the way is open
  const heaviest = wants.filter(({ what }) => what === 'main' || what === 'inverter').sort((a, b) => b.amps - a.amps)[0]
  if (battery !== undefined && heaviest !== undefined && (job.brief.use?.future ?? []).includes('battery')) {
    const [x, y, z] = centreOf(battery)
    const beside = battery.bounds.x.max - battery.bounds.x.min + LATER_MM
    const to: Vec3 = [x + beside < interior.xSpan.max ? x + beside : x - beside, y, z]
    const { amps, surgeA } = heaviest
    add({
      what: 'later-battery',
      source: 'battery',
      from: at(battery),
      serves: [battery],
      to,
      volts,
      amps,
      ...(surgeA === undefined ? {} : { surgeA }),
    })
  }

  return { wants, battery, board }
}
