import { z } from 'zod'
import type { Need } from '../brief'
import {
  defineKind,
  type Caution,
  type Feature,
  type FittingKind,
  type LocalService,
  type Part,
  type Task,
} from './contract'
import { END, FRONT, TOP, type Adjust } from './adjust'
import type { Facts } from './facts'
import type { Parameters } from './parameters'
import type { Seat } from './seat'
import { about, above, centred, forTask, inFront, lengthParameter, outdoors, outside, rigid } from './shapes'

type Limits = readonly [standard: number, min: number, max: number]

export interface Box {
  readonly lengthMm: number
  readonly depthMm: number
  readonly heightMm: number
}

const boxParameters = (length: Limits, depth: Limits, height: Limits) => ({
  lengthMm: lengthParameter(...length),
  depthMm: lengthParameter(...depth),
  heightMm: lengthParameter(...height),
})

/** Litres in a tank with walls and a tenth of air or corners lost; common practice, no source. */
export const tankLitres = (p: Box): number => Math.max(1, Math.floor(p.lengthMm * p.depthMm * p.heightMm * 1e-6 * 0.92))

/** A hand and a tool reach in at this height at least; common practice, no source. */
const REACH_IN_MM = 350

/** Room before or above a machine for whoever looks after it: before itself, so that one that hangs over a bench or an arch is reached over that. */
const serviceRoom = (task: Task, from: 'front' | 'top', p: Box, needMm: number) =>
  forTask(
    task,
    from === 'front'
      ? {
          ...inFront(task, 'access', [], about(p.lengthMm), -p.depthMm / 2, needMm, Math.max(REACH_IN_MM, p.heightMm)),
          fromFloor: false,
        }
      : above(task, 'access', [], about(p.lengthMm), about(p.depthMm), p.heightMm, needMm),
  )

/**
 * Declares a machine or tank that is a plain box in one stance: what it offers, the room to look after it, its marks and parts.
 * `extra` are parameters besides its size.
 */
export function machine<S extends z.ZodRawShape>(definition: {
  readonly id: string
  readonly size: readonly [Limits, Limits, Limits]
  readonly extra: S
  readonly group?: 'machines' | 'wet' | 'galley' | 'stowage'
  readonly part: string
  readonly home: Seat
  readonly isOutside?: boolean
  readonly meets?: readonly Need[]
  readonly serviced?: (p: Box & z.infer<z.ZodObject<S>>) => readonly (readonly [Task, 'front' | 'top', number])[]
  readonly services?: (p: Box & z.infer<z.ZodObject<S>>) => readonly LocalService[]
  readonly facts: (p: Box & z.infer<z.ZodObject<S>>) => Facts
  /** How each of the parameters besides its size is changed from outside. */
  readonly adjust: { readonly [K in keyof S]: Adjust<Box & z.infer<z.ZodObject<S>> & Parameters> }
  readonly features: (p: Box & z.infer<z.ZodObject<S>>) => readonly Feature[]
  readonly parts: (p: Box & z.infer<z.ZodObject<S>>) => readonly Part[]
  readonly cautions?: (p: Box & z.infer<z.ZodObject<S>>) => readonly Caution[]
}): FittingKind {
  const {
    id,
    size,
    extra,
    group = 'machines',
    part,
    home,
    isOutside = false,
    meets = [],
    serviced,
    services,
    features,
    parts,
  } = definition
  type P = Box & z.infer<z.ZodObject<S>>
  return defineKind({
    id,
    group,
    parameters: z.object({ ...boxParameters(...size), ...extra }) as z.ZodObject,
    stances: ['fixed'],
    stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
    meets,
    home,
    scribedAt: 'bottom',
    footprint: (p) => {
      const { lengthMm, depthMm, heightMm } = p as unknown as Box
      return { lengthMm, depthMm, heightMm }
    },
    solids: (p) => {
      const { lengthMm, depthMm, heightMm } = p as unknown as Box
      return [(isOutside ? outside : rigid)(part, centred(lengthMm, depthMm, 0, heightMm))]
    },
    clearances: (p) =>
      (serviced?.(p as unknown as P) ?? []).map(([task, from, needMm]) => {
        const room = serviceRoom(task, from, p as unknown as Box, needMm)
        return isOutside ? outdoors(room) : room
      }),
    services: (p) => services?.(p as unknown as P) ?? [],
    facts: (p) => definition.facts(p as unknown as P),
    adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, ...definition.adjust } as never,
    features: (p) => features(p as unknown as P),
    parts: (p) => parts(p as unknown as P),
    cautions: (p) => definition.cautions?.(p as unknown as P) ?? [],
  })
}
