import {
  NO_CHANGES,
  type BodyChanges,
  cabSpace,
  bareInterior,
  interiorOf,
  type Interior,
  heightsAt,
  wallsAt,
  type Lining,
  type Shell,
} from '../shell'
import { spanLength } from '../geometry'

export type SpaceRowId = 'length' | 'width-floor' | 'width-600' | 'width-1200' | 'height' | 'height-cab'

/** One measure of the load space, bare and lined, and what the lining took on either side of it. */
export interface SpaceRow {
  readonly id: SpaceRowId
  readonly bareMm: number
  readonly linedMm: number
  /** Taken at the low end (right wall, floor, rear) and at the high end (left wall, roof, front). */
  readonly tookMm: readonly [number, number]
  /** Where it was measured: x along the vehicle, z above the bare load floor. */
  readonly at: { readonly xMm: number; readonly zMm: number }
}

/** Length, width at the floor, at 600 and at 1200 above the bare floor, and height, measured at `xMm`; and an open cab’s height. */
export function spaceTable(
  shell: Shell,
  lining: Lining,
  xMm: number,
  changes: BodyChanges = NO_CHANGES,
): readonly SpaceRow[] {
  const bare = bareInterior(shell, changes)
  const lined = interiorOf(shell, lining, changes)
  const width = (id: SpaceRowId, zMm: number): SpaceRow => {
    const level = (interior: Interior) => Math.max(zMm, heightsAt(interior, xMm, 0)?.min ?? 0)
    const before = wallsAt(bare, xMm, level(bare))
    const after = wallsAt(lined, xMm, level(lined))
    if (before === undefined || after === undefined)
      return { id, bareMm: 0, linedMm: 0, tookMm: [0, 0], at: { xMm, zMm } }
    return {
      id,
      bareMm: spanLength(before),
      linedMm: spanLength(after),
      tookMm: [after.min - before.min, before.max - after.max],
      at: { xMm, zMm: level(lined) },
    }
  }
  const cab = cabSpace(lined)
  const inCab: readonly SpaceRow[] =
    cab === undefined
      ? []
      : [
          {
            id: 'height-cab',
            bareMm: spanLength(cab.z),
            linedMm: spanLength(cab.z),
            tookMm: [0, 0],
            at: { xMm: cab.x.min, zMm: cab.z.min },
          },
        ]
  const before = heightsAt(bare, xMm, 0) ?? { min: 0, max: 0 }
  const after = heightsAt(lined, xMm, 0) ?? { min: 0, max: 0 }
  return [
    {
      id: 'length',
      bareMm: spanLength(bare.xSpan),
      linedMm: spanLength(lined.xSpan),
      tookMm: [lined.xSpan.min - bare.xSpan.min, bare.xSpan.max - lined.xSpan.max],
      at: { xMm, zMm: 0 },
    },
    width('width-floor', 0),
    width('width-600', 600),
    width('width-1200', 1200),
    {
      id: 'height',
      bareMm: spanLength(before),
      linedMm: spanLength(after),
      tookMm: [after.min - before.min, before.max - after.max],
      at: { xMm, zMm: after.min },
    },
    ...inCab,
  ]
}
