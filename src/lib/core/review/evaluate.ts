import { type LoadSketch, sketchOf } from '../budgets'
import { type Job, type Plan, planInterior } from '../job'
import { type Scene, scenesOf } from '../scene'
import type { Interior } from '../shell'
import { isUnnoticed, known, nth } from '../units'
import { byCause } from './causes'
import { type Missing, type Read, reading, type Rule, type RuleInput, type Stage, STAGES } from './define-rule'
import { endedWaivers } from './ended'
import { byWeight, type Draft, type Finding, type FindingWaiver } from './finding'
import { inputOf, type ModeAt, type View, viewOf, walksOf } from './input'
import { figuresOf, rulesOf } from './own-rules'
import type { FailedRule, ModeReview, UntoldRule, VariantReview } from './variant-review'

/** What a rule answered, for as long as nothing that it reads changes. */
interface Answer {
  readonly sources: readonly unknown[]
  readonly setting: unknown
  readonly missing: readonly Missing[]
  readonly drafts: ReadonlyMap<string, Draft>
  /** The findings that were made of it, and the waivers that they were held against. */
  readonly told?: { readonly waivers: unknown; readonly findings: readonly Finding[] }
}

/** What is kept of a mode from one review to the next. */
interface KeptMode extends Pick<ModeAt, 'walk' | 'bareWalk'> {
  /** What rules that read the same things were handed, was made of. */
  readonly sources: ReadonlyMap<readonly Read[], View['sources']>
  readonly answers: ReadonlyMap<Rule, Answer>
  readonly load:
    { readonly sources: readonly unknown[]; readonly isRoad: boolean; readonly sketch: LoadSketch } | undefined
}

/** A variant that was reviewed, with all that the next review of it can begin from. */
export interface Evaluation {
  readonly job: Job
  readonly variantId: string
  readonly upto: Stage
  readonly interior: Interior
  readonly scenes: readonly Scene[]
  /** Of the modes that were asked for. */
  readonly review: VariantReview
  readonly kept: ReadonlyMap<string, KeptMode>
}

/** What was said to let a finding be. It ends when the fault has other figures than it had then. */
function waiverOf(plan: Plan, key: string, { code, measured, needed }: Draft): FindingWaiver | undefined {
  const found = Object.entries(plan.waivers ?? {}).find(([, waiver]) => waiver.key === key && waiver.code === code)
  if (found === undefined) return undefined
  const [id, waiver] = found
  return { ...waiver, id, holds: waiver.measured === measured && waiver.needed === needed }
}

/** How far off a draft is. */
const offBy = ({ measured, needed }: Draft): number => Math.abs(measured - needed)

/** Whether a draft is off by so little that nobody would say it aloud; what the book calls a stop never is. */
function isWithin({ tolerance, gravity }: Rule, draft: Draft): boolean {
  if (tolerance === undefined || gravity[draft.code] === 'stop') return false
  const { needed, unit } = draft
  const off = offBy(draft)
  return unit === 'mm' ? isUnnoticed(off, needed, tolerance) : off <= tolerance.share * Math.abs(needed)
}

/** A rule says the same fault once: of drafts with one key, that which is furthest off, where the first of them stood. */
function toldOnce(rule: Rule, drafts: readonly Draft[]): ReadonlyMap<string, Draft> {
  const told = new Map<string, Draft>()
  for (const draft of drafts) {
    if (isWithin(rule, draft)) continue
    const key = rule.key(draft)
    const before = told.get(key)
    if (before === undefined || offBy(draft) > offBy(before)) told.set(key, draft)
  }
  return told
}

/** What a rule says of a mode. @throws whatever the rule throws. */
function answerOf(rule: Rule, job: Job, { sources, input }: View): Answer {
  const set = Object.create(input) as { -readonly [key in keyof RuleInput]: RuleInput[key] }
  set.parameters = figuresOf(job, rule)
  const missing = rule.needs(set)
  const drafts = missing.length > 0 ? NOTHING : toldOnce(rule, rule.check(set))
  return { sources, setting: settingOf(job, rule), missing, drafts }
}
const NOTHING: ReadonlyMap<string, Draft> = new Map()

