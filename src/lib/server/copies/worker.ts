import { lookInto, makeCopy, putInPlace } from './copying'

const WORK = { makeCopy, lookInto, putInPlace } as const
export type CopyWork = typeof WORK

/** The entry of the thread that reads and writes whole database files. */
export default function run({
  work,
  input,
}: {
  readonly work: keyof CopyWork
  readonly input: readonly never[]
}): unknown {
  return (WORK[work] as (...all: readonly never[]) => unknown)(...input)
}
