import { tick } from 'svelte'
import { cornersIn, nextBelow, thingsAt, thingsBetween, type ViewId } from '$lib/core/draw'
import type { Vec2 } from '$lib/core/geometry'
import { frameHeight, toView, type ViewFrame } from '../drawing/layout'
import type { Bench } from './bench.svelte'
import { step, type DragEvent, type DragState } from './drag'
import { groupOf, type Along } from './kept-groups'
import { pinched, type Pinch } from './pinch'
import type { Zoom } from './place'

/** A drawing that a hand points at. */
export interface Pointed {
  readonly bench: () => Bench
  readonly element: () => HTMLElement | SVGElement | undefined
  readonly frames: () => readonly ViewFrame[]
  /** Only a drawing that can be magnified takes two fingers. */
  readonly zoom?: {
    readonly now: () => Zoom
    readonly size: () => readonly [number, number]
    readonly to: (zoom: Zoom) => void
  }
  /** What lies there is asked for, at a point of the window. */
  readonly onmenu: (at: Vec2, here: readonly string[]) => void
}

const NEAR_PX = 2
/** So near an edge a tape is held to it. */
const TAPE_REACH_PX = 8
/** A finger that rests so long asks what lies there. */
const LONG_PRESS_MS = 480
const RESTS_PX = 8
/** Presses that follow each other so quickly are one double click. */
const DOUBLE_MS = 500
/** Between the views, so near a view the pointer is in it. */
const BESIDE_PX = 10

