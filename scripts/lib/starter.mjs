// Ends this process with the one that started it, however that was killed.
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'

const EVERY_MS = 500

/** The parent of a process; undefined where that cannot be told. */
function parentOf(pid) {
  try {
    // the fourth field, counted behind the name in brackets, which may hold anything
    return Number(readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').pop().split(' ')[1])
  } catch {
    try {
      return Number(execFileSync('ps', ['-o', 'ppid=', '-p', String(pid)], { encoding: 'utf8' }))
    } catch {
      return undefined
    }
  }
}

/**
 * Run by npm, this process is a child of npm’s shell, which goes on when npm is killed: npm itself is watched. Run by hand, or with
 * nohup, nothing is.
 */
export function endWithStarter() {
  if (process.env.npm_lifecycle_event === undefined || process.platform === 'win32') return
  const shell = process.ppid
  const npm = parentOf(shell)
  const isThere = (pid) => {
    try {
      return pid === undefined || process.kill(pid, 0)
    } catch (cause) {
      return cause.code === 'EPERM'
    }
  }
  setInterval(() => {
    if (process.ppid !== shell || parentOf(shell) !== npm || !isThere(npm)) process.exit(0)
  }, EVERY_MS).unref()
}
