/** A fresh id such as `fit-4k2j9x`. */
export function newId(prefix: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(6))
  return `${prefix}-${[...bytes].map((byte) => (byte % 36).toString(36)).join('')}`
}
