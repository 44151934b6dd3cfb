import { listenTo, mayListen, personOf, stillIn } from '@/server'

export const dynamic = 'force-dynamic'

/** Time between two signs of life, ms: a proxy lets go of a connection that says nothing. */
const ALIVE_MS = 15_000
/** How often it is asked whether whoever listens may still come in, ms. */
const ASKED_MS = 5000
/** Words that may wait for a reader who is slow; beyond it the stream ends, and the reader asks by the cursor. */
const MOST_WAITING = 32

/** News of a job as server-sent events. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params
  const refusal = mayListen()
  if (refusal) return refusal
  const person = personOf(request.headers)
  const encoder = new TextEncoder()
  let end: () => void = () => undefined
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      let open = true
      end = () => {
        if (!open) return
        open = false
        leave()
        clearInterval(alive)
        clearInterval(asking)
        controller.close()
      }
      const send = (text: string) => {
        if (open) controller.enqueue(encoder.encode(text))
        if ((controller.desiredSize ?? 0) < -MOST_WAITING) end()
      }
      const leave = listenTo(id, (news) => send(`event: news\nid: ${news.last}\ndata: ${JSON.stringify(news)}\n\n`))
      const alive = setInterval(() => send(': here\n\n'), ALIVE_MS)
      // One who was signed in when the stream began may be out since.
      const ask = async () => {
        if (person && !(await stillIn(person.session).catch(() => true))) end()
      }
      const asking = setInterval(() => void ask(), ASKED_MS)
      send(': here\n\n')
    },
    cancel: () => end(),
  })
  request.signal.addEventListener('abort', () => end())
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-store, no-transform',
      'x-accel-buffering': 'no',
    },
  })
}
