import type { Polygon, Vec2 } from '../geometry'
import { polygonSpan, rectangle } from '../geometry'
import { seatParts } from '../scene'
import type { CabSeat, Shell } from '../shell'
import { path, type Item, type ViewId } from './display'

const CORNER_MM = 70
const TURNED_DEG = 180
const LEGS_MM = 320
const BACK_MM = 640

/** A polygon with its corners cut, as a seat is drawn. */
function softened(polygon: Polygon, by: number): Polygon {
  return polygon.flatMap((corner, index): Vec2[] => {
    const before = polygon[(index + polygon.length - 1) % polygon.length]!
    const after = polygon[(index + 1) % polygon.length]!
    const toward = (other: Vec2): Vec2 => {
      const length = Math.hypot(other[0] - corner[0], other[1] - corner[1])
      const share = Math.min(0.4, by / length)
      return [corner[0] + (other[0] - corner[0]) * share, corner[1] + (other[1] - corner[1]) * share]
    }
    return [toward(before), toward(after)]
  })
}

const angleOf = (seat: CabSeat, turned: readonly string[]): number => (turned.includes(seat.id) ? TURNED_DEG : 0)

/** The cab seats of a body in a view, those named in `turned` facing back. */
export function cabSeatItems(
  shell: Shell,
  view: Exclude<ViewId, 'section'>,
  turned: readonly string[] = [],
): readonly Item[] {
  if (view === 'plan')
    return shell.cabSeats.flatMap((seat) => {
      const { cushion, back } = seatParts(seat, angleOf(seat, turned))
      return [path(softened(cushion, CORNER_MM), 'hair', 'sheet'), path(softened(back, CORNER_MM / 2), 'hair', 'sheet')]
    })
  return shell.cabSeats
    .filter(({ yMm }) => yMm > 0 === (view === 'left'))
    .flatMap((seat) => {
      const deg = angleOf(seat, turned)
      const { cushion, back } = seatParts(seat, deg)
      const [along, behind] = [polygonSpan(cushion, 0), polygonSpan(back, 0)]
      const z = seat.cushionMm
      const lean = deg === 0 ? -90 : 90
      return [
        path(rectangle(along.min, z - LEGS_MM, along.max, z), 'hair', 'sheet'),
        path(
          [
            [behind.min, z],
            [behind.max, z],
            [behind.max + lean, z + BACK_MM],
            [behind.min + lean, z + BACK_MM],
          ],
          'hair',
          'sheet',
        ),
      ]
    })
}
