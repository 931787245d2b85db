import type { Brief, ResolvedDemand } from '../brief'
import { type NeedState, needStates } from '../needs'
import type { Scene } from '../scene'
import type { Finding, FindingCode } from './finding'

/** A demand with how far the plan meets it, and what the review says against it in any mode; the gravest first. */
export interface DemandState extends Omit<NeedState, 'state'> {
  readonly findings: readonly Finding[]
  readonly state: NeedState['state']
}

/** Which findings are about a demand as such, and about which. */
type About<C extends FindingCode> = (finding: Finding<C>, state: NeedState, brief: Brief) => boolean

const byDemand: About<'gear-too-long' | 'gear-no-room' | 'service-missing' | 'turning-small'> = (
  { facts },
  { demand },
) => facts.demandId === demand.id
const isFor = (demand: ResolvedDemand, need: ResolvedDemand['need'], short: boolean): boolean =>
  demand.need === need && short
/** A bed is for those whom its demand names; for all, where it or no demand names anyone. */
const bySleeper: About<'berth-short'> = ({ facts }, { demand }, { people }) => {
  if (demand.need !== 'berth') return false
  const labels = demand.forWhom.flatMap((id) => people[id]?.label ?? [])
  return labels.length === 0 || labels.includes(facts.sleeper)
}
/** What would meet it, and stands in something or out of the body. */
const byStanding: About<'overlap' | 'outside-shell'> = ({ fittings }, { cannotStand }) =>
  fittings.some((id) => cannotStand.includes(id))

const ABOUT: { readonly [C in FindingCode]?: About<C> } = {
  'gear-too-long': byDemand,
  'gear-no-room': byDemand,
  'service-missing': byDemand,
  'turning-small': byDemand,
  'berth-short': bySleeper,
  'berth-narrow': ({ facts }, { demand }) =>
    demand.need === 'berth' && (demand.forWhom.length === 0 || demand.quantity === facts.sleepers),
  'berths-few': (_finding, { demand, state }) => isFor(demand, 'berth', state !== 'met'),
  'belts-few': (_finding, { demand, state }) => isFor(demand, 'belt', state !== 'met'),
  'table-few': (_finding, { demand, state }) => isFor(demand, 'table-seat', state !== 'met'),
  overlap: byStanding,
  'outside-shell': byStanding,
}

const isAbout = (finding: Finding, state: NeedState, brief: Brief): boolean => {
  const about = ABOUT[finding.code] as About<FindingCode> | undefined
  return about?.(finding, state, brief) ?? false
}

/** Every demand of the job, biggest first, held against the scenes of one variant and its findings. */
export function demandStates(
  brief: Brief,
  scenes: readonly Scene[],
  findings: readonly Finding[],
): readonly DemandState[] {
  return needStates(brief, scenes).map((state): DemandState => {
    const against = findings.filter((finding) => isAbout(finding, state, brief))
    if (against.length === 0) {
      // free floor is measured by its rule alone
      const isFloor = state.state === 'cannot-tell' && state.demand.need === 'turning-circle' && scenes.length > 0
      return { ...state, findings: against, state: isFloor ? 'met' : state.state }
    }
    return {
      ...state,
      findings: against,
      state: state.state === 'met' || state.state === 'cannot-tell' ? 'short' : state.state,
    }
  })
}
