import { cabSpace, type Interior, clearWidth, heightsAt } from '../shell'
import { spanLength } from '../geometry'

/** Where along the body a person of given measures can stand, lie across, and sit up on a platform. */
export interface StripCell {
  readonly xMm: number
  readonly standMm: number
  readonly acrossMm: number
  readonly sitUpMm: number
}

/**
 * Headroom, width at a platform's height over `wideMm` along, and headroom above it, every `stepMm` along the body; on into
 * an open cab for headroom, where the seats leave no room to lie.
 */
export function stripOf(
  interior: Interior,
  platform: { readonly topMm: number; readonly mattressMm: number; readonly wideMm: number },
  stepMm = 50,
): readonly StripCell[] {
  const { min, max } = interior.xSpan
  const cells: StripCell[] = []
  const top = platform.topMm + platform.mattressMm
  for (let xMm = min + stepMm / 2; xMm < max; xMm += stepMm) {
    const heights = heightsAt(interior, xMm, 0)
    if (heights === undefined) continue
    const from = Math.min(Math.max(min, xMm - platform.wideMm / 2), Math.max(min, max - platform.wideMm))
    const band = { min: platform.topMm, max: top }
    cells.push({
      xMm,
      standMm: spanLength(heights),
      acrossMm: clearWidth(interior, { min: from, max: Math.min(max, from + platform.wideMm) }, band),
      sitUpMm: Math.max(0, heights.max - top),
    })
  }
  const cab = cabSpace(interior)
  if (cab !== undefined)
    for (let xMm = cab.x.min + stepMm / 2; xMm < cab.x.max; xMm += stepMm)
      cells.push({ xMm, standMm: spanLength(cab.z), acrossMm: 0, sitUpMm: 0 })
  return cells
}

/** The largest roof lining under which `needMm` of headroom is left at a place; undefined where even none leaves it. */
export function roofLiningFor(
  interiorWith: (roofMm: number) => Interior,
  xMm: number,
  yMm: number,
  needMm: number,
  mostMm: number,
): number | undefined {
  const leaves = (roofMm: number): boolean => {
    const heights = heightsAt(interiorWith(roofMm), xMm, yMm)
    return heights !== undefined && spanLength(heights) >= needMm
  }
  if (!leaves(0)) return undefined
  if (leaves(mostMm)) return mostMm
  let low = 0
  let high = mostMm
  while (high - low > 1e-6) {
    const roofMm = (low + high) / 2
    if (leaves(roofMm)) low = roofMm
    else high = roofMm
  }
  return Math.floor(low * 10 + 1e-4) / 10
}
