// What the scripts share: where things are, what is stale, how to run a command.
import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..')
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm'

/** Ends the program with one sentence. */
export function giveUp(sentence) {
  console.error(sentence)
  process.exit(1)
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    giveUp(`Zimmerman needs Node 20.19 or newer; this is ${process.versions.node}.`)
}

const digest = (text) => createHash('sha256').update(text).digest('hex')

/** Runs a command that ends when this process does, however it ends; gives its status, and what it printed if that is kept. */
function runTied(command, args, keep) {
  return new Promise((resolve) => {
    const tied = spawn(process.execPath, [path.join(root, 'scripts/lib/tied.mjs'), command, ...args], {
      cwd: root,
      stdio: ['ignore', keep ? 'pipe' : 'ignore', keep ? 'pipe' : 'inherit', 'ipc'],
    })
    const printed = []
    for (const stream of [tied.stdout, tied.stderr]) stream?.on('data', (part) => printed.push(part))
    tied.on('close', (status) => resolve({ status, printed: Buffer.concat(printed).toString('utf8') }))
  })
}

/** Installs the packages when there are none or the lock file has changed since. */
export async function installPackages() {
  const stamp = path.join(root, 'node_modules/.zimmerman-lock')
  const lock = digest(readFileSync(path.join(root, 'package-lock.json')))
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  console.log('Installing packages…')
  const { status } = await runTied(npm, ['ci', '--no-audit', '--no-fund'], false)
  if (status !== 0) giveUp('The packages could not be installed: is the npm registry reachable?')
  writeFileSync(stamp, lock)
}

function newest(folder) {
  let time = 0
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const full = path.join(folder, entry.name)
    time = Math.max(time, entry.isDirectory() ? newest(full) : statSync(full).mtimeMs)
  }
  return time
}

const SOURCES = [
  'scripts/build.mjs',
  'scripts/lib/bundle.mjs',
  'package.json',
  'package-lock.json',
  'svelte.config.js',
  'vite.config.ts',
  'tsconfig.json',
]

/** Builds the program when a source is newer than the last build. */
export async function buildIfStale() {
  const stamp = path.join(root, 'build/.built')
  const changed = Math.max(
    newest(path.join(root, 'src')),
    newest(path.join(root, 'static')),
    ...SOURCES.map((file) => statSync(path.join(root, file)).mtimeMs),
  )
  if (existsSync(stamp) && statSync(stamp).mtimeMs > changed) return
  console.log('Building…')
  const { status, printed } = await runTied(process.execPath, [path.join(root, 'scripts/build.mjs')], true)
  if (status !== 0) giveUp(`The build failed:\n${printed}`)
}

/** The browser without a window of its own, a sixth faster in the journeys than the whole one; either does. */
const [SHELL, WHOLE] = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium']
export const CHROMIUM = process.env.CHROMIUM ?? (!existsSync(SHELL) && existsSync(WHOLE) ? WHOLE : SHELL)

/** Makes sure that a program is there: Debian's package of it, if this machine lets us install it. */
function ensureProgram(file, name, debian, advice) {
  if (existsSync(file)) return
  if (process.getuid?.() !== 0 || spawnSync('apt-get', ['--version']).status !== 0) giveUp(advice)
  console.log(`Installing ${name}…`)
  for (const args of [['update'], ['install', '-y', '--no-install-recommends', debian]]) {
    const result = spawnSync('apt-get', args, {
      stdio: 'ignore',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    })
    if (result.status !== 0) giveUp(advice)
  }
  if (!existsSync(file)) giveUp(advice)
}

export const ensureChromium = () =>
  ensureProgram(
    CHROMIUM,
    'Chromium',
    'chromium-headless-shell',
    'The browser tests need Chromium: install Debian’s package “chromium-headless-shell” or “chromium”, or set CHROMIUM to where it is.',
  )

/** What the tests read PDFs with. */
export const ensurePoppler = () =>
  ensureProgram(
    '/usr/bin/pdftotext',
    'Poppler',
    'poppler-utils',
    'The tests read PDFs with Poppler: install Debian’s package “poppler-utils”.',
  )

/**
 * Settings under which headless Chromium runs silently on a closed network. It draws by the processor alone: an emulated
 * graphics card would be the slowest part of every test.
 */
export const CHROMIUM_LAUNCH = {
  executablePath: CHROMIUM,
  chromiumSandbox: process.getuid?.() !== 0,
  args: [
    '--disable-gpu',
    '--disable-quic',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
    '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
  ],
}
