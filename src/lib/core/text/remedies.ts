import { GRAVITIES, type Finding, type ProvenRemedy, type Remedy, type RemedyCode } from '../review'
import { sayLength, type LengthUnit } from '../units'
import { CHOICE_WORDS, KIND_WORDS, parameterWord, stanceWord } from './fitting-words'
import { capital, count, GRAVITY_WORDS } from './words'
import type { Names } from './names'

/** Lengths in the unit of the job, and the kind of the fitting that a remedy changes. */
interface SayIn {
  readonly kind: string
  readonly unit: LengthUnit
  readonly length: (mm: number) => string
}

const REMEDY_WORDS: Record<RemedyCode, (name: string, amount: string, remedy: Remedy, say: SayIn) => string> = {
  'turn-along': (name) => `Turn ${name} along`,
  'lower-platform': (_name, amount) => `Lower the platform by ${amount}`,
  'set-length': (name, amount) => `Make ${name} ${amount} long`,
  'set-width': (name, amount) => `Make ${name} ${amount} wide`,
  'set-depth': (name, amount) => `Make ${name} ${amount} deep`,
  'set-height': (name, amount) => `Make ${name} ${amount} high`,
  'hinge-other': (name) => `Hinge ${name} on the other side`,
  'shift-forward': (name, amount) => `Move ${name} forward ${amount}`,
  'shift-back': (name, amount) => `Move ${name} back ${amount}`,
  'shift-left': (name, amount) => `Move ${name} left ${amount}`,
  'shift-right': (name, amount) => `Move ${name} right ${amount}`,
  lower: (name, amount) => `Lower ${name} by ${amount}`,
  place: (name, amount, { commands }) => {
    const number = commands.filter(({ type }) => type === 'fitting.add').length
    const one = `Place ${/^[aeiou]/.test(name) ? 'an' : 'a'} ${name} at ${amount}`
    return number === 1 ? one : `${one}, and what goes with it: ${number} things in all`
  },
  'cut-opening': (name, amount) => `Cut the opening for ${name}, ${amount} wide`,
  'stance-other': (name, _amount, { stance }, { unit }) =>
    stance === undefined
      ? `Put ${name} in another stance in this mode`
      : `In this mode, have ${name} ${stanceWord(stance, unit).toLowerCase()}`,
  'entry-foot': (name) => `Get into ${name} from its foot`,
  slats: (name) => `Lay ${name}’s mattress on slats`,
  latch: (name) => `Give ${name} latches that lock`,
  strap: (name) => `Strap ${name} down`,
  raise: (name, amount) => `Hang ${name} higher by ${amount}`,
  flare: (name, amount) => `Flare both walls round ${name} by ${amount}: a cut in the body, for a body shop`,
  'raise-roof': (_name, amount) => `Raise the roof by ${amount}: a cut in the body, for a body shop`,
  'shallower-well': (_name, amount) => `Make the well ${amount} deep`,
  'found-done': () => 'It is put right already: mark it',
  'found-out': () => 'It comes out after all: say so in the list',
  mirror: (name) => `Mirror ${name}`,
  turn: (name, _amount, { amount }) => `Turn ${name} by ${amount}°`,
  'other-wall': (name) => `Stand ${name} against the other wall`,
  'set-parameter': (name, _amount, { parameter }, say) =>
    parameter === undefined ? `Change ${name}` : `${capital(name)}: ${sayParameter(parameter, say)}`,
  'cut-to-wall': (name) => `Build ${name} in place and cut it to the wall`,
  'take-out': (name) => `Take out ${name}`,
  'turn-seats': (_name, _amount, { amount }) =>
    amount === 1 ? 'Turn a cab seat round in this mode' : 'Turn the cab seats round in this mode',
  'leave-uncut': () => 'Leave the body uncut there',
  'into-framing': (name) => `Bolt ${name} into framing`,
}

/** “depth 550 mm”, “left (hinge)”, “with insect screen”. */
function sayParameter({ key, value }: NonNullable<Remedy['parameter']>, { kind, length }: SayIn): string {
  const name = parameterWord(kind, key)
  if (typeof value === 'number') return `${name} ${key.endsWith('Mm') ? length(value) : value}`
  return typeof value === 'boolean'
    ? `${value ? 'with' : 'without'} ${name}`
    : `${CHOICE_WORDS[value] ?? value} (${name})`
}

/** What a remedy does, and what it costs: “Turn the bed along” · “then 2 new stops”. */
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
      ? (KIND_WORDS[kind] ?? kind).toLowerCase()
      : remedy.fittingId === undefined
        ? changed === undefined
          ? 'it'
          : `the ${names.part(changed).toLowerCase()}`
        : `the ${names.fitting(remedy.fittingId).toLowerCase()}`
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
      return more === 0 ? [] : [`${count(more, GRAVITY_WORDS[gravity])} more`]
    }),
    ...(worse === 0 ? [] : [`${count(worse, { one: 'finding', many: 'findings' })} worse`]),
  ]
  return {
    does: REMEDY_WORDS[remedy.code](name, say.length(remedy.amount), remedy, say),
    costs: parts.length === 0 ? 'nothing else suffers' : parts.join(', '),
  }
}
