import { z } from 'zod'
import { DETAIL_MM, END, FRONT, handle, TOP } from '../adjust'
import { board, LIGHT_PLY_MM, piece } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { about, centred, doorSwing, hingeParameter, kneeling, lengthParameter, onTheWall, rigid } from '../shapes'
import { leaf, line, parted, ring } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(900, 400, 1400),
  depthMm: lengthParameter(600, 350, 900),
  heightMm: lengthParameter(650, 350, 900),
  hinge: hingeParameter,
  passMm: lengthParameter(300, 0, 500).describe(
    'Opening in its back, to pass through to the garage or outside; 0 for none',
  ),
})

/** A crate for a dog, fixed to the floor, with a barred door and a pass-through in its back. */
export const dogCrate = defineKind({
  id: 'dog-crate',
  group: 'stowage',
  parameters,
  stances: ['shut', 'open'],
  stanceFor: { driving: 'shut', living: 'open', sleeping: 'open' },
  meets: ['pet-place'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('crate', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    doorSwing(['pet-place'], { min: -p.lengthMm / 4, max: p.lengthMm / 4 }, -p.depthMm / 2, p.hinge, {
      min: 30,
      max: p.heightMm - 40,
    }),
    kneeling(['pet-place'], about(Math.min(p.lengthMm, 600)), -p.depthMm / 2),
  ],
  services: (p) => [
    {
      type: 'pet-place',
      quantity: 1,
      approach: 'kneel',
      inside: centred(p.lengthMm - 40, p.depthMm - 40, LIGHT_PLY_MM, p.heightMm - LIGHT_PLY_MM),
    },
  ],
  facts: (p) => ({ ...PLAIN, fronts: [{ what: 'door', hung: p.hinge, latch: 'locking', isOutside: false }] }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, hinge: handle('hinge'), passMm: DETAIL_MM },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...parted('top', -half, half, -p.depthMm / 2, -p.depthMm / 2 + 30, 10),
      ring('top', half * 0.4, 0, Math.min(p.depthMm, p.lengthMm) * 0.22),
      ...leaf(-half / 2, half / 2, 30, p.heightMm - 40, p.hinge),
      ...parted('front', -half / 2, half / 2, 30, p.heightMm - 40, 6),
      ...(p.passMm > 0 ? [line('top', [-p.passMm / 2, p.depthMm / 2 - 20], [p.passMm / 2, p.depthMm / 2 - 20])] : []),
      ...parted('side', -p.depthMm / 2, p.depthMm / 2, 30, p.heightMm - 40, 6),
    ]
  },
  parts: (p) => [
    board('floor-and-top', p.lengthMm, p.depthMm, LIGHT_PLY_MM, 2),
    board('back-and-ends', p.lengthMm + 2 * p.depthMm, p.heightMm, LIGHT_PLY_MM),
    piece('barred-door', 3.5),
  ],
  change: () => ({ minutes: 0.1, hands: 1 }),
  cautions: () => ['crash-path'],
})
