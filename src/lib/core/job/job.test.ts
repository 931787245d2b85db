import { gearOf, plansOf } from '../../../../tests/support/worst'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BRIEF_TEMPLATES } from '../starts'
import { defaultsOf, kindOf, KINDS } from '../fittings'
import { genericShell } from '../shells'
import { newFound } from '../condition'
import { newSurvey } from '../readings'
import {
  apply,
  CommandError,
  type CommandRefusal,
  diffsMeet,
  FIXING_WAYS,
  jobJsonSchema,
  JOB_VERSION,
  migrate,
  newJob,
  parseJob,
  parseJobText,
  standardBrief,
  type Command,
  type Fitting,
  type HouseRule,
  type Job,
} from './index'

const empty = newJob('job-test', 'Test', genericShell('van-long-high'), standardBrief())
const place = (id: string, kind: string, more: Partial<Fitting['seat']> = {}): Command => ({
  type: 'fitting.add',
  variant: 'variant-a',
  id,
  fitting: { kind, parameters: defaultsOf(kindOf(kind)), seat: { ...kindOf(kind).home, ...more } } as never,
})
const run = (job: Job, ...commands: Command[]): Job => commands.reduce((at, command) => apply(at, command).job, job)
const furnished = run(
  empty,
  place('fit-bed', 'bed-fixed'),
  place('fit-galley', 'galley', { along: { from: 'rear', mm: 1500 } }),
  place('fit-cold', 'cold-box', { up: { from: 'top-of', fitting: 'fit-galley', mm: 0 } }),
  place('fit-lounge', 'lounge-bed', { across: { from: 'right-wall', mm: 0 } }),
  place('fit-shower', 'wet-cubicle', { along: { from: 'rear', mm: 3200 } }),
  { type: 'person.put', id: 'person-a', person: { label: 'A', statureMm: 1800, sleeps: true, travels: true } },
  { type: 'pet.put', id: 'pet-a', pet: { label: 'dog', lengthMm: 900, heightMm: 550 } },
  { type: 'gear.put', id: 'gear-a', gear: { label: 'mast', sizeMm: [2100, 180, 180], count: 1 } },
  {
    type: 'change.put',
    variant: 'variant-a',
    id: 'change-a',
    change: { kind: 'window-blanked', opening: 'window-left' },
  },
  { type: 'mode.turned', variant: 'variant-a', mode: 'mode-day', seat: 'cab-driver', turned: true },
  ...(['waiver-a', 'waiver-b'] as const).map((id): Command => ({
    type: 'waiver.put',
    variant: 'variant-a',
    id,
    waiver: { key: `overlap ${id}`, code: 'overlap', measured: 4, needed: 0, reason: 'a shim', on: '2026-11-25' },
  })),
  {
    type: 'figure.put',
    variant: 'variant-a',
    mode: 'mode-day',
    id: 'figure-a',
    figure: { who: 'person-a', pose: 'standing', at: [2000, 0], turn: 0 },
  },
)
const variant = 'variant-a'

const seat = fc.record({
  along: fc.record({ from: fc.constantFrom('rear', 'bulkhead'), mm: fc.integer({ min: 0, max: 4000 }) }),
  across: fc.record({
    from: fc.constantFrom('left-wall', 'right-wall', 'centreline'),
    mm: fc.integer({ min: 0, max: 500 }),
  }),
  up: fc.record({ from: fc.constantFrom('floor', 'roof'), mm: fc.integer({ min: 0, max: 900 }) }),
  turn: fc.constantFrom(0, 90, 180, 270),
  mirrored: fc.boolean(),
})
const fitting = fc.constantFrom('fit-bed', 'fit-galley', 'fit-cold', 'fit-lounge')
const words = fc.string({ minLength: 1, maxLength: 40 })

/** One arbitrary per type of command, complete by type: a new command without a case here does not compile. */
const lowTop: HouseRule = {
  title: 'A low top',
  reason: 'our cooks are short',
  gravity: 'note',
  modes: [],
  measure: { what: 'height', service: 'worktop' },
  bound: 'most',
  value: 880,
}

