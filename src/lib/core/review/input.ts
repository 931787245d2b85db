import { compose, limitsIn, placedOnce } from '../budgets'
import { type Brief, aidedOf } from '../brief'
import type { Job } from '../job'
import { type NeedState, needStates, stowedIn } from '../needs'
import { routeOf } from '../people'
import { changeOf, type Scene } from '../scene'
import { known } from '../units'
import { circuitsOf, wiringOf, type Wiring } from '../wiring'
import type { Read, RuleInput } from './define-rule'
import { Walk } from './walk'
import { walkerOf } from './walker'

/** One mode of a variant that is reviewed, and what of its ways is known already. */
export interface ModeAt {
  readonly job: Job
  readonly variantId: string
  /** Of all modes, in their order. */
  readonly scenes: readonly Scene[]
  readonly index: number
  readonly walk: Walk
  readonly bareWalk: Walk
}

/** The walks of a mode: for those who live in it, and as a tape has them. `beside`: of the mode before; `earlier`: its own of an earlier review. */
export function walksOf(
  brief: Brief,
  scene: Scene,
  beside: Pick<ModeAt, 'walk' | 'bareWalk'> | undefined,
  earlier: Pick<ModeAt, 'walk' | 'bareWalk'> | undefined,
): Pick<ModeAt, 'walk' | 'bareWalk'> {
  const aided = aidedOf(brief)
  const besideMm = aided === undefined ? 0 : routeOf(aided.aid).routeMm / 2
  const walker = walkerOf(brief)
  const bare = { shoulderMm: walker.shoulderMm }
  return {
    walk: new Walk(scene, walker, besideMm, beside?.walk, earlier?.walk),
    bareWalk: new Walk(scene, bare, besideMm, beside?.bareWalk, earlier?.bareWalk),
  }
}

