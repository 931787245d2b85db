import { z } from 'zod'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { carcass, inPly, PLY_MM, plyParameter } from '../boards'
import { defineKind } from '../contract'
import { bearsFoot, PLAIN } from '../facts'
import { about, above, centred, inFront, insideOf, lengthParameter, onTheWall, scribed, STAND_MM } from '../shapes'
import { box, line, ring } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(700, 250, 2000),
  depthMm: lengthParameter(450, 250, 900),
  heightMm: lengthParameter(420, 150, 900),
  ply: plyParameter,
})

/** A chest whose lid lifts off: where a wheel arch stops a drawer, and where there is no room for a lid to swing. */
export const lidChest = defineKind({
  id: 'lid-chest',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [scribed('chest', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    above('over-lid', 'over', ['stowage'], about(p.lengthMm), about(p.depthMm), p.heightMm, 300),
    inFront('stand', 'stand', ['stowage'], about(p.lengthMm), -p.depthMm / 2, STAND_MM),
  ],
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, PLY_MM, 'stand')],
  facts: (p) => ({
    ...PLAIN,
    treads: bearsFoot(p.heightMm),
    fronts: [{ what: 'lid', hung: 'lifts-off', latch: 'own-weight', isOutside: false }],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, ply: DETAIL },
  features: (p) => [
    box('top', -p.lengthMm / 2 + 25, -p.depthMm / 2 + 25, p.lengthMm / 2 - 25, p.depthMm / 2 - 25),
    ring('top', 0, 0, 22),
    line('front', [-p.lengthMm / 2, p.heightMm - 20], [p.lengthMm / 2, p.heightMm - 20]),
    line('front', [-30, p.heightMm - 10], [30, p.heightMm - 10]),
    line('side', [-p.depthMm / 2, p.heightMm - 20], [p.depthMm / 2, p.heightMm - 20]),
  ],
  parts: (p) => inPly(p.ply, carcass(p.lengthMm, p.depthMm, p.heightMm)),
})