const SIMPLE: { [T in Exclude<Command['type'], 'diff' | 'batch'>]: fc.Arbitrary<Extract<Command, { type: T }>> } = {
  'job.rename': fc.record({ type: fc.constant('job.rename'), name: words }),
  'job.units': fc.record({ type: fc.constant('job.units'), units: fc.constantFrom('mm', 'cm', 'in') }),
  'brief.nights': fc.record({ type: fc.constant('brief.nights'), nights: fc.integer({ min: 0, max: 60 }) }),
  'brief.notes': fc.record({ type: fc.constant('brief.notes'), notes: words }),
  'person.put': fc.record({
    type: fc.constant('person.put'),
    id: fc.constantFrom('person-a', 'person-b'),
    person: fc.record({
      label: words,
      statureMm: fc.integer({ min: 500, max: 2100 }),
      sleeps: fc.boolean(),
      travels: fc.boolean(),
    }),
  }),
  'person.remove': fc.constant({ type: 'person.remove', id: 'person-a' }),
  'pet.put': fc.constant({ type: 'pet.put', id: 'pet-b', pet: { label: 'cat', lengthMm: 450, heightMm: 250 } }),
  'pet.remove': fc.constant({ type: 'pet.remove', id: 'pet-a' }),
  'gear.put': fc.constantFrom(
    { type: 'gear.put', id: 'gear-a', gear: { label: 'mast', sizeMm: [2000, 180, 180], count: 2 } } as const,
    { type: 'gear.put', id: 'gear-b', gear: { label: 'crate', sizeMm: [600, 400, 320], count: 1 } } as const,
  ),
  'gear.remove': fc.constant({ type: 'gear.remove', id: 'gear-a' }),
  'brief.use': fc.constantFrom(
    { type: 'brief.use', use: { cooking: 'daily', planYears: 3 } } as const,
    { type: 'brief.use', use: {} } as const,
  ),
  'brief.derives': fc.record({ type: fc.constant('brief.derives'), derives: fc.boolean() }),
  'brief.put': fc.constant({ type: 'brief.put', brief: BRIEF_TEMPLATES[2]!.brief }),
  'figure.put': fc.constantFrom(
    {
      type: 'figure.put',
      variant,
      mode: 'mode-day',
      id: 'figure-a',
      figure: { who: 'person-a', pose: 'sitting', at: [2000, 100], turn: 90 },
    } as const,
    {
      type: 'figure.put',
      variant,
      mode: 'mode-night',
      id: 'figure-b',
      figure: { who: 'pet-a', pose: 'lying', at: [1000, 0], turn: 0 },
    } as const,
  ),
  'figure.remove': fc.constant({ type: 'figure.remove', variant, mode: 'mode-day', id: 'figure-a' }),
  'demand.adjust': fc.constantFrom(
    { type: 'demand.adjust', id: 'need-toilet-all', adjust: { waived: 'there is one' } } as const,
    { type: 'demand.adjust', id: 'need-toilet-all', adjust: {} } as const,
  ),
  'demand.put': fc.record({
    type: fc.constant('demand.put'),
    id: fc.constantFrom('demand-berth', 'demand-new'),
    demand: fc.record({ need: fc.constantFrom('berth', 'desk', 'toilet'), must: fc.boolean() }),
  }),
  'demand.remove': fc.constant({ type: 'demand.remove', id: 'demand-hob' }),
  'shell.put': fc.constant({ type: 'shell.put', shell: genericShell('truck-box') }),
  'vehicle.mirror': fc.constant({ type: 'vehicle.mirror' }),
  'survey.put': fc.constantFrom(
    { type: 'survey.put', survey: newSurvey({ kind: 'numbers', bodyClass: 'bus' }) } as const,
    { type: 'survey.put', survey: { ...newSurvey({ kind: 'generic', shell: 'bus-7m' }), apart: true } } as const,
  ),
  'survey.read': fc.record({
    type: fc.constant('survey.read'),
    id: fc.constantFrom('length-floor', 'axle-low'),
    reading: fc.constantFrom({}, { first: 4200 }, { first: 4200, second: 4210 }),
  }),
  'found.put': fc.record({
    type: fc.constant('found.put'),
    id: fc.constantFrom('found-sill', 'found-leak'),
    found: fc.constantFrom(newFound('rust'), { ...newFound('leak'), at: [900, 700, 1500] as [number, number, number] }),
  }),
  'found.remove': fc.constant({ type: 'found.remove', id: 'found-sill' }),
  'variant.add': fc.constantFrom(
    { type: 'variant.add', id: 'variant-b', name: 'B', from: 'variant-a' } as const,
    { type: 'variant.add', id: 'variant-b', name: 'B' } as const,
  ),
  'variant.rename': fc.record({ type: fc.constant('variant.rename'), variant: fc.constant(variant), name: words }),
  'variant.remove': fc.constant({ type: 'variant.remove', variant: 'variant-b' }),
  'lining.set': fc.record({
    type: fc.constant('lining.set'),
    variant: fc.constant(variant),
    lining: fc.record({
      floorMm: fc.integer({ min: 0, max: 150 }),
      wallMm: fc.integer({ min: 0, max: 150 }),
      roofMm: fc.integer({ min: 0, max: 150 }),
    }),
  }),
  'change.put': fc.record({
    type: fc.constant('change.put'),
    variant: fc.constant(variant),
    id: fc.constantFrom('change-a', 'change-b'),
    change: fc.record({
      kind: fc.constant('flare'),
      side: fc.constantFrom('left', 'right'),
      fromMm: fc.integer({ min: 0, max: 1000 }),
      toMm: fc.integer({ min: 1100, max: 4000 }),
      bottomMm: fc.constant(600),
      topMm: fc.integer({ min: 700, max: 1500 }),
      depthMm: fc.integer({ min: 20, max: 250 }),
    }),
  }),
  'change.remove': fc.constant({ type: 'change.remove', variant, id: 'change-a' }),
  'fitting.add': fc.constantFrom(
    ...KINDS.map((kind) => place('fit-new', kind.id) as Extract<Command, { type: 'fitting.add' }>),
  ),
  'fitting.seat': fc.record({
    type: fc.constant('fitting.seat'),
    variant: fc.constant(variant),
    id: fitting,
    seat: seat as unknown as fc.Arbitrary<never>,
  }),
  'fitting.parameters': fc.record({
    type: fc.constant('fitting.parameters'),
    variant: fc.constant(variant),
    id: fc.constant('fit-galley'),
    parameters: fc.record({ lengthMm: fc.integer({ min: 500, max: 3500 }), hob: fc.boolean() }),
  }),
  'fitting.label': fc.record({
    type: fc.constant('fitting.label'),
    variant: fc.constant(variant),
    id: fitting,
    label: words,
  }),
  'fitting.remove': fc.record({ type: fc.constant('fitting.remove'), variant: fc.constant(variant), id: fitting }),
  'fitting.lock': fc.record({
    type: fc.constant('fitting.lock'),
    variant: fc.constant(variant),
    id: fitting,
    locked: fc.boolean(),
  }),
  'fitting.cut': fc.record({
    type: fc.constant('fitting.cut'),
    variant: fc.constant(variant),
    id: fc.constant('fit-shower'),
    cut: fc.boolean(),
  }),
  'fitting.fixing': fc.record({
    type: fc.constant('fitting.fixing'),
    variant: fc.constant(variant),
    id: fitting,
    fixing: fc.record({ how: fc.constantFrom(...FIXING_WAYS), points: fc.integer({ min: 0, max: 60 }) }),
  }),
  'group.put': fc.record({
    type: fc.constant('group.put'),
    variant: fc.constant(variant),
    id: fc.constantFrom('group-a', 'group-b'),
    group: fc.record({
      name: words,
      fittings: fc.constantFrom(['fit-bed', 'fit-galley'], ['fit-galley', 'fit-cold', 'fit-lounge']),
    }),
  }),
  'group.remove': fc.constant({ type: 'group.remove', variant, id: 'group-a' }),
  'waiver.put': fc.record({
    type: fc.constant('waiver.put'),
    variant: fc.constant(variant),
    id: fc.constantFrom('waiver-a', 'waiver-b'),
    waiver: fc.constantFrom('a', 'b').map((key) => ({
      key,
      code: 'overlap',
      measured: 4,
      needed: 0,
      reason: 'a shim',
      on: '2026-11-25',
    })),
  }),
  'drawn.put': fc.constantFrom(
    {
      type: 'drawn.put',
      variant,
      id: 'drawn-a',
      drawn: { kind: 'tape', view: 'plan', from: [100, -200], to: [1200, 340] },
    } as const,
    {
      type: 'drawn.put',
      variant,
      id: 'drawn-b',
      drawn: { kind: 'note', view: 'left', at: [0, 120], fitting: 'fit-bed', text: 'ask the client' },
    } as const,
    { type: 'drawn.put', variant, id: 'drawn-b', drawn: { kind: 'pinned', fitting: 'fit-bed', row: 'rear' } } as const,
  ),
  'drawn.remove': fc.constant({ type: 'drawn.remove', variant, id: 'drawn-a' }),
  'waiver.remove': fc.record({
    type: fc.constant('waiver.remove'),
    variant: fc.constant(variant),
    id: fc.constantFrom('waiver-a', 'waiver-b'),
  }),
  'rule.set': fc.record({
    type: fc.constant('rule.set'),
    id: fc.constantFrom('berth-length', 'no-overlap'),
    setting: fc.constantFrom(undefined, {}, { off: true }, { parameters: { spareMm: 20 }, gravity: 'note' }),
  }),
  'house.put': fc.record({
    type: fc.constant('house.put'),
    id: fc.constantFrom('low-top', 'wide-way'),
    rule: fc.constantFrom('least' as const, 'most' as const).map((bound) => ({ ...lowTop, bound })),
  }),
  'house.remove': fc.record({ type: fc.constant('house.remove'), id: fc.constantFrom('low-top', 'wide-way') }),
  'rules.put': fc.constant({ type: 'rules.put', rules: { settings: { 'no-overlap': { off: true } }, house: {} } }),
  'plan.mirror': fc.constant({ type: 'plan.mirror', variant }),
  'plan.transferable': fc.record({
    type: fc.constant('plan.transferable'),
    variant: fc.constant(variant),
    transferable: fc.boolean(),
  }),
  'mode.add': fc.record({
    type: fc.constant('mode.add'),
    variant: fc.constant(variant),
    id: fc.constantFrom('mode-boat', 'mode-office'),
    name: words,
    purpose: fc.constantFrom('driving', 'living', 'sleeping'),
    from: fc.constantFrom('mode-day', 'mode-night'),
  }),
  'mode.rename': fc.record({
    type: fc.constant('mode.rename'),
    variant: fc.constant(variant),
    mode: fc.constantFrom('mode-day', 'mode-night'),
    name: words,
  }),
  'mode.remove': fc.constant({ type: 'mode.remove', variant, mode: 'mode-night' }),
  'mode.order': fc.record({
    type: fc.constant('mode.order'),
    variant: fc.constant(variant),
    modes: fc.shuffledSubarray(['mode-drive', 'mode-day', 'mode-night'], { minLength: 3 }),
  }),
  'mode.seat': fc.record({
    type: fc.constant('mode.seat'),
    variant: fc.constant(variant),
    mode: fc.constantFrom('mode-day', 'mode-night'),
    fitting,
    seat: seat as unknown as fc.Arbitrary<never>,
  }),
  'mode.away': fc.record({
    type: fc.constant('mode.away'),
    variant: fc.constant(variant),
    mode: fc.constantFrom('mode-day', 'mode-night'),
    fitting,
    away: fc.boolean(),
  }),
  'mode.put': fc.constant({
    type: 'mode.put',
    variant,
    id: 'mode-boat',
    mode: { name: 'Load the boat', purpose: 'living', order: 3, stances: {} },
  }),
  'mode.turned': fc.record({
    type: fc.constant('mode.turned'),
    variant: fc.constant(variant),
    mode: fc.constantFrom('mode-day', 'mode-night'),
    seat: fc.constantFrom('cab-driver', 'cab-passenger'),
    turned: fc.boolean(),
  }),
  'mode.stance': fc.record({
    type: fc.constant('mode.stance'),
    variant: fc.constant(variant),
    mode: fc.constantFrom('mode-drive', 'mode-night'),
    fitting: fc.constant('fit-lounge'),
    stance: fc.constantFrom('table-up', 'bed-made'),
  }),
  'masses.set': fc.record({
    type: fc.constant('masses.set'),
    axles: fc.record({ trackMm: fc.constantFrom(null, 1700, 1800) }, { requiredKeys: [] }),
    masses: fc.record(
      { fuelL: fc.constantFrom(null, 70, 90), roofDrivingKg: fc.constantFrom(null, 120) },
      { requiredKeys: [] },
    ),
  }),
  'weight.assume': fc.record({
    type: fc.constant('weight.assume'),
    key: fc.constantFrom('driverKg', 'personalKg'),
    value: fc.constantFrom(null, 60, 90),
  }),
  'power.assume': fc.record({
    type: fc.constant('power.assume'),
    key: fc.constantFrom('darkDays', 'pricePerWh'),
    value: fc.constantFrom(null, 0, 4),
  }),
  'warmth.assume': fc.record({
    type: fc.constant('warmth.assume'),
    key: fc.constantFrom('heatedC', 'airChanges'),
    value: fc.constantFrom(null, 5, 20),
  }),
  'power.leg': fc.record({
    type: fc.constant('power.leg'),
    id: fc.constantFrom('leg-a', 'leg-b'),
    leg: fc.record({
      from: fc.integer({ min: 1, max: 12 }),
      to: fc.integer({ min: 1, max: 12 }),
      latitudeDeg: fc.integer({ min: -60, max: 70 }),
      climate: fc.constantFrom('desert', 'dark-north'),
      nights: fc.integer({ min: 0, max: 31 }),
      drivingHours: fc.constantFrom(0, 2.5),
      hookUpEvery: fc.integer({ min: 0, max: 31 }),
    }),
  }),
  'power.extra': fc.record({
    type: fc.constant('power.extra'),
    id: fc.constantFrom('load-a', 'load-b'),
    extra: fc.record({
      label: fc.constantFrom('Kettle', 'Breathing machine'),
      from: fc.constantFrom('battery', 'mains'),
      watts: fc.integer({ min: 1, max: 2000 }),
      hours: fc.integer({ min: 0, max: 24 }),
      when: fc.constantFrom('day', 'evening', 'night', 'always'),
    }),
  }),
  'power.load': fc.record(
    {
      type: fc.constant('power.load'),
      id: fc.constantFrom('fit-cold-0', 'person-a-desk'),
      hours: fc.constantFrom(null, 0, 7),
      onlyHookUp: fc.constantFrom(null, true, false),
    },
    { requiredKeys: ['type', 'id'] },
  ),
  'power.circuit': fc.record({
    type: fc.constant('power.circuit'),
    id: fc.constantFrom('circuit-a', 'circuit-b'),
    circuit: fc.record({
      label: fc.constantFrom('Galley', 'Rear'),
      serves: fc.uniqueArray(fc.constantFrom('fit-a', 'fit-b', 'fit-c'), { minLength: 1 }),
    }),
  }),
  'power.wire': fc.record(
    {
      type: fc.constant('power.wire'),
      id: fc.constantFrom('lights-front', 'main'),
      mm2: fc.constantFrom(null, 2.5, 35),
      fuseA: fc.constantFrom(null, 10, 100),
      parts: fc.constantFrom(null, [], ['switch'], ['timer', 'residual-current']),
    },
    { requiredKeys: ['type', 'id'] },
  ),
  'power.carries': fc.record({
    type: fc.constant('power.carries'),
    mm2: fc.constantFrom(1.5, 120),
    amps: fc.constantFrom(null, 12, 300),
  }),
  'power.weather': fc.record({
    type: fc.constant('power.weather'),
    weather: fc.constantFrom(
      { name: 'A roof', days: Array.from({ length: 365 }, () => null) },
      {
        name: 'A mast',
        days: Array.from({ length: 365 }, (_, day) => ({
          sunWm2: Array.from({ length: 24 }, (_, hour) => (day + hour) % 900),
          outsideC: Array.from({ length: 24 }, (_, hour) => hour - 5),
        })),
      },
    ),
  }),
  'weighing.put': fc.record({
    type: fc.constant('weighing.put'),
    id: fc.constantFrom('weighing-a', 'weighing-b'),
    weighing: fc.record({
      on: fc.constant('2027-03-14'),
      variant: fc.constant(variant),
      loading: fc.constant({ without: ['driver'], levels: { waste: 0 } }),
      totalKg: fc.integer({ min: 1500, max: 3500 }),
      slackKg: fc.constant(20),
      from: fc.constantFrom('typed', 'scale'),
      plannedKg: fc.constant({ total: 100, front: 40, left: 50 }),
    }),
  }),
  'weighing.remove': fc.record({ type: fc.constant('weighing.remove'), id: fc.constant('weighing-w') }),
  'weighing.base': fc.record({ type: fc.constant('weighing.base'), id: fc.constantFrom(null, 'weighing-w') }),
  'job.restore': fc.constant({ type: 'job.restore', revision: 1, document: empty as never }),
}
const simple = fc.oneof(...(Object.values(SIMPLE) as fc.Arbitrary<Command>[]))

