import { issue } from '@/core/result'
import { answer, refused, restoreUpload } from '@/server'

export const dynamic = 'force-dynamic'

/** Puts a backup into the database and tells what became of each job. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const isZip = request.headers.get('content-type') === 'application/zip'
    if (!isZip || !request.body) return refused([issue('not-a-backup')])
    const report = await restoreUpload(request.body)
    return report.ok ? Response.json(report.value) : refused(report.issues)
  })
