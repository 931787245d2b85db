import { pointBox, boxGap } from '../../geometry'
import { sleeping } from '../../scene'
import { addedNear } from '../add'
import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'socket-bed-far': { readonly sleeper: string; readonly socket: string }
  }
}

/** Who sleeps beside a machine has a socket by the pillow: its lead lies where nobody walks. */
export const socketBedside = defineDistanceRule({
  id: 'socket-bedside',
  group: 'use',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  code: 'socket-bed-far',
  gravity: 'caution',
  basis: practice('a machine’s own lead is about so long; an extension is one plug more that comes out at night'),
  figure: 'nearMm',
  parameters: {
    nearMm: { default: 1500, min: 300, max: 4000, unit: 'mm', basis: practice('a machine’s own lead') },
  },
  detail: ({ facts }) => facts.sleeper,
  from: ({ scene, brief }) => sleeping(scene, brief).filter(({ person }) => person.bedside === true),
  // a plan that has no socket yet has not come to them
  to: ({ scene }) => placedThat(scene, ({ gives }) => gives.some(({ what }) => what === 'outlets')),
  mm: ({ head }, socket) => boxGap(socket.bounds, pointBox(head)),
  must: 'be-near',
  against: 'nearest',
  tell: ({ person, fittingId, head }, socket) => ({
    fittings: [fittingId, socket.id],
    place: head,
    facts: { sleeper: person.label, socket: socket.id },
  }),
  remedies: (input, { place }) => addedNear(input, 'socket', place),
})
