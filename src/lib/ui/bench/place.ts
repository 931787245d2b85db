import { clamp } from '$lib/core/geometry'
import type { Plan } from '$lib/core/job'

/** How far the drawing is magnified and pushed aside, in pixels. */
export interface Zoom {
  readonly k: number
  readonly x: number
  readonly y: number
}

/** Where one is on the bench: in the address, so that a reload, going back and a link come to the same place. */
export interface Place {
  readonly variant: string
  readonly mode: string
  /** What is selected, the one picked first before the others. */
  readonly selected: readonly string[]
  readonly stationMm: number
  readonly zoom: Zoom
}

export const WHOLE: Zoom = { k: 1, x: 0, y: 0 }
export const MOST_ZOOM = 8
/** So far beyond its edges the drawing can be pushed, pixels at its own size. */
export const MARGIN_PX = 40
const MOST_SELECTED = 200
/** Beyond this nothing is drawn, mm or pixels. */
const FAR = 100_000

/** The part of an address that says where one is; what is as it is when one comes is left out. */
export function addressOf({ variant, mode, selected, stationMm, zoom }: Place): string {
  const search = new URLSearchParams({ variant, mode })
  if (selected.length > 0) search.set('has', selected.slice(0, MOST_SELECTED).join(' '))
  search.set('at', String(Math.round(stationMm)))
  if (zoom.k !== 1) search.set('zoom', [zoom.k.toFixed(2), Math.round(zoom.x), Math.round(zoom.y)].join(' '))
  return `?${search.toString()}`
}

const within = (value: number, least: number, most: number): boolean => value >= least && value <= most

/** What an address says of the place; nothing of what it does not say, or says in a way that cannot be. */
export function placeIn(search: URLSearchParams): Partial<Place> {
  const at = Number(search.get('at') ?? NaN)
  const [k = NaN, x = NaN, y = NaN] = (search.get('zoom') ?? '').split(' ').map(Number)
  const variant = search.get('variant')
  const mode = search.get('mode')
  const has = search.get('has')
  return {
    ...(variant === null ? {} : { variant }),
    ...(mode === null ? {} : { mode }),
    ...(has === null ? {} : { selected: has.split(' ').slice(0, MOST_SELECTED) }),
    ...(within(at, -FAR, FAR) ? { stationMm: at } : {}),
    ...(within(k, 1, MOST_ZOOM) && within(x, -FAR, FAR) && within(y, -FAR, FAR) ? { zoom: { k, x, y } } : {}),
  }
}

/** Of what a place has selected, what is in the plan. */
export const stillThere = (
  { fittings }: Pick<Plan, 'fittings'>,
  { selected = [] }: Partial<Place>,
): readonly string[] => selected.filter((id) => Object.hasOwn(fittings, id))

/** Where one was last on a job’s bench, in this tab: for one who comes by the steps and not by a link. */
const keyOf = (jobId: string): string => `place ${jobId}`

export function keepPlace(jobId: string, place: Place): void {
  try {
    sessionStorage.setItem(keyOf(jobId), addressOf(place))
  } catch {
    // a browser that keeps nothing loses the place, and no more
  }
}

export function lastPlace(jobId: string): Partial<Place> {
  try {
    return placeIn(new URLSearchParams(sessionStorage.getItem(keyOf(jobId)) ?? ''))
  } catch {
    return {}
  }
}

/** The nearest that a drawing of such a size may be magnified and pushed aside. */
export function keptIn({ k: asked, x, y }: Zoom, width: number, height: number): Zoom {
  const k = clamp(asked, 1, MOST_ZOOM)
  return {
    k,
    x: clamp(x, width - k * (width + MARGIN_PX), MARGIN_PX * k),
    y: clamp(y, height - k * (height + MARGIN_PX), MARGIN_PX * k),
  }
}
