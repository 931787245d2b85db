import { prismBounds, sharedLength, spanLength, type Box, type Span } from '../geometry'
import { TOUCH_MM } from '../units'
import type { Scene } from './scene'

/** A stretch of worktop without a break. */
export interface WorktopRun {
  readonly fittings: readonly string[]
  readonly lengthMm: number
  readonly zMm: number
  readonly along: 'x' | 'y'
  readonly span: Span
}

/** What stands on a worktop or hangs this low over it takes it away; common practice, no source. */
const OVER_MM = 250
/** Tops that differ by less in height, or lie no further apart, are one. */
const STEP_MM = 5
/** A thing that leaves this much of the depth free beside it does not break the run. */
const LEFT_MM = 300

interface Piece {
  readonly fittingId: string
  readonly along: 'x' | 'y'
  readonly span: Span
  readonly across: Span
  readonly zMm: number
}

/** The parts of a stretch that none of `cuts` covers. */
function minus(span: Span, cuts: readonly Span[]): readonly Span[] {
  let rest: readonly Span[] = [span]
  for (const cut of cuts)
    rest = rest.flatMap((part) =>
      sharedLength(part, cut) <= TOUCH_MM
        ? [part]
        : [
            { min: part.min, max: Math.max(part.min, cut.min) },
            { min: Math.min(part.max, cut.max), max: part.max },
          ].filter((one) => spanLength(one) > TOUCH_MM),
    )
  return rest
}

/** What takes part of a surface away: everything that stands on it or just over it, its own fitting apart. */
function cutsOn(scene: Scene, fittingId: string, surface: Box, along: 'x' | 'y'): readonly Span[] {
  const across = along === 'x' ? 'y' : 'x'
  const over = { min: surface.z.max, max: surface.z.max + OVER_MM }
  return scene.placed.flatMap((placed) =>
    placed.id === fittingId
      ? []
      : placed.inner.flatMap(({ prism }) => {
          const bounds = prismBounds(prism)
          const there =
            sharedLength(bounds.z, over) > TOUCH_MM && sharedLength(bounds[along], surface[along]) > TOUCH_MM
          const covered = sharedLength(bounds[across], surface[across])
          return there && covered > TOUCH_MM && spanLength(surface[across]) - covered < LEFT_MM ? [bounds[along]] : []
        }),
  )
}

/** The free stretches of worktop in a scene, joined over neighbours of one height, the longest first. */
export function worktopRuns(scene: Scene): readonly WorktopRun[] {
  const pieces = scene.placed
    .flatMap((placed) =>
      placed.services.flatMap(({ type, surface }): Piece[] => {
        if (type !== 'worktop' || surface === undefined) return []
        const box = prismBounds(surface)
        const along = placed.placement.turn % 180 === 0 ? 'x' : 'y'
        return minus(box[along], cutsOn(scene, placed.id, box, along)).map((span) => ({
          fittingId: placed.id,
          along,
          span,
          across: box[along === 'x' ? 'y' : 'x'],
          zMm: box.z.max,
        }))
      }),
    )
    .sort((a, b) => a.span.min - b.span.min)
  const runs: { fittings: string[]; along: 'x' | 'y'; span: Span; across: Span; zMm: number }[] = []
  for (const piece of pieces) {
    const joins = runs.find(
      (run) =>
        run.along === piece.along &&
        Math.abs(run.zMm - piece.zMm) <= STEP_MM &&
        Math.abs(piece.span.min - run.span.max) <= STEP_MM &&
        sharedLength(run.across, piece.across) * 2 > spanLength(piece.across),
    )
    if (joins === undefined) runs.push({ ...piece, fittings: [piece.fittingId] })
    else {
      joins.fittings.push(piece.fittingId)
      joins.span = { min: joins.span.min, max: Math.max(joins.span.max, piece.span.max) }
    }
  }
  return runs
    .map(({ fittings, along, span, zMm }) => ({
      fittings: [...new Set(fittings)],
      lengthMm: spanLength(span),
      zMm,
      along,
      span,
    }))
    .sort((a, b) => b.lengthMm - a.lengthMm)
}
