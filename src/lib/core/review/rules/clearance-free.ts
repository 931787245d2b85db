import { type ClearanceUse, flipped, handleOf, turnedBy } from '../../fittings'
import { prismBounds, spanMiddle } from '../../geometry'
import {
  type Blocker,
  collisionsOf,
  freedomOf,
  isLoadedFromDoor,
  isReachedFromDoor,
  isReachedOverBed,
  neededClearances,
  outsideOf,
  type Placed,
  type Scene,
} from '../../scene'
import { isCrawledIn } from '../../shell'
import { byFitting, comfort, defineRule, practice } from '../define-rule'
import type { Remedy } from '../finding'
import { narrowable, setHandle, setSeat, shiftsClearOf } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'clearance-blocked': {
      readonly clearanceId: string
      readonly use: ClearanceUse
      readonly blockers: readonly Blocker[]
    }
  }
}

/** What one does at a store: stand or kneel before it, open its door. */
const SERVED_AT: ReadonlySet<ClearanceUse> = new Set(['stand', 'kneel', 'swing', 'flap'])

/** Room for one who stands or kneels before a thing. */
const STOOD_BEFORE: ReadonlySet<ClearanceUse> = new Set(['stand', 'kneel', 'dress'])

/** Whether a fitting stands in what blocks it: then that is the fault, and no room before it is only what follows from it. */
const meets = (scene: Scene, placed: Placed, blocker: Blocker): boolean =>
  blocker.kind === 'shell'
    ? outsideOf(scene, placed) !== undefined
    : collisionsOf(scene, placed).some(({ b }) =>
        b.kind === 'fitting' ? b.placed.id === blocker.id : b.keepOut.id === blocker.id,
      )

/** What a fitting needs to be used must be free in the modes that use it. */
export const clearanceFree = defineRule({
  id: 'clearance-free',
  group: 'use',
  modes: 'every',
  reads: ['scene'],
  gravity: { 'clearance-blocked': 'caution' },
  basis: practice('{450} of floor to stand and work, {350} to get in or for knees, doors to a right angle'),
  tolerance: comfort(),
  parameters: {
    enough: {
      default: 0.8,
      min: 0.5,
      max: 1,
      unit: 'share',
      basis: practice(
        'four fifths of the room do: a door that opens to 72°, {360} to stand in; over a flame all of it',
      ),
    },
  },
  key: byFitting(({ facts }) => facts.clearanceId),
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) =>
      neededClearances(scene, placed).flatMap((clearance) => {
        // how high one must be able to sit up depends on who lies there: a rule of its own
        if (clearance.use === 'sit-up') return []
        // into a bed one gets from an open door as well; where one cannot stand one crawls in, and serves a thing from a door or the bed
        if (clearance.use === 'entry' && (isCrawledIn(scene.interior) || isReachedFromDoor(scene, placed))) return []
        if (clearance.use === 'entry' && isReachedOverBed(scene, placed)) return []
        // what is loaded from a door is served there
        if (SERVED_AT.has(clearance.use) && isLoadedFromDoor(scene, placed)) return []
        if (STOOD_BEFORE.has(clearance.use) && isCrawledIn(scene.interior)) return []
        const { free, blockers } = freedomOf(scene, placed, clearance)
        const enough = clearance.use === 'over' ? 1 : parameters.enough
        if (free >= clearance.need * enough) return []
        if (blockers.length > 0 && blockers.every((blocker) => meets(scene, placed, blocker))) return []
        const bounds = prismBounds(clearance.prism)
        return [
          {
            code: 'clearance-blocked' as const,
            fittings: [placed.id, ...blockers.flatMap((blocker) => (blocker.kind === 'fitting' ? [blocker.id] : []))],
            place: [spanMiddle(bounds.x), spanMiddle(bounds.y), spanMiddle(bounds.z)] as const,
            measured: free,
            needed: clearance.need,
            unit: clearance.unit,
            facts: { clearanceId: clearance.id, use: clearance.use, blockers },
          },
        ]
      }),
    ),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const clearance = placed?.clearances.find(({ id }) => id === finding.facts.clearanceId)
    if (placed === undefined || clearance === undefined) return []
    const remedies: Remedy[] = []
    if (clearance.use === 'swing') {
      const hinge = handleOf(placed.fitting, 'hinge')?.value
      remedies.push(...setHandle(input, placed, 'hinge-other', 'hinge', hinge === 'left' ? 'right' : 'left', 0))
    }
    const blocking = finding.facts.blockers
      .flatMap((blocker) => (blocker.kind === 'fitting' ? [input.find(blocker.id)] : []))
      .filter((one) => one !== undefined)
    const theirs = blocking.flatMap((one) => one.solids.map((solid) => solid.prism))
    remedies.push(...shiftsClearOf(input, placed, [clearance.prism], theirs))
    for (const one of blocking)
      remedies.push(
        ...shiftsClearOf(
          input,
          one,
          one.solids.map((solid) => solid.prism),
          [clearance.prism],
        ),
      )
    if (clearance.unit === 'mm' && clearance.use !== 'entry') {
      const missing = clearance.need - finding.measured
      for (const one of [placed, ...blocking]) {
        const depth = narrowable(one, 'front')
        if (depth !== undefined)
          remedies.push(...setHandle(input, one, 'set-depth', 'front', Math.floor(depth - missing)))
      }
    }
    if (clearance.use === 'entry' && placed.within === undefined) {
      // its other side: round, in the mirror, or from its foot
      const { seat } = placed
      const entry = handleOf(placed.fitting, 'way-in')?.value
      remedies.push(
        {
          code: 'turn',
          fittingId: placed.id,
          amount: 180,
          commands: [setSeat(input, placed.id, turnedBy(seat, 180))],
        },
        {
          code: 'mirror',
          fittingId: placed.id,
          amount: 0,
          commands: [setSeat(input, placed.id, flipped(seat))],
        },
        ...(entry === 'side' ? setHandle(input, placed, 'entry-foot', 'way-in', 'foot', 0) : []),
      )
    }
    if (placed.within === undefined && placed.seat.across.from !== 'centreline') {
      const from = placed.seat.across.from === 'left-wall' ? ('right-wall' as const) : ('left-wall' as const)
      const seat = { ...placed.seat, across: { from, mm: 0 } }
      remedies.push({
        code: 'other-wall',
        fittingId: placed.id,
        amount: 0,
        commands: [setSeat(input, placed.id, seat)],
      })
    }
    return remedies
  },
})
