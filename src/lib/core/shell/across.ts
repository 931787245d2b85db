import { summit, type Span } from '../geometry'
import type { Interior } from './interior'
import { knots } from './knots'
import { clearWidth, wallReach } from './walls'

const SEARCH_MM = 10
const FOUND_MM = 0.0001

/**
 * The widest place across for something `longMm` along the vehicle that lies somewhere within `along`, over a height
 * band: its width and where it begins. Found on a 10 mm grid and at every station, then narrowed to a thousandth of a
 * millimetre. Undefined where nothing of that length fits along or the band leaves the interior.
 */
export function widestAcross(
  interior: Interior,
  along: Span,
  longMm: number,
  band: Span,
): { readonly mm: number; readonly fromMm: number } | undefined {
  const range = { min: Math.max(along.min, interior.xSpan.min), max: Math.min(along.max, interior.xSpan.max) - longMm }
  if (!(range.max >= range.min)) return undefined
  const width = (from: number) => clearWidth(interior, { min: from, max: from + longMm }, band)
  const starts = new Set<number>([range.min, range.max])
  for (let from = range.min; from < range.max; from += SEARCH_MM) starts.add(from)
  for (const x of knots(interior, interior.xSpan))
    for (const from of [x, x - longMm]) if (from > range.min && from < range.max) starts.add(from)
  let best = { mm: 0, fromMm: range.min }
  for (const fromMm of starts) {
    const mm = width(fromMm)
    if (mm > best.mm + 1e-9) best = { mm, fromMm }
  }
  if (best.mm === 0) return undefined
  const fromMm = summit(
    width,
    Math.max(range.min, best.fromMm - SEARCH_MM),
    Math.min(range.max, best.fromMm + SEARCH_MM),
    FOUND_MM,
  )
  const fine = { mm: width(fromMm), fromMm }
  return fine.mm > best.mm ? fine : best
}

/** Depth left for a carcass at a height, when its top at `topMm` is `depthMm` deep and its back is cut to the wall. */
export function depthAt(
  interior: Interior,
  side: 'left' | 'right',
  along: Span,
  topMm: number,
  depthMm: number,
  zMm: number,
): number | undefined {
  const top = wallReach(interior, side, along, { min: topMm, max: topMm })
  const here = wallReach(interior, side, along, { min: zMm, max: zMm })
  return top === undefined || here === undefined ? undefined : Math.max(0, depthMm - top.tightMm + here.tightMm)
}
