import type { Seat } from '../fittings'
import type { Command, Shift, SimpleCommand, Told, Undone } from '../job'
import type { Need } from '../brief'
import { formatLength, formatNumber, type LengthUnit } from '../units'
import { CHOICE_WORDS, FIXING_WORDS, KIND_WORDS, parameterWord, stanceWord } from './fitting-words'
import { FOUND_WORDS } from './condition'
import { POWER_ASSUMED_WORDS } from './power-assumed'
import { WARMTH_ASSUMED_WORDS } from './warmth-assumed'
import { ASSUMED_WORDS, MASS_WORDS } from './weight'
import { aOrAn, count, person, quoted, small } from './grammar'
import { CHANGE_WORDS, NEED_WORDS } from './words'

type Part = Omit<Told, 'of' | 'parts' | 'more'>
type AnchorName = Seat['along']['from'] | Seat['across']['from'] | Seat['up']['from']

/** What a fitting was called. */
const kindWord = (kind: unknown): string | undefined => {
  const word = known(KIND_WORDS, kind)
  return word === undefined ? undefined : small(word)
}
const it = ({ kind, name }: Part): string => {
  const word = kindWord(kind)
  return name !== undefined ? quoted(name) : word === undefined ? 'a fitting' : `the ${word}`
}
/** The same of what comes into the plan. */
const added = ({ kind, name }: Part): string => (name !== undefined ? quoted(name) : aOrAn(kindWord(kind) ?? 'fitting'))
const who = (name: string | undefined, otherwise: string): string => (name === undefined ? otherwise : person(name))
const known = <T extends string>(words: Readonly<Record<string, T>>, key: unknown): T | undefined =>
  typeof key === 'string' && Object.hasOwn(words, key) ? words[key] : undefined
const change = ({ kind }: Part): string => known(CHANGE_WORDS, kind)?.toLowerCase() ?? 'a change'
const found = ({ kind, name }: Part): string => name ?? known(FOUND_WORDS, kind) ?? 'something'

/** From what a seat measures. */
const FROM_WORDS: Readonly<Record<AnchorName, string>> = {
  rear: 'from the rear sill',
  bulkhead: 'from the bulkhead',
  after: 'from what it comes after',
  'left-wall': 'from the left wall',
  'right-wall': 'from the right wall',
  centreline: 'left of the centreline',
  floor: 'above the floor',
  'top-of': 'above what it stands on',
  roof: 'below the roof',
  'on-roof': 'above the roof',
  'under-floor': 'below the floor',
}

/** What was changed, from what and to what, in the order in which it was kept. */
function shiftWords({ kind = '', shifts = [] }: Part, unit: LengthUnit): string {
  const said = (key: string, value: Shift['to']): string =>
    typeof value === 'number'
      ? key.endsWith('Mm')
        ? formatLength(value, unit)
        : formatNumber(value, Number.isInteger(value) ? 0 : 1)
      : typeof value === 'boolean'
        ? value
          ? 'yes'
          : 'no'
        : (CHOICE_WORDS[value ?? ''] ?? value ?? '')
  const words = shifts.map(({ what, from, to }): string => {
    if (what === 'mirrored') return 'the other way round'
    const place = known(FROM_WORDS, what)
    const key = what === 'turn' || place === undefined ? what : 'atMm'
    const figures = [...(from === undefined ? [] : [said(key, from)]), said(key, to)]
      .map((figure) => (what === 'turn' ? `${figure}°` : figure))
      .join(' → ')
    return place !== undefined
      ? `${figures} ${place}`
      : what === 'turn'
        ? figures
        : `${parameterWord(kind, what)} ${figures}`
  })
  return words.length === 0 ? '' : `: ${words.join(', ')}`
}

