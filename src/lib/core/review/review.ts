import { aidedOf, piecesOf, tallestOf } from '../brief'
import { ACCESS } from '../people'
import { apply, CommandError, modesOf, planInterior, variantsOf, type Job, type Plan, type Variant } from '../job'
import { buildScene, changeOf, stow, wayGround, waysOf, type Scene, type WayGround } from '../scene'
import type { Interior } from '../shell'
import type { Rule, RuleInput } from './define-rule'
import { GRAVITIES, type Draft, type Finding, type FindingWaiver, type Gravity, type Remedy } from './finding'
import { RULES } from './registry'
import { shoulderHeightMm } from './rules/way-width'

/** A rule that threw; never to be taken for a clean pass. */
export interface FailedRule {
  readonly rule: string
  readonly modeId: string
  readonly message: string
}

export interface ModeReview {
  readonly modeId: string
  readonly findings: readonly Finding[]
}

export interface VariantReview {
  readonly variantId: string
  readonly modes: readonly ModeReview[]
  readonly failed: readonly FailedRule[]
}

const once = <T>(make: () => T): (() => T) => {
  let made: { value: T } | undefined
  return () => (made ??= { value: make() }).value
}

/** What the mode before was, and the ground that it was walked on, for the next one to take over. */
interface Walked {
  ground?: WayGround
  /** The scene of the mode before. */
  scene?: Scene
  /** All scenes of the variant, where they are known. */
  readonly all?: readonly Scene[]
}

function inputFor(job: Job, variantId: string, scene: Scene, walked: Walked = {}): RuleInput {
  const variant = job.variants[variantId]!
  const { plan } = variant
  const ground = once(
    () => (walked.ground = wayGround(scene, shoulderHeightMm(tallestOf(job.brief)?.statureMm), walked.ground)),
  )
  const before = walked.scene
  const byId = new Map(scene.placed.map((placed) => [placed.id, placed]))
  return {
    job,
    variantId,
    plan,
    brief: job.brief,
    scene,
    peers: once(() =>
      (walked.all ?? scenesOf(variant, scene.interior)).filter(({ purpose }) => purpose === scene.purpose),
    ),
    parameters: {},
    ground,
    ways: once(() => waysOf(scene, ground(), aidedOf(job.brief) === undefined ? 0 : ACCESS.routeMm / 2)),
    stowed: once(() => stow(scene, piecesOf(job.brief))),
    change: once(() => (before === undefined ? undefined : changeOf(before, scene, job.brief))),
    find: (id) => byId.get(id),
  }
}

const withDefaults = (input: RuleInput, rule: Rule): RuleInput => ({
  ...input,
  parameters: Object.fromEntries(Object.entries(rule.parameters).map(([name, parameter]) => [name, parameter.default])),
})

/** What tells one finding of a rule from another on the same fittings. */
function detailOf(draft: Draft): string {
  switch (draft.code) {
    case 'clearance-blocked':
      return draft.facts.clearanceId
    case 'outside-shell':
      return draft.facts.face
    case 'hob-beside':
      return draft.facts.other
    case 'electrics-wet':
      return draft.facts.water
    case 'head-noise':
      return `${draft.facts.sleeper} ${draft.facts.source}`
    case 'head-by-feet':
      return `${draft.facts.sleeper} ${draft.facts.other}`
    case 'berth-airless':
      return draft.facts.sleeper
    case 'overlap':
      return draft.facts.other.id
    case 'door-blocked':
      return draft.facts.openingId
    case 'swivel-blocked':
    case 'recline-blocked':
      return draft.facts.seatId
    case 'figure-blocked':
      return draft.facts.figureId
    case 'access-first':
    case 'access-blocked':
      return `${draft.facts.task} ${draft.facts.of.id}`
    case 'loose-homeless':
      return draft.facts.part
    case 'opening-missing':
      return draft.facts.openingId
    case 'body-cut':
      return draft.facts.changeId
    case 'gear-too-long':
    case 'gear-no-room':
    case 'service-missing':
    case 'turning-small':
      return draft.facts.demandId
    default:
      return ''
  }
}

/** Who a finding is about first; others that take part, and how bad it is, may change while the fault stays the same. */
const keyOf = (rule: Rule, draft: Draft): string =>
  `${rule.id} ${'seatId' in draft.facts || 'figureId' in draft.facts ? '' : (draft.fittings[0] ?? '')} ${detailOf(draft)}`

/** What was said to let a finding be. It ends when the fault has other figures than it had then. */
function waiverOf(plan: Plan, key: string, { code, measured, needed }: Draft): FindingWaiver | undefined {
  const found = Object.entries(plan.waivers ?? {}).find(([, waiver]) => waiver.key === key && waiver.code === code)
  if (found === undefined) return undefined
  const [id, waiver] = found
  return { ...waiver, id, holds: waiver.measured === measured && waiver.needed === needed }
}

/** Whether someone let a finding be, and it is still as it was then. */
export const isLetBe = ({ waiver }: Finding): boolean => waiver?.holds === true

