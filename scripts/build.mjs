// Builds the program: pages and routes, the engine that the server’s threads run, and what plain `node build` starts.
import { spawnSync } from 'node:child_process'
import { renameSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { bundle } from './lib/bundle.mjs'
import { root } from './lib/project.mjs'

const engine = async () => {
  await bundle('src/lib/server/engine/worker.ts', path.join(root, 'build/engine'), 'worker.mjs')
  await bundle('src/lib/server/copies/worker.ts', path.join(root, 'build/engine'), 'copies.mjs')
}
// for the development server, which makes the rest as it is asked for
if (process.argv.includes('--engine')) {
  await engine()
  process.exit(0)
}

const vite = path.join(root, 'node_modules/vite/bin/vite.js')
const { status } = spawnSync(process.execPath, [vite, 'build'], { cwd: root, stdio: 'inherit' })
if (status !== 0) process.exit(status ?? 1)
await engine()
renameSync(path.join(root, 'build/index.js'), path.join(root, 'build/listen.js'))
await bundle('src/lib/server/start.ts', path.join(root, 'build'), 'index.js')
writeFileSync(path.join(root, 'build/.built'), '')
