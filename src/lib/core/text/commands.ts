import type { Command, SimpleCommand, Told, Undone } from '../job'
import type { Need } from '../brief'
import { FIXING_WORDS, KIND_WORDS, stanceWord } from './fitting-words'
import { FOUND_WORDS } from './condition'
import { ASSUMED_WORDS, MASS_WORDS } from './weight'
import { CHANGE_WORDS, NEED_WORDS } from './words'

type Part = Omit<Told, 'of' | 'parts' | 'more'>

/** What a fitting was called. */
const it = ({ kind, name }: Part): string => name ?? known(KIND_WORDS, kind) ?? 'a fitting'
const known = <T extends string>(words: Readonly<Record<string, T>>, key: unknown): T | undefined =>
  typeof key === 'string' && Object.hasOwn(words, key) ? words[key] : undefined
const change = ({ kind }: Part): string => known(CHANGE_WORDS, kind)?.toLowerCase() ?? 'a change'
const found = ({ kind, name }: Part): string => name ?? known(FOUND_WORDS, kind) ?? 'a thing'
const inMode = (part: Part): string => `${it(part)}, ${part.mode ?? ''}`

const WORDS: Readonly<Record<SimpleCommand['type'], (part: Part) => string>> = {
  'job.rename': ({ name = '' }) => `Renamed the job “${name}”`,
  'job.units': ({ to }) => `Units in ${to}`,
  'brief.nights': ({ to }) => `${to} nights off hook-up`,
  'brief.notes': () => 'Notes of the brief',
  'brief.use': () => 'Brief: use and comfort',
  'brief.derives': ({ to }) =>
    to === true ? 'Brief: demands follow from the answers' : 'Brief: only typed demands count',
  'brief.put': () => 'Brief from a template',
  'gear.put': ({ name = 'a piece' }) => `Gear: ${name}`,
  'gear.remove': ({ name = 'a piece' }) => `Gear: without ${name}`,
  'demand.adjust': ({ to }) => (to === undefined ? 'Demand changed' : `Demand waived: ${to}`),
  'person.put': ({ name = 'a person' }) => `Brief: ${name}`,
  'person.remove': ({ name = 'a person' }) => `Brief: without ${name}`,
  'pet.put': ({ name = 'a pet' }) => `Brief: ${name}`,
  'pet.remove': ({ name = 'a pet' }) => `Brief: without ${name}`,
  'demand.put': ({ name, kind = '' }) =>
    `Demand: ${name ?? (kind in NEED_WORDS ? NEED_WORDS[kind as Need].one : kind)}`,
  'demand.remove': () => 'Demand taken out',
  'shell.put': ({ name = '' }) => `Vehicle: ${name}`,
  'survey.put': () => 'Survey',
  'survey.read': ({ kind = '', to }) => (to === undefined ? `Survey: ${kind} open again` : `Survey: ${kind} ${to}`),
  'found.put': (part) => `As bought: ${found(part)}`,
  'found.remove': (part) => `As bought: without ${found(part)}`,
  'masses.set': ({ kind }) => `Vehicle: ${known(MASS_WORDS, kind) ?? 'masses'}`,
  'weight.assume': ({ kind, to }) =>
    `Taken for weight: ${known(ASSUMED_WORDS, kind) ?? 'a figure'}${to === undefined ? ', as usual' : ` ${to}`}`,
  'weighing.put': ({ to = '' }) => `Weighed on ${to}`,
  'weighing.remove': ({ to = '' }) => `Without the weighing of ${to}`,
  'weighing.base': ({ to }) => (to === undefined ? 'Empty vehicle by its papers' : `Empty vehicle as weighed on ${to}`),
  'variant.add': ({ name = '' }) => `New variant “${name}”`,
  'variant.rename': ({ name = '' }) => `Variant renamed “${name}”`,
  'variant.remove': ({ name = '' }) => `Variant “${name}” taken out`,
  'lining.set': () => 'Lining',
  'change.put': (part) => `Body: ${change(part)}`,
  'change.remove': (part) => `Body: without ${change(part)}`,
  'fitting.add': (part) => `Placed ${it(part)}`,
  'fitting.seat': (part) => `Moved ${it(part)}`,
  'fitting.parameters': (part) => `Changed ${it(part)}`,
  'fitting.label': (part) => `${it(part)} called “${part.to ?? ''}”`,
  'fitting.remove': (part) => `Took out ${it(part)}`,
  'fitting.lock': (part) => `${it(part)}: ${part.to === true ? 'locked' : 'unlocked'}`,
  'fitting.cut': (part) => `${it(part)}: ${part.to === true ? 'cut to the wall' : 'stands whole'}`,
  'fitting.fixing': (part) => `${it(part)}: ${known(FIXING_WORDS, part.to) ?? 'fixing left open'}`,
  'group.put': ({ name = '' }) => `Group “${name}”`,
  'group.remove': ({ name = '' }) => `Ungrouped “${name}”`,
  'waiver.put': ({ to = '' }) => `Let be: ${to}`,
  'waiver.remove': () => 'A finding counts again',
  'rule.set': ({ kind = '', to }) => `Rule “${kind}”: ${known(SETTING_WORDS, to) ?? SETTING_WORDS.own}`,
  'house.put': ({ name = '' }) => `Rule of the house: ${name}`,
  'house.remove': ({ name = '' }) => `Without the rule of the house “${name}”`,
  'rules.put': () => 'Rules of the shop taken over',
  'vehicle.mirror': () => 'Vehicle and plans turned for the other side of the road',
  'plan.mirror': () => 'Mirrored the plan',
  'plan.transferable': ({ to }) =>
    to === true ? 'Fit-out to be moved to another vehicle' : 'Fit-out stays in this vehicle',
  'mode.add': ({ name = '' }) => `New mode “${name}”`,
  'mode.rename': ({ name = '' }) => `Mode renamed “${name}”`,
  'mode.remove': ({ name = '' }) => `Mode “${name}” taken out`,
  'mode.order': () => 'Order of the modes',
  'mode.seat': (part) => `${inMode(part)}: ${part.to === true ? 'elsewhere' : 'as always'}`,
  'mode.away': (part) => `${inMode(part)}: ${part.to === true ? 'out of the vehicle' : 'aboard'}`,
  'mode.put': ({ name = '' }) => `Mode ${name}`,
  'mode.turned': ({ name = 'Seat', to }) => `${name}: ${to === true ? 'turned' : 'forward'}`,
  'figure.put': ({ name = 'someone', to }) => `Figure: ${name}, ${to}`,
  'figure.remove': ({ name = 'one' }) => `Figure: without ${name}`,
  'mode.stance': (part) => `${it(part)}: ${typeof part.to === 'string' ? stanceWord(part.to, 'mm') : part.to}`,
}

