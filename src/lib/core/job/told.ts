import type { Command, SimpleCommand } from './command'
import type { Job } from './schema'
import type { Seat } from '../fittings'
import { MAX_TOLD, MOST_PARTS, MOST_SHIFTS, type Shift, type Told, type ToldPart } from './told-schema'

type Data = Omit<ToldPart, 'code'>
type DataOf = {
  readonly [T in SimpleCommand['type']]: (command: Extract<SimpleCommand, { type: T }>, job: Job) => Data
}

const named = (name: string | undefined): Data => (name === undefined ? {} : { name: name.slice(0, MAX_TOLD) })
const typed = (kind: string, label?: unknown): Data => ({
  kind,
  ...(typeof label === 'string' && label !== '' ? { name: label } : {}),
})

const planOf = (job: Job, variant: string) => job.variants[variant]?.plan
const fitting = (job: Job, variant: string, id: string): Data => {
  const found = planOf(job, variant)?.fittings[id]
  return found === undefined ? {} : typed(found.kind, found.label)
}
const change = (job: Job, variant: string, id: string): Data => {
  const found = planOf(job, variant)?.changes[id]
  return found === undefined ? {} : { kind: found.kind }
}
const inMode = (job: Job, variant: string, mode: string): Data => {
  const name = planOf(job, variant)?.modes[mode]?.name
  return name === undefined ? {} : { mode: name }
}
const whose = ({ brief }: Job, who: string): string | undefined =>
  brief.people[who]?.label ?? brief.pets[who]?.label ?? brief.gear?.[who]?.label

const inVariant = (job: Job, variant: string): Data => {
  const name = job.variants[variant]?.name
  return name === undefined || Object.keys(job.variants).length === 1 ? {} : { variant: name.slice(0, MAX_TOLD) }
}

const shifted = (shifts: readonly Shift[]): Data =>
  shifts.length === 0 ? {} : { shifts: shifts.slice(0, MOST_SHIFTS) }

/** What of a seat is another: how far from what, and which way round. What is put into something else is told without figures. */
function moved(before: Seat | undefined, after: Seat): Data {
  if (before === undefined || before.inside !== undefined || after.inside !== undefined) return {}
  const offsets = (['along', 'across', 'up'] as const).flatMap((axis): Shift[] => {
    const [was, is] = [before[axis], after[axis]]
    if (was.from === is.from && was.mm === is.mm) return []
    return [{ what: is.from, ...(was.from === is.from ? { from: was.mm } : {}), to: is.mm }]
  })
  return shifted([
    ...offsets,
    ...(before.turn === after.turn ? [] : [{ what: 'turn', from: before.turn, to: after.turn }]),
    ...(before.mirrored === after.mirrored ? [] : [{ what: 'mirrored', to: after.mirrored }]),
  ])
}

const isTold = (one: unknown): one is Shift['to'] =>
  typeof one === 'number' || typeof one === 'boolean' || (typeof one === 'string' && one.length <= MAX_TOLD)

/** What of a fitting’s parameters is another. */
function changed(before: Readonly<Record<string, unknown>>, after: Readonly<Record<string, unknown>>): Data {
  return shifted(
    Object.entries(after).flatMap(([what, to]): Shift[] => {
      const from = before[what]
      if (from === to || !isTold(to)) return []
      return [{ what: what.slice(0, 60), ...(isTold(from) && from !== undefined ? { from } : {}), to }]
    }),
  )
}

