// Writes the invented builds of scripts/examples/builds.ts as documents into examples/, and for which bodies their plans are a start.
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { loadTypeScript } from './lib/bundle.mjs'
import { root } from './lib/project.mjs'

const out = mkdtempSync(path.join(tmpdir(), 'zimmerman-examples-'))
const { BUILDS } = await loadTypeScript('scripts/examples/builds.ts', out)
mkdirSync(path.join(root, 'examples'), { recursive: true })
const idOf = (job) => job.id.replace(/^job-/, '')
for (const job of BUILDS) {
  const file = path.join(root, 'examples', `${idOf(job)}.zimmerman.json`)
  writeFileSync(file, `${JSON.stringify(job, null, 1)}\n`)
  console.log(path.relative(root, file))
}
const { fitsOf } = await loadTypeScript('scripts/examples/fits.ts', mkdtempSync(path.join(out, 'fits-')))
const fits = path.join(root, 'examples/fits.json')
writeFileSync(fits, `${JSON.stringify(fitsOf(BUILDS.map((job) => [idOf(job), job])), null, 1)}\n`)
console.log(path.relative(root, fits))
rmSync(out, { recursive: true, force: true })
