import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { queryOf, refuse, send } from '$lib/server/http'
import { besideStored } from '$lib/server/paper'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** Sheets of a stored job: all as `format` pdf, one as svg, or all views at full size as dxf; `what` says of what, `docs/API.md` the rest. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const query = queryOf(url)
    const sheets = await jobs.answer(params.id, async (document, revision) =>
      heavy(
        'paper',
        document,
        query,
        await besideStored(params.id, document, revision, {
          withPhotos: query.photos === '1',
          history: query.what === 'history' ? await jobs.history(params.id) : undefined,
        }),
      ),
    )
    return sheets === undefined ? refuse(404, NO_SUCH_JOB) : send(sheets)
  })
