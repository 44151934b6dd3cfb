import { answer, fromSave, jobOfRevision, refused } from '@/server'

export const dynamic = 'force-dynamic'
type Params = { params: Promise<{ id: string; revision: string }> }

/** The job as it was at a revision. */
export const GET = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const { id, revision } = await params
    const found = await jobOfRevision(id, Number(revision))
    if (found === null) return fromSave({ kind: 'gone' })
    return found.ok ? Response.json(found.value) : refused(found.issues)
  })
