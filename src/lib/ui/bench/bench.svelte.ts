import { liveMargins, type Margin } from '$lib/core/budgets'
import { choicesOf, seatsFor } from '$lib/core/needs'
import { bestFirst, untried, type Choice } from '$lib/core/what-if'
import { demandsOf, type ResolvedDemand } from '$lib/core/brief'
import { countedByName, gearIn, type PackedPiece, type ViewId } from '$lib/core/draw'
import { flipped, offDoor, turnedBy, type Made, type Seat } from '$lib/core/fittings'
import { spanLength, type Vec2, type Vec3 } from '$lib/core/geometry'
import {
  apply,
  type Command,
  type Figure,
  type Job,
  modesOf,
  type Plan,
  planInterior,
  type SimpleCommand,
  variantsOf,
} from '$lib/core/job'
import {
  type DemandState,
  type Finding,
  handleCommand,
  type ProvenRemedy,
  takeUp,
  tally,
  type VariantReview,
  waive,
} from '$lib/core/review'
import {
  buildScene,
  carried,
  contentsOf,
  groupWith,
  type Grip,
  type ModeChange,
  movedTogether,
  outlineBox,
  type Placed,
  type Reseated,
  type Scene,
  seatOutside,
  sized,
  type Snap,
  tapeOf,
  type TapeRow,
  typedOnTape,
} from '$lib/core/scene'
import { namesOf } from '$lib/core/text'
import { ReviewClient, type ReviewAnswer } from '$lib/workers/review-client'
import type { JobSession } from '../job/job-session.svelte'
import { newId } from '../job/new-id'
import { today } from '../parts/days'
import { Carry } from './carry.svelte'
import { copiesOf } from './copies'
import type { DragEffect } from './drag'
import { keepEqual } from './keep-equal'
import { numbered } from './numbered'
import { stillThere, WHOLE, type Place, type Zoom } from './place'
import { felt, type Felt } from './felt'
import { OnPaper } from './on-paper.svelte'
import { framesOf, type Playing } from './play'
import { wholeMillimetres } from './settle'

type BatchWhat = Extract<Command, { type: 'batch' }>['what']

/** A finding with its number in the drawing, the same fault in several modes once. */
export interface NumberedFinding {
  readonly number: number
  readonly finding: Finding
}

/** A demand of which the review has not said yet how far it is met. */
export interface UncheckedDemand {
  readonly demand: ResolvedDemand
  readonly state: 'checking'
  readonly findings: readonly never[]
}

/** A review in which one mode is new, and the others as they were. */
function withMode(before: VariantReview | undefined, next: VariantReview): VariantReview {
  if (before === undefined || before.variantId !== next.variantId) return next
  const fresh = new Map(next.modes.map((mode) => [mode.modeId, mode]))
  const known = new Set(before.modes.map(({ modeId }) => modeId))
  return {
    ...before,
    modes: [
      ...before.modes.map((mode) => fresh.get(mode.modeId) ?? mode),
      ...next.modes.filter(({ modeId }) => !known.has(modeId)),
    ],
    failed: [...before.failed.filter(({ modeId }) => !fresh.has(modeId)), ...next.failed],
  }
}

/** How long the review rests while something is carried: marks that come ten times a second are felt at once. */
const REST_IN_HAND_MS = 80

/** What the bench shows: a variant in a mode, the fitting in hand, and what the review says of it all. */
export class Bench {
  readonly session: JobSession
  readonly #reviewer: ReviewClient
  /** Tries ways out in a worker of its own, opened with the first: a review need not wait for them. */
  #advisor: ReviewClient | undefined
  readonly hand: Carry
  readonly paper: OnPaper
  #variantId = $state('')
  #modeId = $state('')
  selectedId: string | undefined = $state(undefined)
  /** What else is in hand, besides the one picked first. */
  also: readonly string[] = $state.raw([])
  /** A change of mode that is being played. */
  playing: Playing | undefined = $state.raw(undefined)
  openFinding: string | undefined = $state(undefined)
  /** Whether it is asked what becomes of what is inside the one to be taken out. */
  asksInside = $state(false)
  #opened: string | undefined = $state(undefined)
  /** A demand whose kinds are offered: those that have been tried so far, the best first. */
  choosing:
    | { readonly demand: ResolvedDemand; readonly kinds: readonly Made[]; readonly choices: readonly Choice[] }
    | undefined = $state.raw(undefined)
  /** A new fitting that fits nowhere by itself: it follows the pointer until it is put down. */
  waiting: Made | undefined = $state.raw(undefined)
  stationMm = $state(800)
  zoom: Zoom = $state.raw(WHOLE)
  people = $state(true)
  viewId: ViewId = $state('plan')
  /** Whether the figures that are set once and left are shown. */
  rareOpen = $state(false)
  /** Each press takes one more in hand, or lets it go. */
  takesSeveral = $state(false)
  /** The next drag moves the drawing. */
  isPanning = $state(false)
  /** What the review says: of the mode on screen as it is now, of the others a moment later. */
  review: VariantReview | undefined = $state.raw(undefined)
  /** The last whole answer of the engine. */
  #answer: ReviewAnswer | undefined = $state.raw(undefined)
  /** What was said before a hand took something up. */
  #steady: ReviewAnswer | undefined = $state.raw(undefined)
  /** Why the review has stopped, where it has. */
  stopped: string | undefined = $state.raw(undefined)
  #before: Scene | undefined
  #played: object | undefined

