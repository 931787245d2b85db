import type { Command } from '$lib/core/job'
import { genericShell } from '$lib/core/shells'
import { jobWith, person, put, truck, want } from '../support/plan'
import { corridor, sleepsAcross, type CasesFor } from './kit'

const rolls = person(1700, 'person-a', { mobility: 'wheelchair' })

/** Tanks along the whole of a wall. */
function tanks(depthMm: number, from: 'left-wall' | 'right-wall' = 'left-wall'): Command[] {
  return [0, 1434, 2866].map((mm, index) =>
    put(`fit-${'xyz'[index]}-${from}`, 'water-tank', mm, from, { lengthMm: 1434, depthMm, heightMm: 900 }),
  )
}

function floorUp(mm: number): Command {
  const shell = genericShell('truck-box')
  return { type: 'shell.put', shell: { ...shell, outer: { ...shell.outer!, heightMm: 2160 + mm } } }
}

function dog(stepMm: number): Command {
  return { type: 'pet.put', id: 'pet-dog', pet: { label: 'dog', lengthMm: 800, heightMm: 500, stepMm } }
}

function inFrontAt(x: number): Command {
  return put('fit-w', 'water-tank', x, 'centreline', { lengthMm: 400, depthMm: 900, heightMm: 600 })
}

/** Pockets on the inner face of the sliding door of a long van. */
const onSlidingDoor = (depthMm: number) => {
  const door = genericShell('van-long-high').openings.find(({ opens }) => opens === 'sliding')!
  return jobWith(
    'van-long-high',
    put(
      'fit-a',
      'door-pocket',
      3200,
      door.side === 'left' ? 'left-wall' : 'right-wall',
      { depthMm },
      { door: door.id },
    ),
  )
}

/** Rows of the rules about ways. */
export const WAYS_CASES: CasesFor<
  | 'door-blocked'
  | 'rack-hits'
  | 'way-narrow'
  | 'way-shut'
  | 'turning-small'
  | 'step-high'
  | 'pet-step-high'
  | 'transfer-small'
  | 'no-passing'
> = {
  'door-blocked': {
    speaks: truck(put('fit-a', 'wardrobe', 2950, 'right-wall', { lengthMm: 500 })),
    measured: 4020 - 3450,
    needed: 600,
    rule: 'door-free',
    mode: 'mode-drive',
    place: [3630, -1050, 965],
    silent: truck(put('fit-a', 'wardrobe', 2920, 'right-wall', { lengthMm: 500 })),
  },
  'rack-hits': {
    speaks: onSlidingDoor(100),
    measured: 100,
    needed: 80,
    rule: 'door-rack',
    mode: 'mode-day',
    place: [3450, -839.2, 1100],
    silent: onSlidingDoor(80),
  },
  'way-narrow': {
    speaks: truck(person(1840), ...corridor(460), put('fit-z', 'toilet-box', 100, 'left-wall')),
    measured: 460,
    needed: 477, // 0.259 × 1840
    rule: 'way-width',
    mode: 'mode-day',
    place: [1750, 0, 900], // anywhere along the corridor is as narrow
    silent: truck(person(1840), ...corridor(480), put('fit-z', 'toilet-box', 100, 'left-wall')),
  },
  'way-shut': {
    speaks: truck(person(1840), ...corridor(290), put('fit-z', 'toilet-box', 100, 'left-wall')),
    measured: 290,
    needed: 300,
    rule: 'way-width',
    mode: 'mode-day',
    place: [1750, 0, 900], // anywhere along the corridor is as narrow
    silent: truck(person(1840), ...corridor(304), put('fit-z', 'toilet-box', 100, 'left-wall')),
  },
  // Tanks 675 deep along the whole left wall of a body 2100 wide leave 1425; 575 deep, 1525.
  'turning-small': {
    speaks: truck(want('turning-circle'), ...tanks(675)),
    measured: 1425,
    needed: 1525,
    rule: 'turning-circle',
    mode: 'mode-day',
    place: [813, -337, 300],
    silent: truck(want('turning-circle'), ...tanks(575)),
  },
  'step-high': {
    speaks: truck(person(1700)),
    measured: 965, // 3125 − 2160
    needed: 600,
    rule: 'step-rise',
    mode: 'mode-day',
    place: [2150, 0, 1000],
    // a tread 290 down leaves 600 of a floor that is 890 up
    silent: truck(person(1700), floorUp(890), put('fit-s', 'step', 3300, 'right-wall', { dropMm: 400 })),
  },
  'pet-step-high': {
    speaks: truck(dog(954)),
    measured: 965,
    needed: 954, // 10 are a matter of comfort
    rule: 'pet-step',
    mode: 'mode-day',
    place: [2150, 0, 1000],
    silent: truck(dog(955)),
  },
  'transfer-small': {
    // one gets into the bed from its front, at 2400
    speaks: truck(rolls, sleepsAcross(1000, 1400), inFrontAt(2400 + 700)),
    measured: 700,
    needed: 760,
    rule: 'transfer-space',
    mode: 'mode-night',
    place: [1700, 0, 520],
    silent: truck(rolls, sleepsAcross(1000, 1400), inFrontAt(2400 + 760)),
  },
  'no-passing': {
    speaks: truck(person(1840), person(1700, 'person-b'), ...tanks(700), ...tanks(700, 'right-wall')),
    measured: 700,
    needed: 727, // 0.259 × 1840 + 250
    rule: 'passing-place',
    mode: 'mode-day',
    place: [400, 0, 1000],
    silent: truck(person(1840), person(1700, 'person-b'), ...tanks(700), ...tanks(680, 'right-wall')),
  },
}
