import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END, TOP } from '../adjust'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, lengthParameter, onTheCentreline, outside, rigid } from '../shapes'
import { box, line, ring } from '../symbols'

const ROD_MM = 30

const parameters = z.object({
  lengthMm: lengthParameter(900, 600, 1500).describe('Across, between the rear doors'),
  outMm: lengthParameter(850, 600, 1200).describe('How far the curtain stands out behind'),
  heightMm: lengthParameter(1750, 1000, 2000).describe('Of its rail above its base'),
})

/** A shower outside, between the open rear doors: a rail, a curtain, a mixer in reach. Its back is to the rear. */
export const showerRear = defineKind({
  id: 'shower-rear',
  group: 'wet',
  parameters,
  stances: ['stowed', 'rigged'],
  stanceFor: { driving: 'stowed', living: 'stowed', sleeping: 'stowed' },
  meets: ['shower'],
  home: { ...onTheCentreline, turn: 90 },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: 80, heightMm: p.heightMm }),
  reach: (p) => ({ back: p.outMm }),
  solids: (p, stance) => {
    const rail = rigid('rail', centred(p.lengthMm, 80, p.heightMm - 80, p.heightMm))
    return stance === 'stowed'
      ? [rail]
      : [
          rail,
          outside(
            'curtain',
            block([-p.lengthMm / 2, 40 + p.outMm - ROD_MM, 0], [p.lengthMm / 2, 40 + p.outMm, p.heightMm]),
          ),
        ]
  },
  clearances: () => [],
  services: (p, stance) =>
    stance === 'rigged' ? [{ type: 'shower', quantity: 1, sizeMm: [p.lengthMm, p.outMm] }] : [],
  facts: (_p, stance) => ({
    ...PLAIN,
    isSplashed: stance === 'rigged',
    swings: stance === 'rigged' ? 'cloth' : 'nothing',
  }),
  adjust: { lengthMm: END, outMm: DETAIL_MM, heightMm: TOP },
  features: (p, stance) => {
    const half = p.lengthMm / 2
    return [
      line('top', [-half, 0], [half, 0]),
      ...(stance === 'rigged'
        ? [box('top', -half, 40, half, 40 + p.outMm), ring('top', 0, 40 + p.outMm / 2, 40)]
        : [ring('top', -half + 40, 0, 25)]),
      line('front', [-half, p.heightMm - 40], [half, p.heightMm - 40]),
      ring('front', half - 60, p.heightMm - 40, 25),
      line('side', [-40, p.heightMm - 40], [40, p.heightMm - 40]),
    ]
  },
  parts: (p) => [
    board('curtain', p.heightMm, 2 * (p.lengthMm + p.outMm), 0.4, 1, 'canvas'),
    piece('rail-mixer-and-hose', 3.5),
  ],
  change: () => ({ minutes: 3, hands: 1 }),
})
