import { RULE_GROUPS } from '../../src/lib/core/review'
import { namesOf, RULE_GROUP_WORDS, sayFinding } from '../../src/lib/core/text'
import { variant } from './bases'
import { ratesOf, scores, type Score } from './score'

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`

function differences(all: readonly Score[]): readonly string[] {
  return all.flatMap(({ plan, wrong, missed }) => [
    ...wrong.map((finding) => {
      const words = sayFinding(finding, namesOf(plan.job, plan.job.variants[variant]!.plan), 'mm')
      return `- ${plan.name}: wrong alarm \`${finding.code}\`. ${words.designer.replace(/[\u202f\u00a0]/g, ' ')}`
    }),
    ...missed.map(
      ([code, fitting]) => `- ${plan.name}: missed \`${code}\`${fitting === undefined ? '' : ` at the ${fitting}`}.`,
    ),
  ])
}

/** What the review is worth on the corpus, as a page of the docs. */
export function corpusReport(): string {
  const all = scores()
  const whole = ratesOf(all)
  const groups = RULE_GROUPS.map((group) => [group, ratesOf(all, group)] as const).filter(([, { said }]) => said > 0)
  return `# The review held against a builder’s eye

\`npm run review:corpus\` makes this page. ${all.length} complete small plans, all invented (\`tests/corpus/plans.ts\`): five that
differ in body, people and layout, and what becomes of them when one or two things are changed. What an experienced builder says
of each was written by hand from the plan. Where the two differed, each difference was looked at: a false alarm was mended in its
rule, a slip of the hand in the list, and what is left stands below. The plans and the rules have the same authors, so that these
figures show that the rules say what was meant, not what a stranger would say.

| | said | also said by the builder | precision | recall |
| --- | --- | --- | --- | --- |
| all rules | ${whole.said} | ${whole.right} | ${percent(whole.precision)} | ${percent(whole.recall)} |
${groups.map(([group, { said, right, precision }]) => `| ${RULE_GROUP_WORDS[group]} | ${said} | ${right} | ${percent(precision)} | |`).join('\n')}

Precision: of what the review says, the share that the builder says too. Recall: of what the builder says (${whole.expected} faults),
the share that the review says.

## Where they differ

${differences(all).join('\n')}
`
}
