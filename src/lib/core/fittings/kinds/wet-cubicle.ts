import { z } from 'zod'
import { END, FRONT, ONE_MORE, TOP } from '../adjust'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import {
  about,
  above,
  centred,
  countParameter,
  ENTRY_MM,
  inFront,
  lengthParameter,
  notched,
  onTheWall,
} from '../shapes'
import { line, ring } from '../symbols'

const WALL_MM = 20
const TRAY_MM = 70
const BOARD_MM = 6

const parameters = z.object({
  lengthMm: lengthParameter(800, 600, 1600),
  depthMm: lengthParameter(760, 600, 1200),
  heightMm: lengthParameter(1800, 1200, 2200),
  outlets: countParameter(1, 1, 2).describe('A second one: over the head and in the hand'),
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
  isBuiltIn: true,
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [notched('cubicle', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    inFront('entry', 'entry', ['shower'], { min: -300, max: 300 }, -p.depthMm / 2, ENTRY_MM),
    above(
      'inside',
      'stand-inside',
      ['shower'],
      about(p.lengthMm - 2 * WALL_MM),
      about(p.depthMm - 2 * WALL_MM),
      TRAY_MM,
      p.heightMm - TRAY_MM - WALL_MM,
    ),
  ],
  services: (p) => [{ type: 'shower', quantity: 1, approach: 'entry', sizeMm: [p.lengthMm, p.depthMm] }],
  hollows: (p) => [
    {
      id: 'inside',
      room: {
        x: about(p.lengthMm - 2 * WALL_MM),
        y: about(p.depthMm - 2 * WALL_MM),
        z: { min: TRAY_MM, max: p.heightMm - WALL_MM },
      },
      taken: [],
      by: 'open',
      through: ['entry'],
    },
  ],
  facts: () => ({ ...PLAIN, isSplashed: true, isSteaming: true, drainsAtMm: 0 }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, outlets: ONE_MORE },
  features: (p) => [
    ring('top', 0, 0, 40),
    ...(p.outlets > 1 ? [ring('top', p.lengthMm / 4, p.depthMm / 4, 25)] : []),
    line('top', [-p.lengthMm / 2, -p.depthMm / 2], [-40, -30]),
    line('top', [p.lengthMm / 2, p.depthMm / 2], [40, 30]),
    line('front', [-p.lengthMm / 2, TRAY_MM], [p.lengthMm / 2, TRAY_MM]),
    ...[-0.6, -0.2, 0.2, 0.6].map((share) =>
      line('front', [(share * p.lengthMm) / 2, TRAY_MM + 20], [(share * p.lengthMm) / 2, p.heightMm - 60]),
    ),
    line('side', [-p.depthMm / 2, TRAY_MM], [p.depthMm / 2, TRAY_MM]),
  ],
  parts: (p) => [
    board('walls', 2 * (p.lengthMm + p.depthMm), p.heightMm, BOARD_MM, 1, 'birch-ply'),
    piece('tray-and-drain', 6),
    piece('shower-and-curtain', 2),
    ...(p.outlets > 1 ? [piece('second-outlet', 0.9)] : []),
  ],
  cautions: () => ['stands-level'],
})
