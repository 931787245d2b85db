import type { ViewId } from '$lib/core/draw'
import type { Vec2 } from '$lib/core/geometry'

/** A hand that moves less than this has clicked, not dragged. */
const CLICK_PX = 4

/** What the pointer is doing on the drawing. Points are in the view's millimetres, screen points in pixels. */
export type DragState =
  | { readonly name: 'idle' }
  | {
      readonly name: 'pressed'
      readonly id: string
      readonly view: ViewId
      readonly at: Vec2
      readonly screen: Vec2
      /** What letting go without a move selects. */
      readonly pickOnRelease: string | undefined
    }
  | { readonly name: 'dragging'; readonly id: string; readonly view: ViewId; readonly at: Vec2 }
  | { readonly name: 'station' }

export type DragEvent =
  | {
      readonly name: 'press'
      readonly id: string
      readonly view: ViewId
      readonly at: Vec2
      readonly screen: Vec2
      /** Besides what is in hand. */
      readonly add?: boolean
      /** In hand already: then letting go without a move, not the press, picks it alone. */
      readonly held?: boolean
      /** It alone is in hand: then letting go without a move picks what lies below it. */
      readonly below?: string | undefined
    }
  | { readonly name: 'press-station' }
  | { readonly name: 'press-nothing' }
  | { readonly name: 'move'; readonly at: Vec2; readonly screen: Vec2; readonly free: boolean }
  | { readonly name: 'release' }
  | { readonly name: 'escape' }

export type DragEffect =
  | { readonly do: 'select'; readonly id: string | undefined; readonly add?: boolean }
  | { readonly do: 'carry'; readonly id: string; readonly view: ViewId; readonly by: Vec2; readonly free: boolean }
  | { readonly do: 'put-down' }
  | { readonly do: 'put-back' }
  | { readonly do: 'station'; readonly at: Vec2 }

type Step = { readonly state: DragState; readonly effects: readonly DragEffect[] }
const IDLE: DragState = { name: 'idle' }

/** One step of the pointer’s state machine; knows neither screen nor job. */
export function step(state: DragState, event: DragEvent): Step {
  switch (event.name) {
    case 'press':
      return {
        state: {
          name: 'pressed',
          id: event.id,
          view: event.view,
          at: event.at,
          screen: event.screen,
          pickOnRelease: event.add === true ? undefined : event.held === true ? event.id : event.below,
        },
        effects:
          event.held === true && event.add !== true
            ? []
            : [{ do: 'select', id: event.id, ...(event.add === true ? { add: true } : {}) }],
      }
    case 'press-station':
      return { state: { name: 'station' }, effects: [] }
    case 'press-nothing':
      return { state: IDLE, effects: [{ do: 'select', id: undefined }] }
    case 'move': {
      if (state.name === 'station') return { state, effects: [{ do: 'station', at: event.at }] }
      if (state.name === 'idle') return { state, effects: [] }
      if (
        state.name === 'pressed' &&
        Math.hypot(event.screen[0] - state.screen[0], event.screen[1] - state.screen[1]) < CLICK_PX
      )
        return { state, effects: [] }
      const { id, view, at } = state
      const by: Vec2 = [event.at[0] - at[0], event.at[1] - at[1]]
      return { state: { name: 'dragging', id, view, at }, effects: [{ do: 'carry', id, view, by, free: event.free }] }
    }
    case 'release':
      if (state.name === 'pressed' && state.pickOnRelease !== undefined)
        return { state: IDLE, effects: [{ do: 'select', id: state.pickOnRelease }] }
      return { state: IDLE, effects: state.name === 'dragging' ? [{ do: 'put-down' }] : [] }
    case 'escape':
      return {
        state: IDLE,
        effects: state.name === 'dragging' ? [{ do: 'put-back' }] : [{ do: 'select', id: undefined }],
      }
  }
}
