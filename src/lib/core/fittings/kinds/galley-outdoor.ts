import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board, carcass, piece, TOP_MM } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { about, behind, centred, lengthParameter, onTheCentreline, outdoors, rigid, STAND_MM, through } from '../shapes'
import { box, drawerFront, line, ring } from '../symbols'

const TRAY_MM = 50
const BASIN_MM = 300
/** Of its two rings, at full power. Typical, common practice, no source. */
const HOB_WATTS = 3500
/** What its slides are made for. Common practice, no source. */
const LOAD_KG = 100
/** Its burners are at the end that comes out of the door. */
const BURNERS_MM = 330

const parameters = z.object({
  lengthMm: lengthParameter(600, 350, 1200).describe('Across the drawer'),
  depthMm: lengthParameter(1000, 500, 1600).describe('From the door inward'),
  heightMm: lengthParameter(600, 300, 900),
  outMm: lengthParameter(900, 400, 1500).describe('How far it runs out of the door'),
  basin: z.boolean().default(true),
})

type Outdoor = z.infer<typeof parameters>
/** Out of the door by no more than its own length less what the slides must keep. */
const out = (p: Outdoor) => Math.min(p.outMm, p.depthMm - 60)

const burnersOf = (p: Outdoor, stance: string) => {
  const back = p.depthMm / 2 + (stance === 'slid-out' ? out(p) : 0)
  const top = TRAY_MM + p.heightMm
  return block([-p.lengthMm / 2, back - BURNERS_MM, top - 1], [p.lengthMm / 2, back, top])
}

/** A galley on slides that runs out through the rear or side door and is cooked at from outside; its back is to the door. */
export const galleyOutdoor = defineKind({
  id: 'galley-outdoor',
  group: 'galley',
  parameters,
  stances: ['slid-in', 'slid-out'],
  stanceFor: { driving: 'slid-in', living: 'slid-in', sleeping: 'slid-in' },
  meets: ['hob'],
  home: { ...onTheCentreline, turn: 90 },
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm + TRAY_MM }),
  reach: (p) => ({ back: out(p) }),
  solids: (p, stance) => {
    const y = stance === 'slid-out' ? out(p) : 0
    return [
      rigid('slides', centred(p.lengthMm, p.depthMm, 0, TRAY_MM)),
      through(
        'galley',
        block(
          [-p.lengthMm / 2, -p.depthMm / 2 + y, TRAY_MM],
          [p.lengthMm / 2, p.depthMm / 2 + y, TRAY_MM + p.heightMm],
        ),
      ),
    ]
  },
  clearances: (p, stance) =>
    stance === 'slid-out'
      ? [outdoors(behind('stand', 'stand', ['hob', 'worktop'], about(p.lengthMm), p.depthMm / 2 + out(p), STAND_MM))]
      : [],
  services: (p, stance) => {
    if (stance !== 'slid-out') return []
    const y = out(p)
    const top = TRAY_MM + p.heightMm
    return [
      { type: 'hob', quantity: 1, approach: 'stand' },
      ...(p.basin ? [{ type: 'basin' as const, quantity: 1, approach: 'stand' }] : []),
      {
        type: 'worktop',
        quantity: p.lengthMm,
        approach: 'stand',
        surface: block([-p.lengthMm / 2, -p.depthMm / 2 + y, top - 1], [p.lengthMm / 2, p.depthMm / 2 + y - 350, top]),
      },
    ]
  },
  facts: (p, stance) => ({
    ...PLAIN,
    isSplashed: p.basin && stance === 'slid-out',
    heat: [
      {
        how: 'flame',
        fuel: 'gas',
        isLit: stance === 'slid-out',
        watts: HOB_WATTS,
        warms: 'pans',
        at: burnersOf(p, stance),
      },
    ],
    fronts: [
      {
        what: 'drawer',
        hung: 'runs',
        latch: 'locking',
        isOutside: true,
        run: { deepMm: p.depthMm, outMm: out(p), loadKg: LOAD_KG },
      },
    ],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, outMm: DETAIL_MM, basin: DETAIL },
  features: (p, stance) => {
    const y = stance === 'slid-out' ? out(p) : 0
    const [half, deep, top] = [p.lengthMm / 2, p.depthMm / 2, TRAY_MM + p.heightMm]
    return [
      ring('top', -half * 0.4, deep + y - 180, 85, true),
      ring('top', half * 0.4, deep + y - 150, 60, true),
      ...(p.basin
        ? [
            box(
              'top',
              -Math.min(BASIN_MM, p.lengthMm - 60) / 2,
              deep + y - 700 < -deep + y + 20 ? -deep + y + 20 : deep + y - 700,
              Math.min(BASIN_MM, p.lengthMm - 60) / 2,
              deep + y - 380,
              true,
            ),
          ]
        : []),
      ...drawerFront(-half + 10, half - 10, TRAY_MM + 10, top - TOP_MM),
      line('front', [-half, top - TOP_MM], [half, top - TOP_MM]),
      line('front', [-half, TRAY_MM], [half, TRAY_MM]),
      line('side', [-deep + y, top - TOP_MM], [deep + y, top - TOP_MM]),
    ]
  },
  parts: (p) => [
    ...carcass(p.lengthMm, p.depthMm, p.heightMm),
    piece('heavy-slides-with-locks', 14),
    piece('hob', 4),
    ...(p.basin ? [piece('basin', 2)] : []),
    board('tray', p.lengthMm, p.depthMm, 12, 1, 'birch-ply'),
  ],
  change: () => ({ minutes: 1, hands: 1 }),
  cautions: () => ['gas', 'crash-path'],
})
