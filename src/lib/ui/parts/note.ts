import type { Snippet } from 'svelte'

/** A slip of paper that opens beside what it is about. */
export interface NoteProps {
  readonly label: string
  /** Classes of the button. */
  readonly look: string
  readonly side?: 'top' | 'bottom'
  readonly wide?: boolean
  readonly testid?: string
  open?: boolean
  readonly children: Snippet
  readonly body: Snippet
}
