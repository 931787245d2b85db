// Every check of the project, in the order in which a failure is cheapest. Ends with a line “N passed, N failed”.
import { spawnSync } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { buildIfStale, checkNode, ensureChromium, installPackages, root } from './lib/project.mjs'

checkNode()
installPackages()
ensureChromium()

const bin = (name) => path.join(root, 'node_modules/.bin', name)
const results = path.join(root, 'test-results')
rmSync(results, { recursive: true, force: true })
mkdirSync(results, { recursive: true })

let passed = 0
let failed = 0

function check(name, command, args) {
  const started = Date.now()
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, FORCE_COLOR: '0' },
  })
  console.log(`${status === 0 ? 'ok  ' : 'FAIL'} ${name} (${((Date.now() - started) / 1000).toFixed(1)} s)`)
  return status === 0
}

/** A check without tests of its own counts only when it fails. */
function gate(name, command, args) {
  if (!check(name, command, args)) failed += 1
}

const read = (file) => {
  try {
    return JSON.parse(readFileSync(path.join(results, file), 'utf8'))
  } catch {
    return undefined
  }
}

gate('types generated', bin('svelte-kit'), ['sync'])
gate('formatting', bin('prettier'), ['--check', '--log-level', 'warn', '.'])
gate('lint', bin('eslint'), ['.', '--max-warnings', '0'])
gate('import rules', bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs', '--output-type', 'err'])
gate('nothing exported or installed that no one uses', bin('knip'), ['--no-progress'])
gate('types of the core, without DOM and Node', bin('tsc'), ['-p', 'src/lib/core/tsconfig.json'])
gate('types', bin('svelte-check'), ['--threshold', 'warning', '--fail-on-warnings', '--output', 'human'])

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

buildIfStale()
const journeysOk = check('browser tests', bin('playwright'), ['test'])
const journeys = read('journeys.json')?.stats
passed += journeys?.expected ?? 0
failed += (journeys?.unexpected ?? 0) + (journeys?.flaky ?? 0)
if (!journeysOk && (journeys?.unexpected ?? 0) === 0) failed += 1

console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 && passed > 0 ? 0 : 1)
