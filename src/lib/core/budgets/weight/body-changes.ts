import { area, spanMiddle, type Vec3 } from '../../geometry'
import { sectionAt, type Interior, type Shell } from '../../shell'
import { weightEntry, type WeightEntry } from './entry'

/** One place with its belt and frame, kg, and how far off that may be: a seat of its own, and one of a bus’s benches. Common practice, no source. */
const SEAT_KG = { own: { low: 15, usual: 22, high: 32 }, bench: { low: 10, usual: 15, high: 25 } } as const
const BENCHED: ReadonlySet<Shell['bodyClass']> = new Set(['minibus', 'bus'])

/** Seats behind the cab, which come out for a conversion: less than nothing. */
export const seatsOut = ({ loadSeats, bodyClass }: Shell): readonly WeightEntry[] => {
  const seat = BENCHED.has(bodyClass) ? SEAT_KG.bench : SEAT_KG.own
  return loadSeats.map(({ id, xMm, yMm, cushionMm }) =>
    weightEntry({
      id: `seat-out:${id}`,
      kind: 'seat-out',
      of: id,
      kg: -seat.usual,
      lowKg: -seat.high,
      highKg: -seat.low,
      at: [xMm, yMm, cushionMm],
      reason: 'usual',
    }),
  )
}

/** Sheets of the body, kg/m²: steel of 0.8 mm (7850 kg/m³), moulded plastic of 4 mm (1600 kg/m³); glass of 4 mm (2500 kg/m³). */
const SKIN = 6.3
const MOULDED = 6.4
const GLASS = 10
/** Leaves with their frames, kg/m² and kg for each metre round. Common practice, no source. */
const WINDOW = { face: 9, round: 1.2 } as const
const HATCH = { face: 12, round: 1.2 } as const
const DOOR = { face: 25, round: 1.5 } as const
const ROOF_HATCH = { face: 14, round: 1 } as const
const PANEL = 6
const WELL = 11.8
/** A bulkhead of sheet with its frame, kg/m². Common practice, no source. */
const BULKHEAD = 10
/** How far off such a mass may be. */
const CHANGE_SHARE = 0.4

/** What each change to the body adds, or takes away. */
export function changeEntries(bare: Shell, interior: Interior): readonly WeightEntry[] {
  const { changes } = interior
  const m = (mm: number): number => mm / 1000
  const { sections } = interior
  const roofZ = Math.max(...sections.flatMap(({ polygon }) => polygon.map((corner) => corner[1])))
  const halfMm = Math.max(...sections.flatMap(({ polygon }) => polygon.map((corner) => corner[0])))
  const entry = (id: string, kg: number, at: Vec3): WeightEntry =>
    weightEntry({
      id: `change:${id}`,
      kind: 'change',
      of: id,
      kg,
      lowKg: kg - Math.abs(kg) * CHANGE_SHARE,
      highKg: kg + Math.abs(kg) * CHANGE_SHARE,
      at,
      reason: 'usual',
    })
  const leaf = (long: number, high: number, { face, round }: { face: number; round: number }): number =>
    m(long) * m(high) * (face - SKIN) + 2 * (m(long) + m(high)) * round
  return Object.entries(changes).flatMap(([id, change]): WeightEntry[] => {
    const side = (y: 'left' | 'right' | 'rear', along: number, z: number): Vec3 =>
      y === 'rear' ? [0, along, z] : [along, (y === 'left' ? 1 : -1) * halfMm, z]
    switch (change.kind) {
      case 'flare':
      case 'widened': {
        const [bottom, top] = change.kind === 'flare' ? [change.bottomMm, change.topMm] : [0, roofZ]
        const [long, high, deep] = [m(change.toMm - change.fromMm), m(top - bottom), m(change.depthMm)]
        const kg = (long * high + 2 * deep * (long + high)) * MOULDED - long * high * SKIN
        return [entry(id, kg, side(change.side, (change.fromMm + change.toMm) / 2, (bottom + top) / 2))]
      }
      case 'raised-roof': {
        const [long, wide, rise] = [m(change.toMm - change.fromMm), m(change.widthMm), m(change.riseMm)]
        const kg = (long * wide + 2 * rise * (long + wide)) * MOULDED - long * wide * SKIN
        return [entry(id, kg, [(change.fromMm + change.toMm) / 2, 0, roofZ + change.riseMm / 2])]
      }
      case 'floor-well': {
        const [long, wide, deep] = [
          m(change.toMm - change.fromMm),
          m(change.leftMm - change.rightMm),
          m(change.depthMm),
        ]
        const kg = (long * wide + 2 * deep * (long + wide)) * WELL - long * wide * SKIN
        return [
          entry(id, kg, [(change.fromMm + change.toMm) / 2, (change.leftMm + change.rightMm) / 2, -change.depthMm]),
        ]
      }
      case 'roof-hatch': {
        const [long, wide] = [change.toMm - change.fromMm, change.leftMm - change.rightMm]
        return [
          entry(id, leaf(long, wide, ROOF_HATCH), [
            (change.fromMm + change.toMm) / 2,
            (change.leftMm + change.rightMm) / 2,
            roofZ,
          ]),
        ]
      }
      case 'window':
      case 'side-hatch':
      case 'door': {
        const of = change.kind === 'window' ? WINDOW : change.kind === 'door' ? DOOR : HATCH
        const at = side(change.side, (change.fromMm + change.toMm) / 2, (change.sillMm + change.headMm) / 2)
        return [entry(id, leaf(change.toMm - change.fromMm, change.headMm - change.sillMm, of), at)]
      }
      case 'bulkhead-removed': {
        const { xMm } = bare.bulkhead
        const m2 = area(sectionAt(interior, Math.min(xMm, interior.xSpan.max) - 1)) * 1e-6
        return [entry(id, -m2 * BULKHEAD, [xMm, 0, roofZ / 2])]
      }
      case 'bulkhead-door':
        return []
      case 'window-blanked': {
        const opening = bare.openings.find((one) => one.id === change.opening)
        if (opening === undefined) return []
        const m2 = m(opening.toMm - opening.fromMm) * m(opening.headMm - opening.sillMm)
        const middle = spanMiddle({ min: opening.fromMm, max: opening.toMm })
        const z = (opening.sillMm + opening.headMm) / 2
        return [
          entry(id, m2 * (PANEL - GLASS), opening.side === 'roof' ? [middle, z, roofZ] : side(opening.side, middle, z)),
        ]
      }
    }
  })
}
