import { type Interior, isDoor, throughDoor } from '../shell'

/** What is known of a section: how long a thing of it passes, and whether no longer one does. */
interface Known {
  readonly mm: number
  readonly isLongest: boolean
}
const kept = new WeakMap<Interior, Map<string, Known>>()

/**
 * The longest thing of a section that passes any door, mm; 0 where none takes it. Where one as long as `enoughMm` passes, no longer
 * one is looked for. What was found is kept for each section of a body.
 */
export function longestByDoor(interior: Interior, wideMm: number, thickMm: number, enoughMm: number): number {
  let known = kept.get(interior)
  if (known === undefined) kept.set(interior, (known = new Map()))
  const key = `${wideMm} ${thickMm}`
  const before = known.get(key)
  if (before !== undefined && (before.isLongest || before.mm >= enoughMm)) return before.mm
  let mm = 0
  for (const door of interior.shell.openings.filter(isDoor))
    if (mm < enoughMm) mm = Math.max(mm, throughDoor(interior, door, wideMm, thickMm, enoughMm)?.mm ?? 0)
  known.set(key, { mm, isLongest: mm < enoughMm })
  return mm
}
