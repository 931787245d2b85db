import { compose, limitsIn, type LoadSketch, sketchOf } from '../budgets'
import { stowedIn, type NeedState, needStates } from '../needs'
import { isUnnoticed, known } from '../units'
import { aidedOf, type Brief, piecesOf } from '../brief'
import { routeOf } from '../people'
import { type Job, type Plan, planInterior } from '../job'
import { changeOf, type Scene, scenesOf, wayGround, type WayGround, waysOf } from '../scene'
import type { Missing, Rule, RuleInput } from './define-rule'
import { byCause } from './causes'
import { byWeight, type Draft, type Finding, type FindingWaiver } from './finding'
import { endedWaivers, type EndedWaiver } from './ended'
import { rulesOf, withFigures } from './own-rules'
import { walkerOf } from './walker'

/** A rule that threw; never to be taken for a clean pass. */
export interface FailedRule {
  readonly rule: string
  readonly modeId: string
  readonly message: string
}

export interface ModeReview {
  readonly modeId: string
  readonly findings: readonly Finding[]
  /** What the page needs to tell of its weights while something is dragged. */
  readonly load: LoadSketch
}

/** A rule that could not be asked in any of its modes, and what it wants to know first. */
export interface UntoldRule {
  readonly rule: string
  readonly needs: readonly Missing[]
}

export interface VariantReview {
  readonly variantId: string
  readonly modes: readonly ModeReview[]
  readonly failed: readonly FailedRule[]
  readonly untold: readonly UntoldRule[]
  /** What was let be and has no finding any more. */
  readonly ended: readonly EndedWaiver[]
}

const once = <T>(make: () => T): (() => T) => {
  let made: { value: T } | undefined
  return () => (made ??= { value: make() }).value
}

/** What the mode before was, and the ground that it was walked on, for the next one to take over. */
export interface Walked {
  ground?: WayGround
  /** The scene of the mode before. */
  scene?: Scene
  /** All scenes of the variant, where they are known. */
  readonly all?: readonly Scene[]
}

const states = new WeakMap<readonly Scene[], { readonly brief: Brief; readonly states: readonly NeedState[] }>()

/** How far the demands are met: worked out once for all scenes of a plan. */
function statesOf(brief: Brief, scenes: readonly Scene[]): readonly NeedState[] {
  const before = states.get(scenes)
  if (before?.brief === brief) return before.states
  const made = needStates(brief, scenes)
  states.set(scenes, { brief, states: made })
  return made
}

