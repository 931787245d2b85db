import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board, piece, PLY_MM } from '../boards'
import { defineKind, type LocalClearance } from '../contract'
import { PLAIN } from '../facts'
import { about, doorSwing, inFront, lengthParameter, notched, onTheCentreline } from '../shapes'
import { cross, leaf, line } from '../symbols'

const WALL_MM = 18

const parameters = z.object({
  lengthMm: lengthParameter(1300, 400, 2500).describe('Along the vehicle'),
  depthMm: lengthParameter(1650, 600, 2200).describe('Across'),
  heightMm: lengthParameter(650, 250, 1400).describe('Under what lies on it'),
  inside: z.boolean().default(true).describe('A door to the living space, in its front end'),
  side: z.boolean().default(false).describe('A hatch in the body’s side'),
  doorMm: lengthParameter(600, 300, 1200),
})

/** The space under a raised bed, closed off from the living space: loaded from the rear, a side hatch, or inside. */
export const garage = defineKind({
  id: 'garage',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: onTheCentreline,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => {
    const [half, deep] = [p.lengthMm / 2, p.depthMm / 2]
    // its end wall to the living space; floor, sides and lid are the vehicle’s and the bed’s
    return [notched('end-wall', block([half - WALL_MM, -deep, 0], [half, deep, p.heightMm]))]
  },
  clearances: (p) => {
    const wide = Math.min(p.doorMm, p.depthMm - 60)
    if (!p.inside) return []
    const half = p.lengthMm / 2
    const kneel: LocalClearance = {
      ...inFront('kneel', 'kneel', ['stowage'], about(wide), 0, 600),
      upTo: (amount) => block([half, -wide / 2, 0], [half + Math.max(1, amount), wide / 2, 1000]),
    }
    const swing = doorSwing(['stowage'], about(wide), 0, 'left', { min: 20, max: p.heightMm - 20 })
    return [
      kneel,
      {
        ...swing,
        // the door is in the end wall: a quarter turn from the front
        upTo: (amount) => {
          const leafed = swing.upTo(amount)
          return { ...leafed, profile: leafed.profile.map(([x, y]) => [half - y, x] as const) }
        },
      },
    ]
  },
  services: (p) => [
    {
      type: 'stowage',
      quantity: 1,
      ...(p.inside ? { approach: 'kneel' } : {}),
      inside: block(
        [-p.lengthMm / 2, -p.depthMm / 2, 0],
        [p.lengthMm / 2 - WALL_MM, p.depthMm / 2, p.heightMm - PLY_MM],
      ),
    },
  ],
  facts: (p) => ({
    ...PLAIN,
    fronts: [
      ...(p.inside ? [{ what: 'door', hung: 'left', latch: 'locking', isOutside: false } as const] : []),
      ...(p.side ? [{ what: 'flap', hung: 'top', latch: 'locking', isOutside: true } as const] : []),
    ],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, inside: DETAIL, side: DETAIL, doorMm: DETAIL_MM },
  features: (p) => {
    const [half, deep] = [p.lengthMm / 2, p.depthMm / 2]
    const wide = Math.min(p.doorMm, p.depthMm - 60) / 2
    return [
      ...cross('top', -half, -deep, half, deep),
      ...(p.inside ? [line('top', [half - WALL_MM, -wide], [half - WALL_MM, wide])] : []),
      ...leaf(-half * 0.6, half * 0.2, 20, p.heightMm - 20, 'left').slice(0, p.side ? 4 : 1),
      ...(p.inside
        ? [line('side', [-wide, 20], [-wide, p.heightMm - 20]), line('side', [wide, 20], [wide, p.heightMm - 20])]
        : [line('side', [-deep, p.heightMm - 20], [deep, p.heightMm - 20])]),
    ]
  },
  parts: (p) => [
    board('end-wall', p.depthMm, p.heightMm, WALL_MM),
    piece('battens', 2.5),
    ...(p.inside || p.side ? [piece('door-and-its-hinges', 1.5)] : []),
  ],
  openings: (p) =>
    p.side
      ? [
          {
            id: 'side-hatch',
            through: 'wall',
            task: 'under-lid',
            x: [-p.doorMm / 2, p.doorMm / 2],
            other: [60, Math.max(160, Math.min(p.heightMm - 60, 600))],
          },
        ]
      : [],
  cautions: (p) => (p.side ? ['cutting'] : []),
})
