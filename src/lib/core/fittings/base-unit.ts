import { z } from 'zod'
import type { Need } from '../brief'
import { block, type Span } from '../geometry'
import { DETAIL, END, FRONT, handle, topAnd, type Adjust } from './adjust'
import { board, carcass, inPly, plyParameter, TOP_MM } from './boards'
import {
  defineKind,
  type Caution,
  type Feature,
  type FittingKind,
  type KindDefinition,
  type LocalClearance,
  type LocalHollow,
  type LocalService,
  type LoosePart,
  type Part,
  type ServiceType,
  type StanceChange,
} from './contract'
import { PLAIN, type Facts } from './facts'
import type { Parameters } from './parameters'
import { about, centred, choiceParameter, inFront, lengthParameter, onTheWall, scribed, STAND_MM } from './shapes'
import { line } from './symbols'

/** Height under the lowest front of a base unit; common practice, no source. */
export const PLINTH_MM = 60

/** Size of one module of a galley run. Its worktop lies at 900 mm unless the cook’s elbow asks for another. */
const unitParameters = ([lengthMm, least, most]: readonly [number, number, number]) => ({
  lengthMm: lengthParameter(lengthMm, least, most),
  depthMm: lengthParameter(500, 350, 750).describe('At the worktop, from the wall to its front edge'),
  worktopMm: lengthParameter(900, 700, 1150).describe('Top of the worktop above its base'),
  ply: plyParameter,
  top: choiceParameter(['laminate', 'wood', 'steel']).describe('What the worktop is faced with'),
})

export interface Unit {
  readonly lengthMm: number
  readonly depthMm: number
  readonly worktopMm: number
  readonly ply: 'poplar' | 'birch'
  readonly top: keyof typeof TOPS
}

/**
 * What a worktop bears. Oiled wood takes no standing water and scorches; laminate a pan of 160 °C for a while (EN 438-2, from memory). Common
 * practice, no source, else.
 */
const TOPS = {
  laminate: { bearsWater: true, bearsC: 160 },
  wood: { bearsWater: false, bearsC: 100 },
  steel: { bearsWater: true, bearsC: 300 },
} as const
const STEEL_MM = 0.8

/** A stretch of worktop that is free along the run. */
export const worktop = (p: Unit, x: Span): readonly LocalService[] =>
  x.max - x.min > 1
    ? [
        {
          type: 'worktop',
          quantity: x.max - x.min,
          approach: 'stand',
          surface: block([x.min, -p.depthMm / 2, p.worktopMm - 1], [x.max, p.depthMm / 2, p.worktopMm]),
        },
      ]
    : []

export const standAt = (p: Unit, serves: readonly ServiceType[]): LocalClearance =>
  inFront('stand', 'stand', serves, about(p.lengthMm), -p.depthMm / 2, STAND_MM)

/** Heights of the front of a base unit, between plinth and worktop. */
export const frontHeights = (p: Unit): Span => ({ min: PLINTH_MM, max: p.worktopMm - TOP_MM - 5 })

/** The lines that every base unit shows: the edge of its worktop and its plinth. */
const unitLines = (p: Unit): readonly Feature[] => [
  line('front', [-p.lengthMm / 2, p.worktopMm - TOP_MM], [p.lengthMm / 2, p.worktopMm - TOP_MM]),
  line('front', [-p.lengthMm / 2, PLINTH_MM], [p.lengthMm / 2, PLINTH_MM]),
  line('side', [-p.depthMm / 2, p.worktopMm - TOP_MM], [p.depthMm / 2, p.worktopMm - TOP_MM]),
]

const unitBoards = (p: Unit, shelves: number): readonly Part[] => [
  ...carcass(p.lengthMm, p.depthMm, p.worktopMm - TOP_MM, { top: false, shelves }),
  board('worktop', p.lengthMm, p.depthMm, TOP_MM, 1, 'birch-ply'),
  ...(p.top === 'steel' ? [board('facing', p.lengthMm, p.depthMm, STEEL_MM, 1, 'steel')] : []),
]

/** Room for a low cupboard’s contents behind its front. */
export const unitInside = (p: Unit, topMm = p.worktopMm - TOP_MM, approach = 'kneel'): LocalService => ({
  type: 'stowage',
  quantity: 1,
  approach,
  inside: block(
    [-p.lengthMm / 2 + 12, -p.depthMm / 2 + 12, PLINTH_MM],
    [p.lengthMm / 2 - 12, p.depthMm / 2 - 12, topMm],
  ),
})

