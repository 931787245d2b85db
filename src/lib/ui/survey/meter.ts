/** What reads distances: the simulated one, or a real device behind the same two calls. */
export interface DistanceMeter {
  /** Starts reading; answers how to stop. `near` is what is expected, for a stand-in that has nothing to point at. */
  read(near: number, onreading: (mm: number) => void, onfault: (sentence: string) => void): () => void
}

/** The stand-in that the program serves itself. */
export const simulatedMeter: DistanceMeter = {
  read(near, onreading, onfault) {
    const source = new EventSource(`/api/meter?around=${Math.round(near)}`)
    source.onmessage = ({ data }: MessageEvent<string>) => onreading((JSON.parse(data) as { mm: number }).mm)
    source.onerror = () => {
      source.close()
      onfault('The meter does not answer.')
    }
    return () => source.close()
  },
}

/** Readings kept for a steady one: the middle of the last few, so that a beam that fell short does not count. */
export const KEPT = 5
export function steady(readings: readonly number[]): number | undefined {
  if (readings.length < KEPT) return undefined
  const last = readings.slice(-KEPT).sort((a, b) => a - b)
  return Math.round(last[Math.floor(KEPT / 2)]!)
}
