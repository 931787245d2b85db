import { setHandle } from '../ways-out'
import { isAtTable } from '../../scene'
import { byFitting, comfort, defineRule, published } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'table-off': { readonly seat: string }
  }
}

/** Between a seat and its table there is room for thighs, and the top is not under the chin. */
export const tableKnee = defineRule({
  id: 'table-knee',
  group: 'people',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'table-off': 'note' },
  basis: published('{270 to 300} between seat and table top: Grandjean, Fitting the Task to the Man (from memory)'),
  tolerance: comfort(),
  parameters: {
    leastMm: {
      default: 220,
      min: 150,
      max: 300,
      unit: 'mm',
      basis: published('thighs and a board: Grandjean (from memory)'),
    },
    mostMm: { default: 340, min: 260, max: 500, unit: 'mm', basis: published('elbows: Grandjean (from memory)') },
  },
  key: byFitting(({ facts }) => facts.seat),
  check: ({ scene, parameters }) => {
    const seats = scene.placed.flatMap((seat) => {
      const service = seat.services.find(({ type }) => type === 'seat')
      const { places, cushion } = service ?? {}
      return cushion === undefined || places === undefined
        ? []
        : [{ seat, places, topMm: seat.placement.at[2] + cushion.topMm }]
    })
    return scene.placed.flatMap((table) => {
      const service = table.services.find(({ type, top }) => type === 'table-place' && top !== undefined)
      if (service?.top === undefined || service.topMm === undefined) return []
      const { top } = service
      const high = table.placement.at[2] + service.topMm
      return seats
        .filter(({ seat, places }) => seat.id !== table.id && places.some((place) => isAtTable(place, top)))
        .flatMap(({ seat, topMm }) => {
          const measured = Math.round(high - topMm)
          if (measured >= parameters.leastMm && measured <= parameters.mostMm) return []
          return [
            {
              code: 'table-off' as const,
              fittings: [table.id, seat.id],
              place: topOf(table),
              measured,
              needed: measured < parameters.leastMm ? parameters.leastMm : parameters.mostMm,
              unit: 'mm' as const,
              facts: { seat: seat.id },
            },
          ]
        })
    })
  },
  remedies: (input, finding) => {
    const table = input.first(finding)
    return table === undefined
      ? []
      : [finding.needed, Number(finding.needed) + 20, Number(finding.needed) - 20].flatMap((mm) =>
          setHandle(input, table, 'set-height', 'top', mm),
        )
  },
})
