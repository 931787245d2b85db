import { z } from 'zod'
import { ACCESS } from '../../people'
import { DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { about, above, centred, ENTRY_MM, inFront, lengthParameter, onTheWall, rigid } from '../shapes'
import { cross, line, ring } from '../symbols'

const [ROLL_LONG_MM, ROLL_DEEP_MM] = ACCESS.rollInShowerMm

const parameters = z.object({
  lengthMm: lengthParameter(ROLL_LONG_MM, 800, 1900),
  depthMm: lengthParameter(ROLL_DEEP_MM, 700, 1200),
  edgeMm: lengthParameter(12, 5, 40).describe('Height of its edge over the floor: no more than wheels roll over'),
  headMm: lengthParameter(1900, 1400, 2100).describe('Of the shower head above its base'),
})

/** A flat tray that a wheelchair rolls onto, with a curtain; the vehicle must stand level for it to drain. */
export const trayRollin = defineKind({
  id: 'tray-rollin',
  group: 'wet',
  parameters,
  stances: ['free'],
  stanceFor: { driving: 'free', living: 'free', sleeping: 'free' },
  meets: ['shower'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.edgeMm }),
  solids: (p) => [rigid('tray', centred(p.lengthMm, p.depthMm, 0, p.edgeMm))],
  clearances: (p) => [
    inFront('entry', 'entry', ['shower'], about(p.lengthMm), -p.depthMm / 2, ENTRY_MM * 2),
    above('inside', 'stand-inside', ['shower'], about(p.lengthMm), about(p.depthMm), p.edgeMm, p.headMm - p.edgeMm),
  ],
  services: (p) => [{ type: 'shower', quantity: 1, approach: 'entry', sizeMm: [p.lengthMm, p.depthMm] }],
  facts: (p) => ({
    ...BOUGHT,
    isSplashed: true,
    isSteaming: true,
    drainsAtMm: 0,
    staysByWeight: true,
    treads: [{ zMm: p.edgeMm, isOutside: false }],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, edgeMm: TOP, headMm: DETAIL_MM },
  features: (p) => [
    ...cross('top', -p.lengthMm / 2, -p.depthMm / 2, p.lengthMm / 2, p.depthMm / 2),
    ring('top', 0, 0, 45, true),
    line('front', [-p.lengthMm / 2, p.edgeMm / 2], [p.lengthMm / 2, p.edgeMm / 2]),
    line('side', [-p.depthMm / 2, p.edgeMm / 2], [p.depthMm / 2, p.edgeMm / 2]),
  ],
  parts: (p) => [
    board('tray', p.lengthMm, p.depthMm, Math.min(p.edgeMm, 8), 1, 'polyethylene'),
    piece('drain-shower-and-curtain', 5),
  ],
  cautions: () => ['stands-level'],
})
