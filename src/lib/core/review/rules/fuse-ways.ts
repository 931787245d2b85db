import { addedNear } from '../add'
import type { Placed } from '../../scene'
import { defineRule, practice, type RuleInput } from '../define-rule'
import { topOf } from '../middle'
import { placedThat } from '../nearest'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'ways-few': Readonly<Record<string, never>>
    'ways-none': Readonly<Record<string, never>>
  }
}

/** What shows that a plan has come to its wiring: what current is taken from, and what switches or measures it. */
const isWired = ({ facts: { electrics, gives } }: Placed): boolean =>
  electrics === 'control' || gives.some(({ what }) => what === 'outlets')

const waysOf = ({ facts: { gives } }: Placed): number =>
  gives.reduce((sum, one) => sum + (one.what === 'ways' ? one.count : 0), 0)
const hasWays = ({ gives }: Placed['facts']): boolean => gives.some(({ what }) => what === 'ways')

/** The batteries from which current goes to more than one circuit, and no fuse on its way, in a plan that has come to its wiring. */
const bareBatteries = ({ scene, job, circuits }: Pick<RuleInput, 'scene' | 'job' | 'circuits'>): readonly Placed[] => {
  const batteries = placedThat(scene, ({ electrics }) => electrics === 'battery')
  if (batteries.length === 0) return []
  const gathered = Object.keys(job.power?.circuits ?? {}).length > 0
  if (!gathered && !scene.placed.some(isWired)) return []
  return circuits().some(({ source }) => source === 'board') ? batteries : []
}

/** Every circuit of the plan begins with a fuse of its own: there is a board, and it has as many ways as circuits hang on it. */
export const fuseWays = defineRule({
  id: 'fuse-ways',
  group: 'safety',
  modes: ['living'],
  reads: ['scene', 'circuits', 'job'],
  gravity: { 'ways-few': 'caution', 'ways-none': 'caution' },
  basis: practice('a circuit that finds no way of its own is put under another’s fuse, or before all of them'),
  parameters: {},
  check: (input) => {
    const boards = placedThat(input.scene, hasWays)
    const [first] = boards.length > 0 ? boards : bareBatteries(input)
    if (first === undefined) return []
    const ways = boards.reduce((all, board) => all + waysOf(board), 0)
    const circuits = input.circuits().filter(({ source }) => source === 'board').length
    if (circuits <= ways) return []
    return [
      {
        code: boards.length > 0 ? ('ways-few' as const) : ('ways-none' as const),
        fittings: boards.length > 0 ? boards.map(({ id }) => id) : [first.id],
        place: topOf(first),
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
    return finding.code === 'ways-none'
      ? addedNear(input, 'fuse-board', finding.place, { circuits: finding.needed })
      : setHandle(input, placed, 'set-parameter', 'capacity', waysOf(placed) + finding.needed - finding.measured)
  },
})
