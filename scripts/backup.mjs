// Writes one whole copy of all that is stored, also while Zimmerman runs: npm run backup [-- FILE]
import path from 'node:path'
import { dataFolder, serverModule } from './lib/data.mjs'
import { giveUp } from './lib/project.mjs'

const [to] = process.argv.slice(2)
const { backup } = await serverModule('src/lib/server/copies/by-hand.ts')
try {
  console.log(backup(dataFolder(), to === undefined ? undefined : path.resolve(to), new Date().toISOString()))
} catch (cause) {
  giveUp(`No copy was made. ${cause.message}`)
}
