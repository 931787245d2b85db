import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, endAnd, frontAnd, handle } from '../adjust'
import { BED_ADJUST, bedParameters, bedSolids, berth, FRAME_MM, sitUp, sleepersParameter } from '../bed'
import { bedBase, foam } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, lengthParameter, through } from '../shapes'
import { box, line, pillows } from '../symbols'

const parameters = z.object({
  lyingMm: lengthParameter(1900, 1200, 2100).describe('For the sleeper, across the vehicle'),
  widthMm: lengthParameter(1200, 600, 1500).describe('Fore and aft, opened'),
  overMm: lengthParameter(700, 0, 1400).describe('How much of it lies over the cab, ahead of the bulkhead'),
  sleepers: sleepersParameter(2),
  ...bedParameters,
})

type Over = z.infer<typeof parameters>

/** Pushed up, the half behind the bulkhead folds onto the half over the cab. */
const overCab = (p: Over) => Math.min(p.overMm, p.widthMm - 100)

/** A bed over the cab. Its part behind the bulkhead slides forward by day, so that one can stand there. */
export const berthOvercab = defineKind({
  id: 'berth-overcab',
  group: 'sleeping',
  parameters,
  formerly: { lyingMm: 'lengthMm' },
  stances: ['made', 'pushed-forward'],
  stanceFor: { driving: 'pushed-forward', living: 'pushed-forward', sleeping: 'made' },
  meets: ['berth'],
  home: {
    along: { from: 'bulkhead', mm: 0 },
    across: { from: 'centreline', mm: 0 },
    up: { from: 'roof', mm: 650 },
    turn: 0,
    mirrored: false,
  },
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.widthMm - overCab(p),
    depthMm: p.lyingMm,
    heightMm: FRAME_MM + 2 * p.mattressMm,
  }),
  reach: (p) => ({ ends: overCab(p) }),
  solids: (p, stance) => {
    const [half, deep] = [(p.widthMm - overCab(p)) / 2, p.lyingMm / 2]
    const x = { min: stance === 'made' ? -half : half - 1, max: half + overCab(p) }
    const made = bedSolids(x, about(p.lyingMm), FRAME_MM, { ...p, edgeMm: 0 })
    const folded =
      stance === 'made'
        ? []
        : [
            through(
              'folded-half',
              block(
                [Math.max(half, half + overCab(p) - (p.widthMm - overCab(p))), -deep, FRAME_MM + p.mattressMm],
                [half + overCab(p) + 0.1, deep, FRAME_MM + 2 * p.mattressMm],
              ),
            ),
          ]
    return [...made.map((solid) => through(solid.id, solid.prism)), ...folded]
  },
  clearances: (p, stance) => {
    if (stance !== 'made') return []
    const half = (p.widthMm - overCab(p)) / 2
    return [
      {
        id: 'entry',
        use: 'entry',
        serves: ['berth'],
        need: 350,
        unit: 'mm',
        fromFloor: true,
        upTo: (amount) => block([-half - Math.max(1, amount), -350, 0], [-half, 350, 1300]),
      },
      sitUp({ min: -half, max: half }, about(p.lyingMm), 'y', FRAME_MM + p.mattressMm, p.head),
    ]
  },
  services: (p, stance) => {
    const half = (p.widthMm - overCab(p)) / 2
    return stance === 'made'
      ? [
          berth({
            x: { min: -half, max: half + overCab(p) },
            y: about(p.lyingMm),
            along: 'y',
            zMm: FRAME_MM + p.mattressMm,
            sleepers: p.sleepers,
            edgeMm: p.edgeMm,
            over: p.sleepers - 1,
            head: p.head,
            base: p.base,
          }),
        ]
      : []
  },
  facts: () => ON_OWN_LEGS,
  adjust: {
    lyingMm: frontAnd('lying-length'),
    widthMm: endAnd('lying-width'),
    overMm: DETAIL_MM,
    sleepers: handle('sleepers'),
    ...BED_ADJUST,
  },
  features: (p, stance) => {
    const half = (p.widthMm - overCab(p)) / 2
    const head = p.head === 'back' ? p.lyingMm / 2 : -p.lyingMm / 2
    return [
      ...(stance === 'made' ? pillows(p.sleepers, -half, half + overCab(p), head, p.head === 'back' ? -1 : 1) : []),
      line('top', [half, -p.lyingMm / 2], [half, p.lyingMm / 2]),
      box(
        'front',
        stance === 'made' ? -half + 20 : half,
        FRAME_MM + 15,
        half + overCab(p),
        FRAME_MM + p.mattressMm - 15,
      ),
      box('side', -p.lyingMm / 2 + 20, FRAME_MM + 15, p.lyingMm / 2 - 20, FRAME_MM + p.mattressMm - 15),
    ]
  },
  parts: (p) => [
    ...bedBase(p.base, p.lyingMm, p.widthMm, FRAME_MM),
    foam('mattress', p.lyingMm, p.widthMm, p.mattressMm),
  ],
  change: () => ({ minutes: 1.5, hands: 1 }),
  cautions: () => ['overhead', 'crash-path'],
})