/** `variant.remove` needs a second one, `survey.read` a survey. */
const ready = (command: Command): Job =>
  command.type === 'survey.read'
    ? run(furnished, {
        type: 'survey.put',
        survey: { ...newSurvey({ kind: 'generic', shell: 'bus-7m' }), readings: { 'axle-low': { first: 2200 } } },
      })
    : command.type === 'weighing.remove' || command.type === 'weighing.base'
      ? run(
          furnished,
          {
            type: 'weighing.put',
            id: 'weighing-w',
            weighing: {
              on: '2027-03-14',
              variant,
              loading: { without: [], levels: {} },
              totalKg: 2400,
              slackKg: 20,
              from: 'typed',
              plannedKg: { total: 0, front: 0, left: 0 },
            },
          },
          { type: 'weighing.base', id: 'weighing-w' },
        )
      : command.type === 'found.remove'
        ? ['found-sill', 'found-leak'].reduce(
            (job, id) => run(job, { type: 'found.put', id, found: newFound('rust') }),
            furnished,
          )
        : command.type === 'drawn.remove'
          ? run(furnished, {
              type: 'drawn.put',
              variant,
              id: 'drawn-a',
              drawn: { kind: 'tape', view: 'plan', from: [0, 0], to: [900, 0] },
            })
          : command.type === 'group.remove'
            ? run(furnished, {
                type: 'group.put',
                variant,
                id: 'group-a',
                group: { name: 'pair', fittings: ['fit-bed', 'fit-galley'] },
              })
            : command.type === 'house.remove'
              ? ['low-top', 'wide-way'].reduce(
                  (job, id) => run(job, { type: 'house.put', id, rule: lowTop }),
                  furnished,
                )
              : command.type === 'variant.remove'
                ? run(furnished, { type: 'variant.add', id: 'variant-b', name: 'B' })
                : furnished

