import { COOKIE, signOut } from '$lib/server/key/sign-in'
import type { RequestHandler } from './$types'

/** Ends a sign-in, here and in the store. */
export const POST: RequestHandler = async ({ cookies }) => {
  const token = cookies.get(COOKIE)
  if (token !== undefined) await signOut(token)
  cookies.delete(COOKIE, { path: '/' })
  return new Response(null, { status: 303, headers: { location: '/sign-in' } })
}
