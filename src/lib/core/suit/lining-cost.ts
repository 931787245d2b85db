import { type Person, STANDING_SPARE_MM } from '../brief'
import { spanLength } from '../geometry'
import { interiorOf, MOST_LINING_MM, wallsAt, type BodyChanges, type Lining, type Shell } from '../shell'
import { roofLiningFor } from '../space'

/** Where widths are compared, above the load floor: about where a standing body is widest. */
const COMPARED_AT_MM = 1200

export interface LiningCost {
  /** Width at 1200 that one more millimetre on the walls takes; undefined where there are no walls so high. */
  readonly widthPerWallMm: number | undefined
  /** For each person, the tallest first, the thickest roof lining that leaves standing height; undefined: none does. */
  readonly standing: readonly {
    readonly label: string
    readonly statureMm: number
    readonly mostRoofMm: number | undefined
  }[]
}

/** What lining costs in room at one place of a body, on its centreline. */
export function liningCost(
  shell: Shell,
  lining: Lining,
  changes: BodyChanges,
  people: readonly Pick<Person, 'label' | 'statureMm'>[],
  xMm: number,
): LiningCost {
  const totals = ({ floorMm, wallMm, roofMm }: Lining): Lining => ({ floorMm, wallMm, roofMm })
  const width = (wallMm: number): number | undefined => {
    const walls = wallsAt(interiorOf(shell, { ...totals(lining), wallMm }, changes), xMm, COMPARED_AT_MM)
    return walls === undefined ? undefined : spanLength(walls)
  }
  const [now, then] = [width(lining.wallMm), width(lining.wallMm + 1)]
  return {
    widthPerWallMm: now === undefined || then === undefined ? undefined : now - then,
    standing: [...people]
      .sort((a, b) => b.statureMm - a.statureMm)
      .map(({ label, statureMm }) => ({
        label,
        statureMm,
        mostRoofMm: roofLiningFor(
          (roofMm) => interiorOf(shell, { ...totals(lining), roofMm }, changes),
          xMm,
          0,
          statureMm + STANDING_SPARE_MM,
          MOST_LINING_MM,
        ),
      })),
  }
}
