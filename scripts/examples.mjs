// Writes the invented builds of scripts/examples/builds.ts as documents into examples/.
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { build } from 'vite'
import { root } from './lib/project.mjs'

const out = mkdtempSync(path.join(tmpdir(), 'zimmerman-examples-'))
await build({
  root,
  configFile: false,
  logLevel: 'error',
  resolve: { alias: { $lib: path.join(root, 'src/lib') } },
  build: {
    ssr: path.join(root, 'scripts/examples/builds.ts'),
    outDir: out,
    emptyOutDir: true,
    minify: false,
    rolldownOptions: { output: { entryFileNames: 'builds.mjs' } },
  },
  ssr: { noExternal: true },
})
const { BUILDS } = await import(pathToFileURL(path.join(out, 'builds.mjs')).href)
mkdirSync(path.join(root, 'examples'), { recursive: true })
for (const job of BUILDS) {
  const file = path.join(root, 'examples', `${job.id.replace(/^job-/, '')}.zimmerman.json`)
  writeFileSync(file, `${JSON.stringify(job, null, 1)}\n`)
  console.log(path.relative(root, file))
}
rmSync(out, { recursive: true, force: true })
