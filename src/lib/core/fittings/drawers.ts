import { z } from 'zod'
import { DETAIL, handle } from './adjust'
import type { FrontFact } from './facts'
import { choiceParameter } from './shapes'

const LATCHES = { positive: 'locking', 'soft-close': 'soft-close', lip: 'lip' } as const

/** What is chosen of a drawer: how far it runs out, what it carries, and what holds it on the road. */
export const drawerParameters = (extension: number, loadKg: number, mostKg: number) => ({
  extension: z.number().min(0.5).max(1).default(extension).describe('Share of the depth that they run out'),
  loadKg: z.number().min(2).max(mostKg).default(loadKg).meta({ unit: 'kg' }).describe('What each is to carry'),
  latch: choiceParameter(['positive', 'soft-close', 'lip']).describe('A heavy low drawer needs a latch that locks'),
})

/** So finely a drawer’s run is set. */
const RUN_STEP = 0.05

export const drawerAdjust = {
  extension: { ...handle('run-out'), step: RUN_STEP },
  loadKg: DETAIL,
  latch: handle('latch'),
} as const

interface Drawer {
  readonly depthMm: number
  readonly extension: number
  readonly loadKg: number
  readonly latch: keyof typeof LATCHES
}

/** One of the drawers of a unit, as rules read it. */
export const drawerFact = ({ depthMm, extension, loadKg, latch }: Drawer): FrontFact => ({
  what: 'drawer',
  hung: 'runs',
  latch: LATCHES[latch],
  isOutside: false,
  run: { deepMm: depthMm, outMm: depthMm * extension, loadKg },
})
