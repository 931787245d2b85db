import type { ViewId } from '$lib/core/draw'
import type { Vec2 } from '$lib/core/geometry'
import type { Grip } from '$lib/core/scene'

/** A hand that moves less than this has clicked, not dragged. */
const CLICK_PX = 4

interface From {
  readonly view: ViewId
  readonly at: Vec2
  readonly screen: Vec2
}

/** What the pointer is doing on the drawing. Points are in the view's millimetres, screen points in pixels. */
export type DragState =
  | { readonly name: 'idle' }
  | ({
      readonly name: 'pressed'
      readonly id: string
      /** What letting go without a move selects. */
      readonly pickOnRelease: string | undefined
    } & From)
  | { readonly name: 'dragging'; readonly id: string; readonly view: ViewId; readonly at: Vec2 }
  | ({ readonly name: 'gripped'; readonly id: string; readonly grips: readonly Grip[] } & From)
  | {
      readonly name: 'pulling'
      readonly id: string
      readonly grips: readonly Grip[]
      readonly view: ViewId
      readonly at: Vec2
    }
  | ({ readonly name: 'on-paper'; readonly add: boolean } & From)
  | { readonly name: 'band'; readonly view: ViewId; readonly at: Vec2; readonly to: Vec2; readonly add: boolean }
  | { readonly name: 'station' }

export type DragEvent =
  | ({
      readonly name: 'press'
      readonly id: string
      /** Besides what is in hand. */
      readonly add?: boolean
      /** In hand already: letting go without a move, not the press, picks something. */
      readonly held?: boolean
      /** What that is: one of several alone, or what lies below. */
      readonly next?: string | undefined
    } & From)
  | ({ readonly name: 'press-grip'; readonly id: string; readonly grips: readonly Grip[] } & From)
  | { readonly name: 'press-station' }
  | ({ readonly name: 'press-paper'; readonly add?: boolean } & From)
  | { readonly name: 'move'; readonly at: Vec2; readonly screen: Vec2; readonly free: boolean }
  | { readonly name: 'release' }
  | { readonly name: 'escape' }
  /** Another finger came, or the press became something else: nothing is done, and nothing let go. */
  | { readonly name: 'cancel' }

export type DragEffect =
  | { readonly do: 'select'; readonly id: string | undefined; readonly add?: boolean }
  | {
      readonly do: 'select-between'
      readonly view: ViewId
      readonly from: Vec2
      readonly to: Vec2
      readonly add: boolean
    }
  | { readonly do: 'carry'; readonly id: string; readonly view: ViewId; readonly by: Vec2; readonly free: boolean }
  | {
      readonly do: 'pull'
      readonly id: string
      readonly grips: readonly Grip[]
      readonly view: ViewId
      readonly by: Vec2
      readonly free: boolean
    }
  | { readonly do: 'put-down' }
  | { readonly do: 'put-back' }
  | { readonly do: 'station'; readonly at: Vec2 }

type Step = { readonly state: DragState; readonly effects: readonly DragEffect[] }
const IDLE: DragState = { name: 'idle' }

const isClick = (from: Vec2, to: Vec2): boolean => Math.hypot(to[0] - from[0], to[1] - from[1]) < CLICK_PX
const between = (from: Vec2, to: Vec2): Vec2 => [to[0] - from[0], to[1] - from[1]]

/** One step of the pointer’s state machine; knows neither screen nor job. */
export function step(state: DragState, event: DragEvent): Step {
  switch (event.name) {
    case 'press': {
      const { id, view, at, screen, add = false, held = false, next } = event
      return {
        state: { name: 'pressed', id, view, at, screen, pickOnRelease: held && !add ? next : undefined },
        effects: held && !add ? [] : [{ do: 'select', id, ...(add ? { add } : {}) }],
      }
    }
    case 'press-grip': {
      const { id, grips, view, at, screen } = event
      return { state: { name: 'gripped', id, grips, view, at, screen }, effects: [] }
    }
    case 'press-station':
      return { state: { name: 'station' }, effects: [] }
    case 'press-paper': {
      const { view, at, screen, add = false } = event
      return { state: { name: 'on-paper', view, at, screen, add }, effects: [] }
    }
    case 'move':
      return moved(state, event)
    case 'release':
      return { state: IDLE, effects: released(state) }
    case 'escape':
      return {
        state: IDLE,
        effects:
          state.name === 'dragging' || state.name === 'pulling'
            ? [{ do: 'put-back' }]
            : [{ do: 'select', id: undefined }],
      }
    case 'cancel':
      return {
        state: IDLE,
        effects: state.name === 'dragging' || state.name === 'pulling' ? [{ do: 'put-back' }] : [],
      }
  }
}

function moved(state: DragState, event: Extract<DragEvent, { name: 'move' }>): Step {
  switch (state.name) {
    case 'idle':
      return { state, effects: [] }
    case 'station':
      return { state, effects: [{ do: 'station', at: event.at }] }
    case 'on-paper': {
      if (isClick(state.screen, event.screen)) return { state, effects: [] }
      const { view, at, add } = state
      return { state: { name: 'band', view, at, to: event.at, add }, effects: [] }
    }
    case 'band':
      return { state: { ...state, to: event.at }, effects: [] }
    case 'gripped':
    case 'pulling': {
      if (state.name === 'gripped' && isClick(state.screen, event.screen)) return { state, effects: [] }
      const { id, grips, view, at } = state
      return {
        state: { name: 'pulling', id, grips, view, at },
        effects: [{ do: 'pull', id, grips, view, by: between(at, event.at), free: event.free }],
      }
    }
    case 'pressed':
    case 'dragging': {
      if (state.name === 'pressed' && isClick(state.screen, event.screen)) return { state, effects: [] }
      const { id, view, at } = state
      return {
        state: { name: 'dragging', id, view, at },
        effects: [{ do: 'carry', id, view, by: between(at, event.at), free: event.free }],
      }
    }
  }
}

function released(state: DragState): readonly DragEffect[] {
  switch (state.name) {
    case 'pressed':
      return state.pickOnRelease === undefined ? [] : [{ do: 'select', id: state.pickOnRelease }]
    case 'dragging':
    case 'pulling':
      return [{ do: 'put-down' }]
    case 'on-paper':
      return state.add ? [] : [{ do: 'select', id: undefined }]
    case 'band':
      return [{ do: 'select-between', view: state.view, from: state.at, to: state.to, add: state.add }]
    case 'idle':
    case 'gripped':
    case 'station':
      return []
  }
}
