import type { ViewId } from '$lib/core/draw'
import { kindOfMade, type Made } from '$lib/core/fittings'
import type { Vec2 } from '$lib/core/geometry'
import type { Command, Fitting, Plan } from '$lib/core/job'
import { movedTogether, snapsFor, type Placed, type Reseated, type Scene, type Snap } from '$lib/core/scene'
import { newId } from '../job/new-id'
import { vehicleDelta } from '../drawing/layout'
import { settled, wholeMillimetres } from './settle'

/** How near, on the screen, an edge must come to be drawn to a line. */
const SNAP_PX = 7

type Preview =
  | { readonly kind: 'seats'; readonly seats: readonly Reseated[] }
  | { readonly kind: 'new'; readonly id: string; readonly fitting: Fitting }

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
}

/** The hand while it carries something: one that stands in the plan, several, or a new one. Nothing is changed until it is put down. */
export class Carry {
  readonly #at: At
  snaps: readonly Snap[] = $state.raw([])
  #preview: Preview | undefined = $state.raw(undefined)
  /** The plan and scene that it was taken from. */
  #start: { scene: Scene; plan: Plan; placed: Placed } | undefined = $state.raw(undefined)

  constructor(at: At) {
    this.#at = at
  }

  readonly busy: boolean = $derived.by(() => this.#preview !== undefined)
  /** The scene without what is carried, as it was when it was taken up. */
  readonly from: Scene | undefined = $derived.by(() => this.#start?.scene)
  /** The command that would put down what is carried. */
  readonly command: Command | undefined = $derived.by(() => {
    const preview = this.#preview
    if (preview === undefined) return undefined
    return preview.kind === 'seats'
      ? this.#at.seatAll(preview.seats)
      : { type: 'fitting.add', variant: this.#at.variantId, id: preview.id, fitting: preview.fitting as never }
  })

  carry(id: string, view: ViewId, [du, dv]: Vec2, free: boolean, pxPerMm: number): void {
    const at = this.#at
    if (this.#start === undefined) {
      const placed = at.scene.placed.find((one) => one.id === id)
      if (placed === undefined) return
      this.#start = { scene: at.scene, plan: at.plan, placed }
    }
    const { scene, plan, placed } = this.#start
    if (at.inHand.some((one) => plan.fittings[one]?.locked === true)) return
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
    const locked = preview === undefined && this.#start !== undefined
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
    this.snaps = []
  }
}
