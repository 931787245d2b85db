import { z } from 'zod'
import { block } from '../../geometry'
import { massOfSheet } from '../../materials'
import { defineKind } from '../contract'
import { centred, ENTRY_MM, inFront, lengthParameter, onTheWall, rigid } from '../shapes'

const WALL_MM = 20
const TRAY_MM = 70
const TRAY_KG = 6
const WALL_BOARD_MM = 6

const parameters = z.object({
  lengthMm: lengthParameter(800, 600, 1600),
  depthMm: lengthParameter(760, 600, 1200),
  heightMm: lengthParameter(1800, 1200, 2200),
})

/** A closed cubicle to wash in, on a rigid tray, entered from its front through a curtain. */
export const wetCubicle = defineKind({
  id: 'wet-cubicle',
  group: 'wet',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['shower'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('cubicle', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    inFront('entry', 'entry', ['shower'], { min: -300, max: 300 }, -p.depthMm / 2, ENTRY_MM),
    {
      id: 'inside',
      use: 'stand-inside',
      serves: ['shower'],
      need: p.heightMm - TRAY_MM - WALL_MM,
      unit: 'mm',
      fromFloor: false,
      upTo: (amount) =>
        block(
          [-p.lengthMm / 2 + WALL_MM, -p.depthMm / 2 + WALL_MM, TRAY_MM],
          [p.lengthMm / 2 - WALL_MM, p.depthMm / 2 - WALL_MM, TRAY_MM + Math.max(amount, 1)],
        ),
    },
  ],
  services: () => [{ type: 'shower', quantity: 1, approach: 'entry' }],
  features: (p) => [
    { view: 'top', shape: { kind: 'circle', centre: [0, 0], radius: 40 } },
    { view: 'top', shape: { kind: 'line', from: [-p.lengthMm / 2, -p.depthMm / 2], to: [-40, -30] } },
    { view: 'top', shape: { kind: 'line', from: [p.lengthMm / 2, p.depthMm / 2], to: [40, 30] } },
    { view: 'front', shape: { kind: 'line', from: [-p.lengthMm / 2, TRAY_MM], to: [p.lengthMm / 2, TRAY_MM] } },
  ],
  massKg: (p) => massOfSheet('birchPly', 2 * p.heightMm * (p.lengthMm + p.depthMm), WALL_BOARD_MM) + TRAY_KG,
})
