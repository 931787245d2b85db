import {
  depthAt,
  widestAcross,
  longestBoard,
  throughDoor,
  boxInside,
  type Interior,
  heightThere,
  isAhead,
  noCabBecause,
  stepsAt,
  widthThere,
  clearWidth,
  worstProtrusion,
} from '../shell'
import { z } from 'zod'
import { prismBounds, spanLength, type Box } from '../geometry'
import { TOUCH_MM } from '../units'
import { ceilingAreaM2, floorAreaM2, volumeM3 } from './areas'

const x = z.number().min(-1000).max(16_000)
const y = z.number().min(-2000).max(2000)
const height = z.number().min(-500).max(4500)
const length = z.number().min(1).max(16_000)
const question = <T extends string, S extends z.ZodRawShape>(ask: T, fields: S) =>
  z.object({ ask: z.literal(ask), ...fields })

/** What can be asked of the lined space; lengths in mm, vehicle frame, heights above the bare load floor. */
export const spaceQuestionSchema = z.discriminatedUnion('ask', [
  question('width', { xMm: x, zMm: height }),
  question('height', { xMm: x, yMm: y }),
  question('clear-width', { fromMm: x, toMm: x, bottomMm: height, topMm: height }),
  question('widest-across', { fromMm: x, toMm: x, longMm: length, bottomMm: height, topMm: height }),
  question('inside', { from: z.tuple([x, y, height]), to: z.tuple([x, y, height]) }),
  question('longest-board', { wideMm: length, thickMm: length }),
  question('through-door', { opening: z.string().max(80), wideMm: length, thickMm: length }),
  question('depth', {
    side: z.enum(['left', 'right']),
    fromMm: x,
    toMm: x,
    topMm: height,
    depthMm: length,
    atMm: height,
  }),
  question('volume', {}),
  question('floor-area', {}),
  question('ceiling-area', {}),
])
export type SpaceQuestion = z.infer<typeof spaceQuestionSchema>

/** An answer with its unit, or no value and the reason; `because` says how it was found. */
export interface SpaceAnswer {
  readonly ask: SpaceQuestion['ask']
  readonly value: number | null
  readonly unit: 'mm' | 'm²' | 'm³'
  readonly because: string
}

const tenth = (value: number): number => Math.round(value * 10) / 10
const no = (ask: SpaceQuestion['ask'], because: string, unit: SpaceAnswer['unit'] = 'mm'): SpaceAnswer => ({
  ask,
  value: null,
  unit,
  because,
})
const mm = (ask: SpaceQuestion['ask'], value: number, because: string): SpaceAnswer => ({
  ask,
  value: tenth(value),
  unit: 'mm',
  because,
})

type Asking = {
  readonly [T in SpaceQuestion['ask']]: (
    interior: Interior,
    question: Extract<SpaceQuestion, { ask: T }>,
  ) => SpaceAnswer
}

/** What is said where the body steps at the very place that was asked: the tighter side counts. */
function onStep(interior: Interior, at: { readonly x: number; readonly y?: number; readonly z?: number }): string {
  const [step] = stepsAt(interior, at)
  if (step === undefined) return ''
  return `; the ${step.kind === 'wall' ? 'flare' : 'raised roof'} begins or ends just here: the tighter side counts`
}

const atTop = ({ x, z }: Box, fromMm: number, toMm: number, atMm: number): boolean =>
  x.max > fromMm && x.min < toMm && Math.min(Math.abs(z.max - atMm), Math.abs(z.min - atMm)) <= TOUCH_MM

const outOfOrder = (from: number, to: number): boolean => !(to >= from)

