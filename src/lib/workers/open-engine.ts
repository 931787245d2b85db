import { wrap, type Remote } from 'comlink'

/** Starts an engine in a worker of its own. The module that offers it is loaded by its address, `url`. */
export function openEngine<T>(name: string, url: string): { readonly worker: Worker; readonly remote: Remote<T> } {
  const worker = new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: `${name} ${url}` })
  return { worker, remote: wrap<T>(worker) }
}
