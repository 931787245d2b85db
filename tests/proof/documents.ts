import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { DEMO_JOBS } from '../../src/lib/demo'
import { apply, parseJob, parseJobText, type Job } from '../../src/lib/core/job'
import { reviewVariant } from '../../src/lib/core/review'
import { randomCommand } from '../support/random-commands'
import { randomFrom, randomPlan } from '../support/random-plans'
import type { Proof } from './report'

const RANDOM = 30
const COMMANDS = 40

/** A random plan that went through random commands, refused ones left out. */
function grown(seed: number): Job {
  const random = randomFrom(seed)
  let { job } = randomPlan(seed, 8)
  for (let number = 0; number < COMMANDS; number += 1)
    try {
      job = apply(job, randomCommand(job, random)).job
    } catch {
      continue
    }
  return job
}

/** Demo, examples and thirty random documents are read as they are written, and read again from what is written then: nothing of them changes. */
export function documentsProof(share: number): Proof {
  const folder = path.resolve('examples')
  const files = readdirSync(folder).filter((name) => name.endsWith('.zimmerman.json'))
  const documents: (readonly [string, string])[] = [
    ...DEMO_JOBS.map((job) => [job.id, JSON.stringify(job)] as const),
    ...files.map((name) => [name, readFileSync(path.join(folder, name), 'utf8')] as const),
    ...Array.from(
      { length: Math.max(3, Math.round(RANDOM * share)) },
      (_, seed) => [`random ${seed}`, JSON.stringify(grown(seed + 1))] as const,
    ),
  ]
  const faults: string[] = []
  let findings = 0
  for (const [name, text] of documents) {
    const read = parseJobText(text)
    if (!read.ok) {
      faults.push(`${name}: ${read.faults[0]!.path} ${read.faults[0]!.message}`)
      continue
    }
    const again = parseJob(JSON.parse(JSON.stringify(read.job)))
    if (!again.ok || JSON.stringify(again.job) !== JSON.stringify(read.job))
      faults.push(`${name}: changes when it is read again`)
    // all that the file says is still said
    const missing = lostFrom(JSON.parse(text), read.job)
    if (missing !== undefined) faults.push(`${name}: ${missing} is lost or changed`)
    for (const id of Object.keys(read.job.variants)) {
      const review = reviewVariant(read.job, id)
      findings += review.modes.reduce((sum, mode) => sum + mode.findings.length, 0)
      for (const { rule } of review.failed) faults.push(`${name}: rule ${rule} fails`)
    }
  }
  return {
    name: 'documents',
    title: 'Documents of today',
    how: 'The demo jobs, the examples and random documents are parsed, written and parsed again: nothing that they say is lost or changed, and all of them can be placed and judged.',
    figures: [
      ['documents', documents.length],
      ['findings of all of them', findings],
    ],
    faults,
  }
}

/** The first place at which a document says something that another does not; undefined where there is none. */
function lostFrom(before: unknown, after: unknown, path = ''): string | undefined {
  if (typeof before !== 'object' || before === null) return Object.is(before, after) ? undefined : path
  if (typeof after !== 'object' || after === null) return path
  for (const [key, value] of Object.entries(before)) {
    const lost = lostFrom(value, (after as Record<string, unknown>)[key], path === '' ? key : `${path}.${key}`)
    if (lost !== undefined) return lost
  }
  return undefined
}
