/** Under this name of the global scope a module offers the engines that it holds, to whichever worker has loaded it. */
const OFFERED = 'zimmermanEngines'

type Scope = Record<typeof OFFERED, Record<string, object> | undefined>

/** Offers an engine by name. A build renames what modules export, so that a worker finds it here and not by its export. */
export function offerEngine<T extends object>(name: string, engine: T): T {
  const scope = globalThis as unknown as Scope
  scope[OFFERED] = { ...scope[OFFERED], [name]: engine }
  return engine
}

/** The engine of that name. @throws RangeError if no loaded module offers it. */
export function offeredEngine(name: string): object {
  const engine = (globalThis as unknown as Scope)[OFFERED]?.[name]
  if (engine === undefined) throw new RangeError(`no module that was loaded offers the engine “${name}”`)
  return engine
}
