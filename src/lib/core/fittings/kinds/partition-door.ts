import { z } from 'zod'
import { DETAIL_MM, END, FRONT, handle, TOP } from '../adjust'
import { block } from '../../geometry'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { cutAllRound, hingeParameter, lengthParameter, onTheCentreline, rigid } from '../shapes'
import { box, line } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1600, 600, 2600).describe('Along its run; more than there is room for is cut off'),
  depthMm: lengthParameter(18, 9, 80).describe('How thick it is'),
  heightMm: lengthParameter(2200, 900, 2600).describe('Cut to the roof where that is lower'),
  doorMm: lengthParameter(600, 400, 900).describe('Width of the door in it, flush with its boards'),
  fromMm: lengthParameter(500, 50, 2100).describe('From its left end to the door'),
  doorHighMm: lengthParameter(1750, 700, 2100),
  hinge: hingeParameter,
})

type Wall = z.infer<typeof parameters>
/** What stands beside and over a door at the least: a board’s width. */
const STILE_MM = 50

/** The door along its run, as far as there is wall for it. */
function door(p: Wall): { readonly from: number; readonly to: number; readonly high: number } {
  const wide = Math.min(p.doorMm, p.lengthMm - 2 * STILE_MM)
  const from = Math.min(Math.max(p.fromMm, STILE_MM), p.lengthMm - STILE_MM - wide) - p.lengthMm / 2
  return { from, to: from + wide, high: Math.min(p.doorHighMm, p.heightMm - STILE_MM) }
}

/** A partition with a door that does not show when it is shut: its boards go on over it. Cut to walls and roof like any. */
export const partitionDoor = defineKind({
  id: 'partition-door',
  group: 'stowage',
  parameters,
  stances: ['shut', 'open'],
  stanceFor: { driving: 'shut', living: 'open', sleeping: 'shut' },
  meets: [],
  home: { ...onTheCentreline, turn: 90 },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  reach: (p) => ({ front: p.doorMm }),
  solids: (p, stance) => {
    const [half, deep] = [p.lengthMm / 2, p.depthMm / 2]
    const { from, to, high } = door(p)
    const hung = p.hinge === 'left' ? from : to - p.depthMm
    const leaf =
      stance === 'shut'
        ? block([from, -deep, 0], [to, deep, high])
        : block([hung, -deep - (to - from), 0], [hung + p.depthMm, -deep, high])
    return [
      cutAllRound('left-board', block([-half, -deep, 0], [from, deep, p.heightMm])),
      cutAllRound('right-board', block([to, -deep, 0], [half, deep, p.heightMm])),
      cutAllRound('over-door', block([from, -deep, high], [to, deep, p.heightMm])),
      rigid('door', leaf),
    ]
  },
  clearances: () => [],
  services: () => [],
  facts: (p) => ({
    ...PLAIN,
    fronts: [{ what: 'door', hung: p.hinge, latch: 'catch', isOutside: false }],
  }),
  adjust: {
    lengthMm: END,
    depthMm: FRONT,
    heightMm: TOP,
    doorMm: DETAIL_MM,
    fromMm: DETAIL_MM,
    doorHighMm: DETAIL_MM,
    hinge: handle('hinge'),
  },
  features: (p, stance) => {
    const { from, to, high } = door(p)
    return [
      ...(stance === 'shut' ? [box('front', from, 0, to, high), line('top', [from, 0], [to, 0])] : []),
      line('top', [-p.lengthMm / 2, 0], [from, 0]),
      line('top', [to, 0], [p.lengthMm / 2, 0]),
      line('side', [-p.depthMm / 2, p.heightMm * 0.9], [p.depthMm / 2, p.heightMm * 0.9]),
    ]
  },
  parts: (p) => [
    board('skins', p.lengthMm, p.heightMm, 3, 2, 'birch-ply'),
    board('laths', 3 * p.lengthMm + 5 * p.heightMm, 40, Math.max(3, p.depthMm - 6)),
    piece('hinges-and-catch', 0.6),
  ],
  change: () => ({ minutes: 0.1, hands: 1 }),
})
