import { addedNear } from '../add'
import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { topOf } from '../middle'
import { gapBetween, offering, placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'socket-far': { readonly socket: string }
  }
}

/** Where one works there is a socket: a lead across the aisle is stepped on. */
export const socketNear = defineDistanceRule({
  id: 'socket-near',
  group: 'use',
  modes: ['living'],
  reads: ['scene'],
  code: 'socket-far',
  gravity: 'note',
  basis: practice('a machine’s own lead is about so long'),
  figure: 'nearMm',
  parameters: {
    nearMm: { default: 1200, min: 300, max: 4000, unit: 'mm', basis: practice('a machine’s own lead') },
  },
  from: ({ scene }) => offering(scene, 'desk'),
  // a plan that has no socket yet has not come to them
  to: ({ scene }) => placedThat(scene, ({ gives }) => gives.some(({ what }) => what === 'outlets')),
  mm: gapBetween,
  must: 'be-near',
  against: 'nearest',
  tell: (desk, socket) => ({ fittings: [desk.id, socket.id], place: topOf(desk), facts: { socket: socket.id } }),
  remedies: (input, { place }) => addedNear(input, 'socket', place),
})
