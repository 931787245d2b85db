import { variantsOf, type Job } from '../../src/lib/core/job'
import { evaluate, isLetBe } from '../../src/lib/core/review'
import { GENERIC_SHELLS } from '../../src/lib/core/shells'
import type { Shell } from '../../src/lib/core/shell'

/** So many plans are offered for a body. */
const MOST = 3

/** Whether the first plan of a job stands in a body without a stop. */
function standsIn(job: Job, shell: Shell): boolean {
  const [variantId] = variantsOf(job)[0]!
  const { review } = evaluate({ ...job, shell }, variantId)
  return review.modes.every(({ findings }) => findings.every((one) => one.gravity !== 'stop' || isLetBe(one)))
}

const lengthOf = ({ outer }: Shell): number => outer?.lengthMm ?? 0

/**
 * For each of the program’s own bodies the plans to start from: those made for it, then those made for the bodies nearest to it in length that
 * stand in it without a stop.
 */
export function fitsOf(given: readonly (readonly [id: string, job: Job])[], shells = GENERIC_SHELLS) {
  const jobs = [...given].sort(([a], [b]) => a.localeCompare(b))
  return Object.fromEntries(
    shells.map((shell) => {
      const far = ({ shell: own }: Job): number => Math.abs(lengthOf(own) - lengthOf(shell))
      const own = jobs.filter(([, job]) => job.shell.id === shell.id)
      const others = jobs
        .filter(([, job]) => job.shell.id !== shell.id)
        .sort(([, a], [, b]) => far(a) - far(b))
        .filter(([, job]) => own.length < MOST && standsIn(job, shell))
      return [shell.id, [...own, ...others].slice(0, MOST).map(([id]) => id)]
    }),
  )
}
