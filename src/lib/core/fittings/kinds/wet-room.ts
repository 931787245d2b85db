import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, END, FRONT, handle, level, TOP } from '../adjust'
import { board, piece, PLY_MM } from '../boards'
import { defineKind, type LocalSolid } from '../contract'
import { PLAIN } from '../facts'
import {
  about,
  above,
  centred,
  doorSwing,
  ENTRY_MM,
  hingeParameter,
  inFront,
  lengthParameter,
  notched,
  onTheWall,
  rigid,
} from '../shapes'
import { basinTop, leaf, line, ring } from '../symbols'

const WALL_MM = 25
const TRAY_MM = 60

const parameters = z.object({
  lengthMm: lengthParameter(1100, 800, 1800),
  depthMm: lengthParameter(800, 650, 1300),
  heightMm: lengthParameter(1850, 1200, 2200),
  doorMm: lengthParameter(550, 450, 815).describe('Width of its door, at its left as one faces it'),
  hinge: hingeParameter,
  toilet: z.boolean().default(true).describe('A toilet stands at its right end'),
  basin: z.boolean().default(true).describe('A basin folds down over the toilet'),
  rimMm: lengthParameter(860, 700, 1000).describe('Rim of the basin above the floor'),
})

type Room = z.infer<typeof parameters>
const door = (p: Room) => ({
  min: -p.lengthMm / 2 + WALL_MM,
  max: Math.min(-p.lengthMm / 2 + WALL_MM + p.doorMm, p.lengthMm / 2 - WALL_MM),
})
const TOILET_MM = 420
/** Its leaf ends here, however high the room is: a roof curves, and a fan hangs. Common practice, no source. */
const LEAF_TOP_MM = 1700
/** Of its toilet’s tank. Common practice, no source. */
const CASSETTE_L = 18

/** A room in which all gets wet: a tray for a floor, shower, toilet and a basin that folds down, behind a door. */
export const wetRoom = defineKind({
  id: 'wet-room',
  group: 'wet',
  parameters,
  stances: ['basin-up', 'basin-down'],
  stanceFor: { driving: 'basin-up', living: 'basin-up', sleeping: 'basin-up' },
  meets: ['shower', 'toilet'],
  home: onTheWall,
  scribedAt: 'bottom',
  isBuiltIn: true,
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const wall = (id: string, x0: number, y0: number, x1: number, y1: number): LocalSolid =>
      notched(id, block([x0, y0, TRAY_MM], [x1, y1, p.heightMm]))
    return [
      notched('tray', centred(p.lengthMm, p.depthMm, 0, TRAY_MM)),
      wall('left-wall', -half, -back, -half + WALL_MM, back),
      wall('right-wall', half - WALL_MM, -back, half, back),
      wall('back-wall', -half, back - WALL_MM, half, back),
      wall('front-wall', -half, -back, half, -back + WALL_MM),
      ...(p.toilet
        ? [
            rigid(
              'toilet',
              block([half - WALL_MM - TOILET_MM, back - 480, TRAY_MM], [half - WALL_MM, back - WALL_MM, TRAY_MM + 440]),
            ),
          ]
        : []),
      ...(p.basin && stance === 'basin-down'
        ? [
            rigid(
              'basin',
              block([half - WALL_MM - 400, back - 400, p.rimMm - 80], [half - WALL_MM, back - WALL_MM, p.rimMm]),
            ),
          ]
        : []),
    ]
  },
  clearances: (p) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const inside = { min: -half + WALL_MM, max: half - WALL_MM - (p.toilet ? TOILET_MM : 0) }
    return [
      inFront('entry', 'entry', ['shower', 'toilet'], door(p), -back, ENTRY_MM),
      doorSwing(['shower', 'toilet'], door(p), -back, p.hinge, {
        min: TRAY_MM,
        max: Math.min(p.heightMm - 20, LEAF_TOP_MM),
      }),
      above(
        'inside',
        'stand-inside',
        ['shower'],
        inside.max - inside.min > 300 ? inside : about(p.lengthMm - 2 * WALL_MM),
        about(p.depthMm - 2 * WALL_MM),
        TRAY_MM,
        p.heightMm - TRAY_MM - 20,
      ),
    ]
  },
  services: (p, stance) => [
    { type: 'shower', quantity: 1, approach: 'entry', sizeMm: [p.lengthMm, p.depthMm] },
    ...(p.toilet && stance === 'basin-up' ? [{ type: 'toilet' as const, quantity: 1, approach: 'entry' }] : []),
    ...(p.basin && stance === 'basin-down' ? [{ type: 'basin' as const, quantity: 1, approach: 'entry' }] : []),
  ],
  facts: (p) => ({
    ...PLAIN,
    isSplashed: true,
    isSteaming: true,
    drainsAtMm: 0,
    fronts: [{ what: 'door', hung: p.hinge, latch: 'catch', isOutside: false }],
    reaches: p.basin ? [{ what: 'wash-rim', zMm: p.rimMm }] : [],
    holds: p.toilet ? [{ what: 'waste', litres: CASSETTE_L, comesOut: 'inside' }] : [],
  }),
  adjust: {
    lengthMm: END,
    depthMm: FRONT,
    heightMm: TOP,
    doorMm: DETAIL_MM,
    hinge: handle('hinge'),
    toilet: DETAIL,
    basin: DETAIL,
    rimMm: level('rim'),
  },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const x = half - WALL_MM - TOILET_MM / 2
    return [
      line('top', [-half + WALL_MM, -back + WALL_MM], [half - WALL_MM, -back + WALL_MM]),
      ring('top', -half + 250, 0, 35),
      line('top', [-half + WALL_MM, -back + WALL_MM], [-half + 225, -25]),
      ...(p.toilet ? [ring('top', x, back - 260, 150, true)] : []),
      ...(p.basin && stance === 'basin-down'
        ? basinTop(half - WALL_MM - 380, back - 380, half - WALL_MM - 20, back - WALL_MM - 20)
        : []),
      ...leaf(door(p).min, door(p).max, TRAY_MM, p.heightMm - 20, p.hinge),
      line('front', [-half, TRAY_MM], [half, TRAY_MM]),
      line('side', [-back, TRAY_MM], [back, TRAY_MM]),
    ]
  },
  parts: (p) => [
    board('walls', 2 * (p.lengthMm + p.depthMm), p.heightMm - TRAY_MM, 9, 1, 'birch-ply'),
    board('door', p.doorMm, p.heightMm - TRAY_MM, PLY_MM),
    board('tray', p.lengthMm, p.depthMm, 6, 1, 'polyethylene'),
    piece('shower-and-drain', 3),
    ...(p.toilet ? [piece('toilet', 8)] : []),
    ...(p.basin ? [piece('folding-basin', 2.5)] : []),
  ],
  change: () => ({ minutes: 0.1, hands: 1 }),
  cautions: () => ['stands-level'],
})
