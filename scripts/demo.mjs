// Starts Zimmerman with its demo data: installs and builds what is missing, then serves the production build.
import path from 'node:path'
import { buildIfStale, checkNode, giveUp, installPackages, root } from './lib/project.mjs'
import { endWithStarter } from './lib/starter.mjs'
import { folderFault, portFault, startServer } from './lib/serve.mjs'

checkNode()
endWithStarter()
const host = process.env.HOST || '127.0.0.1'
const port = Number(process.env.PORT || 4173)
const data = path.resolve(root, process.env.ZIMMERMAN_DATA || 'data')

const portTaken = await portFault(host, port)
if (portTaken !== undefined) giveUp(portTaken)
const unwritable = folderFault(data)
if (unwritable !== undefined) giveUp(unwritable)
await installPackages()
await buildIfStale()
try {
  const { address, child } = await startServer({ host, port, data })
  console.log(`Zimmerman is at ${address}   (data in ${data}; stop with Ctrl C)`)
  child.once('exit', (code) => process.exit(code ?? 0))
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => process.exit(0))
} catch (cause) {
  giveUp(`Zimmerman could not start: ${cause.message}`)
}
