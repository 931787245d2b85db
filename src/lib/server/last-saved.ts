import { closeSync, openSync, readFileSync, statSync, writeSync } from 'node:fs'

/** How many digits a count takes in its file: the file never grows or shrinks. */
const DIGITS = 16

/** How many times something was saved, as kept beside a database; undefined where nothing was kept yet. */
export function lastSaved(file: string): number | undefined {
  let text
  try {
    text = readFileSync(file, 'utf8')
  } catch (cause) {
    if ((cause as NodeJS.ErrnoException).code === 'ENOENT') return undefined
    throw cause
  }
  const count = Number(text.trim())
  return text.trim() !== '' && Number.isInteger(count) ? count : undefined
}

/** Keeps how many times something was saved, in one small write. @throws what the disk answers. */
export function keepLastSaved(file: string, count: number): void {
  const handle = openSync(file, fileExists(file) ? 'r+' : 'w')
  try {
    writeSync(handle, `${String(count).padStart(DIGITS, '0')}\n`, 0)
  } finally {
    closeSync(handle)
  }
}

function fileExists(file: string): boolean {
  try {
    return statSync(file).isFile()
  } catch {
    return false
  }
}
