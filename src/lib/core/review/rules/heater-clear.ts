import { boxGap, placePoint, spanMiddle } from '../../geometry'
import { isDoor, type Placed } from '../../scene'
import { hasFlame } from '../burners'
import { defineRule, practice } from '../define-rule'
import type { Draft, Remedy } from '../finding'
import { topOf } from '../middle'
import { setParameters } from '../ways-out'

const OPENS: ReadonlySet<string> = new Set(['hopper', 'sliding-pane'])

const flueOf = ({ fitting }: Placed): number => Number(fitting.parameters.flueMm ?? 0)
/** Where a flue so far along from a heater’s middle goes out, in x. */
const flueAt = ({ placement }: Placed, alongMm: number): number => placePoint(placement, [alongMm, 0])[0]

/** A heater’s exhaust, which goes down or out through its side, is clear of doors, opening windows and tanks. */
export const heaterClear = defineRule({
  id: 'heater-clear',
  group: 'safety',
  modes: ['living'],
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
      basis: practice('it must not draw in what it blew out'),
    },
    tankMm: { default: 250, min: 100, max: 1000, unit: 'mm', basis: practice('heat that a plastic tank bears') },
  },
  check: ({ scene, parameters }) =>
    scene.placed
      .filter((placed) => placed.kind.id.startsWith('heater-') && hasFlame(placed))
      .flatMap((heater): Draft<'heater-near' | 'intake-near'>[] => {
        const side = spanMiddle(heater.bounds.y) > 0 ? 'left' : 'right'
        const flue = flueAt(heater, flueOf(heater))
        const openings = scene.interior.shell.openings
          .filter((opening) => opening.side === side && (isDoor(opening) || OPENS.has(opening.opens)))
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
        const { intakeMm } = heater.fitting.parameters
        const apart = typeof intakeMm === 'number' ? Math.abs(intakeMm - flueOf(heater)) : Infinity
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
          .filter(({ kind }) => /^(tank|water-tank)/.test(kind.id))
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
    const heater = input.find(finding.fittings[0]!)
    if (heater === undefined) return []
    const intakeMm = Number(heater.fitting.parameters.intakeMm)
    const set = (key: 'flueMm' | 'intakeMm', value: number, more: Record<string, number> = {}): Remedy[] =>
      heater.kind.parameters.safeParse({ ...heater.fitting.parameters, [key]: value, ...more }).success
        ? [
            {
              code: 'set-parameter',
              fittingId: heater.id,
              amount: Math.abs(value),
              parameter: { key, value },
              commands: [setParameters(input, heater.id, { [key]: value, ...more })],
            },
          ]
        : []
    if (finding.code === 'intake-near')
      return [1, -1].flatMap((way) => set('intakeMm', flueOf(heater) + way * finding.needed))
    const { to } = finding.facts
    const opening = input.scene.interior.shell.openings.find(({ id }) => to.kind === 'opening' && id === to.id)
    // along its own run a flue goes either way in the vehicle, by how the heater is turned
    const sign = Math.sign(flueAt(heater, 1) - flueAt(heater, 0))
    if (opening === undefined || sign === 0 || heater.fitting.parameters.flueMm === undefined) return []
    return [opening.fromMm - finding.needed, opening.toMm + finding.needed].flatMap((x) => {
      const value = Math.round((x - flueAt(heater, 0)) * sign)
      // its intake keeps its distance
      return set('flueMm', value, { intakeMm: value + intakeMm - flueOf(heater) })
    })
  },
})