/** Room in a base unit’s carcass, under its worktop: what it takes of that itself, what closes it, and how one gets in. */
export const unitHollow = (
  p: Unit,
  by: LocalHollow['by'],
  through: readonly string[],
  taken: LocalHollow['taken'] = [],
  topMm = p.worktopMm - TOP_MM - SKIN_MM,
): LocalHollow => ({
  id: 'inside',
  room: {
    x: { min: -p.lengthMm / 2 + SKIN_MM, max: p.lengthMm / 2 - SKIN_MM },
    y: { min: -p.depthMm / 2 + SKIN_MM, max: p.depthMm / 2 - SKIN_MM },
    z: { min: PLINTH_MM, max: topMm },
  },
  taken,
  by,
  through,
})
const SKIN_MM = 12

/** What every base unit does: one works at its top. */
export const unitFacts = (p: Unit): Facts => ({
  ...PLAIN,
  reaches: [{ what: 'worktop', zMm: p.worktopMm }],
  surface: TOPS[p.top],
})

const SHUT = { stances: ['shut'], stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' } } as const

/**
 * Declares a module of a galley run: a carcass that is scribed to the wall under a worktop. `extra` are parameters besides its
 * size; `shelves` says how many boards it has inside.
 */
export function galleyUnit<S extends z.ZodRawShape>(definition: {
  readonly id: string
  readonly length: readonly [standard: number, min: number, max: number]
  readonly extra: S
  readonly states?: Pick<KindDefinition<Parameters>, 'stances' | 'stanceFor'>
  readonly meets: readonly Need[]
  readonly clearances: (p: Unit & z.infer<z.ZodObject<S>>, stance: string) => readonly LocalClearance[]
  readonly services: (p: Unit & z.infer<z.ZodObject<S>>, stance: string) => readonly LocalService[]
  readonly facts: (p: Unit & z.infer<z.ZodObject<S>>, stance: string) => Facts
  /** How each of the parameters besides its size is changed from outside. */
  readonly adjust: { readonly [K in keyof S]: Adjust<Unit & z.infer<z.ZodObject<S>> & Parameters> }
  readonly features: (p: Unit & z.infer<z.ZodObject<S>>, stance: string) => readonly Feature[]
  readonly shelves?: (p: Unit & z.infer<z.ZodObject<S>>) => number
  /** Besides its carcass and worktop. */
  readonly parts: (p: Unit & z.infer<z.ZodObject<S>>) => readonly Part[]
  readonly loose?: (p: Unit & z.infer<z.ZodObject<S>>, stance: string) => readonly LoosePart[]
  readonly change?: StanceChange
  readonly hollows?: (p: Unit & z.infer<z.ZodObject<S>>, stance: string) => readonly LocalHollow[]
  readonly cautions?: (p: Unit & z.infer<z.ZodObject<S>>) => readonly Caution[]
}): FittingKind {
  type P = Unit & z.infer<z.ZodObject<S>>
  const { id, length, extra, states = SHUT, meets, adjust, change, loose, hollows } = definition
  // its kind’s functions are typed by its schema, which the compiler cannot see through a shape that it does not know
  const own = (p: Parameters): P => p as unknown as P
  return defineKind({
    id,
    group: 'galley',
    parameters: z.object({ ...unitParameters(length), ...extra }) as z.ZodObject,
    stances: states.stances,
    stanceFor: states.stanceFor,
    meets,
    home: onTheWall,
    scribedAt: 'top',
    footprint: (p) => ({ lengthMm: own(p).lengthMm, depthMm: own(p).depthMm, heightMm: own(p).worktopMm }),
    solids: (p) => [scribed('carcass', centred(own(p).lengthMm, own(p).depthMm, 0, own(p).worktopMm))],
    clearances: (p, stance) => definition.clearances(own(p), stance),
    services: (p, stance) => definition.services(own(p), stance),
    facts: (p, stance) => definition.facts(own(p), stance),
    adjust: {
      lengthMm: END,
      depthMm: FRONT,
      worktopMm: topAnd('worktop'),
      ply: DETAIL,
      top: handle('finish'),
      ...adjust,
    } as never,
    features: (p, stance) => [...definition.features(own(p), stance), ...unitLines(own(p))],
    parts: (p) =>
      inPly(own(p).ply, [...unitBoards(own(p), definition.shelves?.(own(p)) ?? 0), ...definition.parts(own(p))]),
    ...(loose === undefined ? {} : { loose: (p: Parameters, stance: string) => loose(own(p), stance) }),
    ...(change === undefined ? {} : { change: () => change }),
    ...(hollows === undefined ? {} : { hollows: (p: Parameters, stance: string) => hollows(own(p), stance) }),
    cautions: (p) => definition.cautions?.(own(p)) ?? [],
  })
}
