import { GRAVITIES, type Finding, type ProvenRemedy, type Remedy, type RemedyCode } from '../review'
import type { ParameterValue } from '../fittings'
import { formatNumber, sayLength, sayOpening, type LengthUnit } from '../units'
import { CHOICE_WORDS, KIND_WORDS, parameterWord, stanceWord } from './fitting-words'
import { aOrAn, capital, count, ofIt, small } from './grammar'
import { GRAVITY_WORDS } from './words'
import type { Names } from './names'

/** Lengths in the unit of the job, and the kind of the fitting that a remedy changes. */
interface SayIn {
  readonly kind: string
  readonly unit: LengthUnit
  readonly length: (mm: number) => string
}

const REMEDY_WORDS: Record<RemedyCode, (name: string, amount: string, remedy: Remedy, say: SayIn) => string> = {
  'turn-along': (name) => `Turn ${name} lengthways`,
  'lower-platform': (_name, amount) => `Lower the platform by ${amount}`,
  'set-length': (name, amount) => `Make ${name} ${amount} long`,
  'set-width': (name, amount) => `Make ${name} ${amount} wide`,
  'set-depth': (name, amount) => `Make ${name} ${amount} deep`,
  'set-height': (name, amount) => `Make ${name} ${amount} high`,
  'hinge-other': (name) => `Hinge ${name} on the other side`,
  'shift-forward': (name, amount) => `Move ${name} ${amount} forward`,
  'shift-back': (name, amount) => `Move ${name} ${amount} to the rear`,
  'shift-left': (name, amount) => `Move ${name} ${amount} to the left`,
  'shift-right': (name, amount) => `Move ${name} ${amount} to the right`,
  lower: (name, amount) => `Lower ${name} by ${amount}`,
  place: (name, amount, { commands }) => {
    const added = commands.flatMap((command) => (command.type === 'fitting.add' ? [command] : []))
    const wall = wallOf(added[0]?.fitting)
    const one = `Add ${aOrAn(name)} ${amount} from the rear${wall === undefined ? '' : `, ${wall} wall`}`
    return added.length === 1 ? one : `${one}, and what goes with it: ${added.length} things in all`
  },
  'cut-opening': (name, amount) => `Cut an opening ${amount} wide for ${name}: work for a body shop`,
  'stance-other': (name, _amount, { stance }, { unit }) =>
    stance === undefined
      ? `Change the position of ${name} in this mode`
      : `In this mode, have ${name} ${stanceWord(stance, unit)}`,
  'entry-foot': (name) => `Get into ${name} from its foot`,
  slats: (name) => `Lay ${ofIt(name, 'mattress')} on slats`,
  latch: (name) => `Fit locking latches to ${name}`,
  strap: (name) => `Strap ${name} down`,
  raise: (name, amount) => `Hang ${name} ${amount} higher`,
  flare: (name, amount) => `Flare both walls by ${amount} at ${name}: work for a body shop`,
  'raise-roof': (_name, amount) => `Raise the roof by ${amount}: work for a body shop`,
  'shallower-well': (_name, amount) => `Make the well ${amount} deep`,
  'found-done': () => 'Mark it as repaired',
  'found-out': () => 'Mark it as coming out',
  mirror: (name) => `Mirror ${name}`,
  turn: (name, _amount, { amount }) => `Turn ${name} by ${amount}°`,
  'other-wall': (name) => `Stand ${name} against the other wall`,
  'set-parameter': (name, _amount, { parameter }, say) =>
    parameter === undefined ? `Change ${name}` : saySetting(name, parameter, say),
  'cut-to-wall': (name) => `Build ${name} in place, scribed to the wall`,
  'take-out': (name) => `Remove ${name}`,
  'turn-seats': (_name, _amount, { amount }) =>
    amount === 1 ? 'Turn a cab seat round in this mode' : 'Turn the cab seats round in this mode',
  'leave-uncut': () => 'Leave the body uncut there',
  'into-framing': (name) => `Bolt ${name} into framing`,
}

/** The wall that an added fitting is put against. */
const wallOf = (fitting: unknown): string | undefined => {
  const from = (fitting as { seat?: { across?: { from?: string } } } | undefined)?.seat?.across?.from
  return from === 'left-wall' ? 'left' : from === 'right-wall' ? 'right' : undefined
}

