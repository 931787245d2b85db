import { z } from 'zod'
import { rectangle } from '../../geometry'
import { massOfSheet } from '../../materials'
import { defineKind, type Feature, type LocalService } from '../contract'
import { centred, inFront, lengthParameter, onTheWall, scribed, STAND_MM } from '../shapes'

const BOARD_MM = 12
const TOP_MM = 25
const BASIN_MM = 380
const HOB_MM = 320
const BASIN_KG = 3
const HOB_KG = 4
const DOOR_WIDTH_MM = 450
const PLINTH_MM = 60

const parameters = z.object({
  lengthMm: lengthParameter(1400, 500, 3500),
  depthMm: lengthParameter(500, 350, 750).describe('At the worktop, from the wall to its front edge'),
  worktopMm: lengthParameter(900, 700, 1100).describe('Top of the worktop above the floor'),
  basin: z.boolean().default(true),
  hob: z.boolean().default(true),
})

type Galley = z.infer<typeof parameters>

const taken = (p: Galley) => (p.basin ? BASIN_MM + 40 : 0) + (p.hob ? HOB_MM + 40 : 0)

/** A run of carcasses with a worktop; the basin stands at its left end as one faces it, the hob at its right. */
export const galley = defineKind({
  id: 'galley',
  group: 'galley',
  parameters,
  stances: ['closed'],
  stanceFor: { driving: 'closed', living: 'closed', sleeping: 'closed' },
  meets: ['hob', 'basin'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.worktopMm }),
  solids: (p) => [scribed('carcass', centred(p.lengthMm, p.depthMm, 0, p.worktopMm))],
  clearances: (p) => [
    inFront(
      'stand',
      'stand',
      ['worktop', 'basin', 'hob'],
      { min: -p.lengthMm / 2, max: p.lengthMm / 2 },
      -p.depthMm / 2,
      STAND_MM,
    ),
  ],
  services: (p) => {
    const services: LocalService[] = [
      { type: 'worktop', quantity: Math.max(0, p.lengthMm - taken(p)), approach: 'stand' },
    ]
    if (p.basin) services.push({ type: 'basin', quantity: 1, approach: 'stand' })
    if (p.hob) services.push({ type: 'hob', quantity: 1, approach: 'stand' })
    return services
  },
  features: (p) => {
    const left = -p.lengthMm / 2
    const doors = Math.max(1, Math.round(p.lengthMm / DOOR_WIDTH_MM))
    const features: Feature[] = Array.from({ length: doors - 1 }, (_, index) => {
      const x = left + ((index + 1) * p.lengthMm) / doors
      return { view: 'front', shape: { kind: 'line', from: [x, PLINTH_MM], to: [x, p.worktopMm - TOP_MM] } }
    })
    features.push(
      { view: 'front', shape: { kind: 'line', from: [left, p.worktopMm - TOP_MM], to: [-left, p.worktopMm - TOP_MM] } },
      { view: 'front', shape: { kind: 'line', from: [left, PLINTH_MM], to: [-left, PLINTH_MM] } },
    )
    if (p.basin) {
      const half = Math.min(BASIN_MM, p.depthMm - 100) / 2
      features.push({
        view: 'top',
        filled: true,
        shape: { kind: 'polygon', points: rectangle(left + 40, -half, left + 40 + BASIN_MM, half) },
      })
    }
    if (p.hob) {
      features.push(
        { view: 'top', filled: true, shape: { kind: 'circle', centre: [-left - 220, 60], radius: 85 } },
        { view: 'top', filled: true, shape: { kind: 'circle', centre: [-left - 100, -90], radius: 60 } },
      )
    }
    return features
  },
  massKg: (p) =>
    massOfSheet(
      'poplarPly',
      p.lengthMm * p.worktopMm + p.depthMm * p.worktopMm * 3 + p.lengthMm * p.depthMm * 2,
      BOARD_MM,
    ) +
    massOfSheet('birchPly', p.lengthMm * p.depthMm, TOP_MM) +
    (p.basin ? BASIN_KG : 0) +
    (p.hob ? HOB_KG : 0),
})
