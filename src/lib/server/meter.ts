/** A distance as a hand-held laser meter gives it. */
export interface MeterReading {
  readonly mm: number
}

const PERIOD_MS = 300
/** A good meter's error, and a hand that does not hold quite still. */
const NOISE_MM = 0.9
const SWAY_MM = 1.6
/** Now and then the beam catches a rib or a strap. */
const MISSES = 0.04
const MISS_MM = 60
const MOST_READINGS = 2000

/** A number about 0 with standard deviation 1 (Box and Muller), from two of `random`. */
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())

/** The `n`th reading of a stand-in for a real meter that is held against a true distance. */
export function simulatedReading(trueMm: number, n: number, random: () => number): MeterReading {
  const sway = SWAY_MM * Math.sin(n / 5)
  const missed = random() < MISSES ? -MISS_MM * (0.3 + random()) : 0
  return { mm: Math.round(Math.max(1, trueMm + sway + normal(random) * NOISE_MM + missed) * 10) / 10 }
}

/** Readings as server-sent events, until the reader goes or has had enough. */
export function readingStream(trueMm: number): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder()
  let timer: ReturnType<typeof setInterval> | undefined
  return new ReadableStream({
    start(controller) {
      let n = 0
      timer = setInterval(() => {
        controller.enqueue(encoder.encode(`data: ${JSON.stringify(simulatedReading(trueMm, n, Math.random))}\n\n`))
        n += 1
        if (n < MOST_READINGS) return
        clearInterval(timer)
        controller.close()
      }, PERIOD_MS)
    },
    cancel() {
      clearInterval(timer)
    },
  })
}