const settingOf = (job: Job, rule: Rule): unknown => job.rules?.settings[rule.id]

/** The findings of an answer; the same ones as before while it and the waivers stand. */
function tell(rule: Rule, answer: Answer, { job, plan, scene }: RuleInput): Required<Answer> {
  const { drafts, told } = answer
  if (told !== undefined && (told.waivers === plan.waivers || drafts.size === 0)) return answer as Required<Answer>
  if (drafts.size === 0) return { ...answer, told: { waivers: undefined, findings: [] } }
  const graver = job.rules?.settings[rule.id]?.gravity
  const findings = [...drafts].map(([key, draft]): Finding => {
    const gravity = graver ?? rule.gravity[draft.code]
    if (gravity === undefined)
      throw new RangeError(`rule “${rule.id}” reports “${draft.code}”, which is none of its codes`)
    const waiver = waiverOf(plan, key, draft)
    return {
      ...draft,
      rule: rule.id,
      group: rule.group,
      basis: rule.basis,
      gravity,
      modeId: scene.modeId,
      purpose: scene.purpose,
      key,
      ...(waiver === undefined ? {} : { waiver }),
    }
  })
  return { ...answer, told: { waivers: plan.waivers, findings } }
}

interface ReviewedMode {
  readonly kept: KeptMode
  readonly review: ModeReview
  readonly failed: readonly FailedRule[]
  readonly asked: readonly string[]
  readonly untold: readonly UntoldRule[]
}

/** The findings of one mode, the gravest first. `before` is what was kept of it. */
function evaluateMode(at: ModeAt, rules: readonly Rule[], before: KeptMode | undefined, upto: Stage): ReviewedMode {
  const input = inputOf(at)
  const { scene, job } = input
  const views = new Map<readonly Read[], View>()
  const viewFor = (reads: readonly Read[]): View => {
    const made = views.get(reads) ?? viewOf(reads, input, at, before?.sources.get(reads))
    views.set(reads, made)
    return made
  }
  const answers = new Map(before?.answers)
  const findings: Finding[] = []
  const failed: FailedRule[] = []
  const untold: UntoldRule[] = []
  const asked: string[] = []
  const last = STAGES.indexOf(upto)
  for (const rule of rules) {
    if (rule.modes !== 'every' && !rule.modes.includes(scene.purpose)) continue
    if (STAGES.indexOf(rule.stage) > last) continue
    try {
      const view = viewFor(rule.reads)
      const old = answers.get(rule)
      const stands = old?.sources === view.sources && old.setting === settingOf(job, rule)
      const answer = tell(rule, stands ? old : answerOf(rule, job, view), input)
      answers.set(rule, answer)
      if (answer.missing.length > 0) untold.push({ rule: rule.id, needs: answer.missing })
      else asked.push(rule.id)
      findings.push(...answer.told.findings)
    } catch (cause) {
      answers.delete(rule)
      failed.push({
        rule: rule.id,
        modeId: scene.modeId,
        message: cause instanceof Error ? cause.message : String(cause),
      })
    }
  }
  findings.sort(byWeight)
  const { walk, bareWalk } = at
  // what the page shows of it is not asked of a mere try
  const load = upto === 'ways' ? loadOf(input, viewFor(WEIGHT), before, at.index === roadOf(at.scenes)) : undefined
  const { modeId } = scene
  const sources = new Map(before?.sources)
  for (const [reads, view] of views) sources.set(reads, view.sources)
  return {
    kept: { walk, bareWalk, sources, answers, load: load ?? before?.load },
    review: { modeId, findings, ...(load === undefined ? {} : { load: load.sketch }) },
    failed,
    asked,
    untold,
  }
}
const WEIGHT = reading(['scene', 'weight'])

/** The mode in which one drives; the first where there is none. */
const roadOf = (scenes: readonly Scene[]): number =>
  Math.max(
    0,
    scenes.findIndex(({ purpose }) => purpose === 'driving'),
  )

