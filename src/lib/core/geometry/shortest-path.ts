/** A way from one knot to another of a net, with its length; each is there once for either direction. */
export interface Link {
  readonly a: string
  readonly b: string
  readonly length: number
}

export interface ShortestPath {
  readonly knots: readonly string[]
  readonly length: number
}

/** The shortest way through a net (Dijkstra 1959); undefined where there is none. Of equals, that whose knots come first. */
export function shortestPath(links: readonly Link[], from: string, to: string): ShortestPath | undefined {
  const next = new Map<string, { readonly to: string; readonly length: number }[]>()
  for (const { a, b, length } of links) {
    next.set(a, [...(next.get(a) ?? []), { to: b, length }])
    next.set(b, [...(next.get(b) ?? []), { to: a, length }])
  }
  if (from === to) return { knots: [from], length: 0 }
  const best = new Map<string, { readonly length: number; readonly before: string | undefined }>([
    [from, { length: 0, before: undefined }],
  ])
  const done = new Set<string>()
  for (;;) {
    let at: string | undefined
    for (const [knot, { length }] of best) {
      if (done.has(knot)) continue
      const least = at === undefined ? Infinity : (best.get(at)?.length ?? Infinity)
      if (length < least || (length === least && at !== undefined && knot < at)) at = knot
    }
    if (at === undefined) return undefined
    if (at === to) break
    done.add(at)
    const here = best.get(at)?.length ?? 0
    for (const { to: other, length } of next.get(at) ?? []) {
      const known = best.get(other)
      if (known === undefined || here + length < known.length) best.set(other, { length: here + length, before: at })
    }
  }
  const knots: string[] = []
  for (let knot: string | undefined = to; knot !== undefined; knot = best.get(knot)?.before) knots.unshift(knot)
  return { knots, length: best.get(to)?.length ?? 0 }
}
