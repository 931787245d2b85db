import type { ParameterValue, Parameters } from './parameters'

/**
 * What of a fitting can be taken hold of. Each is there once in a kind; `detail` is what is set in its fields only.
 * `end`, `front` and `top` are the footprint’s length, depth and height; the others are what their words say.
 */
export type HandleName =
  | 'end'
  | 'front'
  | 'top'
  | 'worktop'
  | 'seat'
  | 'seat-depth'
  | 'rim'
  | 'platform'
  | 'lying-length'
  | 'lying-width'
  | 'sleepers'
  | 'rail'
  | 'hinge'
  | 'way-in'
  | 'lies-on'
  | 'latch'
  | 'run-out'
  | 'drawer-box'
  | 'drawer-height'
  | 'one-more'
  | 'screen'
  | 'switch'
  | 'seal'
  | 'finish'
  | 'vent'
  | 'flue'
  | 'intake'
  | 'fixed-to'
  | 'capacity'
  | 'current'

/** Which edge of it moves when it is set, in its own frame: the other stands still where its seat holds it. */
export interface MovingEdge {
  readonly axis: 'x' | 'y' | 'z'
  readonly side: 'low' | 'high' | 'both'
}

/** How a parameter is taken hold of from outside. */
export interface Hold {
  readonly handles: readonly HandleName[]
  readonly edge?: MovingEdge
  /** By so much it goes at a time: mm, or what it counts. */
  readonly step: number
}

export interface Adjust<P extends Parameters = Parameters> extends Hold {
  /** What must go along with it, besides the parameter itself. */
  readonly follow?: (parameters: P, value: ParameterValue) => Partial<P>
}

const LENGTH_STEP_MM = 10

/** Set in its fields only: nothing outside need know it. */
export const DETAIL: Hold = { handles: [], step: 1 }
export const DETAIL_MM: Hold = { handles: [], step: LENGTH_STEP_MM }

export const handle = (...handles: readonly HandleName[]): Hold => ({ handles, step: 1 })

const along = (axis: MovingEdge['axis'], side: MovingEdge['side'], handles: readonly HandleName[]): Hold => ({
  handles,
  edge: { axis, side },
  step: LENGTH_STEP_MM,
})

/** Its length along its run. */
export const END = along('x', 'both', ['end'])
/** Its depth, from its back to its front. */
export const FRONT = along('y', 'low', ['front'])
/** Its height. */
export const TOP = along('z', 'high', ['top'])
export const endAnd = (...also: readonly HandleName[]): Hold => along('x', 'both', ['end', ...also])
export const frontAnd = (...also: readonly HandleName[]): Hold => along('y', 'low', ['front', ...also])
export const topAnd = (...also: readonly HandleName[]): Hold => along('z', 'high', ['top', ...also])
/** A level of it: a worktop, a seat, a platform. */
export const level = (...handles: readonly HandleName[]): Hold => ({
  handles,
  edge: { axis: 'z', side: 'high' },
  step: LENGTH_STEP_MM,
})
/** A measure of it in mm that moves no edge of its outline by the same amount. */
export const measure = (...handles: readonly HandleName[]): Hold => ({ handles, step: LENGTH_STEP_MM })
/** One more or one fewer: drawers, shelves, places. */
export const ONE_MORE = handle('one-more')
