import type { WaySide } from '../scene'
import { type Finding, type FindingCode, GRAVITIES } from './finding'

/**
 * Which faults follow from which: those whose `of` is the `from` of a cause, in the same mode or in any. Looked up by these keys, since a plan
 * may have thousands of faults; undefined where a fault takes no part.
 */
interface Relation {
  readonly modes: 'here' | 'any'
  readonly from: (cause: Finding) => string | undefined
  readonly of: (other: Finding) => string | undefined
  readonly also?: (cause: Finding, other: Finding) => boolean
}

const first = ({ fittings: [id] }: Finding): string | undefined => id

/** Said for each who lies in a bed or for each seat, and one cause: where the bed or what is in the way stands. */
const BY_EACH: ReadonlySet<FindingCode> = new Set([
  'berth-airless',
  'head-noise',
  'sit-up-low',
  'berth-short',
  'light-none',
])

/** The fittings beside a narrow place of a way. */
const beside = (between: readonly WaySide[]): readonly string[] =>
  between.flatMap((side) => (side.kind === 'fitting' ? [side.id] : []))

/** What is too near each other, where a fault is of two that are: a narrow aisle, a door that meets its neighbour. */
function pairOf(finding: Finding): string | undefined {
  const of = (ids: readonly string[]) => (ids.length === 2 && ids[0] !== ids[1] ? [...ids].sort().join(' ') : undefined)
  if (finding.code === 'way-narrow' || finding.code === 'way-shut') return of(beside(finding.facts.between))
  if (finding.code !== 'clearance-blocked') return undefined
  const { blockers } = finding.facts
  const [only] = blockers
  return only?.kind === 'fitting' && blockers.length === 1 ? of([first(finding) ?? '', only.id]) : undefined
}

/** A narrow place this near a door is the door’s own. */
const AT_DOOR_MM = 900
/** What hangs low over points of one such square hangs over one place. */
const PLACE_MM = 900

const away = ({ place: [x, y] }: Finding, { place: [u, v] }: Finding): number => Math.hypot(x - u, y - v)

/** Only of some codes, told apart by something. */
const only =
  (
    code: FindingCode,
    key: (finding: Finding) => string | undefined = () => '',
  ): ((finding: Finding) => string | undefined) =>
  (finding) =>
    finding.code === code ? key(finding) : undefined

const byEach = (finding: Finding): string | undefined =>
  BY_EACH.has(finding.code) && first(finding) !== undefined ? `${finding.code} ${first(finding)}` : undefined
/** What hangs low over one place: so high, and about there. */
const lowThere = only(
  'standing-low',
  ({ measured, place: [x, y] }) => `${measured} ${Math.round(x / PLACE_MM)} ${Math.round(y / PLACE_MM)}`,
)
const isWay = ({ code }: Finding): string | undefined => (code === 'way-narrow' || code === 'way-shut' ? '' : undefined)
const wayPair = (finding: Finding): string | undefined => {
  const pair = isWay(finding) === undefined ? undefined : pairOf(finding)
  return pair === undefined ? undefined : `${finding.code} ${pair}`
}

/** The same narrow place, of a way to other things. */
const SAME_GAP_MM = 4

const RELATIONS: readonly Relation[] = [
  // one bed without air is one fault, however many lie in it
  { modes: 'here', from: byEach, of: byEach },
  // an aisle between two is too narrow for all that is done in it
  { modes: 'here', from: pairOf, of: (other) => (other.code === 'clearance-blocked' ? pairOf(other) : undefined) },
  // a thing that cannot be got at for what stands before it cannot be opened for it either
  {
    modes: 'here',
    from: only('clearance-blocked', first),
    of: only('clearance-blocked', first),
    also: (cause, other) =>
      cause.code === 'clearance-blocked' &&
      other.code === 'clearance-blocked' &&
      cause.facts.blockers.some(
        ({ kind, id }) => kind !== 'shell' && other.facts.blockers.some((one) => one.id === id),
      ),
  },
  // what stands in a door narrows the way in as well
  {
    modes: 'here',
    from: only('door-blocked'),
    of: isWay,
    also: (cause, other) =>
      (other.code === 'way-narrow' || other.code === 'way-shut') &&
      beside(other.facts.between).some((id) => cause.fittings.includes(id)) &&
      away(cause, other) < AT_DOOR_MM,
  },
  // seats whose backs meet the same thing
  {
    modes: 'here',
    from: only('recline-blocked'),
    of: only('recline-blocked'),
    also: (cause, other) => cause.fittings.some((id) => other.fittings.includes(id)),
  },
  // whoever stands upright nowhere does not where something hangs either
  { modes: 'here', from: only('standing-nowhere'), of: only('standing-low') },
  // and what hangs low over one place is one fault for all that is done there
  { modes: 'here', from: lowThere, of: lowThere },
  { modes: 'here', from: only('alarm-missing'), of: only('alarm-missing') },
  // a narrow place is one, whatever lies behind it in another mode
  {
    modes: 'any',
    from: wayPair,
    of: wayPair,
    also: (cause, other) => Math.abs(cause.measured - other.measured) <= SAME_GAP_MM,
  },
  // under a roof too low to sit by day one does not sit up by night either
  {
    modes: 'any',
    from: (cause) => (cause.code === 'head-bump' && cause.facts.over === undefined ? first(cause) : undefined),
    of: only('sit-up-low', first),
  },
]

