import type { ViewId } from '$lib/core/draw'
import { kindOfMade, type Made } from '$lib/core/fittings'
import type { Vec2 } from '$lib/core/geometry'
import type { Command, Fitting, Plan, SimpleCommand } from '$lib/core/job'
import {
  movedTogether,
  sized,
  snapsFor,
  type Grip,
  type Placed,
  type Reseated,
  type Scene,
  type Sized,
  type Snap,
} from '$lib/core/scene'
import { newId } from '../job/new-id'
import { vehicleDelta } from '../drawing/layout'
import { settled, wholeMillimetres } from './settle'

/** How near, on the screen, an edge must come to be drawn to a line. */
const SNAP_PX = 7

type Preview =
  | { readonly kind: 'seats'; readonly seats: readonly Reseated[] }
  | { readonly kind: 'new'; readonly id: string; readonly fitting: Fitting }
  | { readonly kind: 'size'; readonly id: string; readonly to: Sized | undefined }

/** What the hand knows of the bench that it works at. */
interface At {
  readonly scene: Scene
  readonly plan: Plan
  readonly variantId: string
  readonly stationMm: number
  readonly also: readonly string[]
  readonly inHand: readonly string[]
  readonly session: { readonly do: (command: Command) => boolean; readonly tell: (words: string) => void }
  readonly select: (id: string | undefined) => void
  readonly pickUp: (id: string) => void
  readonly seatAll: (seats: readonly Reseated[]) => Command
  readonly seatOne: (one: Reseated) => SimpleCommand
}

/** The hand while it carries something: one that stands in the plan, several, or a new one. Nothing is changed until it is put down. */
export class Carry {
  readonly #at: At
  snaps: readonly Snap[] = $state.raw([])
  #preview: Preview | undefined = $state.raw(undefined)
  /** The plan and scene that it was taken from. */
  #start: { scene: Scene; plan: Plan; placed: Placed } | undefined = $state.raw(undefined)

  #isLocked = false

  constructor(at: At) {
    this.#at = at
  }