  constructor(session: JobSession) {
    this.session = session
    const [variantId, variant] = variantsOf(session.job)[0]!
    this.#variantId = variantId
    this.#modeId = modesOf(variant.plan)[0]![0]
    this.hand = new Carry(this)
    this.paper = new OnPaper(this)
    this.#reviewer = new ReviewClient({
      shown: (review) => {
        if (review.variantId === this.variantId) this.review = keepEqual(this.review, withMode(this.review, review))
        this.stopped = undefined
      },
      all: (answer) => {
        if (answer.review.variantId !== this.variantId) return
        const review = keepEqual(this.review, answer.review)
        this.review = review
        this.#answer = { ...answer, review }
        if (!this.carrying) this.#steady = this.#answer
        this.stopped = undefined
      },
      // what it said before is of another plan
      stopped: (message) => {
        this.#forgetReview()
        this.stopped = message
      },
    })
  }

  close(): void {
    this.#reviewer.close()
    this.#advisor?.close()
  }

  readonly variants = $derived.by(() => variantsOf(this.session.job))
  /** The variant shown; the first one if the one that was shown is gone. */
  readonly variantId: string = $derived.by(() =>
    this.session.job.variants[this.#variantId] === undefined ? this.variants[0]![0] : this.#variantId,
  )
  /** The job with what the hand is holding right now. */
  readonly liveJob: Job = $derived.by(() => this.#withCarried(this.session.job))
  readonly plan: Plan = $derived.by(() => this.liveJob.variants[this.variantId]!.plan)
  readonly modes = $derived.by(() => modesOf(this.plan))
  readonly modeId: string = $derived.by(() =>
    this.plan.modes[this.#modeId] === undefined ? this.modes[0]![0] : this.#modeId,
  )
  readonly #shell = $derived.by(() => this.liveJob.shell)
  readonly #lining = $derived.by(() => this.plan.lining)
  readonly #changes = $derived.by(() => this.plan.changes)
  readonly interior = $derived.by(() => planInterior(this.#shell, { lining: this.#lining, changes: this.#changes }))
  readonly #built: Scene = $derived.by(
    () =>
      (this.#before = buildScene(
        this.interior,
        this.plan,
        this.modeId,
        ...(this.#before === undefined ? [] : [this.#before]),
      )),
  )
  readonly scene: Scene = $derived.by(() => this.playing?.scene ?? this.#built)
  readonly selected: Placed | undefined = $derived.by(() => this.scene.placed.find(({ id }) => id === this.selectedId))
  /** Everything in hand, the one picked first before all others. */
  readonly inHand: readonly string[] = $derived.by(() =>
    this.selectedId === undefined ? [] : [this.selectedId, ...this.also],
  )
  /** The engine’s answer on the plan as it stands: what is carried counts once it is put down. */
  readonly #settled: ReviewAnswer | undefined = $derived.by(() => (this.carrying ? this.#steady : this.#answer))
  /** What it takes to get to each mode from the one before; nothing until that is known. */
  readonly changes: readonly ModeChange[] = $derived.by(() => this.#settled?.changes ?? [])
  readonly tape: readonly TapeRow[] = $derived.by(() =>
    this.selected === undefined ? [] : tapeOf(this.scene, this.selected),
  )
  /** Names as of the last command: a drag renames nothing, so that its words need not be made again. */
  readonly names = $derived.by(() => namesOf(this.session.job, this.session.job.variants[this.variantId]!.plan))
  /** The number that stands for each name where that has no room, from the rear; the list of fittings explains them. */
  readonly numbers: ReadonlyMap<string, number> = $derived.by(() => numbered(this.standing.placed))
  get carrying(): boolean {
    return this.hand.busy
  }
  get snaps(): readonly Snap[] {
    return this.hand.snaps
  }
  /** What stands still: the scene, or while something is carried the one that it was taken from. */
  readonly standing: Scene = $derived.by(() => this.hand.from ?? this.scene)
  readonly #liftedIds: string = $derived.by(() => {
    const still = this.hand.from?.placed
    return still === undefined
      ? ''
      : this.scene.placed.flatMap((placed) => (still.includes(placed) ? [] : [placed.id])).join(' ')
  })
  /** What the hand moves: what it carries, and what stands on that. The same list as long as it is the same things. */
  readonly lifted: readonly string[] = $derived.by(() => this.#liftedIds.split(' '))

  /** The findings of the mode shown, numbered, the gravest first. */
  readonly findings: readonly NumberedFinding[] = $derived.by(() =>
    (this.review?.modes.find(({ modeId }) => modeId === this.modeId)?.findings ?? []).map((finding, index) => ({
      number: index + 1,
      finding,
    })),
  )
  /** While something is carried: what that makes worse or better in the mode shown. */
  readonly felt: readonly Felt[] = $derived.by(() => {
    const of = (review: VariantReview | undefined) =>
      review?.modes.find(({ modeId }) => modeId === this.modeId)?.findings ?? []
    const steady = this.#steady?.review
    return this.carrying && steady?.variantId === this.variantId ? felt(of(steady), of(this.review)) : []
  })
  /** The road’s limits as they were last summed, with what has moved since in the mode on screen: the tightest first. */
  readonly margins: readonly Margin[] = $derived.by(() => {
    const road = this.modes.find(([, { purpose }]) => purpose === 'driving')?.[0] ?? this.modes[0]?.[0]
    const loadIn = (id: string | undefined) => this.review?.modes.find(({ modeId }) => modeId === id)?.load
    const [load, here] = [loadIn(road), loadIn(this.modeId)]
    return load === undefined || here === undefined
      ? []
      : liveMargins({ ...load, stood: here.stood }, this.scene.placed)
  })
  readonly tally = $derived.by(() =>
    this.review === undefined || this.#answer === undefined ? undefined : tally(this.review),
  )
  readonly demands: readonly (DemandState | UncheckedDemand)[] = $derived.by(
    () =>
      this.#settled?.demands ??
      demandsOf(this.session.job.brief).map((demand) => ({ demand, state: 'checking' as const, findings: [] })),
  )

  /** Asks for a review of what is shown; call it whenever that changes. */
  requestReview(): void {
    this.#reviewer.request(this.liveJob, this.variantId, this.modeId, this.carrying ? REST_IN_HAND_MS : 0)
  }

  #forgetReview(): void {
    this.review = undefined
    this.#answer = undefined
    this.#steady = undefined
    this.stopped = undefined
  }

  remedies(finding: Finding): Promise<readonly ProvenRemedy[]> {
    this.#advisor ??= new ReviewClient()
    return this.#advisor.remedies(this.session.job, this.variantId, finding)
  }

  #withCarried(job: Job): Job {
    const { command } = this.hand
    if (command === undefined || job.variants[this.variantId] === undefined) return job
    try {
      return apply(job, command).job
    } catch {
      return job
    }
  }

  /** Seats a fitting: in this mode only if it stands elsewhere in it, else for good. */
  seatOne({ id, seat }: Reseated): SimpleCommand {
    // read off the job as saved: what the hand holds follows from this
    const { modes } = this.session.job.variants[this.variantId]!.plan
    const mode = this.#modeId
    return modes[mode]?.seats?.[id] === undefined
      ? { type: 'fitting.seat', variant: this.variantId, id, seat }
      : { type: 'mode.seat', variant: this.variantId, mode, fitting: id, seat }
  }

  /** Moves one or several to their new seats. */
  seatAll(seats: readonly Reseated[]): Command {
    const commands = seats.map((one) => this.seatOne(one))
    return commands.length === 1 ? commands[0]! : { type: 'batch', what: 'move', commands }
  }

  /** Several commands as one; nothing where there are none. */
  doAll(what: BatchWhat, commands: readonly SimpleCommand[], run?: string): boolean {
    if (commands.length === 0) return false
    return this.session.do(
      commands.length === 1 && what !== 'run' ? commands[0]! : { type: 'batch', what, commands: [...commands] },
      run,
    )
  }

  /** Seats several at once, on whole millimetres. */
  arrange(what: BatchWhat, seats: readonly Reseated[], run?: string): void {
    this.doAll(
      what,
      seats.map(({ id, seat }) => this.seatOne({ id, seat: wholeMillimetres(seat) })),
      run,
    )
  }

  showVariant(id: string): void {
    this.stopPlaying()
    this.#variantId = id
    this.#forgetReview()
    this.selectedId = undefined
    this.also = []
  }

  /** Where one is, for the address. */
  readonly here: Place = $derived.by(() => ({
    variant: this.variantId,
    mode: this.modeId,
    selected: this.inHand,
    stationMm: this.stationMm,
    zoom: this.zoom,
  }))

  /** Goes to a place; what is no longer there is passed over, and of a link a variant that is gone is told. */
  goTo(place: Partial<Place>, isLink = true): void {
    const { variants } = this.session.job
    if (place.variant !== undefined && variants[place.variant] === undefined) {
      if (isLink) this.session.tell('The variant that this link shows is gone: this is the first.')
      return
    }
    if (place.variant !== undefined) this.#variantId = place.variant
    const { plan } = variants[this.variantId]!
    if (place.mode !== undefined && plan.modes[place.mode] !== undefined) this.#modeId = place.mode
    const [first, ...others] = stillThere(plan, place)
    this.selectedId = first
    this.also = others
    this.stationMm = place.stationMm ?? this.stationMm
    this.zoom = place.zoom ?? this.zoom
  }

  showMode(id: string): void {
    this.stopPlaying()
    this.#modeId = id
    this.openFinding = undefined
  }

  /** Takes one in hand that is not in the plan yet. */
  pickUp(id: string): void {
    this.selectedId = id
  }

  /** Takes a fitting in hand, with the group that it belongs to; `add` takes it besides what is in hand, or lets it go. */
  select(id: string | undefined, add = false): void {
    if (id !== this.selectedId) {
      this.openFinding = undefined
      this.asksInside = false
    }
    if (id === undefined) {
      this.selectedId = undefined
      this.also = []
      return
    }
    const together = groupWith(this.session.job.variants[this.variantId]!.plan, id)
    const held = this.inHand
    if (!add || this.selectedId === undefined) {
      // a second pick within a group in hand takes the one alone
      const alone =
        together.length > 1 && held.length === together.length && held.every((one) => together.includes(one))
      this.selectedId = id
      this.also = alone ? [] : together.filter((one) => one !== id)
      return
    }
    const kept = held.includes(id)
      ? held.filter((one) => !together.includes(one))
      : [...held, ...together.filter((one) => !held.includes(one))]
    this.selectedId = kept[0]
    this.also = kept.slice(1)
  }

  /** Takes several in hand, with the groups that they belong to; `add` besides what is in hand. */
  selectAll(ids: readonly string[], add: boolean): void {
    const { plan } = this.session.job.variants[this.variantId]!
    const all = [...(add ? this.inHand : []), ...ids.flatMap((id) => groupWith(plan, id))]
    this.select(undefined)
    const [first, ...others] = all.filter((id, index) => all.indexOf(id) === index)
    this.selectedId = first
    this.also = others
  }

  /** The view in which something was last pointed at: lengths are written there. */
  lookAt(view: ViewId): void {
    this.viewId = view
  }

  /** Opens a finding, with what it is about first selected. */
  show(finding: Finding): void {
    this.select(finding.fittings[0])
    this.openFinding = finding.key
  }

  /** Plays the moves from one mode to the next in the drawing, one after the other, and ends in that mode. */
  async play(change: ModeChange, still: boolean): Promise<void> {
    this.stopPlaying()
    this.select(undefined)
    const [from, to] = [change.from, change.to].map((id) => buildScene(this.interior, this.plan, id)) as [Scene, Scene]
    const token = {}
    this.#played = token
    for await (const frame of framesOf(from, to, change.moves, still)) {
      if (this.#played !== token) return
      this.playing = frame
    }
    if (this.#played === token) this.showMode(change.to)
  }

  stopPlaying(): void {
    this.#played = undefined
    this.playing = undefined
  }

  /** The fitting after (or before) the one in hand, in the order from the rear. */
  pick(step: 1 | -1): void {
    const order = [...this.scene.placed].sort(
      (a, b) => a.bounds.x.min - b.bounds.x.min || a.bounds.z.min - b.bounds.z.min,
    )
    if (order.length === 0) return
    const at = order.findIndex(({ id }) => id === this.selectedId)
    const next = at === -1 ? (step === 1 ? 0 : order.length - 1) : (at + step + order.length) % order.length
    this.select(order[next]!.id)
  }

  /** What a drag asks for. `pxPerMm` is the scale of the view that it happens in. */
  effect(effect: Exclude<DragEffect, { do: 'select-between' }>, pxPerMm: number): void {
    switch (effect.do) {
      case 'select':
        return this.select(effect.id, effect.add)
      case 'station':
        this.stationMm =
          Math.round(Math.min(this.interior.xSpan.max, Math.max(this.interior.xSpan.min, effect.at[0])) / 10) * 10
        return
      case 'carry':
        return this.hand.carry(effect.id, effect.view, effect.by, effect.free, pxPerMm)
      case 'pull':
        return this.hand.pull(effect.id, effect.grips, effect.view, effect.by, effect.free, pxPerMm)
      case 'put-down':
        return this.hand.putDown()
      case 'put-back':
        return this.hand.putBack()
    }
  }

  /** Brings a new fitting into the drawing under the hand. */
  bring(made: Made, view: ViewId, at: Vec2, pxPerMm: number): void {
    this.hand.bring(made, view, at, pxPerMm)
  }

  /** The scenes of all modes, the one shown first. */
  #scenes(): readonly [Scene, ...Scene[]] {
    const others = this.modes.filter(([id]) => id !== this.modeId)
    return [this.scene, ...others.map(([id]) => buildScene(this.interior, this.plan, id, this.scene))]
  }

  /** Places a fitting where it first stands by its own size and can be used; takes it in hand where it fits nowhere. */
  place(made: Made): void {
    const [seat] = seatsFor(this.plan, this.#scenes(), made)
    if (seat === undefined) {
      this.waiting = made
      this.bring(made, 'plan', [this.stationMm, 0], 1)
      this.session.tell(
        'There is no free place of its size. Click where you want it; Enter puts it down here, Esc drops it.',
      )
      return
    }
    const id = newId('fit')
    if (this.session.do({ type: 'fitting.add', variant: this.variantId, id, fitting: { ...made, seat } as never }))
      this.select(id)
  }

  /** Puts down what waits in hand, or puts it back. */
  endWaiting(down: boolean): void {
    this.waiting = undefined
    if (down) this.hand.putDown()
    else this.hand.putBack()
  }

  /** Offers the kinds that would meet a demand; where there is one only it is placed at once. */
  placeDemand(demand: ResolvedDemand): void {
    const kinds = choicesOf(demand)
    const [only, ...others] = kinds
    if (only === undefined) return this.session.tell('There is no fitting for this yet: keep the space clear yourself.')
    if (others.length === 0) return this.place(only)
    this.choosing = { demand, kinds, choices: [] }
    void this.#tryKinds(demand, kinds)
  }

  async #tryKinds(demand: ResolvedDemand, kinds: readonly Made[]): Promise<void> {
    this.#advisor ??= new ReviewClient()
    const { job } = this.session
    for (const made of kinds) {
      // one that cannot be tried can still be put where the hand says
      const choice = await this.#advisor
        .choice(job, this.variantId, this.modeId, demand, made)
        .catch(() => untried(made))
      if (this.choosing?.demand !== demand) return
      this.choosing = { demand, kinds, choices: bestFirst([...this.choosing.choices, choice]) }
    }
  }

  /** Takes one of the choices: where it was tried, or in hand where it fits nowhere. */
  choose({ made, seat }: Choice): void {
    this.choosing = undefined
    if (seat === undefined) return this.place(made)
    const id = newId('fit')
    if (this.session.do({ type: 'fitting.add', variant: this.variantId, id, fitting: { ...made, seat } as never }))
      this.select(id)
  }

  #seat(change: (seat: Seat) => Seat, run?: string): void {
    const placed = this.selected
    if (placed !== undefined) this.session.do(this.seatOne({ id: placed.id, seat: change(placed.seat) }), run)
  }

  nudge(axis: 'x' | 'y' | 'z', mm: number): void {
    const placed = this.selected
    if (placed === undefined) return
    const delta: Vec3 = [axis === 'x' ? mm : 0, axis === 'y' ? mm : 0, axis === 'z' ? mm : 0]
    const run = `nudge ${this.inHand.join(' ')}`
    if (this.also.length > 0) this.arrange('move', movedTogether(this.scene, this.inHand, delta), run)
    else this.#seat(() => carried(this.scene, this.plan, placed, delta), run)
  }

  /** Sets a distance of the tape to a typed value. */
  setTape(row: TapeRow, mm: number): void {
    const placed = this.selected
    if (placed === undefined) return
    const seat = typedOnTape(this.scene, this.plan, placed, row, mm)
    if (seat === undefined) this.session.tell('There is no place where the tape would read that.')
    else this.#seat(() => seat)
  }

  /** Sets a measure of what is in hand to a typed length, pulled at one of its edges; to what it comes, mm: its limits may stop it. */
  setSize(grip: Grip, mm: number): number {
    const placed = this.selected
    if (placed === undefined) return mm
    const was = spanLength(outlineBox(placed)[grip.axis])
    const toMm = grip.atMm + (mm - was) * (grip.side === 'max' ? 1 : -1)
    const to = sized(this.scene, this.plan, placed, [{ grip, toMm }], 0)
    if (to === undefined) return was
    const { id } = placed
    const set: SimpleCommand = { type: 'fitting.parameters', variant: this.variantId, id, parameters: to.parameters }
    this.doAll('size', to.seat === placed.seat ? [set] : [set, this.seatOne({ id, seat: to.seat })])
    return spanLength(to.outline[grip.axis])
  }

  turn(): void {
    this.#seat((seat) => turnedBy(seat, 90))
  }

  mirror(): void {
    this.#seat(flipped)
  }

  duplicate(): void {
    const held = this.scene.placed.filter(({ id }) => this.inHand.includes(id))
    if (held.length === 0) return
    const { ids, commands } = copiesOf(held, this.variantId, this.interior.xSpan.max, () => newId('fit'))
    if (this.doAll('duplicate', commands)) {
      const [first, ...others] = this.inHand.flatMap((id) => ids.get(id) ?? [])
      this.selectedId = first
      this.also = others
    }
  }

  /** Takes out what is in hand; where that has something inside it is asked first what becomes of it. */
  remove(): void {
    if (this.insideHeld.length > 0) this.asksInside = true
    else this.removeWith('nothing')
  }

  /** What lies in what is in hand, but is not in hand itself. */
  readonly insideHeld: readonly Placed[] = $derived.by(() =>
    this.inHand.flatMap((id) =>
      contentsOf(this.scene, id).flatMap(({ placed }) => (this.inHand.includes(placed.id) ? [] : [placed])),
    ),
  )

  /** Takes out what is in hand: all that is inside as well, or that stays where it is and stands by itself. */
  removeWith(inside: 'all' | 'nothing'): void {
    this.asksInside = false
    const held = this.insideHeld
    const variant = this.variantId
    const out = (id: string): SimpleCommand => ({ type: 'fitting.remove', variant, id })
    const left = held
      .filter(({ within }) => this.inHand.includes(within?.hostId ?? ''))
      .map(({ id, ...placed }) =>
        this.seatOne({
          id,
          seat: wholeMillimetres(seatOutside(this.scene, this.plan, { id, ...placed }, [0, 0, 0])),
        }),
      )
    const first = inside === 'all' ? [...held].reverse().map(({ id }) => out(id)) : left
    if (this.doAll('remove', [...first, ...this.inHand.map(out)])) this.select(undefined)
  }

  /** What lies in the one in hand, and in that. */
  readonly contents: readonly { readonly placed: Placed; readonly depth: number }[] = $derived.by(() =>
    this.selectedId === undefined ? [] : contentsOf(this.scene, this.selectedId),
  )

  /** The client’s gear that is packed into the one in hand, each piece where it lies; nothing while something is carried. */
  readonly gear: readonly PackedPiece[] = $derived.by(() => {
    const stowed = this.#answer?.stowed.get(this.modeId)
    return this.selected === undefined || this.carrying || stowed === undefined
      ? []
      : gearIn(stowed, this.liveJob.brief, this.selected.id)
  })
  /** The same by name, and how many of each. */
  readonly gearNames = $derived.by(() => countedByName(this.gear))

  /** Takes what is in hand out of what it is in: it stands where it is. */
  takeOutOf(): void {
    const placed = this.selected
    if (placed?.within !== undefined)
      this.#seat(() => wholeMillimetres(seatOutside(this.scene, this.plan, placed, [0, 0, 0])))
  }

  /** Hangs the one in hand on the leaf of a door; on the body where none is named. */
  hangOn(door: string): void {
    this.#seat((seat) => (door === '' ? offDoor(seat) : { ...seat, door }))
  }

  /** Looks into the one in hand, or shuts it again. */
  lookInto(): void {
    const { selected } = this
    const id = selected?.within?.hostId ?? (selected?.hollows.length ? selected.id : undefined)
    if (id !== undefined) this.#opened = this.#opened === id ? undefined : id
  }

  /** Whose front is taken away in the drawing: the one looked into, and what the thing in hand is in. */
  readonly openIds: readonly string[] = $derived.by(() => {
    const host = this.selected?.within?.hostId
    return [...(this.#opened === undefined ? [] : [this.#opened]), ...(host === undefined ? [] : [host])]
  })

  /** Locks everything in hand, or unlocks it if all of it is locked. */
  toggleLock(): void {
    const { fittings } = this.session.job.variants[this.variantId]!.plan
    const locked = !this.inHand.every((id) => fittings[id]?.locked === true)
    this.doAll(
      'lock',
      this.inHand.map((id): SimpleCommand => ({ type: 'fitting.lock', variant: this.variantId, id, locked })),
    )
  }

  /** Groups what is in hand; what is one group already is taken apart. */
  toggleGroup(): void {
    const { groups = {} } = this.session.job.variants[this.variantId]!.plan
    const held = this.inHand
    const same = Object.entries(groups).find(
      ([, group]) => group.fittings.length === held.length && held.every((id) => group.fittings.includes(id)),
    )
    if (same !== undefined) this.session.do({ type: 'group.remove', variant: this.variantId, id: same[0] })
    else if (held.length > 1)
      this.session.do({
        type: 'group.put',
        variant: this.variantId,
        id: newId('group'),
        group: { name: `Group of ${held.length}`, fittings: [...held] },
      })
  }

  mirrorPlan(): void {
    this.session.do({ type: 'plan.mirror', variant: this.variantId })
  }

  setParameter(key: string, value: number | string | boolean): void {
    const placed = this.selected
    if (placed === undefined) return
    const { variantId } = this
    // beyond its limits it is sent as it was typed, so that the refusal is told at its field
    this.session.do(
      handleCommand({ variantId }, placed, { key }, value) ?? {
        type: 'fitting.parameters',
        variant: variantId,
        id: placed.id,
        parameters: { [key]: value },
      },
    )
  }

  setStance(stance: string): void {
    if (this.selectedId !== undefined)
      this.session.do({
        type: 'mode.stance',
        variant: this.variantId,
        mode: this.modeId,
        fitting: this.selectedId,
        stance,
      })
  }

  turnSeat(seat: string, turned: boolean): void {
    this.session.do({ type: 'mode.turned', variant: this.variantId, mode: this.modeId, seat, turned })
  }

  putFigure(id: string, figure: Figure): void {
    this.session.do({ type: 'figure.put', variant: this.variantId, mode: this.modeId, id, figure })
  }

  removeFigure(id: string): void {
    this.session.do({ type: 'figure.remove', variant: this.variantId, mode: this.modeId, id })
  }

  take(remedy: ProvenRemedy): void {
    this.session.do({ type: 'batch', what: 'remedy', commands: [...remedy.commands] })
    this.openFinding = undefined
  }

  letBe(finding: Finding, reason: string): boolean {
    return this.session.do(waive(this.variantId, newId('waiver'), finding, reason, today()))
  }

  takeUp(finding: Finding): void {
    for (const command of takeUp(this.variantId, finding)) this.session.do(command)
  }

  addVariant(): void {
    const id = newId('variant')
    const letter = String.fromCharCode(65 + (this.variants.length % 26))
    if (this.session.do({ type: 'variant.add', id, name: letter, from: this.variantId })) this.showVariant(id)
  }
}
