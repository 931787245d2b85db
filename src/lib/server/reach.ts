import { networkInterfaces } from 'node:os'

/** Whether an address to listen on is reached from this machine alone. */
export const isLoopback = (host: string): boolean => /^(127(\.\d{1,3}){3}|localhost|::1|\[::1\])$/.test(host)

type Env = Readonly<Record<string, string | undefined>>

/** Names under which the program may be asked for, besides this machine’s own addresses. */
const namesIn = ({ ZIMMERMAN_HOSTS }: Env): readonly string[] =>
  (ZIMMERMAN_HOSTS ?? '')
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter((name) => name !== '')

/** Whether others than this machine can reach the program: it listens to them, or answers to a name that they use. */
export const isOpen = (env: Env): boolean => !isLoopback(env.HOST || '127.0.0.1') || namesIn(env).length > 0

/** This machine’s addresses on its networks. */
export const ownAddresses = (): readonly string[] =>
  Object.values(networkInterfaces()).flatMap((all) => (all ?? []).map(({ address }) => address.toLowerCase()))

/** Whether a request’s Host header names this program: a page elsewhere cannot reach it by a name of its own. */
export function isNamed(header: string | null, env: Env): boolean {
  const host = (header ?? '').toLowerCase().replace(/:\d+$/, '')
  if (isLoopback(host)) return true
  if (!isOpen(env)) return false
  return namesIn(env).includes(host) || ownAddresses().includes(host.replace(/^\[|\]$/g, ''))
}
