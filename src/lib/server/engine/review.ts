import type { Job } from '$lib/core/job'
import { reviewJob, ruleNamed } from '$lib/core/review'
import { namesOf, sayBasis, sayEnded, sayFinding, sayMissing } from '$lib/core/text'
import { readJob } from './reading'
import { reply, type Reply } from './reply'

/** The findings of a document, for each variant and mode. */
export function reviewReply(bytes: Uint8Array): Reply {
  const read = readJob(bytes)
  return read.ok ? reply(answerOf(read.value)) : read.reply
}

/** The findings of a document with their words, for those who read them without the screens. */
const answerOf = (job: Job): unknown => ({
  job: { id: job.id, name: job.name, units: job.units },
  variants: reviewJob(job).map(({ variantId, modes, failed, untold, ended }) => {
    const variant = job.variants[variantId]!
    const names = namesOf(job, variant.plan)
    return {
      id: variantId,
      name: variant.name,
      failedRules: failed,
      letBeEnded: ended.map(({ id, rule, code, reason, on, why }) => ({
        id,
        rule,
        code,
        reason,
        on,
        why: sayEnded(why),
      })),
      cannotTell: untold.map(({ rule, needs }) => ({ rule, needs: needs.map(sayMissing) })),
      modes: modes.map(({ modeId, findings }) => ({
        id: modeId,
        name: variant.plan.modes[modeId]!.name,
        findings: findings.map((finding) => {
          const words = sayFinding(finding, names, job.units)
          const rule = ruleNamed(job, finding.rule)!
          return {
            rule: finding.rule,
            code: finding.code,
            gravity: finding.gravity,
            measured: finding.measured,
            needed: finding.needed,
            unit: finding.unit,
            fittings: finding.fittings,
            place: finding.place,
            ...(finding.waiver === undefined ? {} : { letBe: finding.waiver }),
            words: { title: words.title, designer: words.designer, client: words.client },
            why: [...words.why, sayBasis(rule.basis)],
          }
        }),
      })),
    }
  }),
})
