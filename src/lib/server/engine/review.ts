import type { Job } from '$lib/core/job'
import { type Finding, MOST_LOAD, remediesFor, reviewLoad, reviewVariant } from '$lib/core/review'
import { type Names, namesOf, sayBasis, sayEnded, sayFinding, sayMissing, sayRemedy } from '$lib/core/text'
import { readJob } from './reading'
import { refusal, reply, type Query, type Reply } from './reply'
import { variantsAsked } from './variants-asked'

/** The findings of a document, for each variant and mode, or for the variant asked for. */
export function reviewReply(bytes: Uint8Array, query: Query): Reply {
  const read = readJob(bytes)
  if (!read.ok) return read.reply
  const job = read.value
  const which = variantsAsked(job, query)
  if (!which.ok) return which.reply
  const asked = which.value
  const load = reviewLoad(job, asked)
  return load > MOST_LOAD && asked.length > 1
    ? refusal(
        422,
        `Fittings and gear counted in every mode are ${load} here; one review of several variants takes at most ${MOST_LOAD}.`,
        [{ path: 'variant', message: `ask for one of ${asked.join(', ')}` }],
      )
    : reply(answerOf(job, asked, query.remedies === '1'))
}

/** The findings of a document with their words, for those who read them without the screens. */
const answerOf = (job: Job, asked: readonly string[], withRemedies: boolean): unknown => ({
  job: { id: job.id, name: job.name, units: job.units },
  variants: asked.map((id) => {
    const { variantId, modes, failed, untold, ended } = reviewVariant(job, id)
    const variant = job.variants[variantId]!
    const names = namesOf(job, variant.plan)
    // the same fault in several modes has its ways out at the first
    const told = new Set<string>()
    const isFirst = ({ key }: Finding): boolean => !told.has(key) && told.add(key) !== undefined
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
            why: [...words.why, sayBasis(finding.basis, 'mm')],
            ...(finding.follows === undefined
              ? {}
              : { follows: finding.follows.map((one) => tellBriefly(one, names, job.units)) }),
            ...(withRemedies && isFirst(finding) ? { remedies: remediesOf(job, variantId, finding, names) } : {}),
          }
        }),
      })),
    }
  }),
})

/** A finding without its words. */
const brief = ({ rule, code, gravity, modeId, measured, needed, unit, fittings }: Finding) => ({
  rule,
  code,
  gravity,
  mode: modeId,
  measured,
  needed,
  unit,
  fittings,
})

/** What only follows from another finding. */
const tellBriefly = (one: Finding, names: Names, units: Job['units']): unknown => ({
  ...brief(one),
  words: sayFinding(one, names, units).designer,
})

/** The ways out of a finding, each tried on the whole document: what it does, what it cures, and what suffers. */
const remediesOf = (job: Job, variantId: string, finding: Finding, names: Names): unknown =>
  remediesFor(job, variantId, finding).map((remedy) => {
    const said = sayRemedy(remedy, names, job.units)
    const told = (findings: readonly Finding[]) => findings.map(brief)
    return {
      does: said.does,
      costs: said.costs,
      cures: remedy.cures,
      causes: told(remedy.causes),
      worse: told(remedy.worse),
      commands: remedy.commands,
    }
  })