const SETTING_WORDS = { book: 'as the book says', off: 'switched off', own: 'set for this job' } as const

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
} as const satisfies Readonly<Record<Extract<Command, { type: 'batch' }>['what'], string>>
const DIFF_WORDS = { undo: 'Undid', redo: 'Redid', merge: 'Merged' } as const satisfies Readonly<
  Record<Extract<Command, { type: 'diff' }>['direction'], string>
>

const isSimple = (code: string): code is SimpleCommand['type'] => Object.hasOwn(WORDS, code)

/** One entry of a code that this program has no words for, from a newer one, says its code. */
const single = (part: Part): string => (isSimple(part.code) ? WORDS[part.code](part) : part.code)

/** What was done, for the history, the undo and the other window. */
export function sayTold(entry: Told | Undone): string {
  if (typeof entry === 'string') return entry
  const { code } = entry
  if ('of' in entry && entry.of !== undefined) return `${known(DIFF_WORDS, code) ?? code}: ${sayTold(entry.of)}`
  if (code === 'job.restore') return `Went back to state ${entry.to}`
  if (code !== 'batch') return single(entry)
  const { to, parts = [], more = 0 } = entry
  const rest = more === 0 ? [] : [`${more} more`]
  return `${known(BATCH_WORDS, to) ?? 'Changed'}: ${[...parts.map(single), ...rest].join('; ')}`
}
