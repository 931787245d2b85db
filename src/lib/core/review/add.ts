import { defaultsOf, footprintOf, kindOf, type ParameterValue, type Seat } from '../fittings'
import type { Vec2, Vec3 } from '../geometry'
import type { BodyChange } from '../shell'
import type { Fitting, SimpleCommand } from '../job'
import type { RuleInput } from './define-rule'
import type { Remedy } from './finding'

type Here = Pick<RuleInput, 'variantId' | 'plan'>
type Parameters = Readonly<Record<string, ParameterValue>>

/** An id that no fitting of a plan has, nor one of those that come with it. */
function freeId({ fittings }: RuleInput['plan'], kind: string, taken: readonly string[] = []): string {
  let number = 1
  const id = (): string => `fit-${kind}-${number}`
  while (fittings[id()] !== undefined || taken.includes(id())) number += 1
  return id()
}

/** A way out that adds a fitting where it is told, after whatever else has to be done for it. */
export function added(
  { variantId, plan }: Here,
  fitting: Pick<Fitting, 'kind' | 'parameters' | 'seat'>,
  more: readonly SimpleCommand[] = [],
): Remedy {
  const id = freeId(plan, fitting.kind)
  return {
    code: 'place',
    fittingId: id,
    amount: fitting.seat.along.mm,
    commands: [...more, { type: 'fitting.add', variant: variantId, id, fitting: fitting as never }],
  }
}

/** The same of a kind with its usual figures, from where it is at home unless more is said. */
function addedOf(
  here: Here,
  kind: string,
  seat: Partial<Seat>,
  given: Parameters,
  more?: readonly SimpleCommand[],
): Remedy {
  const parameters = { ...defaultsOf(kindOf(kind)), ...given }
  return added(here, { kind, parameters, seat: { ...kindOf(kind).home, ...seat } as Seat }, more)
}

const lengthOf = (kind: string, given: Parameters): number =>
  footprintOf({ kind, parameters: { ...defaultsOf(kindOf(kind)), ...given } }).lengthMm

/** Several additions as one way out, each under an id of its own. */
export function together({ plan }: Pick<RuleInput, 'plan'>, first: Remedy, others: readonly Remedy[]): Remedy {
  const taken: string[] = []
  const commands = [first, ...others].flatMap((remedy) =>
    remedy.commands.map((command) => {
      if (command.type !== 'fitting.add') return command
      const id = freeId(plan, command.fitting.kind, taken)
      taken.push(id)
      return { ...command, id }
    }),
  )
  return { ...first, commands }
}

/** How far along the vehicle from a place a wall is tried. */
const ALONG_MM = [0, 250, -250, 500, -500] as const

/** Ways to add something small to a wall near a place: the nearer wall first, there and a little along it, its middle at that height. */
export function addedNear(
  input: Here & Pick<RuleInput, 'scene'>,
  kind: string,
  [x, y, z]: Vec3,
  given: Parameters = {},
): readonly Remedy[] {
  const walls = y >= 0 ? (['left-wall', 'right-wall'] as const) : (['right-wall', 'left-wall'] as const)
  const long = lengthOf(kind, given)
  const floor = input.scene.interior.lining.floorMm
  return walls.flatMap((from) =>
    ALONG_MM.map((aside) =>
      addedOf(
        input,
        kind,
        {
          along: { from: 'rear', mm: Math.max(0, Math.round(x + aside - long / 2)) },
          across: { from, mm: 0 },
          up: { from: 'floor', mm: Math.max(0, Math.round(z - floor)) },
        },
        given,
      ),
    ),
  )
}

/** Ways to stand something on the floor along either wall, from the rear. */
export function addedAlong(
  input: Here & Pick<RuleInput, 'scene'>,
  kind: string,
  given: Parameters = {},
): readonly Remedy[] {
  const { min, max } = input.scene.interior.xSpan
  const long = lengthOf(kind, given)
  const places = Array.from({ length: Math.max(1, Math.floor((max - min - long) / 400)) }, (_, index) => index * 400)
  return (['left-wall', 'right-wall'] as const).flatMap((from) =>
    places.map((mm) => addedOf(input, kind, { along: { from: 'rear', mm }, across: { from, mm: 0 } }, given)),
  )
}

/** The cut-outs of the usual fan, and of a small roof window. */
export const FAN_CUT_MM = [400, 400] as const
export const HATCH = { clearMm: 400, depthMm: 400 } as const
export const HATCH_CUT_MM = [400, 400] as const

/** Adds a fan or a window to the roof with its middle over a place, and the cut in the body that it needs. */
export function addedInRoof(
  input: Here & Pick<RuleInput, 'scene'>,
  kind: 'fan-extract' | 'hatch-roof',
  [x, y]: Vec2,
  cut: readonly [long: number, wide: number],
  given: Parameters = {},
): Remedy {
  const [cx, cy] = [Math.round(x), Math.round(y)]
  const change: BodyChange = {
    kind: 'roof-hatch',
    fromMm: cx - cut[0] / 2,
    toMm: cx + cut[0] / 2,
    rightMm: cy - cut[1] / 2,
    leftMm: cy + cut[1] / 2,
  } as BodyChange
  let number = 1
  while (input.plan.changes[`change-${kind}-${number}`] !== undefined) number += 1
  return addedOf(
    input,
    kind,
    {
      along: { from: 'rear', mm: Math.round(cx - lengthOf(kind, given) / 2) },
      across: { from: 'centreline', mm: cy },
    },
    given,
    [{ type: 'change.put', variant: input.variantId, id: `change-${kind}-${number}`, change }],
  )
}

/** Adds a step under the sill of an entrance, halfway up to it. */
export function addedStep(input: Here & Pick<RuleInput, 'scene'>, climbMm: number): readonly Remedy[] {
  return input.scene.interior.shell.openings
    .filter(({ entrance, side }) => entrance && (side === 'left' || side === 'right'))
    .map(({ side, fromMm, toMm }) =>
      addedOf(
        input,
        'step',
        {
          along: { from: 'rear', mm: Math.round((fromMm + toMm) / 2 - lengthOf('step', {}) / 2) },
          across: { from: side === 'left' ? 'left-wall' : 'right-wall', mm: 0 },
        },
        // its tread lies 110 over the lowest of it
        { dropMm: Math.min(700, Math.round(climbMm / 2) + 110) },
      ),
    )
}
