import { z } from 'zod'
import { block } from '../../geometry'
import { PLINTH_MM, standAt, unitBoards, unitLines, unitParameters, unitSize, unitSolids, worktop } from '../base-unit'
import { piece, TOP_MM } from '../boards'
import { defineKind, type LocalService } from '../contract'
import { basinTop, parted, rings, tapFront } from '../symbols'

const BASIN_MM = 380
const HOB_MM = 320
const DOOR_WIDTH_MM = 450
const EDGE_MM = 40

const parameters = z.object({
  ...unitParameters(1400, 500, 3500),
  basin: z.boolean().default(true),
  hob: z.boolean().default(true),
})

type Galley = z.infer<typeof parameters>

/** What stays free between basin and hob. */
const between = (p: Galley) => ({
  min: -p.lengthMm / 2 + (p.basin ? BASIN_MM + EDGE_MM : 0),
  max: p.lengthMm / 2 - (p.hob ? HOB_MM + EDGE_MM : 0),
})

/** A whole run in one: a worktop with the basin at its left end as one faces it, the hob at its right, doors below. */
export const galley = defineKind({
  id: 'galley',
  group: 'galley',
  parameters,
  stances: ['closed'],
  stanceFor: { driving: 'closed', living: 'closed', sleeping: 'closed' },
  meets: ['hob', 'basin'],
  home: {
    along: { from: 'rear', mm: 0 },
    across: { from: 'left-wall', mm: 0 },
    up: { from: 'floor', mm: 0 },
    turn: 0,
    mirrored: false,
  },
  scribedAt: 'top',
  footprint: unitSize,
  solids: unitSolids,
  clearances: (p) => [standAt(p, ['worktop', 'basin', 'hob'])],
  services: (p) => {
    const services: LocalService[] = [...worktop(p, between(p))]
    if (p.basin) services.push({ type: 'basin', quantity: 1, approach: 'stand' })
    if (p.hob) {
      const [right, back] = [p.lengthMm / 2, p.depthMm / 2]
      const surface = block([right - HOB_MM, -back, p.worktopMm - 1], [right, back, p.worktopMm])
      services.push({ type: 'hob', quantity: 1, approach: 'stand', surface })
    }
    return services
  },
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
      ...unitLines(p),
      ...(p.basin
        ? [
            ...basinTop(left + EDGE_MM, -half, basinTo, half),
            ...tapFront(Math.min(left + 230, -left - 45), p.worktopMm),
          ]
        : []),
      ...(p.hob ? rings(-left - 160, 0) : []),
    ]
  },
  parts: (p) => [
    ...unitBoards(p, 1),
    ...(p.basin ? [piece('basin and tap', 3)] : []),
    ...(p.hob ? [piece('hob', 4)] : []),
  ],
  cautions: (p) => (p.hob ? ['gas'] : []),
})
