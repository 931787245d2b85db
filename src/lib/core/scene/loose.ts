import { looseOf } from '../fittings'
import type { Scene } from './scene'
import type { Piece } from './packing'

/** A loose part that has no use in a scene’s mode, and so must be put somewhere. */
export interface LooseLeft extends Piece {
  readonly fittingId: string
  readonly part: string
}

/** What is left over in a scene: back cushions by night, infill boards by day, a basin’s cover. One piece for each. */
export const looseLeft = (scene: Scene): readonly LooseLeft[] =>
  scene.placed.flatMap(({ id, fitting, stance }) =>
    looseOf(fitting, stance).flatMap((part) =>
      part.used
        ? []
        : Array.from({ length: part.count }, (_, index) => ({
            id: `${id}/${part.id}#${index + 1}`,
            fittingId: id,
            part: part.id,
            size: part.sizeMm,
          })),
    ),
  )
