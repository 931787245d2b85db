import type { Vec3 } from '../../geometry'
import { modesOf, planInterior, SETTING_OUT, type Job, type Loading } from '../../job'
import { buildScene, type Scene } from '../../scene'
import { known } from '../../units'
import { compose } from '../compose'
import type { SourceKind } from '../ledger'
import type { Unknown, WeightEntry } from './entry'
import { shareAboard, type LimitId, type LimitState } from './limits'
import { firstFull } from './margin'
import { axlesOf } from './vehicle'
import { centreRise, limitsIn, type WeightLedger } from './weight'

/** An entry as it is loaded. */
export interface Aboard extends WeightEntry {
  /** What of it is aboard, kg. */
  readonly kg: number
  /** How far it brings the centre of mass up, mm. */
  readonly raisesMm: number
}

/** What moves together: a fitting with what it holds, a person, a face of the lining. */
export interface Heavy {
  readonly key: string
  readonly kind: SourceKind
  readonly id: string
  readonly kg: number
  readonly at: Vec3
  readonly parts: readonly Aboard[]
  /** What the rear axle carries more or less when it goes 100 mm forward; undefined where it is not for the plan to move. */
  readonly rearPer100Kg: number | undefined
}

/** What a plan weighs in one mode and loading: plain data. */
export interface WeightReport {
  readonly variantId: string
  readonly modeId: string
  readonly loading: Loading
  readonly limits: readonly LimitState[]
  /** The limit that has least left at the worst, as a share of itself. */
  readonly first: LimitId
  readonly entries: readonly Aboard[]
  readonly heavy: readonly Heavy[]
  /** Middle of all that is aboard, in plan. */
  readonly centre: readonly [number, number]
  readonly riseMm: number
  readonly overGroundMm: number | undefined
  readonly unknown: readonly Unknown[]
}

const LINING_TOGETHER = 'lining'

/** Which of the rows of what weighs most an entry belongs to. */
const rowOf = ({ carriedBy, source, id }: WeightEntry): string =>
  source.kind === 'person' || source.kind === 'pet'
    ? id
    : carriedBy !== undefined
      ? `fitting:${carriedBy}`
      : source.kind === 'lining'
        ? LINING_TOGETHER
        : source.kind === 'gear'
          ? `gear:${source.id}`
          : source.kind === 'seat-out'
            ? 'seat-out'
            : id

function heavyOf(entries: readonly Aboard[], wheelbaseMm: number): readonly Heavy[] {
  const rows = new Map<string, Aboard[]>()
  for (const entry of entries) {
    if (entry.source.kind === 'body' || entry.kg === 0) continue
    const key = rowOf(entry)
    const row = rows.get(key)
    if (row === undefined) rows.set(key, [entry])
    else row.push(entry)
  }
  return [...rows]
    .map(([key, parts]): Heavy => {
      const [first] = parts as [Aboard, ...Aboard[]]
      const kg = parts.reduce((sum, one) => sum + one.kg, 0)
      const whole = parts.reduce((sum, one) => sum + Math.abs(one.kg), 0)
      const mean = (axis: 0 | 1 | 2): number =>
        parts.reduce((sum, one) => sum + Math.abs(one.kg) * one.at[axis], 0) / whole
      const isFitting = key.startsWith('fitting:')
      return {
        key,
        kind: isFitting ? 'fitting' : first.source.kind,
        id: isFitting ? (first.carriedBy ?? '') : first.source.id,
        kg,
        at: [mean(0), mean(1), mean(2)],
        parts,
        rearPer100Kg: isFitting ? -(kg * 100) / wheelbaseMm : undefined,
      }
    })
    .sort((a, b) => b.kg - a.kg)
}

/** What is aboard of a ledger in a loading. */
export function aboardIn(scene: Scene, { entries }: WeightLedger, loading: Loading): readonly Aboard[] {
  const without = new Set(loading.without)
  const loaded = entries.map((entry) => ({ entry, kg: entry.amount * shareAboard(entry, loading, without) }))
  const { of } = centreRise(scene, loaded)
  return loaded.map(({ entry, kg }) => ({ ...entry, kg, raisesMm: of(entry, kg) }))
}

/** The mode that a loading is in: the one that it names, else the first for the road, else the first. */
export function modeOf(job: Job, variantId: string, loading: Loading): string {
  const modes = modesOf(known(job.variants[variantId], `variant “${variantId}”`).plan)
  const [first] = modes
  const found = modes.find(([id]) => id === loading.mode) ?? modes.find(([, { purpose }]) => purpose === 'driving')
  return (found ?? known(first, 'a mode'))[0]
}

/** What a variant weighs, with every limit, in a loading; all aboard where none is given. @throws RangeError where there is no such variant. */
export function weightReport(job: Job, variantId: string, loading: Loading = SETTING_OUT): WeightReport {
  const { plan } = known(job.variants[variantId], `variant “${variantId}”`)
  const scene = buildScene(planInterior(job.shell, plan), plan, modeOf(job, variantId, loading))
  return reportOf(job, variantId, scene, loading)
}

export function reportOf(job: Job, variantId: string, scene: Scene, loading: Loading = SETTING_OUT): WeightReport {
  const { weight } = compose(job, scene)
  const limits = limitsIn(scene, weight, loading).all()
  const entries = aboardIn(scene, weight, loading)
  const whole = entries.reduce((sum, { kg }) => sum + kg, 0)
  const mean = (axis: 0 | 1): number => entries.reduce((sum, { kg, at }) => sum + kg * at[axis], 0) / whole
  const { riseMm, overGroundMm } = centreRise(
    scene,
    entries.map((entry) => ({ entry, kg: entry.kg })),
  )
  return {
    variantId,
    modeId: scene.modeId,
    loading,
    limits,
    first: firstFull(limits).id,
    entries,
    heavy: heavyOf(entries, axlesOf(scene.interior.shell).wheelbaseMm),
    centre: [mean(0), mean(1)],
    riseMm,
    overGroundMm,
    unknown: weight.unknown,
  }
}
