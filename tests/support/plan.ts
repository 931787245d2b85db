import { defaultsOf, kindOf, type Inside, type ParameterValue, type Seat } from '../../src/lib/core/fittings'
import { apply, newJob, type Command, type Job, type SimpleCommand } from '../../src/lib/core/job'
import { genericShell } from '../../src/lib/core/shells'

/** The one variant of the plans that tests make. */
export const variant = 'variant-a'

/** Places a fitting where its kind is at home, with its usual figures, `x` mm from the rear sill. */
export const putAtHome = (
  id: string,
  kind: string,
  x: number,
  parameters: Record<string, ParameterValue> = {},
  more: Partial<Seat> = {},
): SimpleCommand => ({
  type: 'fitting.add',
  variant,
  id,
  fitting: {
    kind,
    parameters: { ...defaultsOf(kindOf(kind)), ...parameters },
    seat: { ...kindOf(kind).home, along: { from: 'rear', mm: x }, ...more },
  } as never,
})

/** As `putAtHome`, against a wall or on the centreline. */
export const put = (
  id: string,
  kind: string,
  x: number,
  from: Seat['across']['from'] = 'left-wall',
  parameters: Record<string, ParameterValue> = {},
  more: Partial<Seat> = {},
): SimpleCommand => putAtHome(id, kind, x, parameters, { across: { from, mm: 0 }, ...more })

/** Puts a fitting into a hollow of another, in its left front corner on its bottom unless more is said. */
export const putInside = (
  id: string,
  kind: string,
  host: string,
  parameters: Record<string, ParameterValue> = {},
  more: Partial<Inside> = {},
): SimpleCommand =>
  putAtHome(id, kind, 0, parameters, {
    inside: {
      fitting: host,
      hollow: 'inside',
      along: { from: 'left', mm: 0 },
      across: { from: 'front', mm: 0 },
      upMm: 0,
      turn: 0,
      mirrored: false,
      ...more,
    },
  })

/** An adult who sleeps aboard and travels. */
export const person = (statureMm: number, id = 'person-a', more: Record<string, unknown> = {}): Command => ({
  type: 'person.put',
  id,
  person: { label: 'adult', statureMm, sleeps: true, travels: true, ...more },
})

/** A typed must. */
export const want = (need: string, more: Record<string, unknown> = {}): Command => ({
  type: 'demand.put',
  id: `demand-${need}`,
  demand: { need, must: true, ...more } as never,
})

export const emptyBrief = { people: {}, pets: {}, nightsOffHookUp: 0, notes: '', demands: {} }

/** A job in one of the program’s own bodies, bare of lining, after some commands. */
export const jobWith = (shell: string, ...commands: Command[]): Job =>
  commands.reduce((job, command) => apply(job, command).job, newBare(shell))

const newBare = (shell: string): Job =>
  apply(newJob('job-test', 'Test', genericShell(shell), emptyBrief), {
    type: 'lining.set',
    variant,
    lining: { floorMm: 0, wallMm: 0, roofMm: 0 },
  }).job

/** The box truck: upright walls 2100 apart, 4300 long. */
export const truck = (...commands: Command[]): Job => jobWith('truck-box', ...commands)
