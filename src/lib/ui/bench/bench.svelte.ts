import { numbered, type ViewId } from '$lib/core/draw'
import {
  apply,
  type Command,
  type Job,
  modesOf,
  type Plan,
  planInterior,
  type SimpleCommand,
  variantsOf,
} from '$lib/core/job'
import { type Finding } from '$lib/core/review'
import {
  buildScene,
  contentsOf,
  groupWith,
  type ModeChange,
  type Placed,
  type Reseated,
  type Scene,
  type Snap,
  tapeOf,
  type TapeRow,
} from '$lib/core/scene'
import { namesOf } from '$lib/core/text'
import type { JobSession } from '../job/job-session.svelte'
import { newId } from '../job/new-id'
import { Carry } from './carry.svelte'
import type { DragEffect } from './drag'
import { stillThere, WHOLE, type Place, type Zoom } from './place'
import { OnPaper } from './on-paper.svelte'
import { Checked } from './checked.svelte'
import { PowerAtRest } from './foot-power.svelte'
import { Editing } from './editing.svelte'
import { Placing } from './placing.svelte'
import { framesOf, type Playing } from './play'
import { wholeMillimetres } from './settle'

type BatchWhat = Extract<Command, { type: 'batch' }>['what']

/** What the bench shows and what is in hand: a variant in a mode, and things of it. What is said of it, done with it and put into it has a part of its own. */
export class Bench {
  readonly session: JobSession
  readonly hand: Carry
  readonly paper: OnPaper
  readonly checked: Checked
  readonly power = new PowerAtRest()
  readonly placing: Placing
  readonly editing: Editing
  #variantId = $state('')
  #modeId = $state('')
  selectedId: string | undefined = $state(undefined)
  /** What else is in hand, besides the one picked first. */
  also: readonly string[] = $state.raw([])
  /** A change of mode that is being played. */
  playing: Playing | undefined = $state.raw(undefined)
  openFinding: string | undefined = $state(undefined)
  /** How often a finding was asked for: asked for again, it is brought into sight again. */
  asked = $state(0)
  #opened: string | undefined = $state(undefined)
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
  #before: Scene | undefined
  #played: object | undefined

  constructor(session: JobSession) {
    this.session = session
    const [variantId, variant] = variantsOf(session.job)[0]!
    this.#variantId = variantId
    this.#modeId = modesOf(variant.plan)[0]![0]
    this.hand = new Carry(this)
    this.paper = new OnPaper(this)
    this.checked = new Checked(this)
    this.placing = new Placing(this)
    this.editing = new Editing(this)
  }

  close(): void {
    this.checked.close()
    this.power.close()
  }

  readonly variants = $derived.by(() => variantsOf(this.session.job))
  /** The variant shown; the first one if the one that was shown is gone. */
  readonly variantId: string = $derived.by(() =>
    this.session.job.variants[this.#variantId] === undefined ? this.variants[0]![0] : this.#variantId,
  )
  /** The job with what the hand is holding right now. */
  readonly liveJob: Job = $derived.by(() => this.#withCarried(this.session.job))
  readonly plan: Plan = $derived.by(() => this.liveJob.variants[this.variantId]!.plan)
  /** The plan as of the last command. What a hand cannot change is read off it, so that a drag does not ask for it anew. */
  readonly #saved: Plan = $derived.by(() => this.session.job.variants[this.variantId]!.plan)
  readonly modes = $derived.by(() => modesOf(this.#saved))
  readonly modeId: string = $derived.by(() =>
    this.#saved.modes[this.#modeId] === undefined ? this.modes[0]![0] : this.#modeId,
  )
  readonly #shell = $derived.by(() => this.session.job.shell)
  readonly #lining = $derived.by(() => this.#saved.lining)
  readonly #changes = $derived.by(() => this.#saved.changes)
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
    this.checked.forget()
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
      this.editing.asksInside = false
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
    this.asked += 1
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

  /** What lies in the one in hand, and in that. */
  readonly contents: readonly { readonly placed: Placed; readonly depth: number }[] = $derived.by(() =>
    this.selectedId === undefined ? [] : contentsOf(this.scene, this.selectedId),
  )

  /** Looks into the one in hand, or shuts it again. */
  lookInto(): void {
    const { selected } = this
    const id = selected?.within?.hostId ?? (selected?.hollows.length ? selected.id : undefined)
    if (id !== undefined) this.#opened = this.#opened === id ? undefined : id
  }

  readonly #hostId: string | undefined = $derived.by(() => this.selected?.within?.hostId)
  /** Whose front is taken away in the drawing: the one looked into, and what the thing in hand is in. */
  readonly openIds: readonly string[] = $derived.by(() => [this.#opened, this.#hostId].filter((id) => id !== undefined))

  addVariant(): void {
    const id = newId('variant')
    const letter = String.fromCharCode(65 + (this.variants.length % 26))
    if (this.session.do({ type: 'variant.add', id, name: letter, from: this.variantId })) this.showVariant(id)
  }
}