const once = <T>(make: () => T): (() => T) => {
  let made: { value: T } | undefined
  return () => (made ??= { value: make() }).value
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

const wirings = new WeakMap<readonly Scene[], { readonly power: Job['power']; readonly wiring: Wiring }>()

/** The circuits of a plan, worked out once for all its modes; none where nobody chose a wire. */
function wiringIn(job: Job, variantId: string, scenes: readonly Scene[]): Wiring | undefined {
  if (job.power?.wires === undefined) return undefined
  const before = wirings.get(scenes)
  if (before?.power === job.power) return before.wiring
  const wiring = wiringOf(job, variantId)
  wirings.set(scenes, { power: job.power, wiring })
  return wiring
}

/** All that rules can read in one mode. */
export function inputOf({ job, variantId, scenes, index, walk, bareWalk }: ModeAt): RuleInput {
  const scene = known(scenes[index], `mode ${index}`)
  const before = scenes[index - 1]
  const { brief } = job
  const byId = new Map(scene.placed.map((placed) => [placed.id, placed]))
  return {
    job,
    variantId,
    plan: known(job.variants[variantId], `variant “${variantId}”`).plan,
    brief,
    scene,
    peers: once(() => scenes.filter(({ purpose }) => purpose === scene.purpose)),
    parameters: {},
    ground: () => walk.ground(),
    ways: () => walk.ways(),
    bareWays: () => bareWalk.ways(),
    stowed: once(() => stowedIn(scene, brief)),
    weight: once(() => {
      const { weight } = compose(job, scene)
      return { ledger: weight, limits: limitsIn(scene, weight) }
    }),
    needs: once(() => statesOf(brief, scenes)),
    circuits: once(() => circuitsOf(job, variantId, placedOnce(scenes)).wants),
    wiring: once(() => wiringIn(job, variantId, scenes)),
    change: once(() => (before === undefined ? undefined : changeOf(before, scene, brief))),
    find: (id) => byId.get(id),
    first: ({ fittings: [id] }) => (id === undefined ? undefined : byId.get(id)),
  }
}

/** What each thing that a rule can read is made of: while these are the same, so is it. */
const SOURCES: Readonly<Record<Read, (input: RuleInput, at: ModeAt) => readonly unknown[]>> = {
  scene: ({ scene }) => [scene],
  brief: ({ brief }) => [brief],
  plan: ({ plan }) => [plan.lining, plan.changes, plan.transferable],
  job: ({ job }) => [job.shell, job.brief, job.found, job.weight, job.survey, job.warmth],
  peers: ({ peers }) => peers(),
  needs: ({ brief }, { scenes }) => [brief, ...scenes],
  stowed: ({ scene, brief }) => [scene, brief],
  change: ({ scene, brief }, { scenes, index }) => [scenes[index - 1], scene, brief],
  // the guides of some limits are figures of the job’s own rules
  weight: ({ scene, job }) => [scene, job.shell, job.brief, job.weight, job.rules],
  ground: ({ scene, brief }) => [scene, brief],
  ways: ({ scene, brief }) => [scene, brief],
  bareWays: ({ scene, brief }) => [scene, brief],
  circuits: ({ job }, { scenes }) => [job.power, job.brief.use, ...scenes],
  wiring: ({ job }, { scenes }) => [job.power, job.brief.use, ...scenes],
}

/** What of the input comes with a name, beside that of the same name. */
const COMES_WITH: Readonly<Partial<Record<Read, readonly (keyof RuleInput)[]>>> = { scene: ['find', 'first'] }

/** What rules that read the same things are handed, and what that is made of. */
export interface View {
  readonly sources: readonly unknown[]
  readonly input: RuleInput
}

/**
 * What a rule that reads these things is handed: nothing else is there to be read. `before` are the sources in an earlier review; they
 * are handed on where none has changed, so that they can be told by being the same.
 */
export function viewOf(
  reads: readonly Read[],
  input: RuleInput,
  at: ModeAt,
  before: View['sources'] | undefined,
): View {
  const made = reads.flatMap((read) => SOURCES[read](input, at))
  const same = before?.length === made.length && made.every((one, index) => one === before[index])
  const view = Object.create(guardOf(reads)) as Record<string, unknown>
  for (const key of namedBy(reads)) view[key] = PARTS[key]?.(input) ?? input[key]
  return { sources: same ? before : made, input: view as unknown as RuleInput }
}

/** Of a plan and a job a rule is handed what they are made of for it, and no more. */
const PARTS: { readonly [K in keyof RuleInput]?: (input: RuleInput) => unknown } = {
  plan: ({ plan: { lining, changes, transferable } }) => ({ lining, changes, transferable }),
  job: ({ job: { shell, brief, found, weight, survey, warmth } }) => ({ shell, brief, found, weight, survey, warmth }),
}

/** What of the input a rule that reads these things may use. */
const namedBy = (reads: readonly Read[]): readonly (keyof RuleInput)[] => [
  'variantId',
  'parameters',
  ...reads,
  ...reads.flatMap((read) => COMES_WITH[read] ?? []),
]

const guards = new WeakMap<readonly Read[], object>()

/** Speaks up where a rule reaches for what it does not name. */
function guardOf(reads: readonly Read[]): object {
  const known = guards.get(reads)
  if (known !== undefined) return known
  const own = new Set(namedBy(reads))
  const guard = {}
  for (const key of ALL_INPUT)
    if (!own.has(key))
      Object.defineProperty(guard, key, {
        get: () => {
          throw new RangeError(`the rule reads “${key}” and does not say so`)
        },
      })
  guards.set(reads, guard)
  return guard
}
const ALL_INPUT = [
  'job',
  'variantId',
  'plan',
  'brief',
  'scene',
  'peers',
  'parameters',
  'ground',
  'ways',
  'bareWays',
  'stowed',
  'weight',
  'needs',
  'change',
  'circuits',
  'wiring',
  'find',
  'first',
] as const satisfies readonly (keyof RuleInput)[]
