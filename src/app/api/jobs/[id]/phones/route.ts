import { answer, fromSave, phonesOn } from '@/server'

export const dynamic = 'force-dynamic'

/** Who is on site with which phone, what waits there, and how old its plan is. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => {
    const on = await phonesOn((await params).id)
    return on ? Response.json(on, { headers: { 'cache-control': 'no-store' } }) : fromSave({ kind: 'gone' })
  })
