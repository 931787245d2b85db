/** A job as a list shows it. */
export interface JobSummary {
  readonly id: string
  readonly name: string
  readonly shellName: string
  readonly revision: number
  /** ISO 8601. */
  readonly changedAt: string
  /** Each with what its last review found, the same fault in several modes once. */
  readonly variants: readonly {
    readonly id: string
    readonly name: string
    readonly stops: number
    readonly cautions: number
  }[]
}
