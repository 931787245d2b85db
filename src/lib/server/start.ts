import path from 'node:path'
import { fileURLToPath } from 'node:url'
import { dataFolder } from './data-folder'
import { keyId, newKey, setKey } from './key/shop-key'
import { isLoopback, isOpen, ownAddresses } from './reach'

/**
 * What `node build` runs: on loopback unless HOST says otherwise, with the same limits however it was started. It says where it
 * is, and ends with whoever started it.
 */
const host = (process.env.HOST ||= '127.0.0.1')
const port = (process.env.PORT ||= '4173')
// a body is read and forgotten up to here, so that the answer to it arrives; beyond, the connection is cut
process.env.BODY_SIZE_LIMIT ||= '64M'
// longer than a reader pauses: a connection that the server drops while a request is on its way is an error there
process.env.KEEP_ALIVE_TIMEOUT ||= '75'
process.env.SHUTDOWN_TIMEOUT ||= '3'
if (isLoopback(host)) process.env.ORIGIN ||= `http://${host.includes(':') ? `[${host}]` : host}:${port}`

// a starter with a channel to this process, as `npm run demo` has, takes it along however it ends
process.on('disconnect', () => process.exit(0))
process.channel?.unref()

if (isOpen(process.env)) {
  const data = dataFolder()
  const anyone = host === '0.0.0.0' || host === '::'
  const addresses = anyone ? ownAddresses().filter((address) => /^\d/.test(address) && !isLoopback(address)) : [host]
  const lines = [
    'Zimmerman is open to other machines. Anyone who connects from there signs in with the workshop key.',
    'What goes over the network can be read there unless TLS is in front of it: see “On a network” in the README.',
    ...addresses.map((address) => `  http://${address}:${port}`),
  ]
  if (keyId(data) === undefined) {
    const key = newKey()
    await setKey(data, key)
    lines.push(`The workshop key is ${key}`, 'It is shown only once. npm run key sets another.')
  }
  console.warn(lines.join('\n'))
}
// what the adapter made, which listens; it lies beside this file once both are built
await import(path.join(path.dirname(fileURLToPath(import.meta.url)), 'listen.js'))
