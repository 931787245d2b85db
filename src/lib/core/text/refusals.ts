import type { CommandRefusal, RefusedThing } from '../job'
import { KIND_WORDS, stanceWord } from './fitting-words'
import { small } from './grammar'

/** A thing that is no longer there, and several of it where it may be held. */
const THINGS: Readonly<Record<RefusedThing, { readonly one: string; readonly many: string; readonly held: string }>> = {
  variant: { one: 'that variant', many: 'variants', held: 'a job holds' },
  fitting: { one: 'that fitting', many: 'fittings', held: 'a plan holds' },
  mode: { one: 'that mode', many: 'modes', held: 'a plan holds' },
  group: { one: 'that group', many: 'groups', held: 'a plan holds' },
  change: { one: 'that change to the bodywork', many: 'changes to the bodywork', held: 'a plan holds' },
  drawn: { one: 'that note or tape', many: 'notes and tapes', held: 'a plan holds' },
  figure: { one: 'that person in the drawing', many: 'people in the drawing', held: 'a mode holds' },
  waiver: { one: 'what was left as it is', many: 'findings left as they are', held: 'a plan holds' },
  gear: { one: 'that piece of gear', many: 'pieces of gear', held: 'count alike ones together: a brief holds' },
  person: { one: 'that person', many: 'people', held: 'a brief holds' },
  pet: { one: 'that pet', many: 'pets', held: 'a brief holds' },
  demand: { one: 'that demand', many: 'typed demands', held: 'a brief holds' },
  'adjusted-demand': { one: 'that changed demand', many: 'changed demands', held: 'a brief holds' },
  survey: { one: 'the survey', many: 'surveys', held: 'a job holds' },
  found: { one: 'that entry in the list of what was found', many: 'things found on the vehicle', held: 'a job holds' },
  leg: { one: 'that part of the year', many: 'parts of the year', held: 'a job holds' },
  load: { one: 'that load', many: 'loads', held: 'a job holds' },
  circuit: { one: 'that circuit', many: 'circuits of one’s own', held: 'a job holds' },
  weather: { one: 'that weather', many: 'weathers', held: 'a job holds' },
  weighing: { one: 'that weighing', many: 'weighings', held: 'a job holds' },
  'rule-setting': { one: 'that setting', many: 'rules with settings of their own', held: 'a job holds' },
  'house-rule': { one: 'that house rule', many: 'house rules', held: 'a job holds' },
  'list-entry': { one: 'that entry', many: 'entries', held: 'a list holds' },
  patched: { one: 'something it touched', many: 'things', held: 'a job holds' },
  support: { one: 'what it stands on', many: 'things', held: 'a plan holds' },
  neighbour: { one: 'what it comes after', many: 'things', held: 'a plan holds' },
  host: { one: 'what it is in', many: 'things', held: 'a plan holds' },
}

type WordsFor = {
  readonly [Code in CommandRefusal['code']]: (refusal: Extract<CommandRefusal, { code: Code }>) => string
}

const WORDS: WordsFor = {
  gone: ({ thing, id }) => `${THINGS[thing].one}${id === undefined ? '' : ` (“${id}”)`} is no longer there`,
  'there-already': ({ thing }) => `${THINGS[thing].one} exists already`,
  'too-many': ({ thing, most }) => `${THINGS[thing].held} at most ${most} ${THINGS[thing].many}`,
  'last-one': ({ thing }) => (thing === 'mode' ? 'a plan keeps at least one mode' : 'a job keeps at least one variant'),
  'order-incomplete': () => 'the order must name each mode once',
  'seat-fixed': () => 'that seat does not turn',
  'figure-of-nobody': () => 'there is nobody of that name in the brief',
  'no-such-stance': ({ kind, stance }) =>
    `this kind of fitting (${small(KIND_WORDS[kind] ?? kind)}) has no position “${stanceWord(stance, 'mm')}”`,
  locked: () => 'it is locked: unlock it first',
  'locked-in-plan': () => 'a fitting is locked: unlock it first',
  'hangs-on-itself': () => 'a fitting cannot stand on itself, come after itself or be in itself',
  'comes-whole': () => 'it is bought whole and cannot be cut to the wall',
  'out-of-reach': () => 'that change reaches outside the job',
  'mirror-unfit': ({ message }) => `the vehicle cannot have that change on its other side: ${message}`,
  unreadable: ({ path, message }) => (path === '' ? message : `${path}: ${message}`),
}

/** Why a command was refused, for the person who gave it: begins small, ends without a stop. */
export const sayRefusal = (refusal: CommandRefusal): string =>
  (WORDS[refusal.code] as (refusal: CommandRefusal) => string)(refusal)
