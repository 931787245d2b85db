import { z } from 'zod'
import { type Box, boxPrism, type Prism, spanLength } from '../geometry'
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
  boxHighMm: lengthParameter(0, 0, 600).describe(
    'How high their boxes are; 0 for as high as there is room: a shallow one leaves dead room over it',
  ),
})

/** So finely a drawer’s run is set. */
const RUN_STEP = 0.05

export const drawerAdjust = {
  extension: { ...handle('run-out'), step: RUN_STEP },
  loadKg: DETAIL,
  latch: handle('latch'),
  boxMm: measure('drawer-box'),
  boxHighMm: measure('drawer-height'),
} as const

interface Drawer {
  readonly depthMm: number
  readonly extension: number
  readonly loadKg: number
  readonly latch: keyof typeof LATCHES
  readonly boxMm: number
  readonly boxHighMm: number
  readonly drawers: number
}

/** A box that is not as deep as this is none: the drawer is as deep as its carcass. */
const LEAST_BOX_MM = 100

/** What the drawers’ boxes take of the depth, and how far they run out. */
const boxDeep = ({ depthMm, boxMm }: Pick<Drawer, 'depthMm' | 'boxMm'>): number =>
  boxMm >= LEAST_BOX_MM ? Math.min(boxMm, depthMm) : depthMm
export const runOut = (p: Pick<Drawer, 'depthMm' | 'boxMm' | 'extension'>): number => boxDeep(p) * p.extension

/** A box that is not as high as this is none: the drawer is as high as there is room. */
const LEAST_HIGH_MM = 30
/** How high each drawer’s box is, of the room that each has. */
function boxHigh(room: Box, { drawers, boxHighMm }: Pick<Drawer, 'drawers' | 'boxHighMm'>): number {
  const each = spanLength(room.z) / drawers
  return boxHighMm >= LEAST_HIGH_MM ? Math.min(boxHighMm, each) : each
}

/** The drawers’ boxes, within a room of their unit: from its front as deep as they are, and together as high. */
export const drawerBoxes = (room: Box, p: Omit<Drawer, 'extension' | 'loadKg' | 'latch'>): Prism =>
  boxPrism({
    ...room,
    y: { min: room.y.min, max: Math.min(room.y.max, -p.depthMm / 2 + boxDeep(p)) },
    z: { min: room.z.min, max: room.z.min + p.drawers * boxHigh(room, p) },
  })

const litres = (x: number, y: number, z: number): number => Math.max(0, x) * Math.max(0, y) * Math.max(0, z) * 1e-6

/** The drawers of a unit, in the room that is theirs, as rules read them. */
export function drawerFact(p: Drawer, room: Box): FrontFact {
  const [wide, high] = [spanLength(room.x), p.drawers * boxHigh(room, p)]
  const out = runOut(p)
  return {
    what: 'drawer',
    hung: 'runs',
    latch: LATCHES[p.latch],
    isOutside: false,
    run: {
      deepMm: boxDeep(p),
      outMm: out,
      loadKg: p.loadKg,
      behindLitres: litres(wide, boxDeep(p) - out, high),
      overLitres: litres(wide, Math.min(boxDeep(p), spanLength(room.y)), spanLength(room.z) - high),
    },
  }
}
