import { z } from 'zod'
import { block } from '../../geometry'
import { endAnd, frontAnd, handle, level, ONE_MORE } from '../adjust'
import { BED_ADJUST, bedParameters, berth, entryAtEnd, sitUp, sleepersParameter } from '../bed'
import { board, foam, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, centred, countParameter, lengthParameter, onTheCentreline, rigid } from '../shapes'
import { line, parted, pillows } from '../symbols'

const LEDGE_MM = 40

const parameters = z.object({
  lyingMm: lengthParameter(1900, 1200, 2200).describe('For the sleeper, head to foot'),
  widthMm: lengthParameter(1300, 600, 1900),
  platformMm: lengthParameter(500, 250, 1300).describe('Top of the panels above the floor'),
  panels: countParameter(3, 2, 6),
  sleepers: sleepersParameter(2),
  ...bedParameters,
})

/** Panels laid across on ledges, each with its own piece of mattress; taken out, they lean in a stack at one end or go away. */
export const bedPanels = defineKind({
  id: 'bed-panels',
  group: 'sleeping',
  parameters,
  formerly: { lyingMm: 'lengthMm' },
  stances: ['laid', 'stacked', 'taken-out'],
  stanceFor: { driving: 'stacked', living: 'stacked', sleeping: 'laid' },
  meets: ['berth'],
  home: onTheCentreline,
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.widthMm,
    depthMm: p.lyingMm,
    heightMm: p.platformMm + p.panels * (PLY_MM + p.mattressMm),
  }),
  solids: (p, stance) => {
    const [half, back] = [p.widthMm / 2, p.lyingMm / 2]
    const ledges = [-1, 1].map((side) =>
      rigid(
        side < 0 ? 'right-ledge' : 'left-ledge',
        block(
          [-half, Math.min(side * back, side * (back - LEDGE_MM)), p.platformMm - PLY_MM - LEDGE_MM],
          [half, Math.max(side * back, side * (back - LEDGE_MM)), p.platformMm - PLY_MM],
        ),
      ),
    )
    if (stance === 'taken-out') return ledges
    const each = p.widthMm / p.panels
    if (stance === 'stacked')
      return [
        ...ledges,
        rigid(
          'stacked-panels',
          block(
            [-half, -back, p.platformMm - PLY_MM],
            [-half + each, back, p.platformMm - PLY_MM + p.panels * (PLY_MM + p.mattressMm)],
          ),
        ),
      ]
    return [
      ...ledges,
      rigid('panels', centred(p.widthMm, p.lyingMm, p.platformMm - PLY_MM, p.platformMm)),
      rigid('mattress', centred(p.widthMm, p.lyingMm, p.platformMm, p.platformMm + p.mattressMm)),
    ]
  },
  clearances: (p, stance) =>
    stance === 'laid'
      ? [
          entryAtEnd(p.widthMm / 2, Math.min(p.lyingMm / 2, 350)),
          sitUp(about(p.widthMm), about(p.lyingMm), 'y', p.platformMm + p.mattressMm, p.head),
        ]
      : [],
  services: (p, stance) =>
    stance === 'laid'
      ? [
          berth({
            x: about(p.widthMm),
            y: about(p.lyingMm),
            along: 'y',
            zMm: p.platformMm + p.mattressMm,
            sleepers: p.sleepers,
            over: p.sleepers - 1,
            head: p.head,
            base: p.base,
          }),
          {
            type: 'stowage',
            quantity: 1,
            inside: centred(p.widthMm, p.lyingMm, 0, p.platformMm - PLY_MM - LEDGE_MM),
          },
        ]
      : [],
  facts: () => ({ ...ON_OWN_LEGS, staysByWeight: true }),
  adjust: {
    lyingMm: frontAnd('lying-length'),
    widthMm: endAnd('lying-width'),
    platformMm: level('platform'),
    panels: ONE_MORE,
    sleepers: handle('sleepers'),
    ...BED_ADJUST,
  },
  features: (p, stance) => {
    const [half, back] = [p.widthMm / 2, p.lyingMm / 2]
    const seams =
      stance === 'laid'
        ? [
            ...parted('top', -half, half, -back, back, p.panels),
            ...pillows(p.sleepers, -half, half, p.head === 'back' ? back : -back, p.head === 'back' ? -1 : 1),
          ]
        : [line('top', [-half, -back + LEDGE_MM], [half, -back + LEDGE_MM])]
    return [
      ...seams,
      ...parted('front', -half, half, p.platformMm - PLY_MM, p.platformMm, p.panels),
      line('side', [-back, p.platformMm], [back, p.platformMm]),
    ]
  },
  parts: (p) => [board('ledges', p.widthMm, LEDGE_MM, LEDGE_MM, 2, 'softwood')],
  loose: (p, stance) => [
    {
      id: 'panel-with-its-mattress',
      sizeMm: [p.lyingMm, p.widthMm / p.panels, PLY_MM + p.mattressMm],
      count: p.panels,
      used: stance !== 'taken-out',
      of: [
        board('panel', p.lyingMm, p.widthMm / p.panels, PLY_MM, 1, 'birch-ply'),
        foam('mattress-piece', p.lyingMm, p.widthMm / p.panels, p.mattressMm),
      ],
    },
  ],
  change: (p) => ({ minutes: 0.5 * p.panels, hands: 1 }),
})
