import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { placedThat } from '../nearest'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'ways-few': Readonly<Record<string, never>>
  }
}

/** Every circuit of the plan begins with a fuse of its own: the boards have as many ways as circuits hang on them. */
export const fuseWays = defineRule({
  id: 'fuse-ways',
  group: 'safety',
  modes: ['living'],
  reads: ['scene', 'circuits'],
  gravity: { 'ways-few': 'caution' },
  basis: practice('a circuit that finds no way of its own is put under another’s fuse, or before all of them'),
  parameters: {},
  check: (input) => {
    const boards = placedThat(input.scene, ({ gives }) => gives.some(({ what }) => what === 'ways'))
    const [board] = boards
    if (board === undefined) return []
    const ways = boards.reduce(
      (all, { facts }) => all + facts.gives.reduce((sum, one) => sum + (one.what === 'ways' ? one.count : 0), 0),
      0,
    )
    const circuits = input.circuits().filter(({ source }) => source === 'board').length
    if (circuits <= ways) return []
    return [
      {
        code: 'ways-few' as const,
        fittings: boards.map(({ id }) => id),
        place: topOf(board),
        measured: ways,
        needed: circuits,
        unit: 'count' as const,
        facts: {},
      },
    ]
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    const own = placed.facts.gives.reduce((sum, one) => sum + (one.what === 'ways' ? one.count : 0), 0)
    return setHandle(input, placed, 'set-parameter', 'capacity', own + finding.needed - finding.measured)
  },
})
