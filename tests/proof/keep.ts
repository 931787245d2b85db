import { mkdirSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { pageOf, type Proof } from './report'

const started = Date.now()

/** Writes a proof’s page of the docs, where `npm run proof` asks for it; else nothing. */
export function keepProof(proof: Proof): void {
  if (process.env.PROOF !== '1') return
  const folder = path.resolve('docs/proof')
  mkdirSync(folder, { recursive: true })
  const when = new Date().toISOString().slice(0, 10)
  writeFileSync(path.join(folder, `${proof.name}.md`), pageOf(proof, when, (Date.now() - started) / 1000))
}