const grave = ({ gravity }: Finding): number => GRAVITIES.indexOf(gravity)
/** Ways and doors are what one sees first of a thing that is in the way. */
const rank = ({ code }: Finding): number =>
  code === 'door-blocked' ? 0 : code === 'standing-nowhere' || code.startsWith('way-') ? 1 : 2
const offShare = ({ measured, needed }: Finding): number => Math.abs(measured - needed) / Math.max(1, Math.abs(needed))

/** Codes that are told below another, or have others below them, where one thing makes both. */
export const TOLD_TOGETHER: ReadonlySet<FindingCode> = new Set([
  ...BY_EACH,
  'way-narrow',
  'way-shut',
  'clearance-blocked',
  'door-blocked',
  'recline-blocked',
  'standing-nowhere',
  'standing-low',
  'alarm-missing',
  'head-bump',
])

/** A finding, and what follows from it and is told below it. */
export const withFollows = (findings: readonly Finding[]): readonly Finding[] =>
  findings.flatMap((finding) => [finding, ...(finding.follows ?? [])])

/**
 * One cause, one finding: what only follows from another fault of the same variant is told below that. A cause is never less grave than
 * what follows from it, and of alike faults it is the one that is furthest off. `any`: from one mode to another, for a list of the faults of a
 * whole variant; in its own mode each is told.
 */
export function byCause<M extends { readonly findings: readonly Finding[] }>(
  modes: readonly M[],
  across: Relation['modes'] = 'here',
): readonly M[] {
  const relations = RELATIONS.filter((relation) => relation.modes === across)
  const ranked = modes
    .flatMap(({ findings }) => findings)
    .sort((a, b) => grave(a) - grave(b) || rank(a) - rank(b) || offShare(b) - offShare(a))
  const keyIn = ({ modes: where }: Relation, { modeId }: Finding, key: string): string =>
    where === 'here' ? `${modeId} ${key}` : key
  const others = relations.map((relation) => {
    const found = new Map<string, Finding[]>()
    for (const finding of ranked) {
      const key = relation.of(finding)
      if (key === undefined) continue
      const at = keyIn(relation, finding, key)
      const known = found.get(at)
      if (known === undefined) found.set(at, [finding])
      else known.push(finding)
    }
    return found
  })
  const causeOf = new Map<Finding, Finding>()
  const under = new Map<Finding, Finding[]>()
  for (const cause of ranked) {
    if (causeOf.has(cause)) continue
    relations.forEach((relation, index) => {
      const key = relation.from(cause)
      if (key === undefined) return
      for (const other of others[index]?.get(keyIn(relation, cause, key)) ?? []) {
        if (other === cause || causeOf.has(other) || under.has(other) || grave(other) < grave(cause)) continue
        if (relation.also?.(cause, other) === false) continue
        causeOf.set(other, cause)
        const those = under.get(cause)
        if (those === undefined) under.set(cause, [other])
        else those.push(other)
      }
    })
  }
  if (causeOf.size === 0) return modes
  return modes.map((mode) => ({
    ...mode,
    findings: mode.findings
      .filter((finding) => !causeOf.has(finding))
      .map((finding) => {
        const follows = under.get(finding)
        return follows === undefined ? finding : { ...finding, follows: [...(finding.follows ?? []), ...follows] }
      }),
  }))
}
