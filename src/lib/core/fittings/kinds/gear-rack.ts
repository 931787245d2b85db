import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { about, choiceParameter, inFront, lengthParameter, onTheWall, rigid, STAND_MM } from '../shapes'
import { line, parted, ring } from '../symbols'

const POST_MM = 40

const parameters = z.object({
  lengthMm: lengthParameter(1500, 400, 3500),
  depthMm: lengthParameter(350, 150, 800),
  heightMm: lengthParameter(900, 200, 1900),
  holds: choiceParameter(['bicycles', 'boards', 'poles']),
  reached: choiceParameter(['inside', 'outside']).describe('From within, or by a door of the vehicle'),
})

/** An open rack of two posts with arms and straps, for bicycles, boards or poles; what it holds lies within its outline. */
export const gearRack = defineKind({
  id: 'gear-rack',
  group: 'stowage',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['stowage'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return [
      rigid('left-post', block([-half, back - POST_MM, 0], [-half + POST_MM, back, p.heightMm])),
      rigid('right-post', block([half - POST_MM, back - POST_MM, 0], [half, back, p.heightMm])),
      rigid('arms', block([-half, -back, p.heightMm - POST_MM], [-half + POST_MM, back, p.heightMm])),
    ]
  },
  clearances: (p) =>
    p.reached === 'inside'
      ? [
          inFront(
            'stand',
            p.heightMm < 1000 ? 'kneel' : 'stand',
            ['stowage'],
            about(p.lengthMm),
            -p.depthMm / 2,
            STAND_MM,
          ),
        ]
      : [],
  services: (p) => [
    {
      type: 'stowage',
      quantity: 1,
      ...(p.reached === 'inside' ? { approach: 'stand' } : {}),
      inside: block(
        [-p.lengthMm / 2 + POST_MM, -p.depthMm / 2, 0],
        [p.lengthMm / 2 - POST_MM, p.depthMm / 2 - 1, p.heightMm],
      ),
    },
  ],
  facts: () => PLAIN,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, holds: DETAIL, reached: DETAIL },
  features: (p) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const wheel = Math.min(p.heightMm * 0.33, p.lengthMm * 0.2)
    const held =
      p.holds === 'bicycles'
        ? [
            ring('front', -half + POST_MM + wheel + 20, wheel + 10, wheel),
            ring('front', half - POST_MM - wheel - 20, wheel + 10, wheel),
          ]
        : parted('front', -half + POST_MM, half - POST_MM, 40, p.heightMm - 60, p.holds === 'boards' ? 4 : 8)
    return [
      line('top', [-half, -back], [-half, back]),
      line('top', [half, -back], [half, back]),
      line('top', [-half, 0], [half, 0]),
      ...(p.holds === 'bicycles' ? [line('top', [-60, -back], [-60, back])] : []),
      ...held,
      line('side', [-back, p.heightMm - POST_MM], [back, p.heightMm - POST_MM]),
    ]
  },
  parts: (p) => [
    // square tube: four walls of it
    board('posts', p.heightMm, POST_MM * 4, 3, 2, 'aluminium'),
    board('arms', p.depthMm, POST_MM * 4, 3, 2, 'aluminium'),
    board('long-rails', p.lengthMm, POST_MM * 4, 3, 2, 'aluminium'),
    piece('straps-and-pads', 1),
  ],
  cautions: () => ['crash-path'],
})
