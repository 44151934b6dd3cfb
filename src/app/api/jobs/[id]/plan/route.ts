import { answer, fromSave, planForPhone, refused, tooBusy } from '@/server'

export const dynamic = 'force-dynamic'

const NO_STORE = { 'content-type': 'application/json', 'cache-control': 'no-store' }

/** The revision that a phone says it has; null where it has none, or says it oddly. */
function hasOf(request: Request): number | null {
  const has = Number(new URL(request.url).searchParams.get('has') ?? Number.NaN)
  return Number.isSafeInteger(has) ? has : null
}

/** The plan of a job as phones have it; nothing but its revision where the phone has it already. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => {
    const reply = await planForPhone((await params).id, hasOf(request), request.signal)
    switch (reply.kind) {
      case 'plan': {
        // It was made as text, and is put between the words around it as it is.
        const [before, after] = [`{"revision":${reply.revision},"plan":`, '}'].map((text) => Buffer.from(text))
        return new Response(Buffer.concat([before, reply.json, after]), { headers: NO_STORE })
      }
      case 'same':
        return Response.json({ revision: reply.revision }, { headers: NO_STORE })
      case 'refused':
        return refused(reply.issues)
      case 'busy':
        return tooBusy()
      case 'gone':
        return fromSave({ kind: 'gone' })
    }
  })
