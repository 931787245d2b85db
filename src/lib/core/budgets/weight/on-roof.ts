import type { Placed, Scene } from '../../scene'

/** Whether a thing stands on the roof, by itself or on what does. */
export function onRoof(scene: Scene, placed: Placed): boolean {
  const seen = new Set<string>()
  let at: Placed | undefined = placed
  while (at !== undefined && !seen.has(at.id)) {
    seen.add(at.id)
    const { up, inside }: Placed['seat'] = at.seat
    if (up.from === 'on-roof' && inside === undefined) return true
    const below: string | undefined = inside?.fitting ?? (up.from === 'top-of' ? up.fitting : undefined)
    at = below === undefined ? undefined : scene.placed.find(({ id }) => id === below)
  }
  return false
}
