import { KINDS, limitsOf, type ParameterValue, type Seat } from '../../src/lib/core/fittings'
import type { Command, Job, Plan, SimpleCommand } from '../../src/lib/core/job'
import { BODY_CHANGE_KINDS, newChange } from '../../src/lib/core/shell'
import { GENERIC_SHELLS } from '../../src/lib/core/shells'
import { FOUND_KINDS, newFound } from '../../src/lib/core/condition'
import { CLIMATE_IDS } from '../../src/lib/core/sky'
import { newSurvey } from '../../src/lib/core/readings'

type Random = () => number

interface Dice {
  readonly random: Random
  readonly pick: <T>(all: readonly T[]) => T
  readonly whole: (from: number, to: number) => number
  readonly often: (share: number) => boolean
  /** An id that is there, mostly, or a new one. */
  readonly id: (there: readonly string[], word: string) => string
}

function diceOf(random: Random): Dice {
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!
  const whole = (from: number, to: number) => from + Math.floor(random() * (to - from + 1))
  const often = (share: number) => random() < share
  const id = (there: readonly string[], word: string) =>
    there.length > 0 && often(0.85) ? pick(there) : `${word}-n${whole(0, 60)}`
  return { random, pick, whole, often, id }
}

const PURPOSES = ['driving', 'living', 'sleeping'] as const

interface At extends Dice {
  readonly job: Job
  readonly variant: string
  readonly plan: Plan
  readonly fittings: readonly string[]
  readonly modes: readonly string[]
}

const seatOf = ({ pick, whole, often, id, fittings }: At): Seat => {
  const along = pick(['rear', 'rear', 'bulkhead', 'after'] as const)
  const up = pick(['floor', 'floor', 'roof', 'top-of', 'under-floor', 'on-roof'] as const)
  return {
    along: {
      from: along,
      mm: whole(-500, 5000),
      ...(along === 'after' && often(0.9) ? { fitting: id(fittings, 'fit') } : {}),
    },
    across: { from: pick(['left-wall', 'right-wall', 'centreline'] as const), mm: whole(-200, 900) },
    up: { from: up, mm: whole(0, 900), ...(up === 'top-of' && often(0.9) ? { fitting: id(fittings, 'fit') } : {}) },
    turn: pick([0, 90, 180, 270] as const),
    mirrored: often(0.3),
  }
}

const kindOf = (at: At, id: string) => KINDS.find((kind) => kind.id === at.plan.fittings[id]?.kind) ?? at.pick(KINDS)

const parametersOf = (at: At, kind: (typeof KINDS)[number]): Record<string, ParameterValue> =>
  Object.fromEntries(
    limitsOf(kind).flatMap((limit): [string, ParameterValue][] => {
      if (at.often(0.6)) return []
      if (limit.kind === 'choice') return [[limit.key, at.pick(limit.choices)]]
      if (limit.kind === 'yes-no') return [[limit.key, at.often(0.5)]]
      // now and then beyond its limit
      const beyond = at.often(0.05) ? 10 : 0
      return [[limit.key, at.whole(Math.ceil(limit.min), Math.floor(limit.max)) * (beyond || 1)]]
    }),
  )

const modeOf = (at: At): Plan['modes'][string] => ({
  name: `Mode ${at.whole(1, 9)}`,
  purpose: at.pick(PURPOSES),
  order: at.whole(0, 100),
  stances: {},
  ...(at.often(0.3) ? { seats: { [at.id(at.fittings, 'fit')]: seatOf(at) } } : {}),
  ...(at.often(0.3) ? { away: [at.id(at.fittings, 'fit')] } : {}),
})

type Makers = { readonly [T in Command['type']]: (at: At) => Extract<Command, { type: T }> }

