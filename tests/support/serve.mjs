// Serves the build with a fresh data folder for the browser tests.
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { startServer } from '../../scripts/lib/serve.mjs'

const data = mkdtempSync(path.join(tmpdir(), 'zimmerman-test-'))
await startServer({ port: Number(process.argv[2]), data })
