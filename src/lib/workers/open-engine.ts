import { wrap, type Remote } from 'comlink'

/** Starts the engine that a module exports, in a worker of its own. The module is loaded by its address, `url`. */
export function openEngine<T>(url: string): { readonly worker: Worker; readonly remote: Remote<T> } {
  const worker = new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: url })
  return { worker, remote: wrap<T>(worker) }
}
