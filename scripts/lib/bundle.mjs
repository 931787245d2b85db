// Runs a script that is written in TypeScript: bundled into a folder of its own, then imported.
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { build } from 'vite'
import { root } from './project.mjs'

/** The module of `entry`, a path from the root; `out` is a folder that may be emptied. */
export async function loadTypeScript(entry, out) {
  await build({
    root,
    configFile: false,
    logLevel: 'error',
    resolve: { alias: { $lib: path.join(root, 'src/lib') } },
    build: {
      ssr: path.join(root, entry),
      outDir: out,
      emptyOutDir: true,
      minify: false,
      rolldownOptions: { output: { entryFileNames: 'entry.mjs' } },
    },
    ssr: { noExternal: true },
  })
  return import(pathToFileURL(path.join(out, 'entry.mjs')).href)
}
