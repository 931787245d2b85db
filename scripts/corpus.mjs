// Holds the review against the corpus of plans, prints precision and recall, and writes the page of the docs.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { loadTypeScript } from './lib/bundle.mjs'
import { checkNode, installPackages, root } from './lib/project.mjs'

checkNode()
await installPackages()
const out = mkdtempSync(path.join(tmpdir(), 'zimmerman-corpus-'))
const { corpusReport } = await loadTypeScript('tests/corpus/report.ts', out)
rmSync(out, { recursive: true, force: true })
const report = corpusReport()
writeFileSync(path.join(root, 'docs/review-corpus.md'), report)
console.log(report)
