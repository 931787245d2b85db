import { z } from 'zod'
import {
  frontHeights,
  standAt,
  unitBoards,
  unitInside,
  unitLines,
  unitParameters,
  unitSize,
  unitSolids,
  worktop,
} from '../base-unit'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { about, above, choiceParameter, drawerPull, inFront, onTheWall, PULLER_MM } from '../shapes'
import { drawerFront, line, rings } from '../symbols'

/** Height over a flame that stays free of shelves and curtains; common practice, no source: the maker’s figure rules. */
const OVER_FLAME_MM = 600

const parameters = z.object({
  ...unitParameters(450, 320, 900),
  rings: z.number().int().min(1).max(3).default(2),
  fuel: choiceParameter(['gas', 'induction', 'diesel']),
  lid: z.boolean().default(true).describe('A lid over it gives worktop while it is cold'),
})

/** A base unit with the hob built into its top, and a shallow drawer below. */
export const galleyHob = defineKind({
  id: 'galley-hob',
  group: 'galley',
  parameters,
  stances: ['cooking', 'covered'],
  stanceFor: { driving: 'covered', living: 'cooking', sleeping: 'covered' },
  meets: ['hob'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: unitSize,
  solids: (p) => unitSolids(p),
  clearances: (p, stance) => {
    const run = p.depthMm * 0.8
    const { max } = frontHeights(p)
    return [
      standAt(p, stance === 'cooking' ? ['hob'] : ['worktop']),
      ...(stance === 'cooking'
        ? [above('over-flame', 'over', ['hob'], about(p.lengthMm), about(p.depthMm - 60), p.worktopMm, OVER_FLAME_MM)]
        : []),
      drawerPull(['stowage'], about(p.lengthMm), -p.depthMm / 2, { min: max - 260, max: max - 90 }, run),
      inFront('puller', 'stand', ['stowage'], about(p.lengthMm), -p.depthMm / 2, run + PULLER_MM),
    ]
  },
  services: (p, stance) => [
    ...(stance === 'cooking'
      ? [{ type: 'hob' as const, quantity: 1, approach: 'stand' }]
      : p.lid
        ? worktop(p, about(p.lengthMm))
        : []),
    unitInside(p, p.worktopMm - 300, 'puller'),
  ],
  features: (p, stance) => {
    const { min, max } = frontHeights(p)
    const half = p.lengthMm / 2
    return [
      ...(stance === 'cooking' || !p.lid
        ? rings(0, 0)
        : [
            line('top', [-half + 20, p.depthMm / 2 - 40], [half - 20, p.depthMm / 2 - 40]),
            ...rings(0, 0).map((feature) => ({ ...feature, filled: false })),
          ]),
      line('front', [-half + 30, max - 45], [half - 30, max - 45]),
      ...drawerFront(-half + 8, half - 8, max - 260, max - 90),
      ...drawerFront(-half + 8, half - 8, min, max - 265),
      ...unitLines(p),
    ]
  },
  parts: (p) => [...unitBoards(p), piece(`${p.fuel} hob`, 2.5 + p.rings), piece('slides', 1.5)],
  change: () => ({ minutes: 0.1, hands: 1 }),
  cautions: (p) => (p.fuel === 'gas' ? ['gas'] : p.fuel === 'diesel' ? ['fuel'] : ['mains']),
})
