import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, FRONT, level, ONE_MORE } from '../adjust'
import { upholstered } from '../boards'
import { defineKind, type LocalService } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, countParameter, facingForward, lengthParameter, rigid } from '../shapes'
import { knees, placesAlong } from '../sitting'
import { box, line } from '../symbols'

const PLACE_MM = 460
const BACK_MM = 130
const BACK_HEIGHT_MM = 1080
/** Tubes of its frame, and the cushion with what bears it: room between them is free. Common practice, no source: its maker says. */
const FRAME_MM = 40
const CUSHION_MM = 180
const KG_PER_PLACE = 22
/** A child’s seat stands out this far before the bench’s own cushion; common practice, no source. */
const CHILD_SEAT_MM = 150

const parameters = z.object({
  places: countParameter(2, 1, 3),
  depthMm: lengthParameter(620, 500, 800),
  seatMm: lengthParameter(440, 350, 520).describe('Top of the cushion above the floor'),
  childSeats: countParameter(0, 0, 3).describe('Places with a child’s seat'),
  removable: z.boolean().default(false).describe('Comes out of its floor fixings by its levers'),
})

type Bench = z.infer<typeof parameters>
const width = (p: Bench) => p.places * PLACE_MM + 40
const children = (p: Bench) => Math.min(p.childSeats, p.places)

/** A bench with belts and backrest that faces forward. Its anchorages are work for a licensed fitter. */
export const benchBelted = defineKind({
  id: 'bench-belted',
  group: 'sitting',
  parameters,
  stances: ['upright', 'folded'],
  stanceFor: { driving: 'upright', living: 'upright', sleeping: 'upright' },
  meets: ['belt'],
  home: facingForward,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: width(p), depthMm: p.depthMm, heightMm: BACK_HEIGHT_MM }),
  reach: (p) => ({ front: children(p) > 0 ? CHILD_SEAT_MM : 0 }),
  solids: (p, stance) => {
    const half = width(p) / 2
    const back = p.depthMm / 2
    const seat = rigid('seat', block([-half, -back, 0], [half, back, p.seatMm]))
    if (stance === 'folded')
      return [seat, rigid('folded-backrest', block([-half, -back, p.seatMm], [half, back, p.seatMm + BACK_MM]))]
    const child = children(p)
    return [
      seat,
      rigid('backrest', block([-half, back - BACK_MM, p.seatMm], [half, back, BACK_HEIGHT_MM])),
      ...(child === 0
        ? []
        : [
            rigid(
              'childs-seat',
              block(
                [half - 20 - child * PLACE_MM, -back - CHILD_SEAT_MM, p.seatMm],
                [half - 20, back - BACK_MM, p.seatMm + 450],
              ),
            ),
          ]),
    ]
  },
  clearances: (p, stance) =>
    stance === 'folded'
      ? []
      : [
          knees(
            ['belt', 'seat'],
            { min: -width(p) / 2 + 40, max: width(p) / 2 - 40 },
            -p.depthMm / 2 - (children(p) > 0 ? CHILD_SEAT_MM : 0),
            p.seatMm,
          ),
        ],
  services: (p, stance) => {
    if (stance === 'folded') return []
    const places = placesAlong(p.places, p.places * PLACE_MM, -40)
    const belts: LocalService = { type: 'belt', quantity: p.places, approach: 'knees', places }
    const free = p.places - children(p)
    return free > 0
      ? [
          belts,
          {
            type: 'seat',
            quantity: free,
            approach: 'knees',
            places: places.slice(0, free),
            cushion: { topMm: p.seatMm },
          },
        ]
      : [belts]
  },
  hollows: (p, stance) => [
    {
      id: 'under-seat',
      room: {
        x: about(width(p) - 2 * FRAME_MM),
        y: { min: -p.depthMm / 2 + FRAME_MM, max: p.depthMm / 2 - BACK_MM },
        z: { min: 0, max: p.seatMm - CUSHION_MM },
      },
      taken: [],
      by: stance === 'folded' ? 'open' : 'panel',
      through: stance === 'folded' ? [] : ['knees'],
    },
  ],
  facts: () => ON_OWN_LEGS,
  adjust: { places: ONE_MORE, depthMm: FRONT, seatMm: level('seat'), childSeats: DETAIL, removable: DETAIL },
  features: (p, stance) => {
    const back = p.depthMm / 2
    const cushions = Array.from({ length: p.places }, (_, index) => {
      const x = -width(p) / 2 + 20 + index * PLACE_MM
      return box('top', x + 15, -back + 15, x + PLACE_MM - 15, back - BACK_MM)
    })
    return [
      ...cushions,
      ...Array.from({ length: p.places }, (_, index) => {
        const x = -width(p) / 2 + 20 + index * PLACE_MM
        const z = stance === 'folded' ? p.seatMm : BACK_HEIGHT_MM - 200
        return box('front', x + 110, z, x + PLACE_MM - 110, stance === 'folded' ? p.seatMm + BACK_MM : BACK_HEIGHT_MM)
      }),
      line('side', [-back, p.seatMm - 110], [back, p.seatMm - 110]),
    ]
  },
  parts: (p) => [upholstered('seat-with-belt', KG_PER_PLACE, p.places), upholstered('childs-seat', 7, children(p))],
  change: () => ({ minutes: 0.5, hands: 1 }),
  cautions: () => ['belts'],
})
