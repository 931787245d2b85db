import { z } from 'zod'
import { board, PLY_MM, piece } from '../boards'
import { defineKind } from '../contract'
import { centred, onTheWall, rigid } from '../shapes'
import { line, ring } from '../symbols'
import { sittingOn, TOILET, toiletParameters } from '../toilet'

const parameters = z.object(toiletParameters(420, 460))

/** A toilet in a box that one can also sit on. */
export const toiletBox = defineKind({
  id: 'toilet-box',
  group: 'wet',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['toilet'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.seatMm }),
  solids: (p) => [rigid('box', centred(p.lengthMm, p.depthMm, 0, p.seatMm))],
  clearances: (p) => sittingOn(p),
  services: () => [TOILET],
  features: (p) => [
    ring('top', 0, -20, Math.min(p.lengthMm, p.depthMm) * 0.36, true),
    line('front', [-p.lengthMm / 2, p.seatMm - 40], [p.lengthMm / 2, p.seatMm - 40]),
    line('side', [-p.depthMm / 2, p.seatMm - 40], [p.depthMm / 2, p.seatMm - 40]),
  ],
  parts: (p) => [
    board('sides', 2 * (p.lengthMm + p.depthMm), p.seatMm, PLY_MM, 1, 'birchPly'),
    board('lid', p.lengthMm, p.depthMm, PLY_MM, 1, 'birchPly'),
    piece('toilet', 5),
  ],
})
