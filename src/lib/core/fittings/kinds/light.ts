import { z } from 'zod'
import { DETAIL, handle } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** By what it is for, and what an LED takes there. Common practice, no source. */
const LIT = { reading: 'reading', room: 'lit', door: 'coming-in' } as const
const WATTS = { reading: 2.5, room: 4, door: 4 } as const

/** A light: for reading by a head, for the room, or by a door, where it should go off at night. */
export const light = machine({
  id: 'light',
  size: [
    [90, 40, 600],
    [70, 15, 150],
    [90, 15, 250],
  ],
  extra: {
    place: choiceParameter(['reading', 'room', 'door']),
    colour: choiceParameter(['warm', 'white', 'red']).describe('Red leaves eyes used to the dark'),
    switched: z.boolean().default(true).describe('Has a switch of its own, whatever the door does'),
  },
  part: 'light',
  home: upTheWall(1150),
  facts: (p) => ({
    ...BOUGHT,
    draws: [{ by: LIT[p.place], from: 'battery', watts: WATTS[p.place] }],
    light: { lights: p.place, isSwitched: p.switched, colour: p.colour },
  }),
  adjust: { place: DETAIL, switched: handle('switch'), colour: DETAIL },
  features: (p) => [
    ring('front', 0, p.heightMm / 2, Math.min(p.lengthMm, p.heightMm) * 0.35, true),
    line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
    line('side', [0, 0], [0, p.heightMm]),
  ],
  parts: () => [piece('light', 0.25)],
})
