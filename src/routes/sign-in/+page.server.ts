import { fail, redirect } from '@sveltejs/kit'
import { dev } from '$app/environment'
import { z } from 'zod'
import { asksKey, COOKIE, signIn } from '$lib/server/key/sign-in'
import { SIGNED_IN_DAYS } from '$lib/server/key/session-repository'
import { LONGEST_KEY } from '$lib/server/key/shop-key'
import type { Actions, PageServerLoad } from './$types'

/** Where one wanted to go, on this site; anything else leads to the jobs. */
const within = (to: string | null): string => (to !== null && /^\/(?![/\\])/.test(to) ? to : '/')

export const load: PageServerLoad = ({ url, locals }) => {
  if (!asksKey() || locals.who !== '') redirect(303, within(url.searchParams.get('to')))
}

const schema = z.object({
  who: z.string().trim().min(1, 'Say who you are: the history of each job shows it.').max(40, 'At most 40 letters.'),
  key: z.string().trim().min(1, 'Type the workshop key.').max(LONGEST_KEY, 'That is not a workshop key.'),
})

/** Whether the request came over TLS: to here, or to what stands before this program. */
const isSecure = (request: Request): boolean =>
  !dev && ((process.env.ORIGIN ?? '').startsWith('https:') || request.headers.get('x-forwarded-proto') === 'https')

export const actions: Actions = {
  default: async ({ request, cookies, url, getClientAddress }) => {
    const form = Object.fromEntries(await request.formData())
    const who = typeof form.who === 'string' ? form.who.slice(0, 40) : ''
    const read = schema.safeParse(form)
    if (!read.success) {
      const [issue] = read.error.issues
      return fail(400, { who, field: String(issue!.path[0]), message: issue!.message })
    }
    const done = await signIn(read.data.who, read.data.key, getClientAddress())
    if (!done.ok) return fail(done.waitS > 0 ? 429 : 403, { who, field: 'key', message: done.message })
    cookies.set(COOKIE, done.token, {
      path: '/',
      httpOnly: true,
      sameSite: 'lax',
      secure: isSecure(request),
      maxAge: SIGNED_IN_DAYS * 86_400,
    })
    redirect(303, within(url.searchParams.get('to')))
  },
}