/** What the page needs to tell of its weights; kept while nothing that weighs changes. Those of the road are summed, of the other modes only where things stand is told. */
function loadOf(
  { scene, weight }: RuleInput,
  { sources }: View,
  before: KeptMode | undefined,
  isRoad: boolean,
): KeptMode['load'] {
  if (before?.load?.sources === sources && before.load.isRoad === isRoad) return before.load
  if (!isRoad) return { sources, isRoad, sketch: sketchOf(scene) }
  const { ledger, limits } = weight()
  return { sources, isRoad, sketch: sketchOf(scene, ledger, limits.all()) }
}

/** What of a review is asked for: all of it where nothing is said. `rules` are those of the job else. */
export interface Asked {
  readonly upto?: Stage
  /** Only these modes. */
  readonly modes?: readonly string[]
  readonly rules?: readonly Rule[]
}

/** The body as it was before, where nothing of it has changed. */
function interiorFor(job: Job, plan: Plan, before: Evaluation | undefined): Interior {
  const was = before?.job.variants[before.variantId]?.plan
  const stands =
    before?.job.shell === job.shell && was !== undefined && was.lining === plan.lining && was.changes === plan.changes
  return stands ? before.interior : planInterior(job.shell, plan)
}

/**
 * Reviews one variant, stage by stage and mode by mode. `before` is an earlier evaluation of it, or of another like it: what has not
 * changed since is taken over, and the answer is what it would be without. The same for page, worker, server and search.
 * @throws RangeError where the job has no such variant.
 */
export function evaluate(
  job: Job,
  variantId: string,
  before?: Evaluation,
  { upto = 'ways', modes: only, rules = rulesOf(job) }: Asked = {},
): Evaluation {
  const variant = job.variants[variantId]
  if (variant === undefined) throw new RangeError(`there is no variant “${variantId}”`)
  const { plan } = variant
  const interior = interiorFor(job, plan, before)
  const scenes = scenesOf(variant, interior, before?.scenes)
  const kept = new Map<string, KeptMode>()
  const reviewed: ReviewedMode[] = []
  let beside: Pick<ModeAt, 'walk' | 'bareWalk'> | undefined
  for (const [index, scene] of scenes.entries()) {
    const earlier = before?.kept.get(scene.modeId)
    const stands = earlier?.walk.scene === scene && before?.job.brief === job.brief
    const walks = stands ? earlier : walksOf(job.brief, scene, beside, earlier)
    beside = walks
    if (only !== undefined && !only.includes(scene.modeId)) {
      if (earlier !== undefined) kept.set(scene.modeId, { ...earlier, walk: walks.walk, bareWalk: walks.bareWalk })
      continue
    }
    const { walk, bareWalk } = walks
    const one = evaluateMode({ job, variantId, scenes, index, walk, bareWalk }, rules, earlier, upto)
    kept.set(scene.modeId, one.kept)
    reviewed.push(one)
  }
  const asked = new Set(reviewed.flatMap((one) => one.asked))
  const untold = new Map(reviewed.flatMap((one) => one.untold.map((rule) => [rule.rule, rule] as const)))
  const unasked = [...untold.values()].filter(({ rule }) => !asked.has(rule))
  const each = reviewed.map(({ review }) => review)
  const met = new Set(each.flatMap(({ findings }) => findings.flatMap(({ waiver }) => waiver?.id ?? [])))
  const review: VariantReview = {
    variantId,
    modes: byCause(each),
    failed: reviewed.flatMap(({ failed }) => failed),
    untold: unasked,
    ended: endedWaivers(job, plan, met, new Set(unasked.map(({ rule }) => rule))),
  }
  return { job, variantId, upto, interior, scenes, review, kept }
}

/** All that rules can read of one mode of what was reviewed. @throws RangeError where it has no such mode. */
export function readIn({ job, variantId, scenes, kept }: Evaluation, modeId: string): RuleInput {
  const index = scenes.findIndex((scene) => scene.modeId === modeId)
  const walks = kept.get(modeId) ?? walksOf(job.brief, nth(scenes, index), undefined, undefined)
  return inputOf({ job, variantId, scenes, index, walk: known(walks, modeId).walk, bareWalk: walks.bareWalk })
}
