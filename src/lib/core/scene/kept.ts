import { nth } from '../units'
import type { Interior } from '../shell'
import type { Placed, Scene } from './scene'

interface Answered<T> {
  readonly interior: Interior
  readonly turned: readonly string[]
  /** The numbers of what stood near: not the things themselves, which would keep what stood near them, and so on for ever. */
  readonly near: readonly number[]
  readonly answer: T
}

/** Each thing that was placed has a number of its own, for as long as anyone holds it. */
const numbers = new WeakMap<Placed, number>()
let count = 0
function numberOf(placed: Placed): number {
  const known = numbers.get(placed)
  if (known !== undefined) return known
  count += 1
  numbers.set(placed, count)
  return count
}

/** A plan has a few modes, and a thing stands alike in most: so many answers are kept for each. */
const MOST_KEPT = 6

/**
 * Answers about something of a scene that depend on it, the body, the seats that are turned round, and what stands near it: kept from scene to
 * scene, and from mode to mode, while these are the same. `near` must list everything that the answer depends on besides. An answer holds
 * nothing that was placed but its key.
 */
export function keptNear<K extends object, T>(): (
  key: K,
  scene: Pick<Scene, 'interior' | 'turned'>,
  near: readonly Placed[],
  make: () => T,
) => T {
  const known = new WeakMap<K, Answered<T>[]>()
  return (key, { interior, turned }, near, make) => {
    let answers = known.get(key)
    if (answers === undefined) known.set(key, (answers = []))
    for (const one of answers)
      if (
        one.interior === interior &&
        one.turned === turned &&
        one.near.length === near.length &&
        one.near.every((number, index) => number === numbers.get(nth(near, index)))
      )
        return one.answer
    const answer = make()
    if (answers.length === MOST_KEPT) answers.shift()
    answers.push({ interior, turned, near: near.map(numberOf), answer })
    return answer
  }
}

/** What is made of a thing alone, kept as long as that is. */
export function keptOf<K extends object, T>(make: (key: K) => T): (key: K) => T {
  const known = new WeakMap<K, { readonly value: T }>()
  return (key) => {
    let one = known.get(key)
    if (one === undefined) known.set(key, (one = { value: make(key) }))
    return one.value
  }
}
