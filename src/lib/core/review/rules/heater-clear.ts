import { boxGap, spanMiddle } from '../../geometry'
import { isDoor } from '../../scene'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'

const OPENS: ReadonlySet<string> = new Set(['hopper', 'sliding-pane'])

/** A heater’s exhaust, which goes down or out where it stands, is clear of doors, opening windows and tanks. */
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
      .filter(({ kind, fitting }) => kind.id.startsWith('heater-') && fitting.parameters.fuel !== 'electric')
      .flatMap((heater): Draft<'heater-near'>[] => {
        const side = spanMiddle(heater.bounds.y) > 0 ? 'left' : 'right'
        const flue = spanMiddle(heater.bounds.x)
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
})
