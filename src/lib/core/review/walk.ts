import { type Scene, type Walker, type Way, wayGround, type WayGround, waysOf } from '../scene'

/**
 * The ground of one scene for one walker, and the ways on it, worked out when asked. It begins from the ground of the mode before in the
 * same review, or from its own as it was in an earlier one, where little or nothing stands otherwise.
 */
export class Walk {
  #ground: WayGround | undefined
  #ways: readonly Way[] | undefined
  #beside: Walk | undefined
  /** One that has a ground: no chain of reviews is kept. */
  #earlier: Walk | undefined

  /** `besideMm`: who rolls comes so near to a place of use. */
  constructor(
    readonly scene: Scene,
    readonly walker: Walker,
    readonly besideMm: number,
    beside: Walk | undefined,
    earlier: Walk | undefined,
  ) {
    this.#beside = beside
    this.#earlier = earlier === undefined || earlier.#ground !== undefined ? earlier : earlier.#earlier
  }

  ground(): WayGround {
    if (this.#ground === undefined) {
      const grounds = [this.#beside, this.#earlier].flatMap((walk) => (walk === undefined ? [] : (walk.#ground ?? [])))
      this.#ground = wayGround(this.scene, this.walker, grounds)
      this.#beside = undefined
      this.#earlier = undefined
    }
    return this.#ground
  }

  ways(): readonly Way[] {
    return (this.#ways ??= waysOf(this.scene, this.ground(), this.besideMm))
  }
}
