import type { Command, Job, SimpleCommand } from '../job'
import { fittingName } from './names'
import { FIXING_WORDS, KIND_WORDS, STANCE_WORDS } from './fitting-words'
import { CHANGE_WORDS } from './words'

type Words = {
  readonly [T in SimpleCommand['type']]: (command: Extract<SimpleCommand, { type: T }>, job: Job) => string
}

const fitting = (job: Job, variant: string, id: string): string => {
  const found = job.variants[variant]?.plan.fittings[id]
  return found === undefined ? 'a fitting' : fittingName(found)
}

const whose = ({ brief }: Job, who: string): string =>
  brief.people[who]?.label ?? brief.pets[who]?.label ?? brief.gear?.[who]?.label ?? 'someone'

const WORDS: Words = {
  'job.rename': ({ name }) => `Renamed the job “${name}”`,
  'job.units': ({ units }) => `Units in ${units}`,
  'brief.nights': ({ nights }) => `${nights} nights off hook-up`,
  'brief.notes': () => 'Notes of the brief',
  'brief.use': () => 'Brief: use and comfort',
  'brief.derives': ({ derives }) =>
    derives ? 'Brief: demands follow from the answers' : 'Brief: only typed demands count',
  'brief.put': () => 'Brief from a template',
  'gear.put': ({ gear }) => `Gear: ${gear.label}`,
  'gear.remove': ({ id }, job) => `Gear: without ${job.brief.gear?.[id]?.label ?? 'a piece'}`,
  'demand.adjust': ({ adjust }) => (adjust.waived === undefined ? 'Demand changed' : `Demand waived: ${adjust.waived}`),
  'person.put': ({ person }) => `Brief: ${person.label}`,
  'person.remove': ({ id }, job) => `Brief: without ${job.brief.people[id]?.label ?? 'a person'}`,
  'pet.put': ({ pet }) => `Brief: ${pet.label}`,
  'pet.remove': ({ id }, job) => `Brief: without ${job.brief.pets[id]?.label ?? 'a pet'}`,
  'demand.put': ({ demand }) => `Demand: ${demand.label ?? demand.need}`,
  'demand.remove': () => 'Demand taken out',
  'shell.put': ({ shell }) => `Vehicle: ${shell.name}`,
  'survey.put': () => 'Survey',
  'survey.read': ({ id, reading }) =>
    reading.first === undefined ? `Survey: ${id} open again` : `Survey: ${id} ${reading.first}`,
  'variant.add': ({ name }) => `New variant “${name}”`,
  'variant.rename': ({ name }) => `Variant renamed “${name}”`,
  'variant.remove': ({ variant }, job) => `Variant “${job.variants[variant]?.name ?? ''}” taken out`,
  'lining.set': () => 'Lining',
  'change.put': ({ change }) => `Body: ${CHANGE_WORDS[change.kind].toLowerCase()}`,
  'change.remove': ({ variant, id }, job) => {
    const change = job.variants[variant]?.plan.changes[id]
    return `Body: without ${change === undefined ? 'a change' : CHANGE_WORDS[change.kind].toLowerCase()}`
  },
  'fitting.add': ({ fitting: added }) =>
    `Placed ${(added as { label?: string }).label ?? KIND_WORDS[(added as { kind: string }).kind] ?? 'a fitting'}`,
  'fitting.seat': ({ variant, id }, job) => `Moved ${fitting(job, variant, id)}`,
  'fitting.parameters': ({ variant, id }, job) => `Changed ${fitting(job, variant, id)}`,
  'fitting.label': ({ variant, id, label }, job) => `${fitting(job, variant, id)} called “${label}”`,
  'fitting.remove': ({ variant, id }, job) => `Took out ${fitting(job, variant, id)}`,
  'fitting.lock': ({ variant, id, locked }, job) => `${fitting(job, variant, id)}: ${locked ? 'locked' : 'unlocked'}`,
  'fitting.cut': ({ variant, id, cut }, job) =>
    `${fitting(job, variant, id)}: ${cut ? 'cut to the wall' : 'stands whole'}`,
  'fitting.fixing': ({ variant, id, fixing }, job) =>
    `${fitting(job, variant, id)}: ${fixing === undefined ? 'fixing left open' : FIXING_WORDS[fixing.how]}`,
  'group.put': ({ group }) => `Group “${group.name}”`,
  'group.remove': ({ variant, id }, job) => `Ungrouped “${job.variants[variant]?.plan.groups?.[id]?.name ?? ''}”`,
  'waiver.put': ({ waiver }) => `Let be: ${waiver.reason}`,
  'waiver.remove': () => 'A finding counts again',
  'rule.set': ({ id, setting }) =>
    `Rule “${id}”: ${setting === undefined ? 'as the book says' : setting.off === true ? 'switched off' : 'set for this job'}`,
  'house.put': ({ rule }) => `Rule of the house: ${rule.title}`,
  'house.remove': ({ id }, job) => `Without the rule of the house “${job.rules?.house[id]?.title ?? ''}”`,
  'rules.put': () => 'Rules of the shop taken over',
  'plan.mirror': () => 'Mirrored the plan',
  'plan.transferable': ({ transferable }) =>
    transferable ? 'Fit-out to be moved to another vehicle' : 'Fit-out stays in this vehicle',
  'mode.add': ({ name }) => `New mode “${name}”`,
  'mode.rename': ({ name }) => `Mode renamed “${name}”`,
  'mode.remove': ({ variant, mode }, job) => `Mode “${job.variants[variant]?.plan.modes[mode]?.name ?? ''}” taken out`,
  'mode.order': () => 'Order of the modes',
  'mode.seat': ({ variant, mode, fitting: id, seat }, job) =>
    `${fitting(job, variant, id)}, ${job.variants[variant]?.plan.modes[mode]?.name ?? ''}: ${seat === undefined ? 'as always' : 'elsewhere'}`,
  'mode.away': ({ variant, mode, fitting: id, away }, job) =>
    `${fitting(job, variant, id)}, ${job.variants[variant]?.plan.modes[mode]?.name ?? ''}: ${away ? 'out of the vehicle' : 'aboard'}`,
  'mode.put': ({ mode }) => `Mode ${mode.name}`,
  'mode.turned': ({ seat, turned }, job) =>
    `${job.shell.cabSeats.find(({ id }) => id === seat)?.label ?? 'Seat'}: ${turned ? 'turned' : 'forward'}`,
  'figure.put': ({ figure }, job) => `Figure: ${whose(job, figure.who)}, ${figure.pose}`,
  'figure.remove': ({ variant, mode, id }, job) => {
    const figure = job.variants[variant]?.plan.modes[mode]?.figures?.[id]
    return `Figure: without ${figure === undefined ? 'one' : whose(job, figure.who)}`
  },
  'mode.stance': ({ variant, fitting: id, stance }, job) =>
    `${fitting(job, variant, id)}: ${STANCE_WORDS[stance] ?? stance}`,
}

const BATCH_WORDS = {
  remedy: 'Remedy',
  duplicate: 'Duplicated',
  place: 'Placed',
  remove: 'Took out',
  move: 'Moved',
  align: 'Aligned',
  distribute: 'Spread out',
  run: 'Made a run',
  lock: 'Locked',
  module: 'Module',
} as const
const DIFF_WORDS = { undo: 'Undid', redo: 'Redid', merge: 'Merged' } as const

const simple = (command: SimpleCommand, job: Job): string =>
  (WORDS[command.type] as (command: SimpleCommand, job: Job) => string)(command, job)

/** What a command did, for the history; `job` is the job that it met. */
export function sayCommand(command: Command, job: Job): string {
  if (command.type === 'diff') return `${DIFF_WORDS[command.direction]}: ${command.what}`
  if (command.type === 'job.restore') return `Went back to state ${command.revision}`
  if (command.type === 'batch')
    return `${BATCH_WORDS[command.what]}: ${command.commands.map((part) => simple(part, job)).join('; ')}`.slice(0, 120)
  return simple(command, job)
}
