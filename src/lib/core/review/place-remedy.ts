import type { Need } from '../brief'
import { defaultsOf, kindFor, type Seat } from '../fittings'
import type { RuleInput } from './define-rule'
import type { Remedy } from './finding'

const STEP_MM = 100

/** Puts the fitting that would meet a need at the first few places that the walls offer; the engine keeps what cures. */
export function placeFor(input: Pick<RuleInput, 'variantId' | 'plan' | 'scene'>, need: Need): readonly Remedy[] {
  const kind = kindFor(need)
  if (kind === undefined) return []
  const parameters = defaultsOf(kind)
  const size = kind.footprint(parameters)
  const turned = kind.home.turn % 180 === 90
  const length = turned ? size.depthMm : size.lengthMm
  const { min, max } = input.scene.interior.xSpan
  let number = 1
  while (input.plan.fittings[`fit-${kind.id}-${number}`] !== undefined) number += 1
  const id = `fit-${kind.id}-${number}`
  const sides: readonly Seat['across']['from'][] =
    kind.home.across.from === 'centreline' ? ['centreline'] : ['left-wall', 'right-wall']
  const room = (mm: number, side: Seat['across']['from']) =>
    input.scene.placed.every(({ bounds }) => {
      const apart = bounds.x.max <= min + mm || bounds.x.min >= min + mm + length
      const other =
        side === 'left-wall'
          ? bounds.y.max < size.depthMm / 2
          : side === 'right-wall'
            ? bounds.y.min > -size.depthMm / 2
            : false
      return apart || other
    })
  const remedies: Remedy[] = []
  for (const from of sides) {
    for (let mm = 0; mm + length <= max - min; mm += STEP_MM) {
      if (!room(mm, from)) continue
      const seat: Seat = { ...kind.home, along: { from: 'rear', mm }, across: { from, mm: 0 } }
      const fitting = { kind: kind.id, parameters, seat }
      remedies.push({
        code: 'place',
        fittingId: id,
        amount: mm,
        commands: [{ type: 'fitting.add', variant: input.variantId, id, fitting: fitting as never }],
      })
      break
    }
  }
  return remedies
}