  readonly busy: boolean = $derived.by(() => this.#preview !== undefined)
  /** The scene without what is carried, as it was when it was taken up. */
  readonly from: Scene | undefined = $derived.by(() => this.#start?.scene)
  /** The command that would put down what is carried. */
  readonly command: Command | undefined = $derived.by(() => {
    const preview = this.#preview
    const variant = this.#at.variantId
    switch (preview?.kind) {
      case undefined:
        return undefined
      case 'seats':
        return this.#at.seatAll(preview.seats)
      case 'new':
        return { type: 'fitting.add', variant, id: preview.id, fitting: preview.fitting as never }
      case 'size': {
        const { id, to } = preview
        if (to === undefined) return undefined
        const set: SimpleCommand = { type: 'fitting.parameters', variant, id, parameters: to.parameters }
        const stays = to.seat === this.#start?.placed.seat
        return stays ? set : { type: 'batch', what: 'size', commands: [set, this.#at.seatOne({ id, seat: to.seat })] }
      }
    }
  })

  /** What it was taken from; undefined where that is locked, or is not there. */
  #startAt(id: string): { scene: Scene; plan: Plan; placed: Placed } | undefined {
    const at = this.#at
    if (this.#start === undefined) {
      const placed = at.scene.placed.find((one) => one.id === id)
      if (placed === undefined) return undefined
      this.#start = { scene: at.scene, plan: at.plan, placed }
    }
    const { plan } = this.#start
    this.#isLocked = at.inHand.some((one) => plan.fittings[one]?.locked === true)
    return this.#isLocked ? undefined : this.#start
  }

  /** Pulls a fitting at an edge or a corner: it grows or shrinks there, and its other edges stay. */
  pull(id: string, grips: readonly Grip[], view: ViewId, [du, dv]: Vec2, free: boolean, pxPerMm: number): void {
    const start = this.#startAt(id)
    if (start === undefined) return
    const { scene, plan, placed } = start
    const delta = vehicleDelta(view, du, dv)
    const pulls = grips.map((grip) => ({ grip, toMm: grip.atMm + (delta[grip.axis] ?? 0) }))
    const to = sized(scene, plan, placed, pulls, free ? 0 : SNAP_PX / pxPerMm, this.#at.stationMm)
    this.snaps = to?.snaps ?? []
    this.#preview = { kind: 'size', id, to }
  }

  carry(id: string, view: ViewId, [du, dv]: Vec2, free: boolean, pxPerMm: number): void {
    const at = this.#at
    const start = this.#startAt(id)
    if (start === undefined) return
    const { scene, plan, placed } = start
    const delta = vehicleDelta(view, du, dv)
    const reachMm = free ? 0 : SNAP_PX / pxPerMm
    if (at.also.length > 0 && this.#preview?.kind !== 'new') {
      const snaps = reachMm === 0 ? [] : snapsFor(scene, placed, delta, reachMm, at.stationMm)
      const by = (axis: 'x' | 'y' | 'z') =>
        delta[axis] === undefined ? 0 : delta[axis] + (snaps.find((snap) => snap.axis === axis)?.byMm ?? 0)
      this.snaps = snaps
      const seats = movedTogether(scene, at.inHand, [by('x'), by('y'), by('z')])
      this.#preview = { kind: 'seats', seats: seats.map((one) => ({ ...one, seat: wholeMillimetres(one.seat) })) }
      return
    }
    const { seat, snaps } = settled(scene, plan, placed, delta, reachMm, at.stationMm)
    this.snaps = snaps
    this.#preview =
      this.#preview?.kind === 'new'
        ? { ...this.#preview, fitting: { ...this.#preview.fitting, seat } }
        : { kind: 'seats', seats: [{ id, seat }] }
  }

  /** Brings a new fitting into the drawing under the hand, at (x, y) of the plan or (x, z) of a wall. */
  bring(made: Made, view: ViewId, to: Vec2, pxPerMm: number): void {
    const at = this.#at
    if (this.#preview?.kind !== 'new' || this.#start === undefined) {
      const id = newId('fit')
      const { home } = kindOfMade(made)
      const fitting: Fitting = { ...made, seat: { ...home, along: { from: 'rear', mm: 0 } } }
      this.#preview = { kind: 'new', id, fitting }
      at.pickUp(id)
      const { scene } = at
      const placed = scene.placed.find((one) => one.id === id)
      if (placed === undefined) return
      this.#start = {
        scene: { ...scene, placed: scene.placed.filter((one) => one.id !== id) },
        plan: at.plan,
        placed,
      }
    }
    const { scene, plan, placed } = this.#start
    const [x, y] = placed.placement.at
    const wanted =
      view === 'plan' ? { x: to[0] - x, y: to[1] - y } : { x: to[0] - x, y: view === 'left' ? 600 - y : -600 - y }
    const { seat, snaps } = settled(scene, plan, placed, wanted, SNAP_PX / pxPerMm, at.stationMm)
    this.snaps = snaps
    const held = this.#preview
    if (held?.kind === 'new') this.#preview = { ...held, fitting: { ...held.fitting, seat } }
  }

  /** Ends a carry: one command for all of it. */
  putDown(): void {
    const { command } = this
    const preview = this.#preview
    const locked = this.#isLocked
    this.#forget()
    if (locked) this.#at.session.tell('It is locked: unlock it first.')
    if (command === undefined) return
    this.#at.session.do(command)
    if (preview?.kind === 'new') this.#at.select(preview.id)
  }

  putBack(): void {
    const wasNew = this.#preview?.kind === 'new'
    this.#forget()
    if (wasNew) this.#at.select(undefined)
  }

  #forget(): void {
    this.#preview = undefined
    this.#start = undefined
    this.#isLocked = false
    this.snaps = []
  }
}
