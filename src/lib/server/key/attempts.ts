export interface AttemptLimits {
  /** Wrong keys from one address, and from all, before one has to wait. */
  readonly each: number
  readonly all: number
  readonly withinMs: number
  /** Keys that are looked at at once: each costs a tenth of a second of work. */
  readonly atOnce: number
}

const LIMITS: AttemptLimits = { each: 5, all: 60, withinMs: 60_000, atOnce: 2 }
const MOST_ADDRESSES = 5000

/** Keeps keys from being guessed: counts wrong ones by address, and lets only a few be looked at at once. Times in ms. */
export class Attempts {
  private readonly wrong = new Map<string, number[]>()
  private looking = 0

  constructor(private readonly limits: AttemptLimits = LIMITS) {}

  /** Whole seconds to wait before the next key from an address is looked at; 0 where it may be. */
  waitS(address: string, now: number): number {
    const since = now - this.limits.withinMs
    for (const [one, times] of this.wrong) {
      const left = times.filter((at) => at > since)
      if (left.length === 0) this.wrong.delete(one)
      else this.wrong.set(one, left)
    }
    const own = this.wrong.get(address) ?? []
    const all = [...this.wrong.values()].flat().sort((a, b) => a - b)
    const until = Math.max(
      own.length >= this.limits.each ? own[0]! + this.limits.withinMs : 0,
      all.length >= this.limits.all ? all[0]! + this.limits.withinMs : 0,
    )
    if (until > now) return Math.ceil((until - now) / 1000)
    return this.looking >= this.limits.atOnce ? 1 : 0
  }

  /** Looks at a key. It counts as wrong until it is known to be right: those that come meanwhile are not looked at beyond the limit. */
  async look(address: string, now: number, isRight: () => Promise<boolean>): Promise<boolean> {
    this.looking += 1
    if (this.wrong.size < MOST_ADDRESSES || this.wrong.has(address))
      this.wrong.set(address, [...(this.wrong.get(address) ?? []), now])
    try {
      const right = await isRight()
      if (right) this.wrong.delete(address)
      return right
    } finally {
      this.looking -= 1
    }
  }
}
