import { expose } from 'comlink'

/**
 * Runs one of the engines beside it off the main thread. Which one it is told by its name: the address of a module that the
 * page has loaded as well, so that nothing is fetched twice. What is asked meanwhile waits.
 */
const early: MessageEvent[] = []
const keep = (event: MessageEvent): void => void early.push(event)
self.addEventListener('message', keep)

const { engine } = (await import(/* @vite-ignore */ self.name)) as { engine: unknown }
expose(engine)
self.removeEventListener('message', keep)
for (const { data, ports } of early) self.dispatchEvent(new MessageEvent('message', { data, ports: [...ports] }))