const WORDS: Readonly<Record<SimpleCommand['type'], (part: Part, unit: LengthUnit) => string>> = {
  'job.rename': ({ name = '' }) => `Renamed the job “${name}”`,
  'job.units': ({ to }) => `Changed the units to ${to}`,
  'brief.nights': ({ to }) => `Set ${count(Number(to), { one: 'night', many: 'nights' })} off hook-up`,
  'brief.notes': () => 'Edited the notes',
  'brief.use': () => 'Changed the answers on use and comfort',
  'brief.derives': ({ to }) =>
    to === true ? 'Let the demands follow from the answers' : 'Let only typed demands count',
  'brief.put': () => 'Filled in the brief from a template',
  'gear.put': ({ name }) => `Changed gear: ${name === undefined ? 'a piece' : quoted(name)}`,
  'gear.remove': ({ name }) => `Removed gear: ${name === undefined ? 'a piece' : quoted(name)}`,
  'demand.adjust': ({ to }) => (to === undefined ? 'Changed a demand' : `Waived a demand: ${to}`),
  'person.put': ({ name }) => `Changed ${who(name, 'a person')} in the brief`,
  'person.remove': ({ name }) => `Removed ${who(name, 'a person')} from the brief`,
  'pet.put': ({ name }) => `Changed ${who(name, 'a pet')} in the brief`,
  'pet.remove': ({ name }) => `Removed ${who(name, 'a pet')} from the brief`,
  'demand.put': ({ name, kind = '' }) =>
    `Changed a demand: ${name ?? (kind in NEED_WORDS ? NEED_WORDS[kind as Need].one : kind)}`,
  'demand.remove': () => 'Removed a demand',
  'shell.put': ({ name = '' }) => `Changed the vehicle to ${name}`,
  'survey.put': () => 'Changed the survey',
  'survey.read': ({ kind = '', to }) =>
    to === undefined ? `Cleared a measurement: ${kind}` : `Measured ${kind}: ${to}`,
  'found.put': (part) => `Noted on the vehicle: ${found(part)}`,
  'found.remove': (part) => `Removed from the vehicle’s list: ${found(part)}`,
  'masses.set': ({ kind }) => `Changed the vehicle’s ${known(MASS_WORDS, kind) ?? 'weights'}`,
  'weight.assume': ({ kind, to }) =>
    `Assumed for weight: ${known(ASSUMED_WORDS, kind) ?? 'a figure'}${to === undefined ? ', as suggested' : ` ${to}`}`,
  'weighing.put': ({ to = '' }) => `Weighed on ${to}`,
  'weighing.remove': ({ to = '' }) => `Removed the weighing of ${to}`,
  'weighing.base': ({ to }) =>
    to === undefined ? 'Took the empty vehicle from its papers' : `Took the empty vehicle as weighed on ${to}`,
  'power.assume': ({ kind, to }) =>
    `Assumed for power: ${known(POWER_ASSUMED_WORDS, kind) ?? 'a figure'}${to === undefined ? ', as suggested' : ` ${to}`}`,
  'warmth.assume': ({ kind, to }) =>
    `Assumed for warmth: ${known(WARMTH_ASSUMED_WORDS, kind) ?? 'a figure'}${to === undefined ? ', as suggested' : ` ${to}`}`,
  'power.leg': () => 'Changed where it is through the year',
  'power.extra': ({ name }) => `Changed what else draws: ${name ?? 'a thing'}`,
  'power.load': ({ to }) =>
    to === undefined ? 'Changed when something draws' : `Set how long something draws: ${to} h a day`,
  'power.circuit': ({ name }) => `Changed the circuit ${name ?? 'of one’s own'}`,
  'power.wire': ({ kind, to }) =>
    kind === 'parts'
      ? 'Changed what goes with a wire'
      : `Set ${kind === 'mm2' ? 'a wire’s section' : 'a fuse'}: ${to === undefined ? 'as worked out' : `${to} ${kind === 'mm2' ? 'mm²' : 'A'}`}`,
  'power.carries': ({ kind, to }) =>
    `Set what ${kind ?? 'a wire of'} mm² carries: ${to === undefined ? 'as in the book' : `${to} A`}`,
  'power.weather': ({ name }) => (name === undefined ? 'Took typical weather again' : `Took measured weather: ${name}`),
  'variant.add': ({ name = '' }) => `Added variant “${name}”`,
  'variant.rename': ({ name = '' }) => `Renamed a variant “${name}”`,
  'variant.remove': ({ name = '' }) => `Deleted variant “${name}”`,
  'lining.set': () => 'Changed the lining',
  'change.put': (part) => `Changed the bodywork: ${change(part)}`,
  'change.remove': (part) => `Removed from the bodywork: ${change(part)}`,
  'fitting.add': (part) => `Added ${added(part)}`,
  'fitting.seat': (part, unit) => `Moved ${it(part)}${shiftWords(part, unit)}`,
  'fitting.parameters': (part, unit) => `Changed ${it(part)}${shiftWords(part, unit)}`,
  'fitting.label': (part) => `Renamed ${it(part)} “${part.to ?? ''}”`,
  'fitting.remove': (part) => `Removed ${it(part)}`,
  'fitting.lock': (part) => `${part.to === true ? 'Locked' : 'Unlocked'} ${it(part)}`,
  'fitting.cut': (part) => (part.to === true ? `Scribed ${it(part)} to the wall` : `Kept ${it(part)} whole`),
  'fitting.fixing': (part) => `Changed the fixing of ${it(part)}: ${known(FIXING_WORDS, part.to) ?? 'not chosen'}`,
  'group.put': ({ name = '' }) => `Grouped “${name}”`,
  'group.remove': ({ name = '' }) => `Ungrouped “${name}”`,
  'drawn.put': ({ kind, name }) => `Put ${drawnWord(kind)} on the drawing${name === undefined ? '' : `: ${name}`}`,
  'drawn.remove': ({ kind, name }) =>
    `Removed ${drawnWord(kind)} from the drawing${name === undefined ? '' : `: ${name}`}`,
  'waiver.put': ({ to = '' }) => `Left a finding as it is: ${to}`,
  'waiver.remove': () => 'Brought back a finding',
  'rule.set': ({ kind = '', to }) => `Changed rule “${kind}”: ${known(SETTING_WORDS, to) ?? SETTING_WORDS.own}`,
  'house.put': ({ name = '' }) => `Changed house rule “${name}”`,
  'house.remove': ({ name = '' }) => `Removed house rule “${name}”`,
  'rules.put': () => 'Took over the workshop’s rules',
  'vehicle.mirror': () => 'Mirrored the vehicle and its plans for the other side of the road',
  'plan.mirror': () => 'Mirrored the plan',
  'plan.transferable': ({ to }) =>
    to === true ? 'Marked the fit-out to move to another vehicle' : 'Marked the fit-out to stay in this vehicle',
  'mode.add': ({ name = '' }) => `Added mode “${name}”`,
  'mode.rename': ({ name = '' }) => `Renamed a mode “${name}”`,
  'mode.remove': ({ name = '' }) => `Deleted mode “${name}”`,
  'mode.order': () => 'Changed the order of the modes',
  'mode.seat': (part) =>
    part.to === true
      ? `Moved ${it(part)} in ${part.mode ?? ''} only`
      : `Put ${it(part)} back in its place in ${part.mode ?? ''}`,
  'mode.away': (part) =>
    part.to === true
      ? `Took ${it(part)} out of the vehicle in ${part.mode ?? ''}`
      : `Brought ${it(part)} aboard in ${part.mode ?? ''}`,
  'mode.put': ({ name = '' }) => `Changed mode “${name}”`,
  'mode.turned': ({ name, to }) => `Turned ${who(name, 'a seat')} ${to === true ? 'round' : 'forward again'}`,
  'figure.put': ({ name, to }) => `Put ${who(name, 'someone')} in the drawing, ${to}`,
  'figure.remove': ({ name }) => `Removed ${who(name, 'someone')} from the drawing`,
  'mode.stance': (part) =>
    `Changed the position of ${it(part)}: ${typeof part.to === 'string' ? stanceWord(part.to, 'mm') : part.to}`,
}