/** The refusal that a call throws; what is no refusal is thrown on, and none at all fails. */
function refusalOf(call: () => unknown): CommandRefusal {
  try {
    call()
  } catch (cause) {
    if (cause instanceof CommandError) return cause.refusal
    throw cause
  }
  throw new Error('was not refused')
}

describe('apply', () => {
  it.each(Object.entries(SIMPLE) as [string, fc.Arbitrary<Command>][])(
    '%s: valid after, undone by its diff, redone by it',
    (_type, arbitrary) => {
      fc.assert(
        fc.property(arbitrary, (command) => {
          const before = ready(command)
          const frozen = JSON.stringify(before)
          const { job, diff } = apply(before, command)
          const parsed = parseJob(JSON.parse(JSON.stringify(job)))
          if (!parsed.ok) throw new Error(`${parsed.faults[0]!.path}: ${parsed.faults[0]!.message}`)
          const undone = apply(job, { type: 'diff', direction: 'undo', what: command.type, patches: [...diff.undo] })
          const redone = apply(undone.job, {
            type: 'diff',
            direction: 'redo',
            what: command.type,
            patches: [...diff.redo],
          })
          const same = (a: Job, b: Job) => expect(JSON.parse(JSON.stringify(a))).toEqual(JSON.parse(JSON.stringify(b)))
          same(undone.job, before)
          same(redone.job, job)
          return JSON.stringify(before) === frozen
        }),
        { seed: 9, numRuns: 60 },
      )
      expect(JSON.stringify(furnished)).toContain('fit-galley')
    },
  )

  it('undoes any run of commands in reverse, to the letter', () => {
    fc.assert(
      fc.property(fc.array(simple, { maxLength: 12 }), (commands) => {
        const undos: Command[] = []
        let job = furnished
        for (const command of commands) {
          try {
            const applied = apply(job, command)
            undos.unshift({ type: 'diff', direction: 'undo', what: command.type, patches: [...applied.diff.undo] })
            job = applied.job
          } catch (cause) {
            if (!(cause instanceof CommandError)) throw cause
          }
        }
        expect(run(job, ...undos)).toEqual(furnished)
      }),
      { seed: 10, numRuns: 120 },
    )
    expect(furnished.variants[variant]!.plan.fittings).toHaveProperty('fit-cold')
  })

  it('shares what it did not touch', () => {
    const { job } = apply(furnished, { type: 'fitting.label', variant, id: 'fit-bed', label: 'Big bed' })
    expect(job.shell).toBe(furnished.shell)
    expect(job.variants[variant]!.plan.fittings['fit-galley']).toBe(
      furnished.variants[variant]!.plan.fittings['fit-galley'],
    )
  })

  it('takes a batch whole or not at all', () => {
    const commands = [
      { type: 'fitting.label', variant, id: 'fit-bed', label: 'x' },
      { type: 'fitting.remove', variant, id: 'fit-none' },
    ] as const
    expect(() => apply(furnished, { type: 'batch', what: 'remedy', commands: [...commands] })).toThrow(CommandError)
    const both = apply(furnished, {
      type: 'batch',
      what: 'remedy',
      commands: [commands[0], { type: 'job.rename', name: 'New' }],
    })
    expect(both.diff.undo).toHaveLength(2)
    expect(both.job.name).toBe('New')
  })

  it('stops a thing that rises at a height of its own in a mode, and reads it back', () => {
    const fitting = { kind: 'bed-lift', label: '', parameters: {}, seat: kindOf('bed-lift').home }
    const raised = run(furnished, { type: 'fitting.add', variant, id: 'fit-lift', fitting } as Command, {
      type: 'mode.stance',
      variant,
      mode: 'mode-day',
      fitting: 'fit-lift',
      stance: 'at-936',
    })
    expect(raised.variants[variant]!.plan.modes['mode-day']!.stances).toMatchObject({ 'fit-lift': 'at-936' })
    expect(parseJobText(JSON.stringify(raised))).toEqual({ ok: true, job: raised })
  })

  it('sets down what stood on a fitting that goes', () => {
    const { job } = apply(furnished, { type: 'fitting.remove', variant, id: 'fit-galley' })
    expect(job.variants[variant]!.plan.fittings['fit-cold']!.seat.up).toEqual({ from: 'floor', mm: 900 })
  })

  it.each([
    [
      'a fitting that is gone',
      { type: 'fitting.label', variant, id: 'fit-none', label: 'x' },
      { code: 'gone', thing: 'fitting', id: 'fit-none' },
    ],
    [
      'a parameter out of its limits',
      { type: 'fitting.parameters', variant, id: 'fit-galley', parameters: { lengthMm: 9000 } },
      { code: 'unreadable', path: 'lengthMm', message: expect.stringMatching(/^at most 3.500, not “90/) },
    ],
    [
      'a stance the kind has not',
      { type: 'mode.stance', variant, mode: 'mode-day', fitting: 'fit-bed', stance: 'sideways' },
      { code: 'no-such-stance', kind: 'bed-fixed', stance: 'sideways' },
    ],
    [
      'a height of a thing that does not rise',
      { type: 'mode.stance', variant, mode: 'mode-day', fitting: 'fit-bed', stance: 'at-900' },
      { code: 'no-such-stance', kind: 'bed-fixed', stance: 'at-900' },
    ],
    [
      'standing on itself',
      {
        type: 'fitting.seat',
        variant,
        id: 'fit-galley',
        seat: { ...kindOf('galley').home, up: { from: 'top-of', fitting: 'fit-cold', mm: 0 } },
      },
      { code: 'hangs-on-itself' },
    ],
    ['the last variant', { type: 'variant.remove', variant }, { code: 'last-one', thing: 'variant' }],
    [
      'a patch to a prototype',
      {
        type: 'diff',
        direction: 'undo',
        what: 'x',
        patches: [{ op: 'add', path: ['__proto__', 'polluted'], value: 1 }],
      },
      { code: 'out-of-reach' },
    ],
    [
      'a patch to nothing',
      {
        type: 'diff',
        direction: 'undo',
        what: 'x',
        patches: [{ op: 'replace', path: ['variants', 'gone', 'plan', 'lining'], value: 1 }],
      },
      { code: 'gone', thing: 'patched' },
    ],
  ] as [string, Command, object][])('refuses %s by code', (_what, command, refusal) =>
    expect(refusalOf(() => apply(furnished, command))).toEqual(refusal),
  )

  it('tells diffs that meet from diffs that do not', () => {
    const move = (id: string) => apply(furnished, { type: 'fitting.label', variant, id, label: 'moved' }).diff.redo
    const gone = apply(furnished, { type: 'fitting.remove', variant, id: 'fit-bed' }).diff.redo
    expect(diffsMeet(move('fit-bed'), move('fit-galley'))).toBe(false)
    expect(diffsMeet(move('fit-bed'), gone)).toBe(true)
  })
})

