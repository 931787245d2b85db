import { known } from '../../units'
import type { LimitState } from './limits'

/** What is left before a limit, in its own unit; less than nothing where it is past it. Undefined where there is none. */
export const marginOf = ({ id, limit }: Pick<LimitState, 'id' | 'limit'>, value: number): number | undefined =>
  limit === undefined ? undefined : id === 'front-share' ? value - limit : limit - value

/** What is left at the worst, as a share of the limit: what is first to be full has the least. */
function tightness(state: LimitState, dry = true): number {
  const margin = marginOf(state, (dry ? state.worstDry : state.worst).value)
  return margin === undefined || state.limit === undefined ? Infinity : margin / state.limit
}

/** Limits that are ratings or guides with a figure, the fullest first. */
export const byTightness = (limits: readonly LimitState[]): readonly LimitState[] =>
  limits.filter(({ limit }) => limit !== undefined).sort((a, b) => tightness(a) - tightness(b))

/** The rating that is first to be full; the gross mass where there are no others. Guides give way to ratings. */
export const firstFull = (limits: readonly LimitState[]): LimitState =>
  known(byTightness(limits.filter(({ isGuide }) => !isGuide))[0], 'a limit')