/** What pointers do on a drawing of the bench: one picks, carries, pulls or draws a band; two fingers move the drawing, and never what is in it. */
export class Pointing {
  readonly #drawing: Pointed
  drag: DragState = $state.raw({ name: 'idle' })
  #view: ViewFrame | undefined
  /** Where the drawing lies: asking at each step of a drag would lay the page out anew each time. */
  #box: Readonly<{ left: number; top: number; width: number; height: number }> = {
    left: 0,
    top: 0,
    width: 0,
    height: 0,
  }
  /** The fingers that are down. */
  #fingers: (readonly [number, Vec2])[] = []
  #pinch: Pinch | undefined
  /** What the finger that came first would do: it may be half of a pinch, and waits until it moves, rests or goes. */
  #press: (() => void) | undefined
  /** Two fingers were down: what is left of them does nothing until all are up. */
  #isSpent = false
  #resting: ReturnType<typeof setTimeout> | undefined
  #pressed: Vec2 | undefined
  /** What the first of two clicks took. */
  #taken: string | undefined
  #takenAt = -Infinity

  constructor(drawing: Pointed) {
    this.#drawing = drawing
  }

  get #bench(): Bench {
    return this.#drawing.bench()
  }

  measure(): void {
    const box = this.#drawing.element()?.getBoundingClientRect()
    if (box !== undefined) this.#box = box
  }

  #local = (event: { clientX: number; clientY: number }): Vec2 => [
    event.clientX - this.#box.left,
    event.clientY - this.#box.top,
  ]

  frameAt([px, py]: Vec2): ViewFrame | undefined {
    const { width, height } = this.#box
    if (px < 0 || py < 0 || px > width || py > height) return undefined
    return this.#drawing
      .frames()
      .find((one) => py >= one.top - BESIDE_PX && py <= one.top + frameHeight(one) + BESIDE_PX)
  }

  /** The view that a band is drawn in where it begins between two. */
  #nearest([, py]: Vec2): ViewFrame {
    const off = (one: ViewFrame): number => Math.max(one.top - py, py - one.top - frameHeight(one))
    return [...this.#drawing.frames()].sort((a, b) => off(a) - off(b))[0]!
  }

  /** The view under a point of the window, and where in it. */
  viewAt(event: { clientX: number; clientY: number }): { view: ViewId; at: Vec2; scale: number } | undefined {
    const screen = this.#local(event)
    const frame = this.frameAt(screen)
    return frame === undefined ? undefined : { view: frame.id, at: toView(frame, screen), scale: frame.scale }
  }

  #send(event: DragEvent): void {
    const result = step(this.drag, event)
    this.drag = result.state
    for (const effect of result.effects) {
      if (effect.do === 'select-between')
        this.#bench.selectAll(
          thingsBetween(this.#bench.scene, effect.view, effect.from, effect.to).filter(this.#isDrawn(effect.view)),
          effect.add,
        )
      else this.#bench.effect(effect, this.#view?.scale ?? 1)
    }
  }

  #isDrawn =
    (view: ViewId) =>
    (id: string): boolean => {
      if (view === 'section') return true
      const placed = this.#bench.scene.placed.find((one) => one.id === id)
      return placed !== undefined && groupOf(placed, view as Along, this.#bench.interior) !== null
    }

  /** Everything drawn at a point, what a click takes first. */
  #here(frame: ViewFrame, screen: Vec2, target: Element): readonly string[] {
    const { scene } = this.#bench
    const atStation = (id: string): boolean => {
      if (frame.id !== 'section') return true
      const { x } = scene.placed.find((one) => one.id === id)!.bounds
      return x.min <= this.#bench.stationMm && x.max >= this.#bench.stationMm
    }
    const found = thingsAt(scene, frame.id, toView(frame, screen), NEAR_PX / frame.scale)
      .filter(this.#isDrawn(frame.id))
      .filter(atStation)
    const drawn = target.closest<SVGGElement>('[data-fitting]')?.dataset.fitting
    return found.length > 0 || drawn === undefined ? found : [drawn]
  }

  down = (event: PointerEvent): void => {
    this.measure()
    if (event.pointerType === 'touch' && this.#touched(event)) return
    // what waits in hand is put down where the pointer is let go
    if (this.#bench.placing.waiting !== undefined || event.button !== 0 || this.#bench.isPanning) return
    const target = event.target as Element
    if (target.closest('[data-mark], button, input') !== null) return
    const screen = this.#local(event)
    const element = this.#drawing.element()
    if (this.#bench.paper.tool !== undefined) {
      const frame = this.#nearest(screen)
      this.#view = frame
      element?.setPointerCapture(event.pointerId)
      event.preventDefault()
      const reach = TAPE_REACH_PX / frame.scale
      return this.#bench.paper.press(frame.id, toView(frame, screen), this.#here(frame, screen, target), reach)
    }
    // what is looked at on the paper is shut by the next press, and never in its way
    this.#bench.paper.escape()
    if (target.closest('[data-station]') !== null) {
      this.#view = this.#drawing.frames().find(({ id }) => id === 'plan')
      element?.setPointerCapture(event.pointerId)
      return this.#send({ name: 'press-station' })
    }
    element?.setPointerCapture(event.pointerId)
    event.preventDefault()
    this.#pressed = screen
    if (event.pointerType !== 'touch') return this.#take(event, screen, target)
    this.#press = () => this.#take(event, screen, target)
    this.#rest([event.clientX, event.clientY], () => this.#here(this.#nearest(screen), screen, target))
  }

  /** The finger that came first does alone what it would. */
  #takeNow(): void {
    this.#press?.()
    this.#press = undefined
  }

  /** Takes what lies at a point in hand, or begins a band. */
  #take(event: PointerEvent, screen: Vec2, target: Element): void {
    // a figure that is being typed is of what is in hand until now
    if (document.activeElement instanceof HTMLInputElement) document.activeElement.blur()
    const grip = target.closest<SVGElement>('[data-grip]')
    const frame = this.#drawing.frames().find(({ id }) => id === grip?.dataset.view) ?? this.#nearest(screen)
    this.#view = frame
    const from = { view: frame.id, at: toView(frame, screen), screen }
    const bench = this.#bench
    if (grip !== null && bench.selected !== undefined) {
      const corner = cornersIn(frame.id, bench.selected).find(({ u, v }) => `${u} ${v}` === grip.dataset.grip)
      if (corner !== undefined)
        return this.#send({ name: 'press-grip', id: bench.selected.id, grips: corner.grips, ...from })
    }
    const here = this.#here(frame, screen, target)
    const add = event.shiftKey || bench.takesSeveral
    const held = here.find((id) => bench.inHand.includes(id))
    const id = held ?? here[0]
    if (id === undefined) return this.#send({ name: 'press-paper', add, ...from })
    bench.lookAt(frame.id)
    if (event.timeStamp - this.#takenAt > DOUBLE_MS) this.#taken = id
    this.#takenAt = event.timeStamp
    if (add) return this.#send({ name: 'press', id: here[0]!, add, ...from })
    const next = bench.also.length > 0 ? here[0] : nextBelow(here, id)
    this.#send({ name: 'press', id, held: held !== undefined, next, ...from })
    // what has the focus has the keys
    this.#focus(frame.id, id)
  }

  #focus(view: ViewId, id: string): void {
    const element = this.#drawing.element()
    const group = [...(element?.querySelectorAll<SVGGElement>(`[data-fitting][data-view="${view}"]`) ?? [])].find(
      ({ dataset }) => dataset.fitting === id,
    )
    const focused = document.activeElement
    if (group !== undefined) group.focus({ preventScroll: true })
    else if (focused instanceof HTMLElement) focused.blur()
  }

  /** A finger that came; true where it does nothing but move the drawing. */
  #touched(event: PointerEvent): boolean {
    const { zoom } = this.#drawing
    this.#fingers = [...this.#fingers, [event.pointerId, this.#local(event)]]
    if (this.#fingers.length === 1) return false
    this.#press = undefined
    this.#stopResting()
    this.#isSpent = true
    this.#send({ name: 'cancel' })
    const [a, b] = this.#fingers
    if (zoom !== undefined && a !== undefined && b !== undefined) this.#pinch = { from: [a[1], b[1]], zoom: zoom.now() }
    event.preventDefault()
    return true
  }

  #rest(at: Vec2, here: () => readonly string[]): void {
    clearTimeout(this.#resting)
    this.#resting = setTimeout(() => {
      this.#takeNow()
      if (this.drag.name !== 'pressed' && this.drag.name !== 'on-paper') return
      this.#send({ name: 'cancel' })
      this.#isSpent = true
      this.#drawing.onmenu(at, here())
    }, LONG_PRESS_MS)
  }

  #stopResting(): void {
    clearTimeout(this.#resting)
    this.#resting = undefined
  }

  move = (event: PointerEvent): void => {
    const { zoom } = this.#drawing
    if (event.pointerType === 'touch') {
      this.#fingers = this.#fingers.map(([id, at]) => (id === event.pointerId ? [id, this.#local(event)] : [id, at]))
      const [a, b] = this.#fingers
      if (this.#pinch !== undefined && zoom !== undefined && a !== undefined && b !== undefined)
        zoom.to(pinched(this.#pinch, [a[1], b[1]], ...zoom.size()))
      if (this.#isSpent) return
    }
    if (this.#view !== undefined && (this.#bench.paper.tool !== undefined || this.#bench.paper.tape !== undefined))
      this.#bench.paper.move(this.#view.id, toView(this.#view, this.#local(event)), TAPE_REACH_PX / this.#view.scale)
    const screen = this.#local(event)
    const from = this.#pressed
    if (from !== undefined && Math.hypot(screen[0] - from[0], screen[1] - from[1]) > RESTS_PX) {
      this.#stopResting()
      this.#takeNow()
    }
    if (this.drag.name === 'idle' || this.#view === undefined) return
    this.#send({
      name: 'move',
      at: toView(this.#view, screen),
      screen,
      free: event.ctrlKey || event.metaKey,
    })
  }

  up = (event: PointerEvent): void => {
    this.#stopResting()
    if (event.pointerType === 'touch') {
      this.#fingers = this.#fingers.filter(([id]) => id !== event.pointerId)
      if (this.#fingers.length < 2) this.#pinch = undefined
      if (this.#isSpent) {
        if (this.#fingers.length === 0) this.#isSpent = false
        return
      }
    }
    this.#takeNow()
    this.#bench.paper.release()
    if (this.drag.name !== 'idle') this.#send({ name: 'release' })
  }

  /** The browser took the pointer away: nothing is put down that was not let go. */
  lost = (event: PointerEvent): void => {
    this.#press = undefined
    this.#send({ name: 'cancel' })
    this.up(event)
  }

  /** A double click is for the size of what the first click took: the second has not picked below it. */
  dblclick = (event: MouseEvent): void => {
    const element = this.#drawing.element()
    const taken = this.#taken
    if (taken === undefined || (event.target as Element).closest('[data-mark], [data-station], input') !== null) return
    this.#bench.select(taken)
    void tick().then(() => {
      const place = element instanceof SVGElement ? element.parentElement : element
      place?.querySelector<HTMLInputElement>('input[data-testid^="figure-in-drawing size"]')?.focus()
    })
  }

  contextmenu = (event: MouseEvent): void => {
    event.preventDefault()
    const finger = event as MouseEvent & { readonly pointerType?: string }
    // a finger that rests has asked already
    if (finger.pointerType === 'touch' || this.#fingers.length > 0) return
    this.measure()
    const screen = this.#local(event)
    const frame = this.frameAt(screen)
    if (frame !== undefined)
      this.#drawing.onmenu([event.clientX, event.clientY], this.#here(frame, screen, event.target as Element))
  }

  /** Lets go of what is carried or pulled; false where nothing was. */
  escape(): boolean {
    if (!['dragging', 'pulling', 'band'].includes(this.drag.name)) return false
    this.#send({ name: 'cancel' })
    return true
  }
}