/** One command of each kind, with ids that mostly are there and figures that mostly are allowed. The compiler asks for each. */
const MAKERS: Makers = {
  'job.rename': ({ whole }) => ({ type: 'job.rename', name: `Job ${whole(0, 99)}` }),
  'job.units': ({ pick }) => ({ type: 'job.units', units: pick(['mm', 'cm', 'in'] as const) }),
  'brief.nights': ({ whole }) => ({ type: 'brief.nights', nights: whole(0, 60) }),
  'brief.notes': ({ whole }) => ({ type: 'brief.notes', notes: 'n'.repeat(whole(0, 40)) }),
  'brief.use': ({ whole }) => ({ type: 'brief.use', use: { guests: whole(0, 8), drivingHours: whole(0, 16) } }),
  'brief.derives': ({ often }) => ({ type: 'brief.derives', derives: often(0.5) }),
  'brief.put': ({ job }) => ({ type: 'brief.put', brief: JSON.parse(JSON.stringify(job.brief)) as never }),
  'gear.put': (at) => ({
    type: 'gear.put',
    id: at.id(Object.keys(at.job.brief.gear ?? {}), 'gear'),
    gear: { label: 'box', sizeMm: [at.whole(10, 3000), at.whole(10, 900), at.whole(10, 900)], count: at.whole(1, 4) },
  }),
  'gear.remove': (at) => ({ type: 'gear.remove', id: at.id(Object.keys(at.job.brief.gear ?? {}), 'gear') }),
  'demand.adjust': (at) => ({
    type: 'demand.adjust',
    id: `need-${at.pick(['berth', 'belt', 'water'])}-${at.whole(1, 9)}`,
    adjust: at.often(0.3) ? {} : { quantity: at.whole(0, 9) },
  }),
  'person.put': (at) => ({
    type: 'person.put',
    id: at.id(Object.keys(at.job.brief.people), 'person'),
    person: { label: 'someone', statureMm: at.whole(900, 2000), sleeps: at.often(0.8), travels: at.often(0.8) },
  }),
  'person.remove': (at) => ({ type: 'person.remove', id: at.id(Object.keys(at.job.brief.people), 'person') }),
  'pet.put': (at) => ({
    type: 'pet.put',
    id: at.id(Object.keys(at.job.brief.pets), 'pet'),
    pet: { label: 'dog', lengthMm: at.whole(200, 1000), heightMm: at.whole(200, 800) },
  }),
  'pet.remove': (at) => ({ type: 'pet.remove', id: at.id(Object.keys(at.job.brief.pets), 'pet') }),
  'demand.put': (at) => ({
    type: 'demand.put',
    id: at.id(Object.keys(at.job.brief.demands), 'demand'),
    demand: { need: at.pick(['hob', 'water', 'desk'] as const), must: at.often(0.5) },
  }),
  'demand.remove': (at) => ({ type: 'demand.remove', id: at.id(Object.keys(at.job.brief.demands), 'demand') }),
  'shell.put': (at) => ({ type: 'shell.put', shell: at.pick(GENERIC_SHELLS) }),
  'survey.put': () => ({ type: 'survey.put', survey: newSurvey({ kind: 'generic', shell: 'van-long-high' }) }),
  'survey.read': (at) => ({
    type: 'survey.read',
    id: at.pick(['length-floor', 'height', 'width-600']),
    reading: at.often(0.3) ? {} : { first: at.whole(0, 5000) },
  }),
  'found.put': (at) => ({
    type: 'found.put',
    id: at.id(Object.keys(at.job.found ?? {}), 'found'),
    found: {
      ...newFound(at.pick(FOUND_KINDS)),
      ...(at.often(0.7) ? { at: [at.whole(-100, 4000), at.whole(-900, 900), at.whole(-50, 1900)] } : {}),
      ...(at.often(0.5) ? { minutes: at.whole(0, 900) } : {}),
      ...(at.often(0.3) ? { done: true } : {}),
    },
  }),
  'found.remove': (at) => ({ type: 'found.remove', id: at.id(Object.keys(at.job.found ?? {}), 'found') }),
  'masses.set': (at) => ({
    type: 'masses.set',
    axles: { ratingRearKg: at.often(0.2) ? null : at.whole(2000, 9000) },
    masses: { fuelL: at.whole(30, 200) },
    ...(at.often(0.3) ? { kerbWith: null } : {}),
  }),
  'weight.assume': (at) => ({
    type: 'weight.assume',
    key: 'personalKg',
    value: at.often(0.4) ? null : at.whole(0, 60),
  }),
  'weighing.put': (at) => ({
    type: 'weighing.put',
    id: at.id(Object.keys(at.job.weight?.weighings ?? {}), 'weighing'),
    weighing: {
      on: '2027-03-14',
      variant: at.variant,
      loading: { without: at.often(0.5) ? ['driver'] : [], levels: { water: at.whole(0, 100) } },
      axlesKg: [at.whole(900, 1600), at.whole(900, 2100)],
      slackKg: 20,
      from: 'typed',
      plannedKg: { total: at.whole(0, 400), front: at.whole(0, 200), left: at.whole(0, 200) },
    },
  }),
  'weighing.remove': (at) => ({
    type: 'weighing.remove',
    id: at.id(Object.keys(at.job.weight?.weighings ?? {}), 'weighing'),
  }),
  'weighing.base': (at) => ({
    type: 'weighing.base',
    id: at.often(0.3) ? null : at.id(Object.keys(at.job.weight?.weighings ?? {}), 'weighing'),
  }),
  'power.assume': (at) => ({ type: 'power.assume', key: 'darkDays', value: at.often(0.4) ? null : at.whole(0, 30) }),
  'warmth.assume': (at) => ({
    type: 'warmth.assume',
    key: 'heatedC',
    value: at.often(0.4) ? null : at.whole(5, 25),
  }),
  'power.leg': (at) => ({
    type: 'power.leg',
    id: at.id(Object.keys(at.job.power?.legs ?? {}), 'leg'),
    leg: at.often(0.3)
      ? null
      : {
          from: at.whole(1, 12),
          to: at.whole(1, 12),
          latitudeDeg: at.whole(-60, 70),
          climate: at.pick(CLIMATE_IDS),
          nights: at.whole(0, 31),
          drivingHours: at.whole(0, 6),
          hookUpEvery: at.whole(0, 7),
        },
  }),
  'power.extra': (at) => ({
    type: 'power.extra',
    id: at.id(Object.keys(at.job.power?.extras ?? {}), 'load'),
    extra: at.often(0.3)
      ? null
      : { label: 'A pump', from: 'battery', watts: at.whole(1, 90), hours: at.whole(0, 24), when: 'day' },
  }),
  'power.load': (at) => ({ type: 'power.load', id: 'fit-cold-0', hours: at.often(0.4) ? null : at.whole(0, 24) }),
  'power.circuit': (at) => ({
    type: 'power.circuit',
    id: at.id(Object.keys(at.job.power?.circuits ?? {}), 'circuit'),
    circuit: at.often(0.3) ? null : { label: 'Galley', serves: [at.pick(['fit-1', 'fit-2', 'fit-3'])] },
  }),
  'power.wire': (at) => ({
    type: 'power.wire',
    id: at.pick(['main', 'lights-front']),
    mm2: at.often(0.4) ? null : at.pick([1.5, 16]),
    fuseA: at.often(0.4) ? null : at.whole(1, 60),
  }),
  'power.carries': (at) => ({ type: 'power.carries', mm2: 2.5, amps: at.often(0.4) ? null : at.whole(10, 40) }),
  'power.weather': (at) => ({
    type: 'power.weather',
    weather: at.often(0.5)
      ? null
      : {
          name: 'A roof',
          days: Array.from({ length: 365 }, (_, day) =>
            day % 7 === 0
              ? null
              : day % 7 === 1
                ? { sunWm2: Array<number>(24).fill(90), outsideC: Array<number>(24).fill(9) }
                : [3, 12, 8],
          ),
        },
  }),
  'variant.add': (at) => ({
    type: 'variant.add',
    id: at.id([], 'variant'),
    name: 'another',
    ...(at.often(0.7) ? { from: at.variant } : {}),
  }),
  'variant.rename': ({ variant }) => ({ type: 'variant.rename', variant, name: 'renamed' }),
  'variant.remove': ({ variant }) => ({ type: 'variant.remove', variant }),
  'lining.set': (at) => ({
    type: 'lining.set',
    variant: at.variant,
    lining: { floorMm: at.whole(0, 80), wallMm: at.whole(0, 80), roofMm: at.whole(0, 80) },
  }),
  'change.put': (at) => ({
    type: 'change.put',
    variant: at.variant,
    id: at.id(Object.keys(at.plan.changes), 'change'),
    change: newChange(at.pick(BODY_CHANGE_KINDS), at.job.shell),
  }),
  'change.remove': (at) => ({
    type: 'change.remove',
    variant: at.variant,
    id: at.id(Object.keys(at.plan.changes), 'change'),
  }),
  'fitting.add': (at) => {
    const kind = at.pick(KINDS)
    return {
      type: 'fitting.add',
      variant: at.variant,
      id: at.id([], 'fit'),
      fitting: { kind: kind.id, parameters: parametersOf(at, kind), seat: seatOf(at) } as never,
    }
  },
  'fitting.seat': (at) => ({
    type: 'fitting.seat',
    variant: at.variant,
    id: at.id(at.fittings, 'fit'),
    seat: seatOf(at),
  }),
  'fitting.parameters': (at) => {
    const id = at.id(at.fittings, 'fit')
    return { type: 'fitting.parameters', variant: at.variant, id, parameters: parametersOf(at, kindOf(at, id)) }
  },
  'fitting.label': (at) => ({
    type: 'fitting.label',
    variant: at.variant,
    id: at.id(at.fittings, 'fit'),
    label: 'named',
  }),
  'fitting.remove': (at) => ({ type: 'fitting.remove', variant: at.variant, id: at.id(at.fittings, 'fit') }),
  'fitting.lock': (at) => ({
    type: 'fitting.lock',
    variant: at.variant,
    id: at.id(at.fittings, 'fit'),
    locked: at.often(0.4),
  }),
  'fitting.cut': (at) => ({
    type: 'fitting.cut',
    variant: at.variant,
    id: at.id(at.fittings, 'fit'),
    cut: at.often(0.7),
  }),
  'fitting.fixing': (at) => ({
    type: 'fitting.fixing',
    variant: at.variant,
    id: at.id(at.fittings, 'fit'),
    ...(at.often(0.7) ? { fixing: { how: 'screws' as const, points: at.whole(0, 60) } } : {}),
  }),
  'group.put': (at) => ({
    type: 'group.put',
    variant: at.variant,
    id: at.id(Object.keys(at.plan.groups ?? {}), 'group'),
    group: { name: 'together', fittings: [at.id(at.fittings, 'fit'), at.id(at.fittings, 'fit')] },
  }),
  'group.remove': (at) => ({
    type: 'group.remove',
    variant: at.variant,
    id: at.id(Object.keys(at.plan.groups ?? {}), 'group'),
  }),
  'drawn.put': (at) => ({
    type: 'drawn.put',
    variant: at.variant,
    id: at.id(Object.keys(at.plan.drawn ?? {}), 'drawn'),
    drawn: at.pick([
      { kind: 'tape', view: 'plan', from: [at.whole(0, 4000), 0], to: [at.whole(0, 4000), at.whole(-900, 900)] },
      { kind: 'pinned', fitting: at.id(at.fittings, 'fit'), row: at.pick(['rear', 'left', 'ahead']) },
      { kind: 'note', view: 'left', at: [at.whole(0, 4000), 500], text: 'as found' },
      { kind: 'note', view: 'plan', at: [0, 0], fitting: at.id(at.fittings, 'fit'), text: 'cut from oak' },
    ] as const) as never,
  }),
  'drawn.remove': (at) => ({
    type: 'drawn.remove',
    variant: at.variant,
    id: at.id(Object.keys(at.plan.drawn ?? {}), 'drawn'),
  }),
  'waiver.put': (at) => ({
    type: 'waiver.put',
    variant: at.variant,
    id: at.id(Object.keys(at.plan.waivers ?? {}), 'waiver'),
    waiver: {
      key: `key ${at.whole(0, 9)}`,
      code: 'overlap',
      measured: 1,
      needed: 2,
      reason: 'wanted so',
      on: '2027-04-30',
    },
  }),
  'waiver.remove': (at) => ({
    type: 'waiver.remove',
    variant: at.variant,
    id: at.id(Object.keys(at.plan.waivers ?? {}), 'waiver'),
  }),
  'rule.set': (at) => ({
    type: 'rule.set',
    id: at.pick(['berth-length', 'way-width']),
    setting: at.often(0.3) ? {} : { off: at.often(0.5) },
  }),
  'house.put': (at) => ({
    type: 'house.put',
    id: at.id(Object.keys(at.job.rules?.house ?? {}), 'house'),
    rule: {
      title: 'Ours',
      reason: 'we say so',
      gravity: 'note',
      modes: [],
      measure: { what: 'minutes' },
      bound: 'most',
      value: at.whole(0, 90),
    },
  }),
  'house.remove': (at) => ({ type: 'house.remove', id: at.id(Object.keys(at.job.rules?.house ?? {}), 'house') }),
  'rules.put': ({ job }) => ({ type: 'rules.put', rules: (job.rules ?? { settings: {}, house: {} }) as never }),
  'vehicle.mirror': () => ({ type: 'vehicle.mirror' }),
  'plan.mirror': ({ variant }) => ({ type: 'plan.mirror', variant }),
  'plan.transferable': ({ variant, often }) => ({ type: 'plan.transferable', variant, transferable: often(0.5) }),
  'mode.add': (at) => ({
    type: 'mode.add',
    variant: at.variant,
    id: at.id([], 'mode'),
    name: 'more',
    purpose: at.pick(PURPOSES),
    ...(at.often(0.5) ? { from: at.id(at.modes, 'mode') } : {}),
  }),
  'mode.rename': (at) => ({
    type: 'mode.rename',
    variant: at.variant,
    mode: at.id(at.modes, 'mode'),
    name: 'called so',
  }),
  'mode.remove': (at) => ({ type: 'mode.remove', variant: at.variant, mode: at.id(at.modes, 'mode') }),
  'mode.order': (at) => ({ type: 'mode.order', variant: at.variant, modes: [...at.modes].reverse() }),
  'mode.seat': (at) => ({
    type: 'mode.seat',
    variant: at.variant,
    mode: at.id(at.modes, 'mode'),
    fitting: at.id(at.fittings, 'fit'),
    ...(at.often(0.8) ? { seat: seatOf(at) } : {}),
  }),
  'mode.away': (at) => ({
    type: 'mode.away',
    variant: at.variant,
    mode: at.id(at.modes, 'mode'),
    fitting: at.id(at.fittings, 'fit'),
    away: at.often(0.5),
  }),
  'mode.put': (at) => ({
    type: 'mode.put',
    variant: at.variant,
    id: at.id(at.modes, 'mode'),
    mode: modeOf(at) as never,
  }),
  'mode.turned': (at) => ({
    type: 'mode.turned',
    variant: at.variant,
    mode: at.id(at.modes, 'mode'),
    seat: at.id(
      at.job.shell.cabSeats.map(({ id }) => id),
      'seat',
    ),
    turned: at.often(0.7),
  }),
  'figure.put': (at) => ({
    type: 'figure.put',
    variant: at.variant,
    mode: at.id(at.modes, 'mode'),
    id: at.id([], 'figure'),
    figure: {
      who: at.id(Object.keys(at.job.brief.people), 'person'),
      pose: 'standing',
      at: [at.whole(0, 4000), at.whole(-800, 800)],
      turn: 0,
    },
  }),
  'figure.remove': (at) => {
    const mode = at.id(at.modes, 'mode')
    return {
      type: 'figure.remove',
      variant: at.variant,
      mode,
      id: at.id(Object.keys(at.plan.modes[mode]?.figures ?? {}), 'figure'),
    }
  },
  'mode.stance': (at) => {
    const fitting = at.id(at.fittings, 'fit')
    return {
      type: 'mode.stance',
      variant: at.variant,
      mode: at.id(at.modes, 'mode'),
      fitting,
      stance: at.pick(kindOf(at, fitting).stances),
    }
  },
  batch: (at) => ({
    type: 'batch',
    what: 'remedy',
    commands: Array.from({ length: at.whole(1, 4) }, () => simpleAt(at)),
  }),
  diff: (at) => ({
    type: 'diff',
    direction: 'undo',
    what: 'something',
    patches: [
      at.pick([
        {
          op: 'replace' as const,
          path: ['variants', at.variant, 'plan', 'lining', 'wallMm'],
          value: at.pick([10, -1, 'x', null]),
        },
        { op: 'remove' as const, path: ['variants', at.variant, 'plan', 'fittings', at.id(at.fittings, 'fit')] },
        { op: 'replace' as const, path: ['variants', at.variant, 'plan', 'modes'], value: {} },
        { op: 'add' as const, path: ['brief', 'people', 'person-z1'], value: { label: 'z' } },
        { op: 'replace' as const, path: ['id'], value: 'job-other' },
        { op: 'replace' as const, path: ['shell', 'openings', 'length'], value: 2 ** 31 },
        { op: 'replace' as const, path: ['name'], value: 'New name' },
      ]),
    ],
  }),
  'job.restore': ({ job, often }) => ({
    type: 'job.restore',
    revision: 0,
    document: (often(0.5) ? JSON.parse(JSON.stringify(job)) : { format: 'nothing' }) as never,
  }),
}

