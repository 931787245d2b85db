// Writes the invented builds of scripts/examples/builds.ts as documents into examples/.
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { loadTypeScript } from './lib/bundle.mjs'
import { root } from './lib/project.mjs'

const out = mkdtempSync(path.join(tmpdir(), 'zimmerman-examples-'))
const { BUILDS } = await loadTypeScript('scripts/examples/builds.ts', out)
mkdirSync(path.join(root, 'examples'), { recursive: true })
for (const job of BUILDS) {
  const file = path.join(root, 'examples', `${job.id.replace(/^job-/, '')}.zimmerman.json`)
  writeFileSync(file, `${JSON.stringify(job, null, 1)}\n`)
  console.log(path.relative(root, file))
}
rmSync(out, { recursive: true, force: true })
