/** What can be done on the bench from the keyboard and from the search. */
export type ActionId =
  | 'next'
  | 'previous'
  | 'turn'
  | 'mirror'
  | 'duplicate'
  | 'remove'
  | 'undo'
  | 'redo'
  | 'search'
  | 'type-distance'
  | `mode-${1 | 2 | 3 | 4 | 5 | 6 | 7 | 8 | 9}`
  | 'group'
  | 'lock'
  | 'mirror-plan'
  | 'run'
  | 'modules'
  | 'people'
  | 'history'
  | 'look-into'
  | 'keys'
  | 'whole'
  | 'zoom-in'
  | 'zoom-out'
  | 'tape'
  | 'menu'
  | 'note'
  | 'sheet'
  | 'compare'
  | 'let-go'

interface Action {
  readonly id: ActionId
  readonly words: string
  /** As shown to the user. */
  readonly key: string
}

export const ACTIONS: readonly Action[] = [
  { id: 'search', words: 'Find something to add or do', key: '/' },
  { id: 'next', words: 'Select the next fitting', key: 'N' },
  { id: 'previous', words: 'Select the previous fitting', key: 'Shift N' },
  { id: 'turn', words: 'Turn by a quarter', key: 'R' },
  { id: 'mirror', words: 'Mirror', key: 'M' },
  { id: 'duplicate', words: 'Duplicate', key: 'D' },
  { id: 'remove', words: 'Remove', key: 'Del' },
  { id: 'group', words: 'Group or ungroup the selection', key: 'G' },
  { id: 'run', words: 'Make a run of the selection', key: 'U' },
  { id: 'lock', words: 'Lock or unlock', key: 'L' },
  { id: 'mirror-plan', words: 'Mirror the whole plan to the other side', key: 'Shift M' },
  { id: 'modules', words: 'Open the module library', key: 'B' },
  { id: 'type-distance', words: 'Type a distance', key: 'T' },
  { id: 'undo', words: 'Undo', key: 'Ctrl Z' },
  { id: 'redo', words: 'Redo', key: 'Ctrl Shift Z' },
  { id: 'people', words: 'Show or hide the people', key: 'P' },
  { id: 'history', words: 'Open the history', key: 'H' },
  { id: 'look-into', words: 'Look into the selection, or close it', key: 'I' },
  { id: 'whole', words: 'Show the whole vehicle', key: '0' },
  { id: 'zoom-in', words: 'Magnify the drawing', key: '+' },
  { id: 'zoom-out', words: 'Magnify the drawing less', key: '−' },
  { id: 'tape', words: 'Measure between two points', key: 'Shift T' },
  { id: 'note', words: 'Write a note on the drawing', key: 'W' },
  { id: 'sheet', words: 'Lay a photo or sketch under the drawing', key: 'Shift W' },
  { id: 'compare', words: 'Compare two variants', key: 'V' },
  { id: 'menu', words: 'Show what can be done with the selection', key: 'Shift F10' },
  { id: 'keys', words: 'Show the keys', key: '?' },
  { id: 'let-go', words: 'Clear the selection', key: 'Esc' },
]

/** What several keys do alike. */
export const KEY_FAMILIES: readonly { readonly words: string; readonly key: string }[] = [
  { words: 'The modes in their order', key: '1 to 9' },
  { words: 'Nudge by 10 mm; with Shift 100, with Alt 1', key: 'arrows' },
  { words: 'Nudge up, down', key: 'PageUp, PageDown' },
  { words: 'Move the drawing, held while one drags', key: 'Space' },
]

export type KeyMeaning =
  | { readonly kind: 'action'; readonly id: ActionId }
  | { readonly kind: 'nudge'; readonly axis: 'x' | 'y' | 'z'; readonly mm: number }

export interface KeyPress {
  readonly key: string
  readonly ctrlKey: boolean
  readonly metaKey: boolean
  readonly shiftKey: boolean
  readonly altKey: boolean
}

const NUDGES: Readonly<Record<string, readonly ['x' | 'y' | 'z', 1 | -1]>> = {
  ArrowRight: ['x', 1],
  ArrowLeft: ['x', -1],
  ArrowUp: ['y', 1],
  ArrowDown: ['y', -1],
  PageUp: ['z', 1],
  PageDown: ['z', -1],
}

const PLAIN: Readonly<Record<string, ActionId>> = {
  n: 'next',
  r: 'turn',
  m: 'mirror',
  d: 'duplicate',
  t: 'type-distance',
  p: 'people',
  h: 'history',
  '/': 'search',
  '?': 'keys',
  g: 'group',
  u: 'run',
  l: 'lock',
  b: 'modules',
  i: 'look-into',
  w: 'note',
  v: 'compare',
  '0': 'whole',
  '+': 'zoom-in',
  '=': 'zoom-in',
  '-': 'zoom-out',
  '−': 'zoom-out',
  ContextMenu: 'menu',
  Delete: 'remove',
  Backspace: 'remove',
  Escape: 'let-go',
}

/** What a key means on the bench; undefined leaves it to the browser. */
export function meaningOf({ key, ctrlKey, metaKey, shiftKey, altKey }: KeyPress): KeyMeaning | undefined {
  const nudge = NUDGES[key]
  if (nudge !== undefined && !ctrlKey && !metaKey) {
    const [axis, sign] = nudge
    return { kind: 'nudge', axis, mm: sign * (shiftKey ? 100 : altKey ? 1 : 10) }
  }
  const action = (id: ActionId): KeyMeaning => ({ kind: 'action', id })
  const lower = key.length === 1 ? key.toLowerCase() : key
  if (ctrlKey || metaKey) {
    if (lower === 'z') return action(shiftKey ? 'redo' : 'undo')
    if (lower === 'y') return action('redo')
    if (lower === 'd') return action('duplicate')
    if (lower === 'k') return action('search')
    return undefined
  }
  if (altKey) return undefined
  if (lower === 'n') return action(shiftKey ? 'previous' : 'next')
  if (lower === 'm' && shiftKey) return action('mirror-plan')
  if (lower === 't' && shiftKey) return action('tape')
  if (lower === 'w' && shiftKey) return action('sheet')
  if (key === 'F10' && shiftKey) return action('menu')
  if (/^[1-9]$/.test(lower)) return action(`mode-${lower}` as ActionId)
  const id = PLAIN[lower]
  return id === undefined ? undefined : action(id)
}
