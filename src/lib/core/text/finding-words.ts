/** A finding in words: a short title, a sentence each for the designer and the client, and the arithmetic behind it. */
export interface FindingWords {
  readonly title: string
  readonly designer: string
  readonly client: string
  readonly why: readonly string[]
}
