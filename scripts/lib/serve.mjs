// Starts the built server and waits until it answers.
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import path from 'node:path'
import { root } from './project.mjs'

/** What keeps a folder from being written to, in one sentence; undefined when nothing does. */
export function folderFault(folder) {
  const probe = path.join(folder, '.write-test')
  try {
    mkdirSync(folder, { recursive: true })
    writeFileSync(probe, 'x'.repeat(65_536))
    rmSync(probe)
    const file = path.join(folder, 'zimmerman.sqlite')
    if (existsSync(file) && !(statSync(file).mode & 0o200))
      return `The database ${file} is write-protected: make it writable, or set ZIMMERMAN_DATA to another folder.`
    return undefined
  } catch (cause) {
    if (cause.code === 'ENOSPC')
      return `The disk is full: make room for the data folder ${folder}, or set ZIMMERMAN_DATA to another one.`
    return `The data folder ${folder} cannot be written to (${cause.code}): check its permissions, or set ZIMMERMAN_DATA to another one.`
  }
}

/** Why a port cannot be listened on, in one sentence; undefined when it can. */
export const portFault = (host, port) =>
  new Promise((resolve) => {
    if (!Number.isInteger(port) || port < 1 || port > 65_535)
      return resolve(`PORT must be a whole number from 1 to 65535, got “${process.env.PORT}”.`)
    const probe = createServer()
    probe.once('error', (cause) =>
      resolve(
        cause.code === 'EADDRINUSE'
          ? `Port ${port} is taken on ${host}: stop what uses it, or choose another with PORT=${port + 1} npm run demo.`
          : cause.code === 'EACCES'
            ? `Port ${port} may not be used by this user: choose one above 1024 with PORT.`
            : `${host} cannot be listened on (${cause.code}): check HOST.`,
      ),
    )
    probe.listen(port, host, () => probe.close(() => resolve(undefined)))
  })

/** Starts `node build`; resolves once it answers. The child ends with this process. */
export async function startServer({ host = '127.0.0.1', port, data, demo = true, stdio = 'inherit' }) {
  const shown = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host
  const address = `http://${shown}:${port}`
  const env = {
    ...process.env,
    HOST: host,
    PORT: String(port),
    ZIMMERMAN_DATA: data,
    ZIMMERMAN_DEMO: demo ? '1' : '0',
  }
  // the channel is never written to: it ends when this process does, however it ends, and takes the server along
  const child = spawn(process.execPath, [path.join(root, 'build/index.js')], {
    cwd: root,
    env,
    stdio: [stdio, stdio, stdio, 'ipc'],
  })
  const stop = () => child.kill('SIGTERM')
  process.on('exit', stop)
  let ended
  child.once('exit', (code) => (ended = code ?? 1))
  for (let waited = 0; waited < 30_000; waited += 100) {
    if (ended !== undefined) throw new Error(`the server ended with code ${ended}`)
    try {
      const response = await fetch(`${address}/api/jobs`)
      // one that asks for the shop key answers too
      if (response.ok || response.status === 401) return { address, child, stop }
      const { message } = await response.json()
      stop()
      throw new Error(message, { cause: 'answer' })
    } catch (cause) {
      if (cause.cause === 'answer') throw cause
    }
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  stop()
  throw new Error('the server does not answer')
}
