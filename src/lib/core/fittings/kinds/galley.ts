import { z } from 'zod'
import { block, type Prism } from '../../geometry'
import { DETAIL } from '../adjust'
import { galleyUnit, PLINTH_MM, standAt, type Unit, unitFacts, unitHollow, worktop } from '../base-unit'
import { piece, TOP_MM } from '../boards'
import type { LocalHollow, LocalService } from '../contract'
import { HOB_FUELS, hobHeat, HOB_CAUTION } from '../hobs'
import { choiceParameter } from '../shapes'
import { basinTop, parted, rings, tapFront } from '../symbols'

const BASIN_MM = 380
const HOB_MM = 320
const DOOR_WIDTH_MM = 450
const EDGE_MM = 40

const RINGS = 2

interface Galley extends Unit {
  readonly basin: boolean
  readonly hob: boolean
  readonly fuel: (typeof HOB_FUELS)[number]
}

/** The hob’s own part of the top. */
const hobSurface = (p: Galley): Prism => {
  const [right, back] = [p.lengthMm / 2, p.depthMm / 2]
  return block([right - HOB_MM, -back, p.worktopMm - 1], [right, back, p.worktopMm])
}

/** The bowl under the top, which takes room from what is below it. */
const bowl = (p: Galley): LocalHollow['taken'][number] => {
  const left = -p.lengthMm / 2 + EDGE_MM
  const half = Math.min(BASIN_MM, p.depthMm - 100) / 2
  return {
    id: 'basin',
    prism: block(
      [left, -half, p.worktopMm - TOP_MM - BOWL_MM],
      [Math.min(left + BASIN_MM, -left), half, p.worktopMm - TOP_MM],
    ),
  }
}
/** From the bowl’s bottom to the top of its tap. */
const overBowl = (p: Galley): Prism => ({
  ...bowl(p).prism,
  span: { min: p.worktopMm - TOP_MM - BOWL_MM, max: p.worktopMm + TAP_MM },
})
const TAP_MM = 250
/** Depth of a bowl under the top. Common practice, no source. */
const BOWL_MM = 150

/** What stays free between basin and hob. */
const between = (p: Galley) => ({
  min: -p.lengthMm / 2 + (p.basin ? BASIN_MM + EDGE_MM : 0),
  max: p.lengthMm / 2 - (p.hob ? HOB_MM + EDGE_MM : 0),
})

/** A whole run in one: a worktop with the basin at its left end as one faces it, the hob at its right, doors below. */
export const galley = galleyUnit({
  id: 'galley',
  length: [1400, 500, 3500],
  extra: { basin: z.boolean().default(true), hob: z.boolean().default(true), fuel: choiceParameter(HOB_FUELS) },
  states: { stances: ['closed'], stanceFor: { driving: 'closed', living: 'closed', sleeping: 'closed' } },
  meets: ['hob', 'basin'],
  clearances: (p) => [standAt(p, ['worktop', 'basin', 'hob'])],
  services: (p) => {
    const services: LocalService[] = [...worktop(p, between(p))]
    if (p.basin) services.push({ type: 'basin', quantity: 1, approach: 'stand' })
    if (p.hob) services.push({ type: 'hob', quantity: 1, approach: 'stand', surface: hobSurface(p) })
    return services
  },
  facts: (p) => ({
    ...unitFacts(p),
    ...(p.basin ? { isSplashed: true, splashAt: overBowl(p), drainsAtMm: p.worktopMm - 400 } : {}),
    ...(p.hob
      ? {
          heat: [{ ...hobHeat(p.fuel, RINGS), isLit: true, at: hobSurface(p) }],
          isSteaming: true,
        }
      : {}),
  }),
  adjust: { basin: DETAIL, hob: DETAIL, fuel: DETAIL },
  features: (p) => {
    const left = -p.lengthMm / 2
    const half = Math.min(BASIN_MM, p.depthMm - 100) / 2
    const basinTo = Math.min(left + EDGE_MM + BASIN_MM, -left)
    return [
      ...parted(
        'front',
        left,
        -left,
        PLINTH_MM,
        p.worktopMm - TOP_MM,
        Math.max(1, Math.round(p.lengthMm / DOOR_WIDTH_MM)),
      ),
      ...(p.basin
        ? [
            ...basinTop(left + EDGE_MM, -half, basinTo, half),
            ...tapFront(Math.min(left + 230, -left - 45), p.worktopMm),
          ]
        : []),
      ...(p.hob ? rings(-left - 160, 0) : []),
    ]
  },
  hollows: (p) => [unitHollow(p, 'door', ['stand'], p.basin ? [bowl(p)] : [])],
  shelves: () => 1,
  parts: (p) => [...(p.basin ? [piece('basin-and-tap', 3)] : []), ...(p.hob ? [piece('hob', 4)] : [])],
  cautions: (p) => (p.hob ? [HOB_CAUTION[p.fuel]] : []),
})
