import { expose } from 'comlink'
import { offeredEngine } from './offer-engine'

/**
 * Runs one of the engines beside it off the main thread. Which one it is told by its own name: “review http://…”, the engine’s
 * and the address of the module that offers it. The page has loaded that module as well, so that nothing is fetched twice.
 * What is asked meanwhile waits.
 */
const early: MessageEvent[] = []
const keep = (event: MessageEvent): void => void early.push(event)
self.addEventListener('message', keep)

const [name, url] = self.name.split(' ') as [string, string]
await import(/* @vite-ignore */ url)
expose(offeredEngine(name))
self.removeEventListener('message', keep)
for (const { data, ports } of early) self.dispatchEvent(new MessageEvent('message', { data, ports: [...ports] }))
