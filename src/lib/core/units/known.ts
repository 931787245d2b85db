/**
 * A value that the code around it has made sure of. Where that was wrong it says so, instead of going on with nothing.
 * @throws RangeError, with what was looked for, if it is not there.
 */
export function known<T>(value: T | undefined, what: string): T {
  if (value === undefined) throw new RangeError(`${what} is not there`)
  return value
}

/** An entry of a list or typed array. @throws RangeError if there is none at that index. */
export function nth<T>(list: { readonly length: number; readonly [index: number]: T | undefined }, index: number): T {
  const value = list[index]
  if (value === undefined) throw new RangeError(`there is no entry ${index} in a list of ${list.length}`)
  return value
}