/** What setting a parameter does, where a verb says it better than its name and figure. */
const SETTING_WORDS: Readonly<
  Record<string, (name: string, value: ParameterValue, length: SayIn['length'], unit: LengthUnit) => string>
> = {
  flueMm: (name, value, length) => `Move the exhaust of ${name} to ${length(Number(value))} from its middle`,
  intakeMm: (name, value, length) => `Move the intake of ${name} to ${length(Number(value))} from its middle`,
  extension: (name) => `Fit full-extension slides to ${name}`,
  ventCm2: (name, value, _length, unit) => `Enlarge the vent of ${name} to ${sayOpening(Number(value), unit, true)}`,
  seal: (name, value) => (value === 'gasket' ? `Seal ${name} with a gasket` : `Change the seal of ${name}`),
  switched: (name) => `Fit a switch to ${name}`,
  screen: (name) => `Fit an insect screen to ${name}`,
  chemistry: (name, value) => `Use ${CHOICE_WORDS[String(value)] ?? String(value)} cells for ${name}`,
  fixed: (name, value) => `Fix ${name} to ${CHOICE_WORDS[String(value)] ?? String(value)}`,
}

/** “Set the depth of the galley to 550 mm”, “Set the hinge of the wardrobe to left”, “Fit a lid to the tub”. */
function saySetting(
  name: string,
  { key, value }: NonNullable<Remedy['parameter']>,
  { kind, length, unit }: SayIn,
): string {
  const own = SETTING_WORDS[key]
  if (own !== undefined) return own(name, value, length, unit)
  const what = parameterWord(kind, key)
  if (typeof value === 'boolean') return `${capital(ofIt(name, what))}: ${value ? 'yes' : 'no'}`
  const to =
    typeof value === 'number' ? (key.endsWith('Mm') ? length(value) : String(value)) : (CHOICE_WORDS[value] ?? value)
  return `Set ${ofIt(name, what)} to ${to}`
}

/** What a remedy does, and what it costs: “Turn the bed lengthways” · “adds 2 stops”. */
export function sayRemedy(
  remedy: ProvenRemedy,
  names: Names,
  unit: LengthUnit,
): { readonly does: string; readonly costs: string } {
  const add = remedy.commands.find((command) => command.type === 'fitting.add')
  const kind = add?.type === 'fitting.add' ? (add.fitting as { kind: string }).kind : undefined
  const changed = remedy.commands.find((command) => command.type === 'change.put')?.id
  const name =
    kind !== undefined
      ? small(KIND_WORDS[kind] ?? kind)
      : remedy.fittingId === undefined
        ? changed === undefined
          ? 'it'
          : names.thePart(changed)
        : names.the(remedy.fittingId)
  const say: SayIn = {
    kind: kind ?? (remedy.fittingId === undefined ? undefined : names.kind(remedy.fittingId)) ?? '',
    unit,
    length: (mm) => sayLength(mm, unit),
  }
  const unique = (findings: readonly Finding[]) => new Set(findings.map(({ key }) => key)).size
  const worse = unique(remedy.worse)
  const parts = [
    ...GRAVITIES.flatMap((gravity) => {
      const more = unique(remedy.causes.filter((cause) => cause.gravity === gravity))
      return more === 0 ? [] : [`adds ${count(more, GRAVITY_WORDS[gravity])}`]
    }),
    ...(worse === 0 ? [] : [`makes ${count(worse, { one: 'finding', many: 'findings' })} worse`]),
  ]
  return {
    does: REMEDY_WORDS[remedy.code](name, say.length(remedy.amount), remedy, say),
    costs: parts.length === 0 ? 'no new findings' : parts.join(', '),
  }
}

/** How far a search for remedies looked. */
export function sayLooked({ tried, known, ended }: Looked): string {
  const changes = `${formatNumber(known)} small changes to what it speaks of`
  if (ended === 'all') return `All ${changes} were looked through.`
  const after = `after ${formatNumber(tried)} of the ${changes}`
  return ended === 'enough' ? `Enough was found ${after}.` : `The search stopped ${after}: there may be more.`
}

/** What a search tells of itself: how many changes it tried of how many, and why it went no further. */
interface Looked {
  readonly tried: number
  readonly known: number
  readonly ended: 'all' | 'enough' | 'steps'
}