describe('what a document may hold', () => {
  const faultOf = (job: Job) => {
    const read = parseJob(JSON.parse(JSON.stringify(job)))
    return read.ok ? 'fine' : `${read.faults[0]!.path}: ${read.faults[0]!.message}`
  }

  it('is counted by fittings in modes, and refused with both figures', () => {
    expect(faultOf(plansOf(400, 5, 1))).toBe('fine')
    expect(faultOf(plansOf(166, 12, 1))).toBe('fine')
    expect(faultOf(plansOf(201, 10, 1))).toBe(
      'variants.variant-0.plan.fittings: 201 fittings in 10 modes are 2010; a plan holds at most 2000',
    )
  })

  it('is counted by pieces of gear, however many entries they are in', () => {
    const withGear = (entries: number, count: number) =>
      plansOf(1, 1, 1, 'bus-12m', { gear: gearOf(entries, count, true) })
    expect(faultOf(withGear(40, 50))).toBe('fine')
    expect(faultOf(withGear(41, 50))).toBe('brief.gear: holds 2050 pieces in all; at most 2000')
  })
})

describe('parseJob', () => {
  const text = JSON.stringify(furnished)
  const changed = (change: (document: Record<string, never>) => void) => {
    const document = JSON.parse(text) as Record<string, never>
    change(document)
    const result = parseJob(document)
    return result.ok ? 'accepted' : result.faults.map(({ path, message }) => `${path}: ${message}`).join('\n')
  }
  const plan = (document: unknown) =>
    (document as Job).variants[variant]!.plan as never as Record<string, Record<string, Record<string, unknown>>>

  it('reads back what it wrote, with unknown fields kept', () => {
    const document = JSON.parse(text) as Record<string, unknown>
    document.workshopNote = { shelf: 4 }
    ;(document.brief as Record<string, unknown>).mood = 'cheerful'
    plan(document).fittings!['fit-bed']!.colour = 'oak'
    const result = parseJob(document)
    expect(result.ok && JSON.parse(JSON.stringify(result.job))).toEqual(document)
  })

  it.each([
    [
      'negative size',
      (d: unknown) => ((plan(d).fittings!['fit-bed']!.parameters as Record<string, unknown>).lyingMm = -5),
      /fittings\.fit-bed\.parameters\.lyingMm/,
    ],
    ['1e308', (d: unknown) => ((plan(d).lining as never as Record<string, unknown>).wallMm = 1e308), /lining\.wallMm/],
    [
      'infinity',
      (d: unknown) => ((plan(d).lining as never as Record<string, unknown>).wallMm = Infinity),
      /lining\.wallMm: must be a finite number, got Infinity/,
    ],
    ['an unknown kind', (d: unknown) => (plan(d).fittings!['fit-bed']!.kind = 'trapeze'), /fittings\.fit-bed\.kind/],
    [
      'cyclic anchors',
      (d: unknown) =>
        ((plan(d).fittings!['fit-galley']!.seat as Record<string, unknown>).up = {
          from: 'top-of',
          fitting: 'fit-cold',
          mm: 0,
        }),
      /fit-galley\.seat\.up\.fitting: “fit-galley” stands on itself/,
    ],
    [
      'an anchor to nothing',
      (d: unknown) =>
        ((plan(d).fittings!['fit-galley']!.seat as Record<string, unknown>).up = { from: 'top-of', mm: 0 }),
      /stands on “nothing”/,
    ],
    [
      'a stance that is none',
      (d: unknown) => ((plan(d).modes!['mode-day'] as Record<string, unknown>).stances = { 'fit-bed': 'flying' }),
      /modes\.mode-day\.stances\.fit-bed: a bed-fixed has no stance “flying”/,
    ],
    ['a newer version', (d: unknown) => ((d as Record<string, unknown>).version = 2), /version: was made by a newer/],
    ['another format', (d: unknown) => ((d as Record<string, unknown>).format = 'x'), /format: must be/],
    ['no variant', (d: unknown) => ((d as Record<string, unknown>).variants = {}), /variants: a job needs a variant/],
    [
      '10,000 fittings',
      (d: unknown) =>
        (plan(d).fittings = Object.fromEntries(
          Array.from({ length: 10_000 }, (_, i) => [`fit-${i}`, plan(d).fittings!['fit-bed']!]),
        )),
      /fittings: holds more than 400 entries/,
    ],
  ])('refuses %s with its path', (_what, change, words) => expect(changed(change as never)).toMatch(words))

  it.each([
    ['prototype keys', text.replace('"fit-bed":', '"__proto__":'), /__proto__: “__proto__” may not be a key/],
    ['constructor keys', text.replace('"pet-a":', '"constructor":'), /constructor/],
    ['broken JSON', text.slice(0, 100), /is not JSON/],
    ['endless nesting', '['.repeat(50_000) + ']'.repeat(50_000), /nested more than 24 deep|not JSON/],
    ['NaN', text.replace('"nightsOffHookUp":3', '"nightsOffHookUp":NaN'), /is not JSON/],
    ['a list', '[]', /a job document is a JSON object/],
  ])('refuses %s as text', (_what, hostile, words) => {
    const result = parseJobText(hostile)
    expect(result.ok ? 'accepted' : result.faults.map(({ path, message }) => `${path}: ${message}`).join('\n')).toMatch(
      words,
    )
    expect(({} as Record<string, unknown>).polluted).toBeUndefined()
  })

  it('keeps a name with markup as the plain text it is', () => {
    const name = '<script>alert(1)</script>'
    const result = parseJob({ ...JSON.parse(text), name })
    expect(result.ok && result.job.name).toBe(name)
  })
})