const DRAWN_WORDS = { tape: 'a tape', pinned: 'a distance', note: 'a note', sheet: 'a sheet' } as const
const drawnWord = (kind: string | undefined): string => known(DRAWN_WORDS, kind ?? '') ?? 'something'

const SETTING_WORDS = { book: 'back to the book’s figures', off: 'switched off', own: 'set for this job' } as const

const BATCH_WORDS = {
  remedy: 'Applied a remedy',
  duplicate: 'Duplicated',
  place: 'Added',
  remove: 'Removed',
  move: 'Moved',
  size: 'Resized',
  align: 'Aligned',
  distribute: 'Spaced evenly',
  run: 'Made a run',
  lock: 'Locked',
  module: 'Added a module',
} as const satisfies Readonly<Record<Extract<Command, { type: 'batch' }>['what'], string>>
const DIFF_WORDS = { undo: 'Undid', redo: 'Redid', merge: 'Merged' } as const satisfies Readonly<
  Record<Extract<Command, { type: 'diff' }>['direction'], string>
>

const isSimple = (code: string): code is SimpleCommand['type'] => Object.hasOwn(WORDS, code)

/** One entry of a code that this program has no words for, from a newer one, says its code. */
const single = (part: Part, unit: LengthUnit): string => {
  const words = isSimple(part.code) ? WORDS[part.code](part, unit) : part.code
  return part.variant === undefined ? words : `${words} in variant ${quoted(part.variant)}`
}

/** What was done, for the history, the undo and the other window. */
export function sayTold(entry: Told | Undone, unit: LengthUnit = 'mm'): string {
  if (typeof entry === 'string') return entry
  const { code } = entry
  if ('of' in entry && entry.of !== undefined) return `${known(DIFF_WORDS, code) ?? code}: ${sayTold(entry.of, unit)}`
  if (code === 'job.restore') return `Went back to version ${entry.to}`
  if (code !== 'batch') return single(entry, unit)
  const { to, parts = [], more = 0 } = entry
  const rest = more === 0 ? [] : [`${more} more`]
  return `${known(BATCH_WORDS, to) ?? 'Changed'}: ${[...parts.map((part) => single(part, unit)), ...rest].join('; ')}`
}
