import { snapPoint, viewExtent, type ViewId } from '$lib/core/draw'
import { spanMiddle, type Vec2 } from '$lib/core/geometry'
import type { Command, Drawn, Plan } from '$lib/core/job'
import type { Scene, TapeRow } from '$lib/core/scene'
import { newId } from '../job/new-id'

/** What the next presses on the drawing do, instead of picking. */
export type Tool =
  | { readonly kind: 'tape' }
  | { readonly kind: 'note' }
  | { readonly kind: 'sheet-move' | 'sheet-scale'; readonly id: string }

/** A length between two points of a view. */
export interface Stretch {
  readonly view: ViewId
  readonly from: Vec2
  readonly to: Vec2
}

/** A note that is being written. */
export interface Writing {
  readonly id: string
  readonly note: Extract<Drawn, { kind: 'note' }>
  readonly isNew: boolean
}

interface At {
  readonly scene: Scene
  readonly plan: Plan
  readonly variantId: string
  readonly session: { readonly do: (command: Command) => boolean; readonly tell: (words: string) => void }
}

export const lengthOf = ({ from, to }: Stretch): number => Math.hypot(to[0] - from[0], to[1] - from[1])

/** What is drawn on the paper itself: tapes, notes, sheets under the drawing. None of it is anything of the vehicle. */
export class OnPaper {
  readonly #at: At
  tool: Tool | undefined = $state.raw(undefined)
  /** A tape that is being drawn, or was and is not kept. */
  tape: Stretch | undefined = $state.raw(undefined)
  writing: Writing | undefined = $state.raw(undefined)
  /** What of it is looked at. */
  openId: string | undefined = $state(undefined)
  #isDown = false
  #moved: Vec2 | undefined = $state.raw(undefined)
  #from: Vec2 | undefined

  constructor(at: At) {
    this.#at = at
  }

