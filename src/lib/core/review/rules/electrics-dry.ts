import { boxGap, type Box, placePrism, prismBounds } from '../../geometry'
import type { Placed } from '../../scene'
import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { topOf } from '../middle'
import { placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'electrics-wet': { readonly water: string }
  }
}

/** So far below a worktop with a basin in it is splashed; what stands beside the unit lower down has its side between. */
const UNDER_TOP_MM = 250

/** Where water is thrown about at a thing: at a worktop its top, else all of it. */
function splashed({ within }: Placed, water: Placed): Box {
  const { bounds, facts, placement } = water
  const isUnder = within?.hostId === water.id
  if (facts.splashAt !== undefined) {
    const bowl = prismBounds(placePrism(placement, facts.splashAt))
    // what leaks runs down in the cupboard below it
    return isUnder ? { ...bowl, z: { min: bounds.z.min, max: bowl.z.max } } : bowl
  }
  if (facts.surface === undefined || isUnder) return bounds
  return { ...bounds, z: { min: Math.max(bounds.z.min, bounds.z.max - UNDER_TOP_MM), max: bounds.z.max } }
}

/** Batteries, inverter and fuse board keep away from where water is drawn, and are not under it. */
export const electricsDry = defineDistanceRule({
  id: 'electrics-dry',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  code: 'electrics-wet',
  gravity: 'caution',
  basis: practice('an arm’s splash between water and electrics; work for a licensed electrician, under local codes'),
  figure: 'awayMm',
  parameters: {
    awayMm: { default: 300, min: 100, max: 1500, unit: 'mm', basis: practice('an arm’s splash') },
  },
  detail: ({ facts }) => facts.water,
  from: ({ scene }) => placedThat(scene, ({ electrics }) => electrics !== undefined && electrics !== 'capped'),
  to: ({ scene }) => placedThat(scene, ({ isSplashed }) => isSplashed),
  mm: (electric, water) => boxGap(electric.bounds, splashed(electric, water)),
  must: 'be-apart',
  against: 'each',
  tell: (electric, water) => ({
    fittings: [electric.id, water.id],
    place: topOf(electric),
    facts: { water: water.id },
  }),
})
