// Sets the key that a Zimmerman which is open to the network asks for: npm run key. Everyone has to sign in again.
import { createInterface } from 'node:readline/promises'
import { dataFolder, serverModule } from './lib/data.mjs'
import { giveUp } from './lib/project.mjs'

const { LONGEST_KEY, newKey, setKey, SHORTEST_KEY } = await serverModule('src/lib/server/key/shop-key.ts')
let key = ''
if (process.stdin.isTTY) {
  const terminal = createInterface({ input: process.stdin, output: process.stdout })
  key = (await terminal.question('The new workshop key (nothing: one is made for you): ')).trim()
  terminal.close()
}
if (key !== '' && (key.length < SHORTEST_KEY || key.length > LONGEST_KEY))
  giveUp(`A key has ${SHORTEST_KEY} to ${LONGEST_KEY} signs; this one has ${key.length}. Nothing was changed.`)
const chosen = key === '' ? newKey() : key
try {
  await setKey(dataFolder(), chosen)
} catch (cause) {
  giveUp(`The key could not be set: ${cause.message}`)
}
console.log(key === '' ? `The workshop key is ${chosen}` : 'The workshop key is set.')
console.log('Everyone has to sign in again.')
