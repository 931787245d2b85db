// Every check of the project, in the order in which a failure is cheapest. Ends with a line “N passed, N failed”.
import { spawn, spawnSync } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import path from 'node:path'
import { buildIfStale, checkNode, ensureChromium, ensurePoppler, installPackages, root } from './lib/project.mjs'

checkNode()
await installPackages()
ensureChromium()
ensurePoppler()

const bin = (name) => path.join(root, 'node_modules/.bin', name)
const results = path.join(root, 'test-results')
rmSync(results, { recursive: true, force: true })
mkdirSync(results, { recursive: true })

let passed = 0
let failed = 0

const env = { ...process.env, FORCE_COLOR: '0' }

function told(name, ok, started) {
  console.log(`${ok ? 'ok  ' : 'FAIL'} ${name} (${((Date.now() - started) / 1000).toFixed(1)} s)`)
  return ok
}

function check(name, command, args) {
  const started = Date.now()
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit', env })
  return told(name, status === 0, started)
}

/** A check without tests of its own counts only when it fails. What it prints is shown when it is through. */
function gate([name, command, ...args]) {
  const started = Date.now()
  return new Promise((resolve) => {
    const run = spawn(bin(command), args, { cwd: root, env, stdio: ['ignore', 'pipe', 'pipe'] })
    const printed = []
    for (const stream of [run.stdout, run.stderr]) stream.on('data', (part) => printed.push(part))
    run.on('error', (error) => printed.push(Buffer.from(`${error}\n`)))
    run.on('close', (status) => {
      process.stdout.write(Buffer.concat(printed))
      if (!told(name, status === 0, started)) failed += 1
      resolve()
    })
  })
}

/** As many gates at once as there are cores. */
async function gates(list) {
  const waiting = [...list]
  const lane = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) await gate(next)
  }
  await Promise.all(Array.from({ length: availableParallelism() }, lane))
}

const read = (file) => {
  try {
    return JSON.parse(readFileSync(path.join(results, file), 'utf8'))
  } catch {
    return undefined
  }
}

await gate(['types generated', 'svelte-kit', 'sync'])
await gates([
  ['lint', 'eslint', '.', '--max-warnings', '0'],
  ['types', 'svelte-check', '--threshold', 'warning', '--fail-on-warnings', '--output', 'human'],
  ['formatting', 'prettier', '--check', '--log-level', 'warn', '.'],
  ['types of the core, without DOM and Node', 'tsc', '-p', 'src/lib/core/tsconfig.json'],
  ['import rules', 'depcruise', 'src', '--config', '.dependency-cruiser.cjs', '--output-type', 'err'],
  ['nothing exported or installed that no one uses', 'knip', '--no-progress'],
])

const unitOk = check('unit tests', bin('vitest'), [
  'run',
  '--reporter=default',
  '--reporter=json',
  '--outputFile.json=test-results/unit.json',
])
const unit = read('unit.json')
passed += unit?.numPassedTests ?? 0
failed += unit?.numFailedTests ?? 0
if (!unitOk && (unit?.numFailedTests ?? 0) === 0) failed += 1

await buildIfStale()
const journeysOk = check('browser tests', bin('playwright'), ['test'])
const journeys = read('journeys.json')?.stats
passed += journeys?.expected ?? 0
failed += (journeys?.unexpected ?? 0) + (journeys?.flaky ?? 0)
if (!journeysOk && (journeys?.unexpected ?? 0) === 0) failed += 1

console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 && passed > 0 ? 0 : 1)
