// The fast lane: what has changed since the last commit, or since the one that is named. Types of everything, lint and format of what
// changed, the unit tests of the folders it lies in. `npm test` is the whole.
import { spawn, spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import path from 'node:path'
import { checkNode, installPackages, root } from './lib/project.mjs'

checkNode()
await installPackages()
process.chdir(root)

const since = process.argv[2] ?? 'HEAD'
const git = (...args) => {
  const { stdout, status } = spawnSync('git', args, { encoding: 'utf8' })
  if (status !== 0) {
    console.error(`There is no commit “${since}” here.`)
    process.exit(2)
  }
  return stdout.split('\n').filter((line) => line !== '')
}
const changed = [
  ...new Set([...git('diff', '--name-only', since), ...git('ls-files', '--others', '--exclude-standard')]),
].filter((file) => existsSync(file))
const code = changed.filter((file) => /\.(ts|svelte|mjs)$/.test(file))
/** Folders with unit tests of their own; tests that are asked for by name are run as well. */
const folders = [
  ...new Set(
    code.flatMap((file) =>
      file.startsWith('src/') ? [path.dirname(file)] : /^tests\/unit\/.*\.test\.ts$/.test(file) ? [file] : [],
    ),
  ),
]

const started = Date.now()
/** Runs a tool of the project and tells how it went; what it says is shown where it fails. */
const run = (name, tool, args) =>
  new Promise((resolve) => {
    const begun = Date.now()
    const child = spawn(path.join(root, 'node_modules/.bin', tool), args, { stdio: ['ignore', 'pipe', 'pipe'] })
    let said = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (said += part))
    child.on('close', (status) => {
      const isOk = status === 0
      if (!isOk) console.log(said)
      console.log(`${isOk ? 'ok  ' : 'FAIL'} ${name} (${((Date.now() - begun) / 1000).toFixed(0)} s)`)
      resolve(isOk)
    })
  })

const types = run('types', 'tsc', [
  '--noEmit',
  '-p',
  '.',
  '--incremental',
  '--tsBuildInfoFile',
  '.cache/check.tsbuildinfo',
])
const form = changed.length === 0 ? true : run('format', 'prettier', ['--check', '--ignore-unknown', ...changed])
const lint = code.length === 0 ? true : run('lint', 'eslint', ['--max-warnings', '0', '--no-warn-ignored', ...code])
const first = await Promise.all([types, form, lint])
const tests = folders.length === 0 ? true : await run('tests', 'vitest', ['run', '--passWithNoTests', ...folders])
const isOk = [...first, tests].every(Boolean)
console.log(
  `${changed.length} files changed since ${since}; ${isOk ? 'nothing wrong' : 'not clean'} (${((Date.now() - started) / 1000).toFixed(0)} s)`,
)
process.exit(isOk ? 0 : 1)
