import type * as Toasts from './open-toast'

type Tell = typeof Toasts.tell
let opened: Promise<Tell> | undefined

/** What could not be loaded is tried again when it is next asked for. */
const open = (): Promise<Tell> =>
  (opened ??= import('./open-toast').then(
    ({ tell }) => tell,
    (cause: unknown) => {
      opened = undefined
      throw cause
    },
  ))

/** Loads what shows messages with the first touch of the page: it is there before there is anything to say, and takes no time at the start. */
export function readyToasts(): () => void {
  const ready = (): void => {
    stop()
    // what says that the server is gone must not need the server
    open().catch(() => undefined)
  }
  const stop = (): void => {
    for (const type of TOUCHES) removeEventListener(type, ready, true)
  }
  for (const type of TOUCHES) addEventListener(type, ready, true)
  return stop
}
const TOUCHES = ['pointerdown', 'keydown'] as const

/** Shows a sentence at the foot of the page for a while, with one thing to do about it if there is one. */
export function tell(text: string, undo?: { readonly label: string; readonly onClick: () => void }): void {
  open().then(
    (show) => show(text, undo),
    () => undefined,
  )
}
