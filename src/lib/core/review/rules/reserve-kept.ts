import { held } from '../../fittings'
import { ageOf, peopleOf, piecesOf, sleepersOf, travellersOf } from '../../brief'
import { cabBelts, offered, stow, type Scene } from '../../scene'
import { bestMode } from '../best-mode'
import { byFitting, defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'reserve-missing': { readonly what: 'berth' | 'belt' | 'battery' }
  }
}

/** Berths that are there, cots that no infant lies in yet, and stowages that are kept to become one. */
const berthsAndKept = (scene: Scene, infants: number): number =>
  offered(scene, 'berth') +
  Math.max(0, offered(scene, 'cot') - infants) +
  scene.placed.filter(({ facts }) => facts.becomesBerth).length

/** What the brief foresees has its room kept: a berth and a belt for a child to come, a place for a second battery. */
export const reserveKept = defineRule({
  id: 'reserve-kept',
  group: 'future',
  modes: ['driving', 'sleeping'],
  reads: ['scene', 'brief', 'peers'],
  gravity: { 'reserve-missing': 'note' },
  basis: practice('room and fixings for later are kept while they cost nothing'),
  parameters: {
    batteryMm: { default: 360, min: 200, max: 1000, unit: 'mm', basis: practice('length of a second battery') },
    batteryWideMm: { default: 180, min: 80, max: 600, unit: 'mm', basis: practice('width of a second battery') },
    batteryHighMm: { default: 240, min: 100, max: 600, unit: 'mm', basis: practice('height with its cables') },
  },
  key: byFitting(({ facts }) => facts.what),
  check: ({ scene, peers, brief, parameters }) => {
    const future = brief.use?.future ?? []
    const missing = (
      what: 'berth' | 'belt' | 'battery',
      measured: number,
      needed: number,
    ): Draft<'reserve-missing'>[] =>
      measured >= needed
        ? []
        : [
            {
              code: 'reserve-missing',
              fittings: [],
              place: middleOf(scene),
              measured,
              needed,
              unit: 'count',
              facts: { what },
            },
          ]
    if (scene.purpose === 'sleeping') {
      if (!future.includes('child')) return []
      const infants = peopleOf(brief).filter(([, person]) => person.sleeps && ageOf(person) === 'infant').length
      const { measured, here } = bestMode(scene, peers(), (one) => berthsAndKept(one, infants))
      return here ? missing('berth', measured, sleepersOf(brief).length + 1) : []
    }
    const { batteryMm, batteryWideMm, batteryHighMm } = parameters
    const battery = { id: 'second-battery', size: [batteryMm, batteryWideMm, batteryHighMm] as const, mayLie: false }
    return [
      ...(future.includes('child')
        ? missing('belt', cabBelts(scene) + offered(scene, 'belt'), travellersOf(brief) + 1)
        : []),
      ...(future.includes('battery') && scene.placed.some(({ facts }) => held(facts, 'charge') > 0)
        ? missing('battery', stow(scene, piecesOf(brief), [battery]).places.has(battery.id) ? 1 : 0, 1)
        : []),
    ]
  },
})
