import { known, nth } from '../units'
import { looseOf, massOf, stanceChangeOf } from '../fittings'
import type { Brief } from '../brief'
import {
  block,
  boxPrism,
  placePrism,
  type Prism,
  prism as makePrism,
  prismBounds,
  prismsOverlap,
  unionOf,
} from '../geometry'
import type { Plan } from '../job'
import type { CabSeat, Interior } from '../shell'
import { ONE_PERSON_KG } from './access'
import { figuresOf } from './figures'
import { buildScene, type Placed, type PlacedSolid, type Scene } from './scene'
import { seatSolids, swivelAxis } from './cab-seats'

/** One thing that is done between two modes. */
export interface Move {
  /** Of a fitting, or of a cab seat. */
  readonly id: string
  readonly what: 'stance' | 'carry' | 'take-out' | 'bring-in' | 'turn-seat'
  /** Stances; for a cab seat `forward` and `turned`; left out where it is carried. */
  readonly from?: string
  readonly to?: string
  readonly minutes: number
  readonly hands: 1 | 2
  /** Loose parts that come into use or go out of it with this move. */
  readonly loose: readonly { readonly part: string; readonly count: number; readonly used: boolean }[]
  /** Moves that must be done before, because what they move is in the way. */
  readonly after: readonly string[]
}

/** Moves that wait for one another, or for what never moves. */
interface Stuck {
  readonly id: string
  readonly by: readonly string[]
}

/** Someone who stays where they are while the change is made. */
interface Resting {
  /** Who, of the brief; undefined for anyone on that fitting. */
  readonly who: string | undefined
  readonly on: string | undefined
  /** Moves for which they must get up. */
  readonly disturbedBy: readonly string[]
}

export interface ModeChange {
  readonly from: string
  readonly to: string
  /** In an order in which they can be done. */
  readonly moves: readonly Move[]
  readonly minutes: number
  readonly stuck: readonly Stuck[]
  readonly resting: readonly Resting[]
}

/** Carrying a fitting elsewhere or out of the vehicle, and turning a seat; common practice, no source. */
const CARRY_MIN = 2
const TURN_SEAT_MIN = 0.5

/** What is in the vehicle of a thing before and after, and what it passes through between. */
interface Mover {
  readonly move: Omit<Move, 'after'>
  readonly before: readonly Prism[]
  readonly after: readonly Prism[]
  readonly sweeps: readonly Prism[]
}

const roundTogether = (a: Prism, b: Prism): Prism => boxPrism(unionOf([prismBounds(a), prismBounds(b)]))

/** What parts pass through: the block round both places of each that moves, and what comes or goes as it is. */
function sweptBetween(before: readonly PlacedSolid[], after: readonly PlacedSolid[]): readonly Prism[] {
  const later = new Map(after.map((solid) => [solid.id, solid.prism]))
  const earlier = new Set(before.map(({ id }) => id))
  const same = (a: Prism, b: Prism) => JSON.stringify(prismBounds(a)) === JSON.stringify(prismBounds(b))
  return [
    ...before.flatMap(({ id, prism }) => {
      const there = later.get(id)
      return there === undefined ? [prism] : same(prism, there) ? [] : [roundTogether(prism, there)]
    }),
    ...after.flatMap(({ id, prism }) => (earlier.has(id) ? [] : [prism])),
  ]
}

const prismsOf = (placed: Placed | undefined): readonly Prism[] => placed?.inner.map(({ prism }) => prism) ?? []

function looseMoves(before: Placed | undefined, after: Placed | undefined): Move['loose'] {
  if (before === undefined || after === undefined) return []
  const was = new Map(looseOf(after.fitting, before.stance).map((part) => [part.id, part.used]))
  return looseOf(after.fitting, after.stance).flatMap(({ id: part, count, used }) =>
    was.get(part) === used ? [] : [{ part, count, used }],
  )
}

