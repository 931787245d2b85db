import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, ONE_MORE } from '../adjust'
import { board, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { about, centred, choiceParameter, countParameter, drawerRoom, onTheWall, rigid } from '../shapes'
import { box, levels, line, parted } from '../symbols'

/** Stacking crates by their outer length, width and height, mm; common sizes of the trade, no source. */
const CRATES = {
  '600x400x320': [600, 400, 320],
  '600x400x220': [600, 400, 220],
  '400x300x220': [400, 300, 220],
  '400x300x170': [400, 300, 170],
} as const
const SLACK_MM = 12

const parameters = z.object({
  crate: choiceParameter(['600x400x320', '600x400x220', '400x300x220', '400x300x170']),
  way: choiceParameter(['long-in', 'long-across']).describe('The crate’s long side goes in, or lies across'),
  across: countParameter(2, 1, 6),
  high: countParameter(2, 1, 6),
})

type Slots = z.infer<typeof parameters>
const crate = (p: Slots) => {
  const [long, wide, high] = CRATES[p.crate]
  return p.way === 'long-in' ? { wide, deep: long, high } : { wide: long, deep: wide, high }
}
const size = (p: Slots) => {
  const { wide, deep, high } = crate(p)
  return {
    lengthMm: p.across * (wide + SLACK_MM + PLY_MM) + PLY_MM,
    depthMm: deep + SLACK_MM,
    heightMm: p.high * (high + SLACK_MM + PLY_MM) + PLY_MM,
  }
}

/** A rack of slots for standard crates, each on its runners, each held by a strap or a lip. */
export const crateSlots = defineKind({
  id: 'crate-slots',
  group: 'stowage',
  parameters,
  stances: ['full'],
  stanceFor: { driving: 'full', living: 'full', sleeping: 'full' },
  meets: ['stowage'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: size,
  solids: (p) => [rigid('rack', centred(size(p).lengthMm, size(p).depthMm, 0, size(p).heightMm))],
  clearances: (p) => {
    const { lengthMm, depthMm, heightMm } = size(p)
    return drawerRoom(['stowage'], about(lengthMm), -depthMm / 2, { min: PLY_MM, max: heightMm - PLY_MM }, depthMm)
  },
  services: (p) => {
    const { lengthMm, heightMm } = size(p)
    const { wide, deep, high } = crate(p)
    return Array.from({ length: p.across * p.high }, (_, index) => {
      const x = -lengthMm / 2 + PLY_MM + (index % p.across) * (wide + SLACK_MM + PLY_MM)
      const z = PLY_MM + Math.floor(index / p.across) * (high + SLACK_MM + PLY_MM)
      return {
        type: 'stowage' as const,
        quantity: 1,
        approach: 'puller',
        inside: block([x, -deep / 2, z], [x + wide + SLACK_MM, deep / 2, Math.min(z + high + SLACK_MM, heightMm)]),
      }
    })
  },
  facts: () => PLAIN,
  adjust: { crate: DETAIL, way: DETAIL, across: ONE_MORE, high: DETAIL },
  features: (p) => {
    const { lengthMm, depthMm, heightMm } = size(p)
    const { wide, high } = crate(p)
    return [
      ...parted('top', -lengthMm / 2, lengthMm / 2, -depthMm / 2, depthMm / 2, p.across),
      ...parted('front', -lengthMm / 2, lengthMm / 2, 0, heightMm, p.across),
      ...levels('front', -lengthMm / 2, lengthMm / 2, 0, heightMm, p.high),
      ...Array.from({ length: p.across * p.high }, (_, index) => {
        const x = -lengthMm / 2 + PLY_MM + ((index % p.across) + 0.5) * (wide + SLACK_MM + PLY_MM)
        const z = PLY_MM + (Math.floor(index / p.across) + 0.72) * (high + SLACK_MM + PLY_MM)
        return box('front', x - 45, z - 15, x + 45, z + 15)
      }),
      line('top', [-lengthMm / 2, -depthMm / 2 + 25], [lengthMm / 2, -depthMm / 2 + 25]),
      ...levels('side', -depthMm / 2, depthMm / 2, 0, heightMm, p.high + 1),
    ]
  },
  parts: (p) => {
    const { lengthMm, depthMm, heightMm } = size(p)
    return [
      board('uprights', depthMm, heightMm, PLY_MM, p.across + 1),
      board('runners', depthMm, 40, PLY_MM, 2 * p.across * p.high),
      board('top-and-bottom', lengthMm, depthMm, PLY_MM, 2),
    ]
  },
})
