import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { parseJob, type Job } from '../../src/lib/core/job'

/** The builds in `examples/`, each with its file’s name. */
export function examples(): readonly (readonly [string, Job])[] {
  const folder = path.resolve('examples')
  return readdirSync(folder)
    .filter((name) => name.endsWith('.zimmerman.json'))
    .flatMap((name) => {
      const read = parseJob(JSON.parse(readFileSync(path.join(folder, name), 'utf8')))
      return read.ok ? [[name, read.job] as const] : []
    })
}
