import { type Brief, demandOf, demandsOf } from '../brief'
import { stowedIn } from '../needs'
import type { Box } from '../geometry'
import type { Scene } from '../scene'
import { sayDemand } from '../text'
import { path, type Item, type ViewId } from './display'

/** A piece of the client’s gear in a fitting: whose name, and the block that it takes there, mm in the vehicle frame. */
export interface PackedPiece {
  readonly id: string
  readonly name: string
  readonly block: Box
}

/** What of the client’s gear was packed into a fitting in the mode of a scene, each where it lies. */
export function gearIn(scene: Scene, brief: Brief, fittingId: string): readonly PackedPiece[] {
  const names = new Map(demandsOf(brief).map((demand) => [demand.id, sayDemand(demand)]))
  const { places, blocks } = stowedIn(scene, brief)
  return [...blocks].flatMap(([id, block]) =>
    places.get(id) === fittingId ? [{ id, name: names.get(demandOf(id)) ?? '', block }] : [],
  )
}

/** Pieces of gear where they lie, dashed, each with its name; of those over each other the highest is named. */
export function gearItems(pieces: readonly PackedPiece[], view: Exclude<ViewId, 'section'>): readonly Item[] {
  const up = view === 'plan' ? 'y' : 'z'
  const named = new Set<string>()
  return [...pieces]
    .sort((a, b) => b.block.z.max - a.block.z.max)
    .flatMap(({ name, block }): Item[] => {
      const [u, v] = [block.x, block[up]]
      const at = [(u.min + u.max) / 2, (v.min + v.max) / 2] as const
      const corners = [
        [u.min, v.min],
        [u.max, v.min],
        [u.max, v.max],
        [u.min, v.max],
      ] as const
      const spot = at.map((mm) => Math.round(mm / 50)).join(' ')
      const isFirst = !named.has(spot)
      named.add(spot)
      const outline = path(corners, 'hidden')
      const room = [u.max - u.min, v.max - v.min] as const
      return isFirst ? [outline, { kind: 'text', at, text: name, size: 'small', anchor: 'middle', room }] : [outline]
    })
}
