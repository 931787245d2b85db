/** What a long sweep or torture found. */
export interface Proof {
  readonly name: string
  readonly title: string
  /** What was done, for one who reads the figures. */
  readonly how: string
  readonly figures: readonly (readonly [string, string | number])[]
  /** Every answer that was wrong, in words; none is the aim. */
  readonly faults: readonly string[]
}

const MOST_SHOWN = 40

/** The page of the docs that keeps a proof’s figures. */
export const pageOf = ({ title, how, figures, faults }: Proof, when: string, seconds: number): string =>
  [
    `# ${title}`,
    '',
    how,
    '',
    `Made by \`npm run proof\` on ${when}, in ${seconds.toFixed(0)} s.`,
    '',
    '| what | figure |',
    '| --- | --- |',
    ...figures.map(([what, figure]) => `| ${what} | ${figure} |`),
    `| wrong | ${faults.length} |`,
    '',
    ...faults.slice(0, MOST_SHOWN).map((fault) => `- ${fault}`),
    ...(faults.length > MOST_SHOWN ? [`- and ${faults.length - MOST_SHOWN} more`] : []),
  ]
    .join('\n')
    .trimEnd() + '\n'
