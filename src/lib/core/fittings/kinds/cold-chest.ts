import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { board, piece, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { coldDraw } from '../cold'
import { BOUGHT } from '../facts'
import {
  about,
  above,
  behind,
  centred,
  choiceParameter,
  drawerPull,
  inFront,
  lengthParameter,
  lidLift,
  onTheWall,
  outdoors,
  rigid,
  STAND_MM,
  through,
} from '../shapes'
import { box, line, ring } from '../symbols'

const TRAY_MM = 40
/** Of a compressor that runs, at 1 m. Common practice, no source. */
const COMPRESSOR_DB = 40

const parameters = z.object({
  lengthMm: lengthParameter(620, 400, 1000),
  depthMm: lengthParameter(420, 320, 700),
  heightMm: lengthParameter(480, 300, 700),
  slides: choiceParameter(['front', 'both', 'none']).describe(
    'Towards whom it runs out; both: also out of the door behind it',
  ),
})

type Chest = z.infer<typeof parameters>
const out = (p: Chest) => p.depthMm * 0.9
/** Of the carcass with its unit, what is left to fill: 30 to 45 % of it. Common practice, no source. */
const FILLED = 0.38
const litres = (p: Chest) => Math.round(p.lengthMm * p.depthMm * p.heightMm * 1e-6 * FILLED)

/** A cold box that opens on top, on slides: out to the cook inside, or out of the side door to those who sit outside. */
export const coldChest = defineKind({
  id: 'cold-chest',
  group: 'machines',
  parameters,
  stances: ['in', 'out-to-the-front', 'out-to-the-back'],
  stanceFor: { driving: 'in', living: 'in', sleeping: 'in' },
  meets: ['cold-box'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm + TRAY_MM }),
  reach: (p) => ({ front: p.slides === 'none' ? 0 : out(p), back: p.slides === 'both' ? out(p) : 0 }),
  solids: (p, stance) => {
    const y =
      stance === 'in' || p.slides === 'none'
        ? 0
        : stance === 'out-to-the-front'
          ? -out(p)
          : p.slides === 'both'
            ? out(p)
            : 0
    const chest = block(
      [-p.lengthMm / 2, -p.depthMm / 2 + y, TRAY_MM],
      [p.lengthMm / 2, p.depthMm / 2 + y, TRAY_MM + p.heightMm],
    )
    return [
      rigid('slides', centred(p.lengthMm, p.depthMm, 0, TRAY_MM)),
      y > 0 ? through('chest', chest) : rigid('chest', chest),
    ]
  },
  clearances: (p, stance) => {
    const top = TRAY_MM + p.heightMm
    if (stance === 'out-to-the-front')
      return [
        lidLift(['cold-box'], about(p.lengthMm), p.depthMm / 2 - (p.slides === 'none' ? 0 : out(p)), top, p.depthMm),
        inFront(
          'stand',
          'stand',
          ['cold-box'],
          about(p.lengthMm),
          -p.depthMm / 2 - (p.slides === 'none' ? 0 : out(p)),
          STAND_MM,
        ),
      ]
    if (stance === 'out-to-the-back')
      return [
        outdoors(lidLift(['cold-box'], about(p.lengthMm), p.depthMm / 2, top, p.depthMm)),
        outdoors(
          behind(
            'stand',
            'stand',
            ['cold-box'],
            about(p.lengthMm),
            p.depthMm / 2 + (p.slides === 'both' ? out(p) : 0),
            STAND_MM,
          ),
        ),
      ]
    return p.slides === 'none'
      ? [
          above('over-it', 'over', ['cold-box'], about(p.lengthMm), about(p.depthMm), top, p.depthMm),
          inFront('stand', 'stand', ['cold-box'], about(p.lengthMm), -p.depthMm / 2, STAND_MM),
        ]
      : [
          drawerPull(['cold-box'], about(p.lengthMm), -p.depthMm / 2, { min: TRAY_MM, max: top }, out(p)),
          inFront('stand', 'stand', ['cold-box'], about(p.lengthMm), -p.depthMm / 2, out(p) + 250),
        ]
  },
  services: (p) => [{ type: 'cold-box', quantity: litres(p), approach: 'stand' }],
  facts: (p, stance) => ({
    ...BOUGHT,
    noiseDb: COMPRESSOR_DB,
    cold: { litres: litres(p), coldestC: -18 },
    draws: [coldDraw(litres(p))],
    fronts: [{ what: 'lid', hung: 'back', latch: 'catch', isOutside: stance === 'out-to-the-back' }],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, slides: DETAIL },
  features: (p, stance) => {
    const y =
      stance === 'in' || p.slides === 'none'
        ? 0
        : stance === 'out-to-the-front'
          ? -out(p)
          : p.slides === 'both'
            ? out(p)
            : 0
    const [half, deep] = [p.lengthMm / 2, p.depthMm / 2]
    const top = TRAY_MM + p.heightMm
    return [
      box('top', -half + 30, -deep + 30 + y, half - 30, deep - 30 + y, true),
      line('top', [-60, -deep + 55 + y], [60, -deep + 55 + y]),
      line('front', [-half, top - 90], [half, top - 90]),
      ring('front', half - 80, TRAY_MM + 90, 45),
      line('front', [-half, TRAY_MM], [half, TRAY_MM]),
      line('side', [-deep + y, top - 90], [deep + y, top - 90]),
    ]
  },
  parts: (p) => [
    piece('compressor', 8),
    piece('chest', litres(p) * 0.2),
    ...(p.slides === 'none' ? [] : [piece('slides-with-a-lock', 6)]),
    board('tray', p.lengthMm, p.depthMm, PLY_MM, 1, 'birch-ply'),
  ],
  change: () => ({ minutes: 0.2, hands: 1 }),
})
