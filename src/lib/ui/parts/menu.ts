/** A line of a menu; 'rule' is a hairline between two groups. */
export type Entry =
  | 'rule'
  | {
      readonly label: string
      readonly act: () => void
      /** The one that holds now. */
      readonly chosen?: boolean
      readonly disabled?: boolean
      /** It takes something away. */
      readonly grave?: boolean
      /** It opens a field that takes the focus: the button does not take it back. */
      readonly opensField?: boolean
    }

export interface MenuProps {
  readonly entries: readonly Entry[]
  /** For those who hear the page, where the words on the button do not say it. */
  readonly label?: string | undefined
  readonly title?: string | undefined
  /** Classes of the button. */
  readonly look: string
  readonly side?: 'top' | 'bottom'
  readonly align?: 'start' | 'end'
}