/** What a rule reads in one scene; `walked` hands over what is known of the other modes. */
export function inputFor(job: Job, variantId: string, scene: Scene, walked: Walked = {}): RuleInput {
  const variant = known(job.variants[variantId], `variant “${variantId}”`)
  const { plan } = variant
  const ground = once(() => (walked.ground = wayGround(scene, walkerOf(job.brief), walked.ground)))
  const aided = aidedOf(job.brief)
  const besideMm = aided === undefined ? 0 : routeOf(aided.aid).routeMm / 2
  const before = walked.scene
  const byId = new Map(scene.placed.map((placed) => [placed.id, placed]))
  const all = once(() => walked.all ?? scenesOf(variant, scene.interior))
  return {
    job,
    variantId,
    plan,
    brief: job.brief,
    scene,
    peers: once(() => all().filter(({ purpose }) => purpose === scene.purpose)),
    parameters: {},
    ground,
    ways: once(() => waysOf(scene, ground(), besideMm)),
    bareWays: once(() => waysOf(scene, wayGround(scene, { shoulderMm: walkerOf(job.brief).shoulderMm }), besideMm)),
    stowed: once(() => stowedIn(scene, job.brief)),
    weight: once(() => {
      const { weight } = compose(job, scene)
      return { ledger: weight, limits: limitsIn(scene, weight) }
    }),
    needs: once(() => statesOf(job.brief, all())),
    change: once(() => (before === undefined ? undefined : changeOf(before, scene, job.brief))),
    find: (id) => byId.get(id),
    first: ({ fittings: [id] }) => (id === undefined ? undefined : byId.get(id)),
  }
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
function isWithin({ tolerance, gravity }: Rule, { code, measured, needed, unit }: Draft): boolean {
  if (tolerance === undefined || gravity[code] === 'stop') return false
  const off = Math.abs(measured - needed)
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

/** The findings of one mode, the gravest first. */
export function reviewMode(
  job: Job,
  variantId: string,
  scene: Scene,
  rules: readonly Rule[],
  walked: Walked,
): {
  findings: Finding[]
  failed: FailedRule[]
  asked: readonly string[]
  untold: readonly UntoldRule[]
  load: () => LoadSketch
} {
  const input = inputFor(job, variantId, scene, walked)
  const findings: Finding[] = []
  const failed: FailedRule[] = []
  const untold: UntoldRule[] = []
  const asked: string[] = []
  for (const rule of rules) {
    if (rule.modes !== 'every' && !rule.modes.includes(scene.purpose)) continue
    try {
      const set = withFigures(input, rule)
      const needs = rule.needs(set)
      if (needs.length > 0) {
        untold.push({ rule: rule.id, needs })
        continue
      }
      asked.push(rule.id)
      const graver = job.rules?.settings[rule.id]?.gravity
      for (const [key, draft] of toldOnce(rule, rule.check(set))) {
        const gravity = graver ?? rule.gravity[draft.code]
        if (gravity === undefined)
          throw new RangeError(`rule “${rule.id}” reports “${draft.code}”, which is none of its codes`)
        const waiver = waiverOf(input.plan, key, draft)
        findings.push({
          ...draft,
          rule: rule.id,
          group: rule.group,
          basis: rule.basis,
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
  findings.sort(byWeight)
  const load = (): LoadSketch => {
    const { ledger, limits } = input.weight()
    return sketchOf(scene, ledger, limits)
  }
  return { findings, failed, asked, untold, load }
}

/** Reviews one variant in each of its modes. `rules` is for tests of the engine. */
export function reviewVariant(job: Job, variantId: string, rules: readonly Rule[] = rulesOf(job)): VariantReview {
  const variant = job.variants[variantId]
  if (variant === undefined) throw new RangeError(`there is no variant “${variantId}”`)
  const interior = planInterior(job.shell, variant.plan)
  const failed: FailedRule[] = []
  const asked = new Set<string>()
  const untold = new Map<string, UntoldRule>()
  const all = scenesOf(variant, interior)
  const walked: Walked = { all }
  const each = all.map((scene) => {
    const result = reviewMode(job, variantId, scene, rules, walked)
    walked.scene = scene
    failed.push(...result.failed)
    for (const id of result.asked) asked.add(id)
    for (const one of result.untold) untold.set(one.rule, one)
    return { modeId: scene.modeId, findings: result.findings, load: result.load() }
  })
  const modes = byCause(each)
  const unasked = [...untold.values()].filter(({ rule }) => !asked.has(rule))
  const met = new Set(each.flatMap(({ findings }) => findings.flatMap(({ waiver }) => waiver?.id ?? [])))
  const ended = endedWaivers(job, variant.plan, met, new Set(unasked.map(({ rule }) => rule)))
  return { variantId, modes, failed, untold: unasked, ended }
}

/** What a review of several variants at once looks at, at most: see `reviewLoad`. */
export const MOST_LOAD = 3000
/** So many pieces of gear are as much work as a fitting. */
const PIECES_A_FITTING = 5

/** How much a review of some variants has to look at: fittings, and gear, in every mode. */
export function reviewLoad(job: Job, variantIds: readonly string[]): number {
  const gear = Math.ceil(piecesOf(job.brief).length / PIECES_A_FITTING)
  return variantIds.reduce((sum, id) => {
    const { fittings, modes } = known(job.variants[id], `variant “${id}”`).plan
    return sum + Object.keys(modes).length * (Object.keys(fittings).length + gear)
  }, 0)
}