const DATA: DataOf = {
  'job.rename': ({ name }) => named(name),
  'job.units': ({ units }) => ({ to: units }),
  'brief.nights': ({ nights }) => ({ to: nights }),
  'brief.notes': () => ({}),
  'brief.use': () => ({}),
  'brief.derives': ({ derives }) => ({ to: derives }),
  'brief.put': () => ({}),
  'gear.put': ({ gear }) => named(gear.label),
  'gear.remove': ({ id }, job) => named(job.brief.gear?.[id]?.label),
  'demand.adjust': ({ adjust }) => (adjust.waived === undefined ? {} : { to: adjust.waived.slice(0, MAX_TOLD) }),
  'person.put': ({ person }) => named(person.label),
  'person.remove': ({ id }, job) => named(job.brief.people[id]?.label),
  'pet.put': ({ pet }) => named(pet.label),
  'pet.remove': ({ id }, job) => named(job.brief.pets[id]?.label),
  'demand.put': ({ demand }) => typed(demand.need, demand.label),
  'demand.remove': () => ({}),
  'shell.put': ({ shell }) => named(shell.name),
  'survey.put': () => ({}),
  'survey.read': ({ id, reading }) => ({ kind: id, ...(reading.first === undefined ? {} : { to: reading.first }) }),
  'found.put': ({ found }) => typed(found.kind, found.label),
  'found.remove': ({ id }, job) => {
    const found = job.found?.[id]
    return found === undefined ? {} : typed(found.kind, found.label)
  },
  'masses.set': ({ axles, masses, kerbWith }) => {
    const [key] = [...Object.keys(axles), ...Object.keys(masses), ...(kerbWith === undefined ? [] : ['kerbWith'])]
    return key === undefined ? {} : { kind: key }
  },
  'weight.assume': ({ key, value }) => ({ kind: key, ...(value === null ? {} : { to: value }) }),
  'weighing.put': ({ weighing }) => ({ to: weighing.on }),
  'weighing.remove': ({ id }, job) => {
    const on = job.weight?.weighings?.[id]?.on
    return on === undefined ? {} : { to: on }
  },
  'weighing.base': ({ id }, job) => {
    const on = id === null ? undefined : job.weight?.weighings?.[id]?.on
    return on === undefined ? {} : { to: on }
  },
  'power.assume': ({ key, value }) => ({ kind: key, ...(value === null ? {} : { to: value }) }),
  'warmth.assume': ({ key, value }) => ({ kind: key, ...(value === null ? {} : { to: value }) }),
  'power.leg': () => ({}),
  'power.extra': ({ extra, id }, job) => {
    const label = extra?.label ?? job.power?.extras?.[id]?.label
    return label === undefined ? {} : named(label)
  },
  'power.load': ({ hours }) => (hours === null || hours === undefined ? {} : { to: hours }),
  'power.circuit': ({ circuit, id }, job) => {
    const label = circuit?.label ?? job.power?.circuits?.[id]?.label
    return label === undefined ? {} : named(label)
  },
  'power.wire': ({ mm2, fuseA, parts }) => {
    const [kind, to] = mm2 !== undefined ? ['mm2', mm2] : fuseA !== undefined ? ['fuseA', fuseA] : ['parts', parts]
    return { kind, ...(typeof to === 'number' ? { to } : {}) }
  },
  'power.carries': ({ mm2, amps }) => ({ kind: String(mm2), ...(amps === null ? {} : { to: amps }) }),
  'power.weather': ({ weather }) => (weather === null ? {} : named(weather.name)),
  'variant.add': ({ name }) => named(name),
  'variant.rename': ({ name }) => named(name),
  'variant.remove': ({ variant }, job) => named(job.variants[variant]?.name),
  'lining.set': () => ({}),
  'change.put': ({ change: put }) => ({ kind: put.kind }),
  'change.remove': ({ variant, id }, job) => change(job, variant, id),
  'fitting.add': ({ variant, fitting: added }, job) => {
    const { kind, label } = added as { kind: string; label?: string }
    return { ...typed(kind, label), ...inVariant(job, variant) }
  },
  'fitting.seat': ({ variant, id, seat }, job) => ({
    ...fitting(job, variant, id),
    ...inVariant(job, variant),
    ...moved(planOf(job, variant)?.fittings[id]?.seat, seat),
  }),
  'fitting.parameters': ({ variant, id, parameters }, job) => ({
    ...fitting(job, variant, id),
    ...inVariant(job, variant),
    ...changed(planOf(job, variant)?.fittings[id]?.parameters ?? {}, parameters),
  }),
  'fitting.label': ({ variant, id, label }, job) => ({ ...fitting(job, variant, id), to: label }),
  'fitting.remove': ({ variant, id }, job) => ({ ...fitting(job, variant, id), ...inVariant(job, variant) }),
  'fitting.lock': ({ variant, id, locked }, job) => ({ ...fitting(job, variant, id), to: locked }),
  'fitting.cut': ({ variant, id, cut }, job) => ({ ...fitting(job, variant, id), to: cut }),
  'fitting.fixing': ({ variant, id, fixing }, job) => ({
    ...fitting(job, variant, id),
    ...(fixing === undefined ? {} : { to: fixing.how }),
  }),
  'group.put': ({ group }) => named(group.name),
  'group.remove': ({ variant, id }, job) => named(planOf(job, variant)?.groups?.[id]?.name),
  'drawn.put': ({ drawn }) => ({ kind: drawn.kind, ...(drawn.kind === 'note' ? named(drawn.text) : {}) }),
  'drawn.remove': ({ variant, id }, job) => {
    const drawn = planOf(job, variant)?.drawn?.[id]
    return drawn === undefined ? {} : { kind: drawn.kind, ...(drawn.kind === 'note' ? named(drawn.text) : {}) }
  },
  'waiver.put': ({ waiver }) => ({ to: waiver.reason.slice(0, MAX_TOLD) }),
  'waiver.remove': () => ({}),
  'rule.set': ({ id, setting }) => ({
    kind: id,
    to: setting === undefined ? 'book' : setting.off === true ? 'off' : 'own',
  }),
  'house.put': ({ rule }) => named(rule.title),
  'house.remove': ({ id }, job) => named(job.rules?.house[id]?.title),
  'rules.put': () => ({}),
  'vehicle.mirror': () => ({}),
  'plan.mirror': () => ({}),
  'plan.transferable': ({ transferable }) => ({ to: transferable }),
  'mode.add': ({ name }) => named(name),
  'mode.rename': ({ name }) => named(name),
  'mode.remove': ({ variant, mode }, job) => named(planOf(job, variant)?.modes[mode]?.name),
  'mode.order': () => ({}),
  'mode.seat': ({ variant, mode, fitting: id, seat }, job) => ({
    ...fitting(job, variant, id),
    ...inMode(job, variant, mode),
    to: seat !== undefined,
  }),
  'mode.away': ({ variant, mode, fitting: id, away }, job) => ({
    ...fitting(job, variant, id),
    ...inMode(job, variant, mode),
    to: away,
  }),
  'mode.put': ({ mode }) => named(mode.name),
  'mode.turned': ({ seat, turned }, job) => ({
    ...named(job.shell.cabSeats.find(({ id }) => id === seat)?.label),
    to: turned,
  }),
  'figure.put': ({ figure }, job) => ({ ...named(whose(job, figure.who)), to: figure.pose }),
  'figure.remove': ({ variant, mode, id }, job) => {
    const figure = planOf(job, variant)?.modes[mode]?.figures?.[id]
    return named(figure === undefined ? undefined : whose(job, figure.who))
  },
  'mode.stance': ({ variant, fitting: id, stance }, job) => ({ ...fitting(job, variant, id), to: stance }),
}

const one = (command: SimpleCommand, job: Job): ToldPart => ({
  code: command.type,
  ...(DATA[command.type] as (command: SimpleCommand, job: Job) => Data)(command, job),
})

/** What a command does, for the history and for its undo; `job` is the job that it meets. */
export function told(command: Command, job: Job): Told {
  if (command.type === 'diff') return { code: command.direction, of: command.what }
  if (command.type === 'job.restore') return { code: command.type, to: command.revision }
  if (command.type !== 'batch') return one(command, job)
  const parts = command.commands.slice(0, MOST_PARTS).map((part) => one(part, job))
  const more = command.commands.length - parts.length
  return { code: 'batch', to: command.what, parts, ...(more > 0 ? { more } : {}) }
}
