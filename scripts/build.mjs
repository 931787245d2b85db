// Builds the program: pages and routes, the engine that the server’s threads run, and what plain `node build` starts.
import { spawnSync } from 'node:child_process'
import { renameSync } from 'node:fs'
import path from 'node:path'
import { bundle } from './lib/bundle.mjs'
import { root } from './lib/project.mjs'

const vite = path.join(root, 'node_modules/vite/bin/vite.js')
const { status } = spawnSync(process.execPath, [vite, 'build'], { cwd: root, stdio: 'inherit' })
if (status !== 0) process.exit(status ?? 1)
await bundle('src/lib/server/engine/worker.ts', path.join(root, 'build/engine'), 'worker.mjs')
await bundle('src/lib/server/copies/worker.ts', path.join(root, 'build/engine'), 'copies.mjs')
renameSync(path.join(root, 'build/index.js'), path.join(root, 'build/listen.js'))
await bundle('src/lib/server/start.ts', path.join(root, 'build'), 'index.js')