describe('the vehicle of a job', () => {
  const bus = genericShell('bus-9m')
  const flare = {
    kind: 'flare',
    side: 'left',
    fromMm: 100,
    toMm: 1500,
    bottomMm: 600,
    topMm: 900,
    depthMm: 80,
  } as const

  it('holds a hundred things that were found, and reads a document without those that are out of order', () => {
    const full = Array.from({ length: 100 }, (_, index) => `found-n${index}`).reduce(
      (job, id) => run(job, { type: 'found.put', id, found: newFound('rust') }),
      furnished,
    )
    expect(refusalOf(() => run(full, { type: 'found.put', id: 'found-more', found: newFound('rust') }))).toMatchObject({
      code: 'too-many',
      most: 100,
    })
    expect(run(full, { type: 'found.put', id: 'found-n7', found: newFound('leak') }).found!['found-n7']!.kind).toBe(
      'leak',
    )
    const wrong = { ...full, found: { 'found-a': newFound('rust'), 'found-b': { ...newFound('rust'), minutes: -1 } } }
    const read = parseJob(JSON.parse(JSON.stringify(wrong)))
    expect(read).toMatchObject({ ok: false, faults: [{ path: 'found.found-b.minutes' }] })
    expect(!read.ok && Object.keys(read.rest!.found!)).toEqual(['found-a'])
  })

  it('keeps what a new body has a place for, and lets the rest go with the old one', () => {
    const job = run(furnished, { type: 'change.put', variant, id: 'change-b', change: flare })
    const moved = run(job, { type: 'shell.put', shell: bus })
    expect(Object.keys(moved.variants[variant]!.plan.changes)).toEqual(['change-b'])
    expect(moved.variants[variant]!.plan.modes['mode-day']!.turned).toEqual([])
    expect(parseJob(JSON.parse(JSON.stringify(moved))).ok).toBe(true)
  })

  it.each([
    [
      'a flare longer than the body',
      { type: 'change.put', variant, id: 'change-b', change: { ...flare, toMm: 9000 } },
      'the body from 0 to 4250',
    ],
    [
      'a flare upside down',
      { type: 'change.put', variant, id: 'change-b', change: { ...flare, topMm: 500 } },
      'more than 600',
    ],
    [
      'layers that do not add up',
      {
        type: 'lining.set',
        variant,
        lining: { floorMm: 30, wallMm: 0, roofMm: 0, layers: { floor: [{ material: 'xps', mm: 20 }] } },
      },
      'add up to 20 = 20 mm, not 30',
    ],
    [
      'a reading without a survey',
      { type: 'survey.read', id: 'axle-low', reading: { first: 1 } },
      '"gone","thing":"survey"',
    ],
    ['to take out what was never found', { type: 'found.remove', id: 'found-none' }, '"gone","thing":"found"'],
    [
      'a found thing of no size',
      { type: 'found.put', id: 'found-a', found: { ...newFound('rust'), sizeMm: [0, 300, 300] } },
      '"sizeMm.0"',
    ],
    [
      'a seat that does not turn',
      { type: 'mode.turned', variant, mode: 'mode-day', seat: 'cab-nobody', turned: true },
      '"seat-fixed"',
    ],
  ] as [string, Command, string][])('refuses %s', (_what, command, said) =>
    expect(JSON.stringify(refusalOf(() => apply(furnished, command)))).toContain(said),
  )

  it('reads documents from before bodies had changes, and refuses seats and openings that are not there', () => {
    const document = JSON.parse(JSON.stringify(empty))
    delete document.variants[variant].plan.changes
    for (const seat of document.shell.cabSeats)
      for (const key of ['reclineDeg', 'removable', 'swivel']) delete seat[key]
    for (const key of ['ribs', 'rails', 'fixings', 'loadSeats', 'outer']) delete document.shell[key]
    const read = parseJob(document)
    expect(read.ok && read.job.variants[variant]!.plan.changes).toEqual({})
    expect(read.ok && read.job.shell.ribs).toEqual({ wallMm: 0, roofMm: 0, pitchMm: 600 })

    const wrong = JSON.parse(JSON.stringify(empty))
    wrong.variants[variant].plan.modes['mode-day'].turned = ['cab-nobody']
    wrong.variants[variant].plan.changes = { 'blank-a': { kind: 'window-blanked', opening: 'window-none' } }
    const refused = parseJob(wrong)
    expect(refused.ok ? [] : refused.faults).toEqual([
      { path: 'variants.variant-a.plan.modes.mode-day.turned', message: 'there is no seat “cab-nobody” that turns' },
      {
        path: 'variants.variant-a.plan.changes.blank-a.opening',
        message: 'there is no opening “window-none” in this body',
      },
    ])
  })

  it('opens a reading again when nothing is left of it', () => {
    const measured = run(
      empty,
      { type: 'survey.put', survey: newSurvey({ kind: 'generic', shell: 'bus-7m' }) },
      { type: 'survey.read', id: 'axle-low', reading: { first: 2200, second: 2204 } },
    )
    expect(measured.survey!.readings).toEqual({ 'axle-low': { first: 2200, second: 2204 } })
    expect(run(measured, { type: 'survey.read', id: 'axle-low', reading: {} }).survey!.readings).toEqual({})
  })
})

describe('migrate', () => {
  it('goes up one version at a time', () => {
    const steps = [
      { from: 1, up: (document: Record<string, unknown>) => ({ ...document, title: document.name }) },
      { from: 2, up: (document: Record<string, unknown>) => ({ ...document, title: `${String(document.title)}!` }) },
    ]
    const result = migrate({ format: 'zimmerman.job', version: 1, name: 'x' }, steps, 3)
    expect(result.ok && result.document).toMatchObject({ version: 3, title: 'x!' })
    expect(() => migrate({ format: 'zimmerman.job', version: 1 }, [], 2)).toThrow(/no migration from version 1/)
    expect(migrate(empty).ok).toBe(true)
    expect(JOB_VERSION).toBe(1)
  })
})

describe('jobJsonSchema', () => {
  it('publishes every kind with its parameters', () => {
    const schema = JSON.stringify(jobJsonSchema())
    for (const kind of KINDS) expect(schema).toContain(`"const":"${kind.id}"`)
    expect(schema).toContain('"platformMm"')
  })
})