function fittingMover(before: Placed | undefined, after: Placed | undefined): Mover | undefined {
  const either = after ?? before
  if (either === undefined || before === after) return undefined
  const { id, fitting } = either
  const heavy = massOf(fitting) > ONE_PERSON_KG
  if (before === undefined || after === undefined)
    return {
      move: {
        id,
        what: after === undefined ? 'take-out' : 'bring-in',
        minutes: CARRY_MIN,
        hands: heavy ? 2 : 1,
        loose: [],
      },
      before: prismsOf(before),
      after: prismsOf(after),
      // it is lifted over what stands about: only where it is set down must be free
      sweeps: prismsOf(after),
    }
  const carried = JSON.stringify(before.placement) !== JSON.stringify(after.placement)
  if (before.stance === after.stance && !carried) return undefined
  const stands = before.stance !== after.stance
  const change = stands ? stanceChangeOf(fitting, before.stance, after.stance) : ({ minutes: 0, hands: 1 } as const)
  return {
    move: {
      id,
      what: stands ? 'stance' : 'carry',
      ...(stands ? { from: before.stance, to: after.stance } : {}),
      minutes: change.minutes + (carried ? CARRY_MIN : 0),
      hands: change.hands === 2 || (carried && heavy) ? 2 : 1,
      loose: looseMoves(before, after),
    },
    before: prismsOf(before),
    after: prismsOf(after),
    sweeps: carried
      ? prismsOf(after)
      : change.sweeps !== undefined
        ? change.sweeps.map((swept) => placePrism(after.placement, swept))
        : sweptBetween(before.inner, after.inner),
  }
}

/** A cab seat that is turned round: it sweeps the circle of its furthest corner. */
function seatMover(seat: CabSeat, from: Scene, to: Scene): Mover | undefined {
  const [was, is] = [from, to].map(({ turned }) => turned.includes(seat.id))
  const axis = swivelAxis(seat)
  if (was === is || axis === undefined) return undefined
  const radius = Math.hypot(
    Math.abs(axis[0] - seat.xMm) + seat.depthMm / 2,
    Math.abs(axis[1] - seat.yMm) + seat.widthMm / 2,
  )
  const corners = Array.from({ length: 24 }, (_, step): readonly [number, number] => {
    const turn = (step * Math.PI) / 12
    return [axis[0] + radius * Math.cos(turn), axis[1] + radius * Math.sin(turn)]
  })
  const angle = (turned: boolean | undefined) => (turned === true ? 180 : 0)
  return {
    move: {
      id: seat.id,
      what: 'turn-seat',
      from: was === true ? 'turned' : 'forward',
      to: is === true ? 'turned' : 'forward',
      minutes: TURN_SEAT_MIN,
      hands: 1,
      loose: [],
    },
    before: seatSolids(seat, angle(was)),
    after: seatSolids(seat, angle(is)),
    sweeps: [makePrism('z', corners, { min: seat.cushionMm - 100, max: seat.cushionMm + 600 })],
  }
}

const meet = (a: readonly Prism[], b: readonly Prism[]): boolean =>
  a.some((one) => b.some((other) => prismsOverlap(one, other)))

/**
 * The order: one goes before another if it stands, before its own move, in the other’s way; and after it if it comes to stand
 * there. Those that wait for one another are stuck.
 */
function ordered(
  movers: readonly Mover[],
  standing: readonly Placed[],
): { moves: readonly Move[]; stuck: readonly Stuck[] } {
  const needs = new Map(movers.map(({ move }) => [move.id, new Set<string>()]))
  const stuck: Stuck[] = []
  for (const a of movers) {
    for (const b of movers) {
      if (a === b) continue
      // two seats that meet as they turn are the business of the seats' own rule
      if (a.move.what === 'turn-seat' && b.move.what === 'turn-seat') continue
      const [first, last] = [meet(a.sweeps, b.before), meet(a.sweeps, b.after)]
      // two that share a place while both stand still are at fault as such, not by their moves
      if (first && last && (meet(a.before, b.before) || meet(a.after, b.after))) continue
      if (first) known(needs.get(a.move.id), `move “${a.move.id}”`).add(b.move.id)
      if (last) known(needs.get(b.move.id), `move “${b.move.id}”`).add(a.move.id)
    }
    const still = standing.filter(
      (placed) =>
        meet(a.sweeps, prismsOf(placed)) && !meet(a.before, prismsOf(placed)) && !meet(a.after, prismsOf(placed)),
    )
    if (still.length > 0) stuck.push({ id: a.move.id, by: still.map(({ id }) => id) })
  }
  const moves: Move[] = []
  let waiting = [...movers]
  while (waiting.length > 0) {
    const next = waiting.find(({ move }) =>
      [...known(needs.get(move.id), `move “${move.id}”`)].every((id) => moves.some((done) => done.id === id)),
    )
    const taken = next ?? nth(waiting, 0)
    if (next === undefined)
      stuck.push({
        id: taken.move.id,
        by: [...known(needs.get(taken.move.id), `move “${taken.move.id}”`)].filter(
          (id) => !moves.some((done) => done.id === id),
        ),
      })
    moves.push({ ...taken.move, after: [...known(needs.get(taken.move.id), `move “${taken.move.id}”`)] })
    waiting = waiting.filter((one) => one !== taken)
  }
  return { moves, stuck }
}

