import { type Interior, isDoor, throughDoor } from '../shell'

const kept = new WeakMap<Interior, Map<string, number>>()

/** The longest thing of a section that passes any door, mm; 0 where none takes it. Worked out once for each section of a body. */
export function longestByDoor(interior: Interior, wideMm: number, thickMm: number): number {
  let known = kept.get(interior)
  if (known === undefined) kept.set(interior, (known = new Map()))
  const key = `${wideMm} ${thickMm}`
  const before = known.get(key)
  if (before !== undefined) return before
  const longest = Math.max(
    0,
    ...interior.shell.openings.filter(isDoor).map((door) => throughDoor(interior, door, wideMm, thickMm)?.mm ?? 0),
  )
  known.set(key, longest)
  return longest
}
