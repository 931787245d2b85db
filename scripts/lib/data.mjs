// What the scripts that work on the data folder share.
import { mkdtempSync, rmSync } from 'node:fs'
import path from 'node:path'
import { loadTypeScript } from './bundle.mjs'
import { checkNode, installPackages, root } from './project.mjs'

/** The data folder, as `npm run demo` takes it. */
export const dataFolder = () => path.resolve(root, process.env.ZIMMERMAN_DATA || 'data')

/** A module of the server, for use without it. */
export async function serverModule(entry) {
  checkNode()
  await installPackages()
  // within the project, so that the database driver is found from there
  const out = mkdtempSync(path.join(root, 'node_modules/.zimmerman-'))
  try {
    return await loadTypeScript(entry, out)
  } finally {
    rmSync(out, { recursive: true, force: true })
  }
}