  readonly drawn: readonly (readonly [string, Drawn])[] = $derived.by(() => Object.entries(this.#at.plan.drawn ?? {}))
  /** How far a sheet is being moved, mm. */
  get moved(): Vec2 | undefined {
    return this.#moved
  }

  /** Takes a tool, or lays it down again. */
  take(tool: Tool | undefined): void {
    this.tool = tool
    this.tape = undefined
    this.writing = undefined
    this.openId = undefined
  }

  /** Lays down what is in use; false where nothing is. */
  escape(): boolean {
    const busy =
      this.tool !== undefined || this.tape !== undefined || this.writing !== undefined || this.openId !== undefined
    this.take(undefined)
    this.#isDown = false
    this.#moved = undefined
    return busy
  }

  press(view: ViewId, at: Vec2, here: readonly string[], reachMm: number): void {
    const { tool } = this
    if (tool === undefined) return
    if (tool.kind === 'note') return this.#write(view, at, here[0])
    if (tool.kind === 'sheet-move') {
      this.#from = at
      this.#isDown = true
      return
    }
    const point = snapPoint(this.#at.scene, view, at, reachMm)
    // a second press ends a tape that was begun with a click
    if (this.tape !== undefined && !this.#isDown && this.tape.view === view && this.#isOpen) {
      this.tape = { ...this.tape, to: point }
      this.#isOpen = false
      return this.#measured()
    }
    this.tape = { view, from: point, to: point }
    this.#isDown = true
    this.#isOpen = true
  }
  /** Its second end is still looked for. */
  #isOpen = false

  move(view: ViewId, at: Vec2, reachMm: number): void {
    if (this.#isDown && this.tool?.kind === 'sheet-move' && this.#from !== undefined)
      this.#moved = [at[0] - this.#from[0], at[1] - this.#from[1]]
    else if (this.#isOpen && this.tape?.view === view)
      this.tape = { ...this.tape, to: snapPoint(this.#at.scene, view, at, reachMm) }
  }

  release(): void {
    if (!this.#isDown) return
    this.#isDown = false
    const { tool, tape } = this
    if (tool?.kind === 'sheet-move') {
      const moved = this.#moved
      this.#moved = undefined
      const sheet = this.#at.plan.drawn?.[tool.id]
      if (moved !== undefined && sheet?.kind === 'sheet')
        this.put(tool.id, { ...sheet, at: [Math.round(sheet.at[0] + moved[0]), Math.round(sheet.at[1] + moved[1])] })
      this.tool = undefined
      return
    }
    // a press without a drag was the first of two clicks
    if (tape !== undefined && lengthOf(tape) >= 1) {
      this.#isOpen = false
      this.#measured()
    }
  }

  #measured(): void {
    if (this.tool?.kind === 'tape') this.tool = undefined
  }

  /** Keeps the tape in the plan. */
  keepTape(): void {
    const { tape } = this
    if (tape === undefined) return
    if (this.put(newId('drawn'), { kind: 'tape', view: tape.view, from: [...tape.from], to: [...tape.to] }))
      this.tape = undefined
  }

  #write(view: ViewId, at: Vec2, fitting: string | undefined): void {
    const middle = fitting === undefined ? undefined : this.middleOf(view, fitting)
    const point: [number, number] =
      middle === undefined
        ? [Math.round(at[0]), Math.round(at[1])]
        : [Math.round(at[0] - middle[0]), Math.round(at[1] - middle[1])]
    this.writing = {
      id: newId('drawn'),
      isNew: true,
      note: { kind: 'note', view, at: point, text: '', ...(middle === undefined ? {} : { fitting }) },
    }
    this.tool = undefined
  }

  middleOf(view: ViewId, fitting: string): Vec2 | undefined {
    const bounds = this.#at.scene.placed.find(({ id }) => id === fitting)?.bounds
    if (bounds === undefined) return undefined
    const [along, up] = viewExtent(view, bounds)
    return [spanMiddle(along), spanMiddle(up)]
  }

  /** Where a note stands in its view; undefined where what it is pinned to is not in this mode. */
  placeOf({ view, at, fitting }: Extract<Drawn, { kind: 'note' }>): Vec2 | undefined {
    if (fitting === undefined) return at
    const middle = this.middleOf(view, fitting)
    return middle === undefined ? undefined : [middle[0] + at[0], middle[1] + at[1]]
  }

  put(id: string, drawn: Drawn): boolean {
    return this.#at.session.do({ type: 'drawn.put', variant: this.#at.variantId, id, drawn: drawn as never })
  }

  remove(id: string): void {
    this.openId = undefined
    this.#at.session.do({ type: 'drawn.remove', variant: this.#at.variantId, id })
  }

  /** The pinned distance of a fitting’s tape, if it is pinned. */
  pinOf(fitting: string, row: TapeRow): string | undefined {
    return this.drawn.find(([, one]) => one.kind === 'pinned' && one.fitting === fitting && one.row === row.id)?.[0]
  }

  /** Keeps a distance of a fitting’s tape in the drawing, or takes it out again. */
  togglePin(fitting: string, row: TapeRow): void {
    const id = this.pinOf(fitting, row)
    if (id !== undefined) this.remove(id)
    else this.put(newId('drawn'), { kind: 'pinned', fitting, row: row.id })
  }

  /** Lays a picture under a view, as wide as the body until its scale is set; under a wall it stands on the floor. */
  laySheet(photo: string, view: ViewId, wide: number, high: number): string {
    const id = newId('drawn')
    const { min, max } = this.#at.scene.interior.xSpan
    const wideMm = Math.round(max - min)
    const highMm = Math.max(10, Math.round((wideMm * high) / wide))
    this.put(id, {
      kind: 'sheet',
      view,
      photo,
      at: [Math.round(min), view === 'plan' ? Math.round(-highMm / 2) : 0],
      wideMm,
      highMm,
    })
    return id
  }

  /** Sets the scale of a sheet: what the tape on it measures is so long in truth. The first point of the tape stays where it is. */
  setScale(id: string, trueMm: number): void {
    const sheet = this.#at.plan.drawn?.[id]
    const { tape } = this
    if (sheet?.kind !== 'sheet' || tape === undefined || lengthOf(tape) < 1) return
    const by = trueMm / lengthOf(tape)
    const [u, v] = tape.from
    const done = this.put(id, {
      ...sheet,
      at: [Math.round(u + (sheet.at[0] - u) * by), Math.round(v + (sheet.at[1] - v) * by)],
      wideMm: Math.round(sheet.wideMm * by),
      highMm: Math.round(sheet.highMm * by),
    })
    if (done) this.take(undefined)
  }
}
