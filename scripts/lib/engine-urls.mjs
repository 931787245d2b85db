import path from 'node:path'

/**
 * `import url from './review-engine?engine'` gives the address of that module, which a worker loads, and loads nothing of it in
 * the page. The build makes it a file of its own, out of the same pieces as the page, so that what both run is fetched once.
 */
export function engineUrls() {
  const SUFFIX = '?engine'
  let building = false
  let root = ''
  return {
    name: 'engine-urls',
    enforce: 'pre',
    configResolved(config) {
      building = config.command === 'build'
      root = config.root
    },
    resolveId(source, importer) {
      if (!source.endsWith(SUFFIX) || importer === undefined) return null
      return `\0${path.resolve(path.dirname(importer), source.slice(0, -SUFFIX.length))}.ts${SUFFIX}`
    },
    load(id, options) {
      if (!id.startsWith('\0') || !id.endsWith(SUFFIX)) return null
      const file = id.slice(1, -SUFFIX.length)
      // the server starts no worker of the browser's
      if (options?.ssr === true) return 'export default ""'
      if (!building) return `export default ${JSON.stringify(`/${path.relative(root, file)}`)}`
      const reference = this.emitFile({ type: 'chunk', id: file, name: path.basename(file, '.ts') })
      return `export default import.meta.ROLLUP_FILE_URL_${reference}`
    },
  }
}
