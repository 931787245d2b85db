const GOLDEN = (Math.sqrt(5) - 1) / 2

/** Where between two ends a function with one summit is highest, to `within`: by golden section (Kiefer 1953, from memory). */
export function summit(of: (at: number) => number, from: number, to: number, within: number): number {
  let [low, high] = [from, to]
  let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)]
  let [atA, atB] = [of(a), of(b)]
  while (high - low > within) {
    if (atA < atB) {
      low = a
      ;[a, atA] = [b, atB]
      b = low + GOLDEN * (high - low)
      atB = of(b)
    } else {
      high = b
      ;[b, atB] = [a, atA]
      a = high - GOLDEN * (high - low)
      atA = of(a)
    }
  }
  return (low + high) / 2
}
