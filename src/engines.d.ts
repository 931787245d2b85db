/** The address of a module that a worker loads: `scripts/lib/engine-urls.mjs`. */
declare module '*?engine' {
  const url: string
  export default url
}
