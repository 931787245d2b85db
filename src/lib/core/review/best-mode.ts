import type { Scene } from '../scene'

/**
 * How much of something the best of several modes offers, and whether this is the first of those: a table that is laid in one
 * mode is not missed in the others, and one that is laid in none is missed once.
 */
export function bestMode(
  scene: Scene,
  peers: readonly Scene[],
  measure: (scene: Scene) => number,
): { readonly measured: number; readonly here: boolean } {
  const figures = peers.map(measure)
  const measured = Math.max(...figures)
  return { measured, here: peers[figures.indexOf(measured)]?.modeId === scene.modeId }
}