const TYPES = Object.keys(MAKERS) as Command['type'][]
const SIMPLE = TYPES.filter((type) => type !== 'batch' && type !== 'diff' && type !== 'job.restore')

const make = (at: At, type: Command['type']): Command => (MAKERS[type] as (at: At) => Command)(at)
const simpleAt = (at: At): SimpleCommand => make(at, at.pick(SIMPLE)) as SimpleCommand

/** What plans are mostly made by is drawn as often as all else together. */
const USUAL = [
  'fitting.add',
  'fitting.add',
  'fitting.seat',
  'fitting.parameters',
  'fitting.remove',
  'mode.seat',
  'mode.stance',
  'group.put',
  'batch',
] as const

function atOf(job: Job, random: Random): At {
  const dice = diceOf(random)
  const variant = dice.pick(Object.keys(job.variants))
  const { plan } = job.variants[variant]!
  return { ...dice, job, variant, plan, fittings: Object.keys(plan.fittings), modes: Object.keys(plan.modes) }
}

/** A command of each kind for a job as it is. */
export const oneOfEach = (job: Job, random: Random): readonly Command[] =>
  TYPES.map((type) => make(atOf(job, random), type))

/** A command for a job as it is; the same for the same dice. */
export function randomCommand(job: Job, random: Random): Command {
  const at = atOf(job, random)
  return make(at, at.often(0.5) ? at.pick(USUAL) : at.pick(TYPES))
}
