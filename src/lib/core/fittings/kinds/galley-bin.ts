import { z } from 'zod'
import {
  frontHeights,
  standAt,
  unitBoards,
  unitLines,
  unitParameters,
  unitSize,
  unitSolids,
  worktop,
} from '../base-unit'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { about, drawerPull, inFront, onTheWall, PULLER_MM } from '../shapes'
import { box, drawerFront, ring } from '../symbols'

const parameters = z.object({
  ...unitParameters(300, 200, 600),
  bins: z.number().int().min(1).max(3).default(2).describe('To sort into'),
})

/** A base unit whose front pulls out with bins behind it. */
export const galleyBin = defineKind({
  id: 'galley-bin',
  group: 'galley',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: [],
  home: onTheWall,
  scribedAt: 'top',
  footprint: unitSize,
  solids: (p) => unitSolids(p),
  clearances: (p) => {
    const run = p.depthMm * 0.85
    return [
      standAt(p, ['worktop']),
      drawerPull(['worktop'], about(p.lengthMm), -p.depthMm / 2, frontHeights(p), run),
      inFront('puller', 'stand', ['worktop'], about(p.lengthMm), -p.depthMm / 2, run + PULLER_MM),
    ]
  },
  services: (p) => worktop(p, about(p.lengthMm)),
  features: (p) => {
    const { min, max } = frontHeights(p)
    const deep = (p.depthMm - 80) / p.bins
    return [
      ...Array.from({ length: p.bins }, (_, index) =>
        ring('top', 0, -p.depthMm / 2 + 40 + deep * (index + 0.5), Math.min(deep, p.lengthMm - 60) / 2 - 8),
      ),
      ...drawerFront(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, min, max),
      box('front', -p.lengthMm / 4, min + 80, p.lengthMm / 4, min + 240),
      ...unitLines(p),
    ]
  },
  parts: (p) => [...unitBoards(p), piece('bins', 0.8, p.bins), piece('slides', 2)],
})
