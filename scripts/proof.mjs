// The long sweeps and tortures, or of the sweeps only those that are named. Each prints its figures and writes its page of docs/proof; ends
// with 1 where anything is wrong.
import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { loadTypeScript } from './lib/bundle.mjs'
import { buildIfStale, checkNode, ensureChromium, installPackages, root } from './lib/project.mjs'

checkNode()
await installPackages()
ensureChromium()
process.chdir(root)

const pages = path.join(root, 'docs/proof')
mkdirSync(pages, { recursive: true })
const out = mkdtempSync(path.join(tmpdir(), 'zimmerman-proof-'))
const { SWEEPS, pageOf } = await loadTypeScript('tests/proof/index.ts', out)
rmSync(out, { recursive: true, force: true })

const asked = process.argv.slice(2)
const unknown = asked.filter((name) => !Object.hasOwn(SWEEPS, name))
if (unknown.length > 0) {
  console.error(`No sweep is called ${unknown.join(', ')}: there are ${Object.keys(SWEEPS).join(', ')}.`)
  process.exit(2)
}

let wrong = 0
for (const [name, sweep] of Object.entries(SWEEPS)) {
  if (asked.length > 0 && !asked.includes(name)) continue
  const started = Date.now()
  const proof = sweep(1)
  const seconds = (Date.now() - started) / 1000
  writeFileSync(path.join(pages, `${name}.md`), pageOf(proof, new Date().toISOString().slice(0, 10), seconds))
  console.log(
    `${proof.title}: ${proof.figures.map(([what, figure]) => `${what} ${figure}`).join(', ')}; ${proof.faults.length} wrong (${seconds.toFixed(0)} s)`,
  )
  wrong += proof.faults.length
}

if (asked.length === 0) {
  await buildIfStale()
  const { status } = spawnSync(
    path.join(root, 'node_modules/.bin/playwright'),
    ['test', 'hand-made', 'torture', 'held-up', 'screens', 'reading', '--workers', '1', '--reporter', 'list'],
    {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, PROOF: '1', HAND_MADE: '1000000', ROUNDS: process.env.ROUNDS ?? '20', FORCE_COLOR: '0' },
    },
  )
  if (status !== 0) wrong += 1
}
console.log(wrong === 0 ? 'nothing wrong' : `${wrong} wrong: see docs/proof`)
process.exit(wrong === 0 ? 0 : 1)
