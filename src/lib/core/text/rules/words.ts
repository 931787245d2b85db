/** A rule as it stands in the book: its title, what it asks of a plan, and what the client has of it. */
export interface RuleWords {
  readonly title: string
  readonly designer: string
  readonly client: string
}
