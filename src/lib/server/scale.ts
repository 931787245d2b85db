/** What four pads read, one under each wheel: front left, front right, rear left, rear right. */
export interface ScaleReading {
  readonly padsKg: readonly [number, number, number, number]
  /** The vehicle has stopped rocking: before that a reading is not to be kept. */
  readonly isSteady: boolean
}

/** A scale of four pads. One on a serial line is another of these: only where its readings come from differs. */
export interface WheelScale {
  readonly name: string
  /** Whether it stands in for one that is not there. */
  readonly isSimulated: boolean
  /** How far one pad may be off. */
  readonly slackKg: number
  readonly stepKg: number
  /** The `n`th reading since the vehicle rolled on. */
  readonly read: (n: number) => Promise<ScaleReading>
}

/** It rocks for so many readings, by so much of its mass at first. */
const ROCKS = 8
const ROCK_SHARE = 0.02
const STEP_KG = 2
const SLACK_KG = 5

/** A stand-in for a scale with a vehicle on it that presses on its wheels so. */
export function simulatedScale(truePadsKg: ScaleReading['padsKg'], random: () => number): WheelScale {
  const errors = truePadsKg.map(() => (random() * 2 - 1) * (SLACK_KG / 2))
  return {
    name: 'a simulated scale',
    isSimulated: true,
    slackKg: SLACK_KG,
    stepKg: STEP_KG,
    read: (n) => {
      const rock = n >= ROCKS ? 0 : ROCK_SHARE * Math.cos(n * 1.7) * (1 - n / ROCKS)
      const pads = truePadsKg.map((kg, pad) => {
        // it rocks about its length: what one side gains the other loses
        const side = pad % 2 === 0 ? 1 : -1
        const raw = kg * (1 + side * rock) + (errors[pad] ?? 0) + (random() - 0.5) * STEP_KG
        return Math.max(0, Math.round(raw / STEP_KG) * STEP_KG)
      })
      return Promise.resolve({ padsKg: pads as unknown as ScaleReading['padsKg'], isSteady: n >= ROCKS })
    },
  }
}

const PERIOD_MS = 180
const MOST_READINGS = 600

/** Readings of a scale as server-sent events, until the reader goes or has had enough. */
export function scaleStream(scale: WheelScale): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder()
  let timer: ReturnType<typeof setInterval> | undefined
  return new ReadableStream({
    start(controller) {
      let n = 0
      const { name, isSimulated, slackKg, stepKg } = scale
      timer = setInterval(() => {
        const at = n
        n += 1
        void scale.read(at).then((reading) => {
          if (timer === undefined) return
          controller.enqueue(
            encoder.encode(`data: ${JSON.stringify({ ...reading, name, isSimulated, slackKg, stepKg })}\n\n`),
          )
          if (n < MOST_READINGS) return
          clearInterval(timer)
          timer = undefined
          controller.close()
        })
      }, PERIOD_MS)
    },
    cancel() {
      clearInterval(timer)
      timer = undefined
    },
  })
}
