import type { TapeRow } from '../scene'
import type { Names } from './names'
import { TAPE_WORDS } from './words'

/** What a distance of the tape is, and to what: “behind, to the fridge”, “ahead, to the left wheel arch”. */
export function tapeWords({ id, neighbourId, partId }: TapeRow, names: Pick<Names, 'the' | 'thePart'>): string {
  const to =
    neighbourId !== undefined ? names.the(neighbourId) : partId !== undefined ? names.thePart(partId) : undefined
  return to === undefined ? TAPE_WORDS[id] : `${TAPE_WORDS[id]} ${to}`
}
