import { planInterior, type Job } from '../job'
import { buildScene } from '../scene'
import type { Finding } from './finding'
import { ruleNamed, withFigures } from './own-rules'
import { newStops, proverOf, type ProvenRemedy } from './prove'
import { inputFor } from './review'

/** A way out that makes more new stops than this is none. */
const MOST_NEW_STOPS = 3

/**
 * The remedies of a finding that do cure it in its mode, tried on the job one by one: those without new stops first,
 * then the smallest. At most `limit`.
 */
export function remediesFor(job: Job, variantId: string, finding: Finding, limit = 5): readonly ProvenRemedy[] {
  const rule = ruleNamed(job, finding.rule)
  const variant = job.variants[variantId]
  if (rule === undefined || variant?.plan.modes[finding.modeId] === undefined) return []
  const interior = planInterior(job.shell, variant.plan)
  const scene = buildScene(interior, variant.plan, finding.modeId)
  const prove = proverOf(job, variantId, finding)
  return rule
    .remedies(withFigures(inputFor(job, variantId, scene), rule), finding)
    .flatMap((remedy) => prove(remedy) ?? [])
    .filter((remedy) => newStops(remedy) <= MOST_NEW_STOPS)
    .sort(
      (a, b) =>
        newStops(a) - newStops(b) || a.causes.length - b.causes.length || b.cures - a.cures || a.amount - b.amount,
    )
    .slice(0, limit)
}
