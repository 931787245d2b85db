// Puts a copy in the place of all that is stored, once it was said what is in it: npm run restore -- FILE [--yes]
import path from 'node:path'
import { createInterface } from 'node:readline/promises'
import { dataFolder, serverModule } from './lib/data.mjs'
import { giveUp } from './lib/project.mjs'
import { portFault } from './lib/serve.mjs'

const asked = process.argv.slice(2)
const [file] = asked.filter((one) => one !== '--yes')
if (file === undefined) giveUp('Which copy? npm run restore -- FILE')
const port = Number(process.env.PORT || 4173)
if ((await portFault(process.env.HOST || '127.0.0.1', port)) !== undefined)
  giveUp(`Zimmerman seems to run on port ${port}: stop it first, or put the copy back on its page “Copies”.`)
const { look, restore } = await serverModule('src/lib/server/copies/by-hand.ts')
const data = dataFolder()
try {
  console.log(look(data, path.resolve(file)))
  if (!asked.includes('--yes')) {
    const terminal = createInterface({ input: process.stdin, output: process.stdout })
    const answer = await terminal.question(`Put it in the place of what is in ${data}? Type yes: `)
    terminal.close()
    if (answer.trim() !== 'yes') giveUp('Nothing was changed.')
  }
  console.log(await restore(data, path.resolve(file), new Date().toISOString()))
} catch (cause) {
  giveUp(`Nothing was changed. ${cause.message}`)
}
