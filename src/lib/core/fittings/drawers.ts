import { z } from 'zod'
import { type Box, boxPrism, type Prism } from '../geometry'
import { DETAIL, handle, measure } from './adjust'
import type { FrontFact } from './facts'
import { choiceParameter, lengthParameter } from './shapes'

const LATCHES = { positive: 'locking', 'soft-close': 'soft-close', lip: 'lip' } as const

/** What is chosen of a drawer: how far it runs out, what it carries, and what holds it on the road. */
export const drawerParameters = (extension: number, loadKg: number, mostKg: number) => ({
  extension: z.number().min(0.5).max(1).default(extension).describe('Share of the depth that they run out'),
  loadKg: z.number().min(2).max(mostKg).default(loadKg).meta({ unit: 'kg' }).describe('What each is to carry'),
  latch: choiceParameter(['positive', 'soft-close', 'lip']).describe('A heavy low drawer needs a latch that locks'),
  boxMm: lengthParameter(0, 0, 1800).describe(
    'How deep their boxes are; 0 for as deep as the carcass: a shorter one leaves room behind it',
  ),
})

/** So finely a drawer’s run is set. */
const RUN_STEP = 0.05

export const drawerAdjust = {
  extension: { ...handle('run-out'), step: RUN_STEP },
  loadKg: DETAIL,
  latch: handle('latch'),
  boxMm: measure('drawer-box'),
} as const

interface Drawer {
  readonly depthMm: number
  readonly extension: number
  readonly loadKg: number
  readonly latch: keyof typeof LATCHES
  readonly boxMm: number
}

/** A box that is not as deep as this is none: the drawer is as deep as its carcass. */
const LEAST_BOX_MM = 100

/** What the drawers’ boxes take of the depth, and how far they run out. */
const boxDeep = ({ depthMm, boxMm }: Pick<Drawer, 'depthMm' | 'boxMm'>): number =>
  boxMm >= LEAST_BOX_MM ? Math.min(boxMm, depthMm) : depthMm
export const runOut = (p: Pick<Drawer, 'depthMm' | 'boxMm' | 'extension'>): number => boxDeep(p) * p.extension

/** The drawers’ boxes, within a room of their unit: from its front as deep as they are. */
export const drawerBoxes = (room: Box, p: Pick<Drawer, 'depthMm' | 'boxMm'>): Prism => {
  const to = Math.min(room.y.max, -p.depthMm / 2 + boxDeep(p))
  return boxPrism({ ...room, y: { min: room.y.min, max: to } })
}

/** One of the drawers of a unit, as rules read it. */
export const drawerFact = (p: Drawer): FrontFact => ({
  what: 'drawer',
  hung: 'runs',
  latch: LATCHES[p.latch],
  isOutside: false,
  run: { deepMm: boxDeep(p), outMm: runOut(p), loadKg: p.loadKg },
})
