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
  gravity: { 'heater-near': 'caution' },
  basis: practice(
    'exhaust and intake away from doors, opening windows and tanks; the maker’s sheet and a licensed fitter rule',
  ),
  parameters: {
    openingMm: { default: 300, min: 100, max: 1500, unit: 'mm', basis: practice('along the side, from the flue') },
    tankMm: { default: 250, min: 100, max: 1000, unit: 'mm', basis: practice('heat that a plastic tank bears') },
  },
  check: ({ scene, parameters }) =>
    scene.placed
      .filter((placed) => placed.kind.id.startsWith('heater-') && hasFlame(placed))
      .flatMap((heater): Draft<'heater-near'>[] => {
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
        return [...openings, ...tanks]
      }),
  remedies: (input, finding) => {
    const [heater, { to }] = [input.find(finding.fittings[0]!), finding.facts]
    const opening = input.scene.interior.shell.openings.find(({ id }) => to.kind === 'opening' && id === to.id)
    if (heater === undefined || opening === undefined || heater.fitting.parameters.flueMm === undefined) return []
    // along its own run a flue goes either way in the vehicle, by how the heater is turned
    const sign = Math.sign(flueAt(heater, 1) - flueAt(heater, 0))
    return [opening.fromMm - finding.needed, opening.toMm + finding.needed].flatMap((x): Remedy[] => {
      const value = Math.round((x - flueAt(heater, 0)) * sign)
      const commands = [setParameters(input, heater.id, { flueMm: value })]
      const fits =
        sign !== 0 && heater.kind.parameters.safeParse({ ...heater.fitting.parameters, flueMm: value }).success
      return fits
        ? [
            {
              code: 'set-parameter',
              fittingId: heater.id,
              amount: Math.abs(value),
              parameter: { key: 'flueMm', value },
              commands,
            },
          ]
        : []
    })
  },
})
