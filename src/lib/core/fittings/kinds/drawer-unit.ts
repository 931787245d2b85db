import { z } from 'zod'
import type { Box } from '../../geometry'
import { DETAIL, END, FRONT, ONE_MORE, TOP } from '../adjust'
import { board, carcass, inPly, piece, PLY_MM, plyParameter } from '../boards'
import { defineKind } from '../contract'
import { drawerAdjust, drawerBoxes, drawerFact, drawerParameters, runOut } from '../drawers'
import { bearsFoot, PLAIN } from '../facts'
import { about, centred, countParameter, drawerRoom, insideOf, lengthParameter, onTheWall, scribed } from '../shapes'
import { drawerFront, line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(500, 250, 1500),
  depthMm: lengthParameter(500, 300, 1800),
  heightMm: lengthParameter(500, 120, 1200),
  drawers: countParameter(2, 1, 6),
  ...drawerParameters(1, 30, 227),
  dividers: countParameter(1, 0, 6).describe('A deep drawer without one is a heap'),
  ply: plyParameter,
})

type Unit = z.infer<typeof parameters>
const inside = (p: Unit) => insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, PLY_MM + 10, 'puller')
const room = (p: Unit): Box => {
  const side = PLY_MM + 10
  return {
    x: about(p.lengthMm - 2 * side),
    y: about(p.depthMm - 2 * side),
    z: { min: side, max: p.heightMm - side },
  }
}

/** A box of drawers: extension, load, dividers and the kind of latch are chosen. */
export const drawerUnit = defineKind({
  id: 'drawer-unit',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [scribed('carcass', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) =>
    drawerRoom(['stowage'], about(p.lengthMm), -p.depthMm / 2, { min: 20, max: p.heightMm - 10 }, runOut(p)),
  services: (p) => [{ ...inside(p), inside: drawerBoxes(room(p), p) }],
  hollows: (p) => [
    {
      id: 'inside',
      room: room(p),
      taken: [{ id: 'drawers', prism: drawerBoxes(room(p), p) }],
      by: 'drawer',
      through: ['drawer', 'puller'],
    },
  ],
  facts: (p) => ({ ...PLAIN, treads: bearsFoot(p.heightMm), fronts: [drawerFact(p, room(p))] }),
  adjust: {
    lengthMm: END,
    depthMm: FRONT,
    heightMm: TOP,
    drawers: ONE_MORE,
    ...drawerAdjust,
    dividers: DETAIL,
    ply: DETAIL,
  },
  features: (p) => {
    const half = p.lengthMm / 2
    const each = (p.heightMm - 30) / p.drawers
    return [
      ...parted('top', -half + 20, half - 20, -p.depthMm / 2 + 20, p.depthMm / 2 - 20, p.dividers + 1),
      line('top', [-half, -p.depthMm / 2 + 20], [half, -p.depthMm / 2 + 20]),
      ...Array.from({ length: p.drawers }, (_, index) =>
        drawerFront(-half + 8, half - 8, 20 + each * index, 16 + each * (index + 1)),
      ).flat(),
      ...Array.from({ length: p.drawers }, (_, index) =>
        line('side', [-p.depthMm / 2, 20 + each * index], [-p.depthMm / 2 + 60, 20 + each * index]),
      ),
    ]
  },
  parts: (p) =>
    inPly(p.ply, [
      ...carcass(p.lengthMm, p.depthMm, p.heightMm),
      board('drawer-bottoms', p.lengthMm, p.depthMm, 6, p.drawers, 'birch-ply'),
      board('drawer-sides', 2 * (p.lengthMm + p.depthMm), p.heightMm / p.drawers / 1.8, 9, p.drawers),
      piece('slides-and-latches', 1 + p.loadKg / 40, p.drawers),
    ]),
})
