// Bundles what is written in TypeScript and runs outside of the pages: scripts, the engine of the server’s threads, its start.
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { build } from 'vite'
import { root } from './project.mjs'

/** Bundles `entry`, a path from the root, as `name` in the folder `out`, with all that it imports but the database driver, the pool of threads and what writes PDF. */
export async function bundle(entry, out, name, minify = false) {
  await build({
    root,
    configFile: false,
    logLevel: 'error',
    resolve: { alias: { $lib: path.join(root, 'src/lib') } },
    build: {
      ssr: path.join(root, entry),
      outDir: out,
      emptyOutDir: false,
      minify,
      rolldownOptions: { external: ['libsql', 'piscina', 'pdfkit', 'svg-to-pdfkit'], output: { entryFileNames: name } },
    },
    ssr: { noExternal: true },
  })
}

/** The module of `entry`, bundled into `out`, a folder of its own. */
export async function loadTypeScript(entry, out) {
  await bundle(entry, out, 'entry.mjs')
  return import(pathToFileURL(path.join(out, 'entry.mjs')).href)
}
