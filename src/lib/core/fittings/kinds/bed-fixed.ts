import { z } from 'zod'
import { endAnd, frontAnd, handle, topAnd } from '../adjust'
import {
  BED_ADJUST,
  bedParameters,
  bedSolids,
  berth,
  entryAtEnd,
  entryInFront,
  FRAME_MM,
  sitUp,
  sleepersParameter,
} from '../bed'
import { bedBase, foam } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, centred, choiceParameter, lengthParameter, onTheCentreline } from '../shapes'
import { box, pillows } from '../symbols'

const parameters = z.object({
  lyingMm: lengthParameter(1900, 1200, 2300).describe('For the sleeper, head to foot'),
  widthMm: lengthParameter(1300, 600, 2100),
  platformMm: lengthParameter(700, 150, 1500).describe('Top of the platform above the floor'),
  sleepers: sleepersParameter(2),
  entry: choiceParameter(['side', 'foot']).describe('Where one gets in'),
  ...bedParameters,
})

/** A bed on a platform with a garage below. At turn 0 the sleeper lies across the vehicle; a quarter turn lays it along. */
export const bedFixed = defineKind({
  id: 'bed-fixed',
  group: 'sleeping',
  parameters,
  formerly: { lyingMm: 'lengthMm' },
  stances: ['made'],
  stanceFor: { driving: 'made', living: 'made', sleeping: 'made' },
  meets: ['berth'],
  home: onTheCentreline,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.widthMm, depthMm: p.lyingMm, heightMm: p.platformMm + p.mattressMm }),
  solids: (p) => bedSolids(about(p.widthMm), about(p.lyingMm), p.platformMm, p),
  clearances: (p) => [
    p.entry === 'side'
      ? entryAtEnd(p.widthMm / 2, Math.min(p.lyingMm / 2, 350))
      : entryInFront(about(p.widthMm), -p.lyingMm / 2),
    sitUp(about(p.widthMm), about(p.lyingMm), 'y', p.platformMm + p.mattressMm, p.head),
  ],
  services: (p) => [
    berth({
      x: about(p.widthMm),
      y: about(p.lyingMm),
      along: 'y',
      zMm: p.platformMm + p.mattressMm,
      sleepers: p.sleepers,
      edgeMm: p.edgeMm,
      over: p.entry === 'side' ? p.sleepers - 1 : 0,
      head: p.head,
      base: p.base,
    }),
    { type: 'stowage', quantity: 1, inside: centred(p.widthMm, p.lyingMm, 0, p.platformMm - FRAME_MM) },
  ],
  facts: () => ON_OWN_LEGS,
  adjust: {
    lyingMm: frontAnd('lying-length'),
    widthMm: endAnd('lying-width'),
    platformMm: topAnd('platform'),
    sleepers: handle('sleepers'),
    entry: handle('way-in'),
    ...BED_ADJUST,
  },
  features: (p) => [
    ...pillows(
      p.sleepers,
      -p.widthMm / 2,
      p.widthMm / 2,
      p.head === 'back' ? p.lyingMm / 2 : -p.lyingMm / 2,
      p.head === 'back' ? -1 : 1,
    ),
    box('front', -p.widthMm / 2 + 10, p.platformMm + 10, p.widthMm / 2 - 10, p.platformMm + p.mattressMm - 10),
    box('side', -p.lyingMm / 2 + 10, p.platformMm + 10, p.lyingMm / 2 - 10, p.platformMm + p.mattressMm - 10),
  ],
  parts: (p) => [
    ...bedBase(p.base, p.lyingMm, p.widthMm, FRAME_MM),
    foam('mattress', p.lyingMm - 2 * p.edgeMm, p.widthMm - 2 * p.edgeMm, p.mattressMm),
  ],
})
