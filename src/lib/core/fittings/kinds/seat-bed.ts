import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, endAnd, FRONT, measure, ONE_MORE, topAnd } from '../adjust'
import { bedParameters, berth, entryInFront, sitUp } from '../bed'
import { foam, upholstered } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, countParameter, facingForward, lengthParameter, rigid } from '../shapes'
import { knees, placesAlong } from '../sitting'
import { box, line, pillows } from '../symbols'

const BACK_MM = 130
const BACK_HIGH_MM = 650
const KG_PER_PLACE = 26
/** Of that, for a belt and the frame that bears it; common practice, no source. */
const BELT_KG = 8

const parameters = z.object({
  places: countParameter(3, 1, 3),
  widthMm: lengthParameter(1250, 500, 1700).describe('Across all its places'),
  seatDepthMm: lengthParameter(550, 450, 700),
  bedMm: lengthParameter(1850, 1600, 2050).describe('Laid flat, with the board behind it'),
  seatMm: lengthParameter(430, 330, 500).describe('Top of the cushion above the floor'),
  cushionMm: lengthParameter(120, 60, 180),
  sofaDeg: z.number().min(91).max(140).default(110).describe('Backrest from the seat, as a sofa'),
  officeDeg: z.number().min(88).max(115).default(96).describe('Backrest from the seat, to work and travel'),
  belted: z.boolean().default(true).describe('Its places have belts; otherwise nobody travels on it'),
  head: bedParameters.head,
})

type SeatBed = z.infer<typeof parameters>

/** How far the backrest’s top leans behind its foot. */
const lean = (p: SeatBed, stance: string) =>
  Math.max(0, Math.sin((((stance === 'sofa' ? p.sofaDeg : p.officeDeg) - 90) * Math.PI) / 180) * BACK_HIGH_MM)
const behindIt = (p: SeatBed) => Math.max(lean(p, 'sofa') + BACK_MM, p.bedMm - p.seatDepthMm)

/**
 * A bench of a minivan that travels, works, lounges and sleeps: its backrest stands at an angle for each, and lies flat with a
 * board behind it as a bed. Its anchorages are work for a licensed fitter.
 */
export const seatBed = defineKind({
  id: 'seat-bed',
  group: 'sleeping',
  parameters,
  stances: ['office', 'sofa', 'bed'],
  stanceFor: { driving: 'office', living: 'sofa', sleeping: 'bed' },
  meets: ['belt', 'berth', 'seat'],
  home: facingForward,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.widthMm, depthMm: p.seatDepthMm, heightMm: p.seatMm + BACK_HIGH_MM }),
  reach: (p) => ({ back: behindIt(p) }),
  solids: (p, stance) => {
    const [half, front, back] = [p.widthMm / 2, -p.seatDepthMm / 2, p.seatDepthMm / 2]
    const seat = rigid('seat', block([-half, front, 0], [half, back, p.seatMm]))
    if (stance === 'bed')
      return [
        seat,
        rigid(
          'laid-backrest-and-board',
          block([-half, back, p.seatMm - p.cushionMm], [half, front + p.bedMm, p.seatMm]),
        ),
      ]
    const leaning = lean(p, stance)
    const top = p.seatMm + BACK_HIGH_MM
    return [
      seat,
      rigid('backrest', {
        axis: 'x',
        profile: [
          [back - BACK_MM, p.seatMm],
          [back, p.seatMm],
          [back + leaning, top],
          [back - BACK_MM + leaning, top],
        ],
        span: about(p.widthMm),
      }),
    ]
  },
  clearances: (p, stance) =>
    stance === 'bed'
      ? [
          entryInFront(about(p.widthMm), -p.seatDepthMm / 2),
          sitUp(about(p.widthMm), { min: -p.seatDepthMm / 2, max: p.bedMm - p.seatDepthMm / 2 }, 'y', p.seatMm, p.head),
        ]
      : [knees(['belt', 'seat'], about(p.widthMm), -p.seatDepthMm / 2, p.seatMm)],
  services: (p, stance) => {
    if (stance === 'bed')
      return [
        berth({
          x: about(p.widthMm),
          y: { min: -p.seatDepthMm / 2, max: p.bedMm - p.seatDepthMm / 2 },
          along: 'y',
          zMm: p.seatMm,
          sleepers: p.widthMm >= 1100 ? 2 : 1,
          head: p.head,
        }),
      ]
    const places = placesAlong(p.places, p.widthMm, -40)
    const cushion = { topMm: p.seatMm }
    const seats = { quantity: p.places, approach: 'knees', places }
    // belts hold only with the backrest up
    return stance === 'office' && p.belted
      ? [
          { type: 'belt', ...seats },
          { type: 'seat', ...seats, cushion },
        ]
      : [{ type: 'seat', ...seats, cushion }]
  },
  facts: () => ON_OWN_LEGS,
  adjust: {
    places: ONE_MORE,
    widthMm: endAnd('lying-width'),
    seatDepthMm: FRONT,
    bedMm: measure('lying-length'),
    seatMm: topAnd('seat', 'platform'),
    cushionMm: DETAIL_MM,
    sofaDeg: DETAIL,
    officeDeg: DETAIL,
    belted: DETAIL,
    head: DETAIL,
  },
  features: (p, stance) => {
    const [half, front, back] = [p.widthMm / 2, -p.seatDepthMm / 2, p.seatDepthMm / 2]
    const seats = Array.from({ length: p.places }, (_, index) => {
      const x = -half + (index * p.widthMm) / p.places
      return box('top', x + 12, front + 12, x + p.widthMm / p.places - 12, back - BACK_MM)
    })
    return [
      ...seats,
      ...(stance === 'bed'
        ? pillows(
            p.widthMm >= 1100 ? 2 : 1,
            -half,
            half,
            p.head === 'back' ? front + p.bedMm : front,
            p.head === 'back' ? -1 : 1,
            260,
          )
        : []),
      line('front', [-half, p.seatMm - p.cushionMm], [half, p.seatMm - p.cushionMm]),
      line('side', [front, p.seatMm - p.cushionMm], [back, p.seatMm - p.cushionMm]),
      line('side', [back - BACK_MM, 0], [back - BACK_MM, p.seatMm]),
    ]
  },
  parts: (p) => [
    p.belted
      ? upholstered('seat-frame-with-belts', KG_PER_PLACE, p.places)
      : upholstered('seat-frame', KG_PER_PLACE - BELT_KG, p.places),
    foam('board-cushion', p.widthMm, Math.max(1, p.bedMm - p.seatDepthMm), p.cushionMm),
  ],
  change: (_p, from, to) => ({ minutes: from === 'bed' || to === 'bed' ? 1.5 : 0.3, hands: 1 }),
  cautions: (p) => (p.belted ? ['belts'] : []),
})
