import type { ResolvedDemand } from '$lib/core/brief'
import type { ViewId } from '$lib/core/draw'
import type { Made } from '$lib/core/fittings'
import type { Vec2 } from '$lib/core/geometry'
import type { Command, modesOf, Plan } from '$lib/core/job'
import { choicesOf, seatsFor } from '$lib/core/needs'
import { buildScene, type Scene } from '$lib/core/scene'
import type { Interior } from '$lib/core/shell'
import { bestFirst, untried, type Choice } from '$lib/core/review'
import { newId } from '../job/new-id'

/** What it knows of the bench. */
interface At {
  readonly session: { readonly do: (command: Command) => boolean; readonly tell: (words: string) => void }
  readonly plan: Plan
  readonly variantId: string
  readonly modeId: string
  readonly modes: ReturnType<typeof modesOf>
  readonly scene: Scene
  readonly interior: Interior
  readonly stationMm: number
  readonly hand: {
    readonly bring: (made: Made, view: ViewId, at: Vec2, pxPerMm: number) => void
    readonly putDown: () => void
    readonly putBack: () => void
  }
  readonly checked: { readonly choice: (demand: ResolvedDemand, made: Made) => Promise<Choice> }
  readonly select: (id: string | undefined) => void
}

/** How something new comes into the plan: by its own size where it fits, by a choice for a demand, or in hand. */
export class Placing {
  readonly #bench: At
  /** A demand whose kinds are offered: those that have been tried so far, the best first. */
  choosing:
    | { readonly demand: ResolvedDemand; readonly kinds: readonly Made[]; readonly choices: readonly Choice[] }
    | undefined = $state.raw(undefined)
  /** A new fitting that fits nowhere by itself: it follows the pointer until it is put down. */
  waiting: Made | undefined = $state.raw(undefined)

  constructor(bench: At) {
    this.#bench = bench
  }

  /** Brings a new fitting into the drawing under the hand. */
  bring(made: Made, view: ViewId, at: Vec2, pxPerMm: number): void {
    this.#bench.hand.bring(made, view, at, pxPerMm)
  }

  /** The scenes of all modes, the one shown first. */
  #scenes(): readonly [Scene, ...Scene[]] {
    const others = this.#bench.modes.filter(([id]) => id !== this.#bench.modeId)
    return [
      this.#bench.scene,
      ...others.map(([id]) => buildScene(this.#bench.interior, this.#bench.plan, id, this.#bench.scene)),
    ]
  }

  /** Places a fitting where it first stands by its own size and can be used; takes it in hand where it fits nowhere. */
  place(made: Made): void {
    const [seat] = seatsFor(this.#bench.plan, this.#scenes(), made)
    if (seat === undefined) {
      this.waiting = made
      this.bring(made, 'plan', [this.#bench.stationMm, 0], 1)
      this.#bench.session.tell(
        'There is no free place of its size. Click where you want it; Enter puts it down here, Esc drops it.',
      )
      return
    }
    const id = newId('fit')
    if (
      this.#bench.session.do({
        type: 'fitting.add',
        variant: this.#bench.variantId,
        id,
        fitting: { ...made, seat } as never,
      })
    )
      this.#bench.select(id)
  }

  /** Puts down what waits in hand, or puts it back. */
  endWaiting(down: boolean): void {
    this.waiting = undefined
    if (down) this.#bench.hand.putDown()
    else this.#bench.hand.putBack()
  }

  /** Offers the kinds that would meet a demand; where there is one only it is placed at once. */
  placeDemand(demand: ResolvedDemand): void {
    const kinds = choicesOf(demand)
    const [only, ...others] = kinds
    if (only === undefined)
      return this.#bench.session.tell('There is no fitting for this yet: keep the space clear yourself.')
    if (others.length === 0) return this.place(only)
    this.choosing = { demand, kinds, choices: [] }
    void this.#tryKinds(demand, kinds)
  }

  async #tryKinds(demand: ResolvedDemand, kinds: readonly Made[]): Promise<void> {
    for (const made of kinds) {
      // one that cannot be tried can still be put where the hand says
      const choice = await this.#bench.checked.choice(demand, made).catch(() => untried(made))
      if (this.choosing?.demand !== demand) return
      this.choosing = { demand, kinds, choices: bestFirst([...this.choosing.choices, choice]) }
    }
  }

  /** Takes one of the choices: where it was tried, or in hand where it fits nowhere. */
  choose({ made, seat }: Choice): void {
    this.choosing = undefined
    if (seat === undefined) return this.place(made)
    const id = newId('fit')
    if (
      this.#bench.session.do({
        type: 'fitting.add',
        variant: this.#bench.variantId,
        id,
        fitting: { ...made, seat } as never,
      })
    )
      this.#bench.select(id)
  }
}
