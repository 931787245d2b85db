import { z } from 'zod'
import { DETAIL, handle } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, underTheRoof } from '../shapes'
import { levels, line } from '../symbols'

/** Dimmed to half, as it mostly is. Common practice, no source. */
const WATTS_PER_M = 4

/** A strip of light in its channel, under a locker or along the roof: stuck or clipped on all its length, not on points. */
export const lightStrip = machine({
  id: 'light-strip',
  size: [
    [1200, 150, 4000],
    [20, 8, 60],
    [15, 5, 60],
  ],
  extra: {
    colour: choiceParameter(['warm', 'white', 'red']).describe('Red leaves eyes used to the dark'),
    dimmed: z.boolean().default(true).describe('Has a dimmer'),
  },
  part: 'light-strip',
  home: underTheRoof,
  facts: (p) => ({
    ...BOUGHT,
    draws: [{ by: 'lit', from: 'battery', watts: (p.lengthMm / 1000) * WATTS_PER_M }],
    light: { lights: 'room', isSwitched: true, colour: p.colour },
    isHeldAlong: true,
  }),
  adjust: { colour: DETAIL, dimmed: handle('switch') },
  features: (p) => [
    ...levels('front', -p.lengthMm / 2, p.lengthMm / 2, 0, p.heightMm, 3),
    line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
    line('side', [0, 0], [0, p.heightMm]),
  ],
  parts: (p) => [piece('strip-and-channel', p.lengthMm * 0.0003)],
})
