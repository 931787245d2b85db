import { z } from 'zod'
import { DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, cutAllRound, lengthParameter, onTheCentreline } from '../shapes'
import { line } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(900, 150, 2600).describe(
    'Along its run: across the vehicle as it is put in; more than there is room for is cut off',
  ),
  depthMm: lengthParameter(18, 9, 80).describe('How thick it is'),
  heightMm: lengthParameter(2200, 300, 2600).describe('Cut to the roof where that is lower'),
  skinMm: lengthParameter(3, 3, 15).describe('Of its boards; between them are laths'),
})

/** A wall of laths between two boards, from the floor up, cut to the walls and the roof that it meets. */
export const partition = defineKind({
  id: 'partition',
  group: 'stowage',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: [],
  home: { ...onTheCentreline, turn: 90 },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [cutAllRound('board', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: () => [],
  services: () => [],
  facts: () => PLAIN,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, skinMm: DETAIL_MM },
  features: (p) => [
    line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
    line('side', [-p.depthMm / 2, p.heightMm * 0.9], [p.depthMm / 2, p.heightMm * 0.9]),
    line('front', [-p.lengthMm / 2, p.heightMm / 2], [p.lengthMm / 2, p.heightMm / 2]),
  ],
  parts: (p) => [
    board('skins', p.lengthMm, p.heightMm, p.skinMm, 2, 'birch-ply'),
    ...(p.depthMm > 2 * p.skinMm
      ? [board('laths', 3 * p.lengthMm + 3 * p.heightMm, 40, p.depthMm - 2 * p.skinMm)]
      : []),
  ],
})
