import { spawn, type ChildProcess } from 'node:child_process'
import { createServer } from 'node:net'
import path from 'node:path'

/** A port that is free now. */
export const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => resolve(typeof address === 'object' && address !== null ? address.port : 0))
    })
  })

/** A server of a test’s own, which can be killed as a power cut would and started again on the same data. */
export class OwnServer {
  #child: ChildProcess | undefined

  constructor(
    readonly port: number,
    readonly data: string,
    private readonly more: Readonly<Record<string, string>> = {},
  ) {}

  /** What it printed. */
  printed = ''

  get pid(): number {
    return this.#child?.pid ?? 0
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(): Promise<void> {
    const env = {
      ...process.env,
      HOST: '127.0.0.1',
      PORT: String(this.port),
      ZIMMERMAN_DATA: this.data,
      ZIMMERMAN_DEMO: '1',
      ...this.more,
    }
    const child = spawn(process.execPath, [path.resolve('build/index.js')], { env, stdio: ['ignore', 'pipe', 'pipe'] })
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (part: Buffer) => (this.printed += part.toString('utf8')))
    this.#child = child
    for (let waited = 0; waited < 30_000; waited += 50) {
      const answers = await fetch(`${this.address}/api/shells`).then(
        // one that asks for a key is there too
        ({ ok, status }) => ok || status === 401,
        () => false,
      )
      if (answers) return
      await new Promise((resolve) => setTimeout(resolve, 50))
    }
    throw new Error('the server does not answer')
  }

  /** Ends it at once, in the middle of whatever it does. */
  async kill(): Promise<void> {
    const child = this.#child
    this.#child = undefined
    if (child === undefined || child.exitCode !== null || child.signalCode !== null) return
    const ended = new Promise((resolve) => child.once('exit', resolve))
    child.kill('SIGKILL')
    await ended
  }
}
