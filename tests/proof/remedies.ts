import { apply, variantsOf, type Job } from '../../src/lib/core/job'
import { remediesFor, reviewVariant, withFollows, type Finding, type VariantReview } from '../../src/lib/core/review'
import { CLOSED } from '../corpus/closed'
import { CLOSED_TWO } from '../corpus/closed-two'
import { FAULTY } from '../corpus/faulty'
import { CORPUS } from '../corpus/plans'
import { SENSIBLE } from '../corpus/sensible'
import { examples } from '../support/examples'
import { randomFrom, randomPlan } from '../support/random-plans'
import type { Proof } from './report'

const RANDOM_PLANS = 100
/** Findings of one random plan that are looked at: anything anywhere is at fault everywhere. */
const OF_RANDOM = 4

/** All findings of a review by mode and key. */
const byKey = ({ modes }: VariantReview): ReadonlyMap<string, Finding> =>
  new Map(
    modes.flatMap(({ findings }) => withFollows(findings).map((one) => [`${one.modeId} ${one.key}`, one] as const)),
  )
const off = ({ measured, needed }: Finding): number => Math.abs(measured - needed)
const GRAVE = ['note', 'caution', 'stop']
const graver = (now: Finding, was: Finding): boolean => GRAVE.indexOf(now.gravity) > GRAVE.indexOf(was.gravity)
const sorted = (keys: Iterable<string>): string => [...keys].sort().join('; ')
const told = (findings: readonly Finding[]): string => sorted(findings.map(({ modeId, key }) => `${modeId} ${key}`))

/**
 * Every way out that is offered for the stops and cautions of the corpus, the examples and random plans is taken and the whole job reviewed
 * again: what it was offered for is gone, and what is new or further off, by mode and key, is what was told.
 */
export function remediesProof(share: number, seed = 19): Proof {
  const random = randomFrom(seed)
  const faults: string[] = []
  let [offered, grave, withWay, clean] = [0, 0, 0, 0]
  const look = (name: string, job: Job, variantId: string, most: number): void => {
    const review = reviewVariant(job, variantId)
    const before = byKey(review)
    const seen = new Set<string>()
    // what is told below its cause has that one’s ways out
    for (const finding of review.modes.flatMap(({ findings }) => findings)) {
      const at = `${finding.modeId} ${finding.key}`
      if (finding.gravity === 'note' || seen.has(finding.key) || seen.size >= most) continue
      seen.add(finding.key)
      if (random() >= share) continue
      grave += 1
      const remedies = remediesFor(job, variantId, finding)
      if (remedies.length > 0) withWay += 1
      for (const remedy of remedies) {
        offered += 1
        const next = apply(job, { type: 'batch', what: 'remedy', commands: [...remedy.commands] }).job
        const after = byKey(reviewVariant(next, variantId))
        const what = `${name}: ${remedy.code} for ${at}`
        if (after.has(at)) faults.push(`${what} does not cure it`)
        const fresh = sorted([...after.keys()].filter((key) => !before.has(key)))
        if (fresh !== told(remedy.causes)) faults.push(`${what} makes ${fresh}, told ${told(remedy.causes)}`)
        const worse = sorted(
          [...after].flatMap(([key, now]) => {
            const was = before.get(key)
            return was !== undefined && (graver(now, was) || off(now) > off(was) + (now.unit === 'count' ? 0 : 1))
              ? [key]
              : []
          }),
        )
        if (worse !== told(remedy.worse)) faults.push(`${what} makes worse ${worse}, told ${told(remedy.worse)}`)
        if (fresh === '' && worse === '') clean += 1
      }
    }
  }
  for (const { name, job } of [...CORPUS, ...SENSIBLE, ...FAULTY, ...CLOSED, ...CLOSED_TWO])
    look(name, job, 'variant-a', Infinity)
  for (const [name, job] of examples()) for (const [id] of variantsOf(job)) look(name, job, id, Infinity)
  const [ofBuilds, withOfBuilds] = [grave, withWay]
  for (let index = 1; index <= RANDOM_PLANS; index += 1)
    look(`random plan ${index}`, randomPlan(index).job, 'variant-a', OF_RANDOM)
  return {
    name: 'remedies',
    title: 'Ways out',
    how: 'Every way out that is offered for the stops and cautions of the corpus, the examples and a hundred random plans (four findings of each) is taken, and the whole job reviewed again: the finding must be gone, and what is new or further off must be what was told. The corpus has the authors of the rules; how many have a way out there says nothing of plans by others.',
    figures: [
      ['ways out taken', offered],
      ['of those without anything that suffers', clean],
      ['stops and cautions of corpus and examples, and those with a way out', `${withOfBuilds} of ${ofBuilds}`],
      ['the same with the random plans', `${withWay} of ${grave}`],
    ],
    faults,
  }
}
