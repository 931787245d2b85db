import { z } from 'zod'
import { DETAIL, ONE_MORE } from '../adjust'
import { frontHeights, galleyUnit, standAt, unitFacts, unitHollow, unitInside, worktop } from '../base-unit'
import { piece } from '../boards'
import { HOB_FUELS, hobHeat, hobDraws, HOB_CAUTION } from '../hobs'
import { about, above, choiceParameter, countParameter, drawerRoom } from '../shapes'
import { drawerFront, line, rings } from '../symbols'

/** Height over a flame that stays free of shelves and curtains; common practice, no source: the maker’s figure rules. */
const OVER_FLAME_MM = 600
/** The shallow drawer under the rings ends so far below the top. */
const DRAWER_FROM_MM = 300
/** How far its drawer runs out, of its depth, and what it carries. */
const RUN = 0.8
const LOAD_KG = 5

/** A base unit with the hob built into its top, and a shallow drawer below. */
export const galleyHob = galleyUnit({
  id: 'galley-hob',
  length: [450, 320, 900],
  extra: {
    rings: countParameter(2, 1, 5),
    fuel: choiceParameter(HOB_FUELS),
    lid: z.boolean().default(true).describe('A lid over it gives worktop while it is cold'),
  },
  states: {
    stances: ['cooking', 'covered'],
    stanceFor: { driving: 'covered', living: 'cooking', sleeping: 'covered' },
  },
  meets: ['hob'],
  clearances: (p, stance) => {
    const { max } = frontHeights(p)
    return [
      standAt(p, stance === 'cooking' ? ['hob'] : ['worktop']),
      ...(stance === 'cooking'
        ? [above('over-flame', 'over', ['hob'], about(p.lengthMm), about(p.depthMm - 60), p.worktopMm, OVER_FLAME_MM)]
        : []),
      ...drawerRoom(['stowage'], about(p.lengthMm), -p.depthMm / 2, { min: max - 260, max: max - 90 }, p.depthMm * RUN),
    ]
  },
  services: (p, stance) => [
    ...(stance === 'cooking'
      ? [{ type: 'hob' as const, quantity: 1, approach: 'stand' }]
      : p.lid
        ? worktop(p, about(p.lengthMm))
        : []),
    unitInside(p, p.worktopMm - DRAWER_FROM_MM, 'puller'),
  ],
  facts: (p, stance) => ({
    ...unitFacts(p),
    heat: [{ ...hobHeat(p.fuel, p.rings), isLit: stance === 'cooking' }],
    draws: hobDraws(p.fuel, p.rings),
    isSteaming: stance === 'cooking',
    fronts: [
      {
        what: 'drawer',
        hung: 'runs',
        latch: 'catch',
        isOutside: false,
        run: { deepMm: p.depthMm, outMm: p.depthMm * RUN, loadKg: LOAD_KG },
      },
    ],
  }),
  // an oven, a bottle or a bin under it, behind a front of its own
  hollows: (p) => [unitHollow(p, 'panel', ['stand'], [], p.worktopMm - DRAWER_FROM_MM)],
  adjust: { rings: ONE_MORE, fuel: DETAIL, lid: DETAIL },
  features: (p, stance) => {
    const { min, max } = frontHeights(p)
    const half = p.lengthMm / 2
    return [
      ...(stance === 'cooking' || !p.lid
        ? rings(0, 0, p.rings, Math.min(p.lengthMm, p.depthMm) * 0.75)
        : [
            line('top', [-half + 20, p.depthMm / 2 - 40], [half - 20, p.depthMm / 2 - 40]),
            ...rings(0, 0, p.rings, Math.min(p.lengthMm, p.depthMm) * 0.75).map((feature) => ({
              ...feature,
              filled: false,
            })),
          ]),
      line('front', [-half + 30, max - 45], [half - 30, max - 45]),
      ...drawerFront(-half + 8, half - 8, max - 260, max - 90),
      ...drawerFront(-half + 8, half - 8, min, max - 265),
    ]
  },
  parts: (p) => [piece(`${p.fuel}-hob`, 2.5 + p.rings), piece('slides', 1.5)],
  change: { minutes: 0.1, hands: 1 },
  cautions: (p) => [HOB_CAUTION[p.fuel]],
})
