import type { Shell } from '../shell'
import { BOX_TRUCKS } from './box-trucks'
import { BUSES } from './buses'
import { PANEL_VANS } from './panel-vans'
import { PEOPLE_CARRIERS } from './people-carriers'

/** The program's own bodies, sorted by id. */
export const GENERIC_SHELLS: readonly Shell[] = [...PANEL_VANS, ...PEOPLE_CARRIERS, ...BUSES, ...BOX_TRUCKS].sort(
  (a, b) => (a.id < b.id ? -1 : 1),
)

/** A body as given, or the program's own of that id; undefined where there is none. */
export const shellNamed = (asked: Shell | string): Shell | undefined =>
  typeof asked === 'string' ? GENERIC_SHELLS.find(({ id }) => id === asked) : asked

/** @throws RangeError if there is no shell of that id. */
export function genericShell(id: string): Shell {
  const shell = GENERIC_SHELLS.find((candidate) => candidate.id === id)
  if (shell === undefined) throw new RangeError(`there is no generic shell “${id}”`)
  return shell
}
