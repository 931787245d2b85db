// Runs a command, and ends it when whoever runs this has gone: the channel to them closes however they ended.
import { spawn } from 'node:child_process'

const [command, ...args] = process.argv.slice(2)
// a group of its own, so that what it starts ends with it
const child = spawn(command, args, { stdio: 'inherit', detached: process.platform !== 'win32' })
const end = () => {
  try {
    process.kill(process.platform === 'win32' ? child.pid : -child.pid, 'SIGKILL')
  } catch {
    // it has ended by itself
  }
  process.exit(1)
}
process.on('disconnect', end)
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, end)
child.on('exit', (code) => process.exit(code ?? 1))