const ANSWERS: Asking = {
  width: (interior, { ask, xMm, zMm }) => {
    const walls = widthThere(interior, xMm, zMm)
    return walls === undefined
      ? no(
          ask,
          isAhead(interior, xMm)
            ? noCabBecause(interior)
            : `at ${zMm} above the load floor this body has no walls: it is below the floor’s lining or above the roof’s`,
        )
      : mm(
          ask,
          spanLength(walls),
          `from ${tenth(walls.min)} on the right to ${tenth(walls.max)} on the left${onStep(interior, { x: xMm, z: zMm })}`,
        )
  },
  height: (interior, { ask, xMm, yMm }) => {
    const heights = heightThere(interior, xMm, yMm)
    return heights === undefined
      ? no(
          ask,
          isAhead(interior, xMm) ? noCabBecause(interior) : `${yMm} from the centreline is outside the walls here`,
        )
      : mm(
          ask,
          spanLength(heights),
          `from ${tenth(heights.min)} to ${tenth(heights.max)} above the load floor${onStep(interior, { x: xMm, y: yMm })}`,
        )
  },
  'clear-width': (interior, { ask, fromMm, toMm, bottomMm, topMm }) => {
    if (outOfOrder(fromMm, toMm) || outOfOrder(bottomMm, topMm)) return no(ask, 'a range must not end before it starts')
    const width = clearWidth(interior, { min: fromMm, max: toMm }, { min: bottomMm, max: topMm })
    return width === 0
      ? no(ask, 'the band leaves the interior, or what stands proud of the body fills it')
      : mm(
          ask,
          width,
          `the narrowest place over the whole range and band, wheel arches counted${
            topMm === bottomMm && interior.keepOuts.some(({ prism }) => atTop(prismBounds(prism), fromMm, toMm, topMm))
              ? '; something that stands proud ends at just this height: the tighter side counts'
              : ''
          }`,
        )
  },
  'widest-across': (interior, { ask, fromMm, toMm, longMm, bottomMm, topMm }) => {
    if (outOfOrder(fromMm, toMm) || outOfOrder(bottomMm, topMm)) return no(ask, 'a range must not end before it starts')
    const found = widestAcross(interior, { min: fromMm, max: toMm }, longMm, { min: bottomMm, max: topMm })
    return found === undefined
      ? no(ask, `nothing ${longMm} long goes between ${fromMm} and ${toMm} in this band`)
      : mm(ask, found.mm, `from ${tenth(found.fromMm)} to ${tenth(found.fromMm + longMm)} along the vehicle`)
  },
  inside: (interior, { ask, from, to }) => {
    if (from.some((value, axis) => outOfOrder(value, to[axis]!)))
      return no(ask, 'a block must not end before it starts')
    const box = {
      x: { min: from[0], max: to[0] },
      y: { min: from[1], max: to[1] },
      z: { min: from[2], max: to[2] },
    }
    if (boxInside(interior, box)) return mm(ask, 0, 'inside, clear of what stands proud')
    const profile = [
      [from[1], from[2]],
      [to[1], from[2]],
      [to[1], to[2]],
      [from[1], to[2]],
    ] as const
    const worst = worstProtrusion(interior, { axis: 'x', profile, span: box.x })
    return worst === undefined
      ? no(ask, 'it meets what stands proud of the body')
      : mm(ask, worst.byMm, `out through the ${worst.face} at ${worst.at.map(tenth).join(', ')}`)
  },
  'longest-board': (interior, { ask, wideMm, thickMm }) => {
    const board = longestBoard(interior, wideMm, thickMm)
    return board === undefined
      ? no(ask, 'no board of that section lies in this body')
      : mm(ask, board.mm, board.lies === 'straight' ? 'straight along' : `${board.lies} by ${board.angleDeg}°`)
  },
  'through-door': (interior, { ask, opening: id, wideMm, thickMm }) => {
    const opening = interior.shell.openings.find((one) => one.id === id)
    if (opening === undefined)
      return no(
        ask,
        `there is no opening “${id}”; there are ${interior.shell.openings.map((one) => one.id).join(', ')}`,
      )
    const found = throughDoor(interior, opening, wideMm, thickMm)
    return found === undefined
      ? no(ask, 'its section does not pass this opening')
      : mm(
          ask,
          found.mm,
          found.path === 'straight'
            ? 'straight in'
            : `slanted in at ${found.angleDeg}° to the wall, then turned inside`,
        )
  },
  depth: (interior, { ask, side, fromMm, toMm, topMm, depthMm, atMm }) => {
    if (outOfOrder(fromMm, toMm)) return no(ask, 'a range must not end before it starts')
    const depth = depthAt(interior, side, { min: fromMm, max: toMm }, topMm, depthMm, atMm)
    return depth === undefined
      ? no(ask, 'there is no wall at that height')
      : mm(ask, depth, `${depthMm} at ${topMm}, its back cut to the wall`)
  },
  volume: (interior, { ask }) => ({
    ask,
    value: Math.round(volumeM3(interior) * 100) / 100,
    unit: 'm³',
    because: 'sections over the length, less what stands proud',
  }),
  'floor-area': (interior, { ask }) => ({
    ask,
    value: Math.round(floorAreaM2(interior) * 100) / 100,
    unit: 'm²',
    because: 'width at the lined floor over the length, less what stands on it',
  }),
  'ceiling-area': (interior, { ask }) => ({
    ask,
    value: Math.round(ceilingAreaM2(interior) * 100) / 100,
    unit: 'm²',
    because: 'faces within 45° of level, measured round their curve',
  }),
}

/** Answers one question to the lined space. */
export const askSpace = (interior: Interior, asked: SpaceQuestion): SpaceAnswer =>
  (ANSWERS[asked.ask] as (interior: Interior, question: SpaceQuestion) => SpaceAnswer)(interior, asked)
