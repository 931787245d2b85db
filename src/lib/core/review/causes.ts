import type { WaySide } from '../scene'
import { type Finding, type FindingCode, GRAVITIES } from './finding'

/** Whether the second fault is only what follows from the first. Neither is the other. */
type Follows = (cause: Finding, other: Finding) => boolean

const first = ({ fittings: [id] }: Finding): string | undefined => id
const sameFirst: Follows = (cause, other) => first(cause) !== undefined && first(cause) === first(other)

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

const away = ({ place: [x, y] }: Finding, { place: [u, v] }: Finding): number => Math.hypot(x - u, y - v)

/** In one mode. */
const HERE: readonly Follows[] = [
  // one bed without air is one fault, however many lie in it
  (cause, other) => cause.code === other.code && BY_EACH.has(cause.code) && sameFirst(cause, other),
  // an aisle between two is too narrow for all that is done in it
  (cause, other) => {
    const pair = pairOf(cause)
    return pair !== undefined && pair === pairOf(other) && other.code === 'clearance-blocked'
  },
  // a thing that cannot be got at for what stands before it cannot be opened for it either
  (cause, other) =>
    cause.code === 'clearance-blocked' &&
    other.code === 'clearance-blocked' &&
    sameFirst(cause, other) &&
    cause.facts.blockers.some(({ kind, id }) => kind !== 'shell' && other.facts.blockers.some((one) => one.id === id)),
  // what stands in a door narrows the way in as well
  (cause, other) =>
    cause.code === 'door-blocked' &&
    (other.code === 'way-narrow' || other.code === 'way-shut') &&
    beside(other.facts.between).some((id) => cause.fittings.includes(id)) &&
    away(cause, other) < AT_DOOR_MM,
  // seats whose backs meet the same thing
  (cause, other) =>
    cause.code === 'recline-blocked' &&
    other.code === 'recline-blocked' &&
    cause.fittings.some((id) => other.fittings.includes(id)),
  // whoever stands upright nowhere does not where something hangs either
  (cause, other) => cause.code === 'standing-nowhere' && other.code === 'standing-low',
  // and what hangs low over one place is one fault for all that is done there
  (cause, other) =>
    cause.code === 'standing-low' &&
    other.code === 'standing-low' &&
    away(cause, other) < AT_DOOR_MM &&
    cause.measured === other.measured,
  (cause, other) => cause.code === 'alarm-missing' && other.code === 'alarm-missing',
]

/** The same narrow place, of a way to other things. */
const SAME_GAP_MM = 4

/** From one mode to another. */
const ACROSS: readonly Follows[] = [
  // a narrow place is one, whatever lies behind it in another mode
  (cause, other) =>
    (cause.code === 'way-narrow' || cause.code === 'way-shut') &&
    cause.code === other.code &&
    pairOf(cause) !== undefined &&
    pairOf(cause) === pairOf(other) &&
    Math.abs(cause.measured - other.measured) <= SAME_GAP_MM,
  // under a roof too low to sit by day one does not sit up by night either
  (cause, other) =>
    cause.code === 'head-bump' &&
    cause.facts.over === undefined &&
    other.code === 'sit-up-low' &&
    sameFirst(cause, other),
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
 * what follows from it, and of alike faults it is the one that is furthest off.
 */
export function byCause<M extends { readonly findings: readonly Finding[] }>(modes: readonly M[]): readonly M[] {
  const ranked = modes
    .flatMap(({ findings }) => findings)
    .sort((a, b) => grave(a) - grave(b) || rank(a) - rank(b) || offShare(b) - offShare(a))
  const causeOf = new Map<Finding, Finding>()
  const under = new Map<Finding, Finding[]>()
  for (const cause of ranked) {
    if (causeOf.has(cause)) continue
    for (const other of ranked) {
      if (other === cause || causeOf.has(other) || under.has(other) || grave(other) < grave(cause)) continue
      const relations = other.modeId === cause.modeId ? [...HERE, ...ACROSS] : ACROSS
      if (!relations.some((follows) => follows(cause, other))) continue
      causeOf.set(other, cause)
      under.set(cause, [...(under.get(cause) ?? []), other])
    }
  }
  if (causeOf.size === 0) return modes
  return modes.map((mode) => ({
    ...mode,
    findings: mode.findings
      .filter((finding) => !causeOf.has(finding))
      .map((finding) => {
        const follows = under.get(finding)
        return follows === undefined ? finding : { ...finding, follows }
      }),
  }))
}
