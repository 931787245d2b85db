import { flipped, offDoor, turnedBy, type Seat } from '$lib/core/fittings'
import { spanLength, type Vec3 } from '$lib/core/geometry'
import type { Command, Figure, Job, Plan, SimpleCommand } from '$lib/core/job'
import { handleCommand } from '$lib/core/review'
import {
  carried,
  contentsOf,
  type Grip,
  movedTogether,
  outlineBox,
  type Placed,
  type Reseated,
  type Scene,
  seatOutside,
  sized,
  type TapeRow,
  typedOnTape,
} from '$lib/core/scene'
import type { Interior } from '$lib/core/shell'
import { newId } from '../job/new-id'
import { copiesOf } from './copies'
import { wholeMillimetres } from './settle'

type BatchWhat = Extract<Command, { type: 'batch' }>['what']

/** What it knows of the bench. */
interface At {
  readonly session: {
    readonly job: Job
    readonly do: (command: Command, run?: string) => boolean
    readonly tell: (words: string) => void
  }
  readonly plan: Plan
  readonly variantId: string
  readonly modeId: string
  readonly scene: Scene
  readonly interior: Interior
  readonly selected: Placed | undefined
  readonly inHand: readonly string[]
  selectedId: string | undefined
  also: readonly string[]
  readonly select: (id: string | undefined) => void
  readonly seatOne: (one: Reseated) => SimpleCommand
  readonly doAll: (what: BatchWhat, commands: readonly SimpleCommand[], run?: string) => boolean
  readonly arrange: (what: BatchWhat, seats: readonly Reseated[], run?: string) => void
}

/** What is done with what is in hand, command by command. */
export class Editing {
  readonly #bench: At
  /** Whether it is asked what becomes of what is inside the one to be taken out. */
  asksInside = $state(false)

  constructor(bench: At) {
    this.#bench = bench
  }

