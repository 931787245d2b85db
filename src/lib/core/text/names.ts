import { kindOf } from '../fittings'
import type { Fitting, Job, Plan } from '../job'
import { changedShell } from '../shell'
import { KIND_WORDS, KIND_WORDS_BY } from './fitting-words'
import { partName, quoted, small } from './grammar'
import { CHANGE_WORDS } from './words'

/** What a fitting’s kind is called, by what it is made for where that says it better. */
function kindName({ kind, parameters }: Fitting): string {
  const by = KIND_WORDS_BY[kind]
  return by?.words[String(parameters[by.parameter])] ?? KIND_WORDS[kindOf(kind).id] ?? kind
}

/** What a fitting is called: its own label, or its kind’s word. */
export const fittingName = (fitting: Fitting): string => (fitting.label ?? '') || kindName(fitting)

/** Whether a fitting has a name of its own, and not just the word of its kind. */
const isOwnName = (fitting: Fitting): boolean => {
  const label = (fitting.label ?? '').trim()
  return label !== '' && label.toLowerCase() !== kindName(fitting).toLowerCase()
}

/** Looks names up for sentences: fittings of one plan, and the named parts of the shell. */
export interface Names {
  /** As a list or a button shows it; of several alike, with the place of each. */
  readonly fitting: (id: string) => string
  /** As a sentence says it: “the galley”, “the left water tank”, “Pantry” in quotes as it was typed. */
  readonly the: (id: string) => string
  /** The kind of a fitting; undefined where it is gone. */
  readonly kind: (id: string) => string | undefined
  /** As a list shows a part of the vehicle, and as a sentence says it. */
  readonly part: (id: string) => string
  readonly thePart: (id: string) => string
  readonly mode: (id: string) => string
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'] as const

/** Of fittings of one name, what tells each from the others: the wall that it stands against, else which it is from the rear. */
function placesAmong(alike: readonly (readonly [string, Fitting])[]): readonly (readonly [string, string])[] {
  const byWall = new Map<string, (readonly [string, Fitting])[]>()
  for (const entry of alike) {
    const { from } = entry[1].seat.across
    const wall = from === 'left-wall' ? 'left' : from === 'right-wall' ? 'right' : ''
    const those = byWall.get(wall)
    if (those === undefined) byWall.set(wall, [entry])
    else those.push(entry)
  }
  return [...byWall].flatMap(([wall, those]) => {
    if (wall !== '' && those.length === 1) return those.map(([id]) => [id, wall] as const)
    const fromRear = those.every(([, { seat }]) => seat.along.from === 'rear')
    const inOrder = fromRear ? [...those].sort(([, a], [, b]) => a.seat.along.mm - b.seat.along.mm) : those
    const wordAt = (at: number): string =>
      fromRear && those.length === 2 ? (at === 0 ? 'rear' : 'front') : (ORDINALS[at] ?? `${at + 1}th`)
    return inOrder.map(([id], at) => [id, wall === '' ? wordAt(at) : `${wordAt(at)} ${wall}`] as const)
  })
}

/** The places of all fittings of a plan that are not the only ones of their name. */
function placesOf({ fittings }: Plan): ReadonlyMap<string, string> {
  const byName = new Map<string, (readonly [string, Fitting])[]>()
  for (const entry of Object.entries(fittings)) {
    const name = fittingName(entry[1])
    const those = byName.get(name)
    if (those === undefined) byName.set(name, [entry])
    else those.push(entry)
  }
  return new Map([...byName.values()].flatMap((alike) => (alike.length < 2 ? [] : placesAmong(alike))))
}

export function namesOf(job: Job, plan: Plan): Names {
  let places: ReadonlyMap<string, string> | undefined
  const placeOf = (id: string): string | undefined => (places ??= placesOf(plan)).get(id)
  const part = (id: string): string => {
    const { keepOuts, openings, cabSeats } = changedShell(job.shell, plan.changes)
    const well = plan.changes[id]?.kind === 'floor-well' ? CHANGE_WORDS['floor-well'].toLowerCase() : undefined
    return [...keepOuts, ...openings, ...cabSeats].find((one) => one.id === id)?.label ?? well ?? 'the body'
  }
  return {
    fitting: (id) => {
      const fitting = plan.fittings[id]
      if (fitting === undefined) return 'a fitting'
      const place = placeOf(id)
      return place === undefined ? fittingName(fitting) : `${fittingName(fitting)}, ${place}`
    },
    the: (id) => {
      const fitting = plan.fittings[id]
      if (fitting === undefined) return 'a fitting'
      const place = placeOf(id)
      // what someone called by the very word of its kind is that
      if (isOwnName(fitting)) return `${quoted(fitting.label ?? '')}${place === undefined ? '' : ` (${place})`}`
      return `the ${place === undefined ? '' : `${place} `}${small(kindName(fitting))}`
    },
    kind: (id) => plan.fittings[id]?.kind,
    part,
    thePart: (id) => partName(part(id)),
    mode: (id) => plan.modes[id]?.name ?? id,
  }
}