/** How high one who lies or sits reaches over what they are on; a body’s width. Common practice, no source. */
const LYING_HIGH_MM = 250
const SITTING_HIGH_MM = 850
const SEAT_MM = 450
const HALF_BODY_MM = 220

/** Bodies of whoever may stay on a fitting: on each of its seats, on its whole mattress. */
function bodiesOn(placed: Placed): readonly Prism[] {
  return placed.services.flatMap((service): Prism[] => {
    if (service.type === 'berth' && service.lying !== undefined) {
      const z = placed.placement.at[2] + service.lying.zMm
      return [makePrism('z', service.lying.area, { min: z, max: z + LYING_HIGH_MM })]
    }
    if (service.type !== 'seat') return []
    const z = placed.placement.at[2] + SEAT_MM
    return (service.places ?? []).map(({ at: [x, y] }) =>
      block([x - HALF_BODY_MM, y - HALF_BODY_MM, z], [x + HALF_BODY_MM, y + HALF_BODY_MM, z + SITTING_HIGH_MM]),
    )
  })
}

function restingIn(from: Scene, brief: Brief, movers: readonly Mover[]): readonly Resting[] {
  const under = (bodies: readonly Prism[]): Placed | undefined =>
    from.placed.find((placed) =>
      placed.inner.some(({ prism }) => {
        const { x, y, z } = prismBounds(prism)
        return bodies.some((body) => {
          const own = prismBounds(body)
          const [cx, cy] = [(own.x.min + own.x.max) / 2, (own.y.min + own.y.max) / 2]
          return cx >= x.min && cx <= x.max && cy >= y.min && cy <= y.max && Math.abs(own.z.min - z.max) < 60
        })
      }),
    )
  const disturbed = (bodies: readonly Prism[], on: string | undefined) =>
    movers.filter(({ move, sweeps }) => move.id === on || meet(sweeps, bodies)).map(({ move }) => move.id)
  const figures = figuresOf(from, brief).filter(
    ({ kind, pose }) => kind !== 'gear' && (pose === 'lying' || pose === 'sitting'),
  )
  if (figures.length > 0)
    return figures.map(({ who, parts }) => {
      const on = under(parts)?.id
      return { who, on, disturbedBy: disturbed(parts, on) }
    })
  return from.placed.flatMap((placed): Resting[] => {
    const bodies = bodiesOn(placed)
    return bodies.length === 0 ? [] : [{ who: undefined, on: placed.id, disturbedBy: disturbed(bodies, placed.id) }]
  })
}

/** As `changeOf`, for two modes of a plan. */
export function changeBetween(interior: Interior, plan: Plan, fromId: string, toId: string, brief: Brief): ModeChange {
  const from = buildScene(interior, plan, fromId)
  return changeOf(from, buildScene(interior, plan, toId, from), brief)
}

/** What it takes to bring a plan from one mode to another: the moves in an order that works, their minutes, who can stay put. */
export function changeOf(from: Scene, to: Scene, brief: Brief): ModeChange {
  const { interior } = from
  const before = new Map(from.placed.map((placed) => [placed.id, placed]))
  const after = new Map(to.placed.map((placed) => [placed.id, placed]))
  const movers = [
    ...[...new Set([...before.keys(), ...after.keys()])].flatMap(
      (id) => fittingMover(before.get(id), after.get(id)) ?? [],
    ),
    ...interior.shell.cabSeats.flatMap((seat) => seatMover(seat, from, to) ?? []),
  ]
  const moving = new Set(movers.map(({ move }) => move.id))
  const { moves, stuck } = ordered(
    movers,
    to.placed.filter(({ id }) => !moving.has(id)),
  )
  return {
    from: from.modeId,
    to: to.modeId,
    moves,
    minutes: moves.reduce((sum, { minutes }) => sum + minutes, 0),
    stuck,
    resting: restingIn(from, brief, movers),
  }
}
