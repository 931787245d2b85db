import type { Box } from '../../geometry'
import { ONE_MORE } from '../adjust'
import { frontHeights, galleyUnit, standAt, type Unit, unitFacts, unitHollow, unitInside, worktop } from '../base-unit'
import { board, piece } from '../boards'
import { drawerAdjust, drawerBoxes, drawerFact, drawerParameters, runOut } from '../drawers'
import { about, countParameter, drawerRoom } from '../shapes'
import { drawerFront, parted } from '../symbols'

const room = (p: Unit): Box => unitHollow(p, 'drawer', [], [], p.worktopMm - 40).room

/** A base unit of drawers under the worktop. */
export const galleyDrawers = galleyUnit({
  id: 'galley-drawers',
  length: [450, 250, 1200],
  extra: { drawers: countParameter(3, 1, 5), ...drawerParameters(0.9, 25, 120) },
  meets: ['stowage'],
  clearances: (p) => [
    standAt(p, ['worktop']),
    ...drawerRoom(['stowage'], about(p.lengthMm), -p.depthMm / 2, frontHeights(p), runOut(p)),
  ],
  services: (p) => [
    ...worktop(p, about(p.lengthMm)),
    { ...unitInside(p, p.worktopMm - 40, 'puller'), inside: drawerBoxes(room(p), p) },
  ],
  hollows: (p) => [
    {
      ...unitHollow(p, 'drawer', ['drawer', 'puller'], [{ id: 'drawers', prism: drawerBoxes(room(p), p) }]),
      room: room(p),
    },
  ],
  facts: (p) => ({ ...unitFacts(p), fronts: [drawerFact(p, room(p))] }),
  adjust: { drawers: ONE_MORE, ...drawerAdjust },
  features: (p) => {
    const { min, max } = frontHeights(p)
    // the lowest is the deepest: each half as high again as the one above
    const shares = Array.from({ length: p.drawers }, (_, index) => 1.5 ** index)
    const sum = shares.reduce((a, b) => a + b, 0)
    let z = max
    const fronts = shares.flatMap((share) => {
      const next = z - ((max - min) * share) / sum
      const front = drawerFront(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, next + 4, z)
      z = next
      return front
    })
    return [
      ...fronts,
      ...parted('top', -p.lengthMm / 2, p.lengthMm / 2, -p.depthMm / 2, -p.depthMm / 2 + 40, p.drawers + 1),
    ]
  },
  parts: (p) => [
    board('drawer-bottoms', p.lengthMm, p.depthMm, 6, p.drawers, 'birch-ply'),
    board('drawer-sides', 2 * (p.lengthMm + p.depthMm), (p.worktopMm - 120) / p.drawers / 1.6, 9, p.drawers),
    piece('slides-and-latches', 2, p.drawers),
  ],
})