  #seat(change: (seat: Seat) => Seat, run?: string): void {
    const placed = this.#bench.selected
    if (placed !== undefined)
      this.#bench.session.do(this.#bench.seatOne({ id: placed.id, seat: change(placed.seat) }), run)
  }

  nudge(axis: 'x' | 'y' | 'z', mm: number): void {
    const placed = this.#bench.selected
    if (placed === undefined) return
    const delta: Vec3 = [axis === 'x' ? mm : 0, axis === 'y' ? mm : 0, axis === 'z' ? mm : 0]
    const run = `nudge ${this.#bench.inHand.join(' ')}`
    if (this.#bench.also.length > 0)
      this.#bench.arrange('move', movedTogether(this.#bench.scene, this.#bench.inHand, delta), run)
    else this.#seat(() => carried(this.#bench.scene, this.#bench.plan, placed, delta), run)
  }

  /** Sets a distance of the tape to a typed value. */
  setTape(row: TapeRow, mm: number): void {
    const placed = this.#bench.selected
    if (placed === undefined) return
    const seat = typedOnTape(this.#bench.scene, this.#bench.plan, placed, row, mm)
    if (seat === undefined) this.#bench.session.tell('There is no place where the tape would read that.')
    else this.#seat(() => seat)
  }

  /** Sets a measure of what is in hand to a typed length, pulled at one of its edges; to what it comes, mm: its limits may stop it. */
  setSize(grip: Grip, mm: number): number {
    const placed = this.#bench.selected
    if (placed === undefined) return mm
    const was = spanLength(outlineBox(placed)[grip.axis])
    const toMm = grip.atMm + (mm - was) * (grip.side === 'max' ? 1 : -1)
    const to = sized(this.#bench.scene, this.#bench.plan, placed, [{ grip, toMm }], 0)
    if (to === undefined) return was
    const { id } = placed
    const set: SimpleCommand = {
      type: 'fitting.parameters',
      variant: this.#bench.variantId,
      id,
      parameters: to.parameters,
    }
    this.#bench.doAll('size', to.seat === placed.seat ? [set] : [set, this.#bench.seatOne({ id, seat: to.seat })])
    return spanLength(to.outline[grip.axis])
  }

  turn(): void {
    this.#seat((seat) => turnedBy(seat, 90))
  }

  mirror(): void {
    this.#seat(flipped)
  }

  duplicate(): void {
    const held = this.#bench.scene.placed.filter(({ id }) => this.#bench.inHand.includes(id))
    if (held.length === 0) return
    const { ids, commands } = copiesOf(held, this.#bench.variantId, this.#bench.interior.xSpan.max, () => newId('fit'))
    if (this.#bench.doAll('duplicate', commands)) {
      const [first, ...others] = this.#bench.inHand.flatMap((id) => ids.get(id) ?? [])
      this.#bench.selectedId = first
      this.#bench.also = others
    }
  }

  /** Takes out what is in hand; where that has something inside it is asked first what becomes of it. */
  remove(): void {
    if (this.insideHeld.length > 0) this.asksInside = true
    else this.removeWith('nothing')
  }

  /** What lies in what is in hand, but is not in hand itself. */
  readonly insideHeld: readonly Placed[] = $derived.by(() =>
    this.#bench.inHand.flatMap((id) =>
      contentsOf(this.#bench.scene, id).flatMap(({ placed }) =>
        this.#bench.inHand.includes(placed.id) ? [] : [placed],
      ),
    ),
  )

  /** Takes out what is in hand: all that is inside as well, or that stays where it is and stands by itself. */
  removeWith(inside: 'all' | 'nothing'): void {
    this.asksInside = false
    const held = this.insideHeld
    const variant = this.#bench.variantId
    const out = (id: string): SimpleCommand => ({ type: 'fitting.remove', variant, id })
    const left = held
      .filter(({ within }) => this.#bench.inHand.includes(within?.hostId ?? ''))
      .map(({ id, ...placed }) =>
        this.#bench.seatOne({
          id,
          seat: wholeMillimetres(seatOutside(this.#bench.scene, this.#bench.plan, { id, ...placed }, [0, 0, 0])),
        }),
      )
    const first = inside === 'all' ? [...held].reverse().map(({ id }) => out(id)) : left
    if (this.#bench.doAll('remove', [...first, ...this.#bench.inHand.map(out)])) this.#bench.select(undefined)
  }

  /** Takes what is in hand out of what it is in: it stands where it is. */
  takeOutOf(): void {
    const placed = this.#bench.selected
    if (placed?.within !== undefined)
      this.#seat(() => wholeMillimetres(seatOutside(this.#bench.scene, this.#bench.plan, placed, [0, 0, 0])))
  }

  /** Hangs the one in hand on the leaf of a door; on the body where none is named. */
  hangOn(door: string): void {
    this.#seat((seat) => (door === '' ? offDoor(seat) : { ...seat, door }))
  }

  /** Locks everything in hand, or unlocks it if all of it is locked. */
  toggleLock(): void {
    const { fittings } = this.#bench.session.job.variants[this.#bench.variantId]!.plan
    const locked = !this.#bench.inHand.every((id) => fittings[id]?.locked === true)
    this.#bench.doAll(
      'lock',
      this.#bench.inHand.map((id): SimpleCommand => ({
        type: 'fitting.lock',
        variant: this.#bench.variantId,
        id,
        locked,
      })),
    )
  }

  /** Groups what is in hand; what is one group already is taken apart. */
  toggleGroup(): void {
    const { groups = {} } = this.#bench.session.job.variants[this.#bench.variantId]!.plan
    const held = this.#bench.inHand
    const same = Object.entries(groups).find(
      ([, group]) => group.fittings.length === held.length && held.every((id) => group.fittings.includes(id)),
    )
    if (same !== undefined)
      this.#bench.session.do({ type: 'group.remove', variant: this.#bench.variantId, id: same[0] })
    else if (held.length > 1)
      this.#bench.session.do({
        type: 'group.put',
        variant: this.#bench.variantId,
        id: newId('group'),
        group: { name: `Group of ${held.length}`, fittings: [...held] },
      })
  }

  mirrorPlan(): void {
    this.#bench.session.do({ type: 'plan.mirror', variant: this.#bench.variantId })
  }

  setParameter(key: string, value: number | string | boolean): void {
    const placed = this.#bench.selected
    if (placed === undefined) return
    const { variantId } = this.#bench
    // beyond its limits it is sent as it was typed, so that the refusal is told at its field
    this.#bench.session.do(
      handleCommand({ variantId }, placed, { key }, value) ?? {
        type: 'fitting.parameters',
        variant: variantId,
        id: placed.id,
        parameters: { [key]: value },
      },
    )
  }

  setStance(stance: string): void {
    if (this.#bench.selectedId !== undefined)
      this.#bench.session.do({
        type: 'mode.stance',
        variant: this.#bench.variantId,
        mode: this.#bench.modeId,
        fitting: this.#bench.selectedId,
        stance,
      })
  }

  turnSeat(seat: string, turned: boolean): void {
    this.#bench.session.do({
      type: 'mode.turned',
      variant: this.#bench.variantId,
      mode: this.#bench.modeId,
      seat,
      turned,
    })
  }

  putFigure(id: string, figure: Figure): void {
    this.#bench.session.do({ type: 'figure.put', variant: this.#bench.variantId, mode: this.#bench.modeId, id, figure })
  }

  removeFigure(id: string): void {
    this.#bench.session.do({ type: 'figure.remove', variant: this.#bench.variantId, mode: this.#bench.modeId, id })
  }
}
