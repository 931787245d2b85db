import { spanMiddle } from '../../geometry'
import { type Blocker, cabSeatsIn, collisions, wellsBelow } from '../../scene'
import { byFitting, defineRule, plainGeometry } from '../define-rule'
import { shiftsClearOf } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    overlap: { readonly other: Blocker; readonly part: string }
  }
}

/** No two things in one place where their matter meets; touching is fine, what lies in a hollow meets nothing, and scribed carcasses are notched round wheel arches. */
export const noOverlap = defineRule({
  id: 'no-overlap',
  group: 'fit',
  modes: 'every',
  reads: ['scene'],
  stage: 'collisions',
  gravity: { overlap: 'stop' },
  basis: plainGeometry('shared space of the two solids, deeper than a hair along every axis'),
  parameters: {},
  key: byFitting(({ facts }) => facts.other.id),
  check: ({ scene }) =>
    collisions(scene)
      // what was put into a hollow is judged by that
      .filter(
        ({ a, b }) => b.kind !== 'fitting' || (a.within?.hostId !== b.placed.id && b.placed.within?.hostId !== a.id),
      )
      .map(({ a, b, solidA, shared, depth }) => ({
        code: 'overlap' as const,
        fittings: b.kind === 'fitting' ? [a.id, b.placed.id] : [a.id],
        place: [spanMiddle(shared.x), spanMiddle(shared.y), spanMiddle(shared.z)] as const,
        measured: Math.max(1, Math.round(depth())),
        needed: 0,
        unit: 'mm' as const,
        facts: {
          part: solidA.id,
          other:
            b.kind === 'fitting'
              ? ({ kind: 'fitting', id: b.placed.id } as const)
              : ({ kind: 'keep-out', id: b.keepOut.id } as const),
        },
      })),
  remedies: (input, finding) => {
    const a = input.first(finding)
    const b = finding.fittings[1] === undefined ? undefined : input.find(finding.fittings[1])
    if (a === undefined) return []
    const parts = (placed: typeof a) => placed.solids.map((solid) => solid.prism)
    const { other } = finding.facts
    if (other.kind === 'keep-out') {
      const { interior } = input.scene
      const proud = [...interior.keepOuts, ...wellsBelow(interior)]
        .filter(({ id }) => id === other.id)
        .map(({ prism }) => prism)
      const seats = cabSeatsIn(input.scene, a.bounds).filter(({ seat }) => seat.id === other.id)
      return shiftsClearOf(input, a, parts(a), [...proud, ...seats.flatMap(({ solids }) => solids)])
    }
    if (b === undefined) return []
    return [...shiftsClearOf(input, a, parts(a), parts(b)), ...shiftsClearOf(input, b, parts(b), parts(a))]
  },
})
