import { tweened, type Move, type Placed, type Scene } from '$lib/core/scene'

/** What the drawing shows while a change of mode is played: the scene on its way, and which move is being made. */
export interface Playing {
  readonly scene: Scene
  readonly move: Move
  readonly number: number
  readonly of: number
}

/** One move slides over in this time, and rests for that, so that the eye can follow. */
const MOVE_MS = 160
const REST_MS = 420
const FRAME_MS = 16

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))

/** A scene in which some moves are made, and one is part of the way. */
export function sceneAt(from: Scene, to: Scene, made: readonly Move[], now: Move, t: number): Scene {
  const before = new Map(from.placed.map((placed) => [placed.id, placed]))
  const after = new Map(to.placed.map((placed) => [placed.id, placed]))
  const done = new Set(made.map(({ id }) => id))
  const ids = [...new Set([...before.keys(), ...after.keys()])]
  const placed = ids.flatMap((id): readonly Placed[] => {
    const [a, b] = [before.get(id), after.get(id)]
    if (id === now.id && a !== undefined && b !== undefined) return [tweened(a, b, t)]
    const there = done.has(id) || (id === now.id && t >= 0.5) ? b : a
    return there === undefined ? [] : [there]
  })
  const turned = [...new Set([...from.turned, ...to.turned])].filter((id) =>
    (done.has(id) || (id === now.id && t >= 0.5) ? to : from).turned.includes(id),
  )
  return { ...from, placed, turned }
}

/** The frames of a change, in time; without motion, one for each move. */
export async function* framesOf(
  from: Scene,
  to: Scene,
  moves: readonly Move[],
  still: boolean,
): AsyncGenerator<Playing> {
  for (const [index, move] of moves.entries()) {
    const made = moves.slice(0, index)
    const frame = (t: number): Playing => ({
      scene: sceneAt(from, to, made, move, t),
      move,
      number: index + 1,
      of: moves.length,
    })
    if (!still)
      for (let ms = 0; ms < MOVE_MS; ms += FRAME_MS) {
        yield frame(ms / MOVE_MS)
        await wait(FRAME_MS)
      }
    yield frame(1)
    await wait(REST_MS)
  }
}
