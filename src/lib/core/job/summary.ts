/** A job as a list shows it. */
export interface JobSummary {
  readonly id: string
  readonly name: string
  readonly shellName: string
  readonly revision: number
  /** ISO 8601. */
  readonly changedAt: string
  /** Why it cannot be read, where that was found out. */
  readonly unreadable?: string
  /** Each with what its review found, the same fault in several modes once; null until that is counted. */
  readonly variants: readonly {
    readonly id: string
    readonly name: string
    readonly stops: number | null
    readonly cautions: number | null
  }[]
}

/** A module as the library lists it. */
export interface ModuleSummary {
  readonly id: string
  readonly name: string
  readonly revision: number
  readonly fittings: number
  readonly massKg: number
  readonly changedAt: string
}