function reviewMode(
  job: Job,
  variantId: string,
  scene: Scene,
  rules: readonly Rule[],
  walked: Walked,
): { findings: Finding[]; failed: FailedRule[] } {
  const input = inputFor(job, variantId, scene, walked)
  const findings: Finding[] = []
  const seen = new Map<string, number>()
  /** A bed of two bunks may be too narrow twice: the second of a kind is told from the first by its number. */
  const unique = (key: string): string => {
    const times = (seen.get(key) ?? 0) + 1
    seen.set(key, times)
    return times === 1 ? key : `${key}#${times}`
  }
  const failed: FailedRule[] = []
  for (const rule of rules) {
    if (rule.modes !== 'every' && !rule.modes.includes(scene.purpose)) continue
    try {
      for (const draft of rule.check(withDefaults(input, rule))) {
        const gravity: Gravity = rule.gravity[draft.code] ?? 'caution'
        const key = unique(keyOf(rule, draft))
        const waiver = waiverOf(input.plan, key, draft)
        findings.push({
          ...draft,
          rule: rule.id,
          gravity,
          modeId: scene.modeId,
          purpose: scene.purpose,
          key,
          ...(waiver === undefined ? {} : { waiver }),
        })
      }
    } catch (cause) {
      failed.push({
        rule: rule.id,
        modeId: scene.modeId,
        message: cause instanceof Error ? cause.message : String(cause),
      })
    }
  }
  // what is let be comes last
  const weight = (finding: Finding) => GRAVITIES.indexOf(finding.gravity) + (isLetBe(finding) ? GRAVITIES.length : 0)
  findings.sort((a, b) => weight(a) - weight(b))
  return { findings, failed }
}

/** The scenes of a variant in the order of its modes. */
export function scenesOf(variant: Variant, interior: Interior): readonly Scene[] {
  let before: Scene | undefined
  return modesOf(variant.plan).map(([modeId]) => (before = buildScene(interior, variant.plan, modeId, before)))
}

/** Reviews one variant in each of its modes. `rules` is for tests of the engine. */
export function reviewVariant(job: Job, variantId: string, rules: readonly Rule[] = RULES): VariantReview {
  const variant = job.variants[variantId]
  if (variant === undefined) throw new RangeError(`there is no variant “${variantId}”`)
  const interior = planInterior(job.shell, variant.plan)
  const failed: FailedRule[] = []
  const all = scenesOf(variant, interior)
  const walked: Walked = { all }
  const modes = all.map((scene) => {
    const result = reviewMode(job, variantId, scene, rules, walked)
    walked.scene = scene
    failed.push(...result.failed)
    return { modeId: scene.modeId, findings: result.findings }
  })
  return { variantId, modes, failed }
}

/** Reviews every variant of a job. */
export const reviewJob = (job: Job): readonly VariantReview[] => variantsOf(job).map(([id]) => reviewVariant(job, id))

/** How many findings of each gravity a review holds, the same fault in several modes counted once, those let be not at all. */
export function tally(review: VariantReview): Readonly<Record<Gravity, number>> {
  const keys = new Map(
    review.modes.flatMap(({ findings }) =>
      findings.filter((finding) => !isLetBe(finding)).map((finding) => [finding.key, finding.gravity] as const),
    ),
  )
  const count = (gravity: Gravity) => [...keys.values()].filter((one) => one === gravity).length
  return { stop: count('stop'), caution: count('caution'), note: count('note') }
}

/** A way out that makes more new stops than this is none. */
const MOST_NEW_STOPS = 3

/** A remedy that cures its finding, with what else it changes. */
export interface ProvenRemedy extends Remedy {
  /** Findings that were not there before, the finding's own rule apart. */
  readonly causes: readonly Finding[]
  readonly cures: number
}

const keysOf = (review: VariantReview): ReadonlySet<string> =>
  new Set(review.modes.flatMap(({ modeId, findings }) => findings.map((finding) => `${modeId} ${finding.key}`)))

/**
 * The remedies of a finding that do cure it in its mode, tried on the job one by one: those without new stops first,
 * then the smallest. At most `limit`.
 */
export function remediesFor(job: Job, variantId: string, finding: Finding, limit = 5): readonly ProvenRemedy[] {
  const rule = RULES.find(({ id }) => id === finding.rule)
  const variant = job.variants[variantId]
  if (rule === undefined || variant?.plan.modes[finding.modeId] === undefined) return []
  const interior = planInterior(job.shell, variant.plan)
  const scene = buildScene(interior, variant.plan, finding.modeId)
  const candidates = rule.remedies(withDefaults(inputFor(job, variantId, scene), rule), finding)
  const before = keysOf(reviewVariant(job, variantId))
  const own = `${finding.modeId} ${finding.key}`
  const proven = candidates.flatMap((remedy): ProvenRemedy[] => {
    try {
      const next = apply(job, { type: 'batch', what: 'remedy', commands: [...remedy.commands] }).job
      const review = reviewVariant(next, variantId)
      const after = keysOf(review)
      if (after.has(own)) return []
      const causes = review.modes.flatMap(({ modeId, findings }) =>
        findings.filter((one) => !before.has(`${modeId} ${one.key}`)),
      )
      return [{ ...remedy, causes, cures: [...before].filter((key) => !after.has(key)).length }]
    } catch (cause) {
      if (cause instanceof CommandError || cause instanceof RangeError) return []
      throw cause
    }
  })
  const stops = (remedy: ProvenRemedy) =>
    new Set(remedy.causes.flatMap(({ gravity, key }) => (gravity === 'stop' ? [key] : []))).size
  const again = (remedy: ProvenRemedy) =>
    remedy.causes.some(({ code, fittings }) => code === finding.code && fittings[0] === finding.fittings[0])
  return proven
    .filter((remedy) => !again(remedy) && stops(remedy) <= MOST_NEW_STOPS)
    .sort(
      (a, b) => stops(a) - stops(b) || a.causes.length - b.causes.length || b.cures - a.cures || a.amount - b.amount,
    )
    .slice(0, limit)
}
