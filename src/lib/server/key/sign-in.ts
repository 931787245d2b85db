import { dataFolder } from '../data-folder'
import { isOpen } from '../reach'
import { sessions } from '../store'
import { Attempts } from './attempts'
import { isKey, keyId } from './shop-key'

export const COOKIE = 'zimmerman'

/** Whether everyone who asks must be signed in. */
export const asksKey = (): boolean => isOpen(process.env)

/** Who has a cookie that counts; undefined for anyone else. */
export async function whoHas(token: string | undefined): Promise<string | undefined> {
  const key = keyId(dataFolder())
  if (token === undefined || key === undefined) return undefined
  return (await sessions()).who(token, key, new Date().toISOString())
}

const attempts = new Attempts()

export type SignedIn =
  | { readonly ok: true; readonly token: string }
  | { readonly ok: false; readonly message: string; readonly waitS: number }

/** Signs someone in who knows the key; who guesses has to wait. */
export async function signIn(who: string, key: string, address: string): Promise<SignedIn> {
  const now = new Date()
  const waitS = attempts.waitS(address, now.getTime())
  if (waitS > 0) return { ok: false, message: `Too many wrong keys: try again in ${waitS} s.`, waitS }
  const data = dataFolder()
  if (!(await attempts.look(address, now.getTime(), () => isKey(data, key))))
    return { ok: false, message: 'That is not the workshop key.', waitS: 0 }
  return { ok: true, token: await (await sessions()).begin(who, keyId(data)!, now.toISOString()) }
}

export const signOut = async (token: string): Promise<void> => (await sessions()).end(token)
