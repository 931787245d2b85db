// Writes what docs say of the program: the kinds, the keys, the layers as a table and as a picture.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { format, resolveConfig } from 'prettier'
import { loadTypeScript } from './lib/bundle.mjs'
import { root } from './lib/project.mjs'

const out = mkdtempSync(path.join(tmpdir(), 'zimmerman-docs-'))
const { madePages } = await loadTypeScript('scripts/docs/pages.ts', out)
rmSync(out, { recursive: true, force: true })
const style = await resolveConfig(path.join(root, 'README.md'))
const laid = (text) => format(text, { ...style, parser: 'markdown' })
for (const [file, text] of Object.entries(await madePages(root, laid)))
  writeFileSync(path.join(root, 'docs', file), text)
