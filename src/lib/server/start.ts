import { networkInterfaces } from 'node:os'
import path from 'node:path'
import { fileURLToPath } from 'node:url'
import { isLoopback } from './reach'

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

if (!isLoopback(host)) {
  const anyone = host === '0.0.0.0' || host === '::'
  const addresses = anyone
    ? Object.values(networkInterfaces())
        .flatMap((all) => all ?? [])
        .filter(({ internal, family }) => !internal && family === 'IPv4')
        .map(({ address }) => address)
    : [host]
  console.warn(
    [
      'Zimmerman is open to other machines. Whoever is on this network can reach it, and asks with the shop key.',
      'What goes over the network can be read there unless TLS stands before it: see README.',
      ...addresses.map((address) => `  http://${address}:${port}`),
    ].join('\n'),
  )
}
// what the adapter made, which listens; it lies beside this file once both are built
await import(path.join(path.dirname(fileURLToPath(import.meta.url)), 'listen.js'))
