import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { centred, lengthParameter, onTheWall, outside } from '../shapes'
import { levels, line } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(550, 350, 1400),
  outMm: lengthParameter(260, 150, 400).describe('How far its tread stands out'),
  dropMm: lengthParameter(250, 120, 700).describe('Below the floor; it must not cost ground clearance on the road'),
})

const CASE_MM = 260
const THICK_MM = 70
const TREAD_MM = 40

/** Its tread when it is out, over its base. */
const treadTop = (p: { dropMm: number }): number => THICK_MM - p.dropMm + TREAD_MM

/** A step under the sill of a door, that slides or folds out; its back is to the outside. */
export const step = defineKind({
  id: 'step',
  group: 'machines',
  parameters,
  stances: ['pushed-in', 'out'],
  stanceFor: { driving: 'pushed-in', living: 'out', sleeping: 'pushed-in' },
  meets: [],
  home: { ...onTheWall, up: { from: 'under-floor', mm: 0 } },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: CASE_MM, heightMm: THICK_MM }),
  reach: (p) => ({ back: p.outMm, down: p.dropMm }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, CASE_MM / 2]
    const slot = outside('case', centred(p.lengthMm, CASE_MM, 0, THICK_MM))
    return stance === 'pushed-in'
      ? [slot]
      : [slot, outside('tread', block([-half, back, THICK_MM - p.dropMm], [half, back + p.outMm, treadTop(p)]))]
  },
  clearances: () => [],
  services: () => [],
  facts: (p, stance) => ({ ...BOUGHT, treads: stance === 'out' ? [{ zMm: treadTop(p), isOutside: true }] : [] }),
  adjust: { lengthMm: END, outMm: DETAIL_MM, dropMm: DETAIL_MM },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, CASE_MM / 2]
    return [
      ...(stance === 'out'
        ? levels('top', -half + 30, half - 30, back, back + p.outMm, 5)
        : levels('top', -half + 30, half - 30, -back, back, 4)),
      line('front', [-half, THICK_MM / 2], [half, THICK_MM / 2]),
      line('side', [-back, THICK_MM / 2], [back, THICK_MM / 2]),
    ]
  },
  parts: (p) => [piece('step', 5 + p.lengthMm * 0.006)],
  change: () => ({ minutes: 0.1, hands: 1 }),
  cautions: () => ['under-floor'],
})
