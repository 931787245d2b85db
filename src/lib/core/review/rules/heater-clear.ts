import { type Facts, held } from '../../fittings'
import { givesAir, isDoor } from '../../shell'
import { boxGap, spanMiddle } from '../../geometry'
import { flueAt, isOutside } from '../../scene'
import { byFitting, defineRule, practice } from '../define-rule'
import type { Draft, Remedy } from '../finding'
import { topOf } from '../middle'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'heater-near': { readonly to: { readonly kind: 'opening' | 'fitting'; readonly id: string } }
    'intake-near': Record<never, never>
  }
}

/** A tank of its own, not a toilet’s or a basin’s. */
const isTank = (facts: Facts): boolean =>
  held(facts, 'water') + held(facts, 'waste') > 0 && !facts.isSplashed && facts.fronts.length === 0

/** A heater’s exhaust, which goes down or out through its side, is clear of doors, opening windows and tanks. */
export const heaterClear = defineRule({
  id: 'heater-clear',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'heater-near': 'caution', 'intake-near': 'caution' },
  basis: practice(
    'exhaust and intake away from doors, opening windows and tanks; the maker’s sheet and a licensed fitter rule',
  ),
  parameters: {
    openingMm: { default: 300, min: 100, max: 1500, unit: 'mm', basis: practice('along the side, from the flue') },
    intakeMm: {
      default: 250,
      min: 100,
      max: 1500,
      unit: 'mm',
      basis: practice('a heater must not draw in what it blows out'),
    },
    tankMm: {
      default: 30,
      min: 0,
      max: 1000,
      unit: 'mm',
      basis: practice('air between a heater’s case and a plastic tank: the case stays cool, the exhaust goes out'),
    },
  },
  key: byFitting((draft) => (draft.code === 'heater-near' ? draft.facts.to.id : '')),
  check: ({ scene, parameters }) =>
    scene.placed
      .flatMap((heater) => (heater.facts.flue === undefined ? [] : [{ heater, flueFact: heater.facts.flue }]))
      .flatMap(({ heater, flueFact: { exhaustMm, intakeMm } }): Draft<'heater-near' | 'intake-near'>[] => {
        const side = spanMiddle(heater.bounds.y) > 0 ? 'left' : 'right'
        const flue = flueAt(heater, exhaustMm)
        const openings = scene.interior.shell.openings
          .filter((opening) => opening.side === side && (isDoor(opening) || givesAir(opening)))
          .map(({ id, fromMm, toMm }) => ({ id, mm: Math.max(0, fromMm - flue, flue - toMm) }))
          .filter(({ mm }) => mm < parameters.openingMm)
          .map(({ id, mm }): Draft<'heater-near'> => ({
            code: 'heater-near',
            fittings: [heater.id],
            place: topOf(heater),
            measured: Math.round(mm),
            needed: parameters.openingMm,
            unit: 'mm',
            facts: { to: { kind: 'opening', id } },
          }))
        const apart = intakeMm === undefined ? Infinity : Math.abs(intakeMm - exhaustMm)
        const intake: readonly Draft<'intake-near'>[] =
          apart >= parameters.intakeMm
            ? []
            : [
                {
                  code: 'intake-near',
                  fittings: [heater.id],
                  place: topOf(heater),
                  measured: Math.round(apart),
                  needed: parameters.intakeMm,
                  unit: 'mm',
                  facts: {},
                },
              ]
        const tanks = scene.placed
          .filter(({ id, facts }) => id !== heater.id && isTank(facts) && facts.heat.length === 0)
          // the floor or wall of the body is between what hangs outside and what stands indoors
          .filter((tank) => isOutside(tank) === isOutside(heater))
          .map((tank) => ({ id: tank.id, mm: boxGap(tank.bounds, heater.bounds) }))
          .filter(({ mm }) => mm < parameters.tankMm)
          .map(({ id, mm }): Draft<'heater-near'> => ({
            code: 'heater-near',
            fittings: [heater.id, id],
            place: topOf(heater),
            measured: Math.round(mm),
            needed: parameters.tankMm,
            unit: 'mm',
            facts: { to: { kind: 'fitting', id } },
          }))
        return [...openings, ...tanks, ...intake]
      }),
  remedies: (input, finding) => {
    const heater = input.first(finding)
    const flue = heater?.facts.flue
    if (heater === undefined || flue === undefined) return []
    const set = (name: 'flue' | 'intake', value: number): readonly Remedy[] =>
      setHandle(input, heater, 'set-parameter', name, value, Math.abs(value))
    if (finding.code === 'intake-near')
      return [1, -1].flatMap((way) => set('intake', flue.exhaustMm + way * finding.needed))
    const { to } = finding.facts
    const opening = input.scene.interior.shell.openings.find(({ id }) => to.kind === 'opening' && id === to.id)
    // along its own run a flue goes either way in the vehicle, by how the heater is turned
    const sign = Math.sign(flueAt(heater, 1) - flueAt(heater, 0))
    if (opening === undefined || sign === 0) return []
    return [opening.fromMm - finding.needed, opening.toMm + finding.needed].flatMap((x) =>
      set('flue', Math.round((x - flueAt(heater, 0)) * sign)),
    )
  },
})
