import { listenTo, mayListen } from '@/server'

export const dynamic = 'force-dynamic'

/** Time between two signs of life, ms: a proxy lets go of a connection that says nothing. */
const ALIVE_MS = 15_000

/** News of a job as server-sent events. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params
  const refusal = mayListen()
  if (refusal) return refusal
  const encoder = new TextEncoder()
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const send = (text: string) => controller.enqueue(encoder.encode(text))
      const leave = listenTo(id, (news) => send(`event: news\nid: ${news.last}\ndata: ${JSON.stringify(news)}\n\n`))
      const alive = setInterval(() => send(': here\n\n'), ALIVE_MS)
      request.signal.addEventListener('abort', () => {
        leave()
        clearInterval(alive)
        controller.close()
      })
      send(': here\n\n')
    },
  })
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-store, no-transform',
      'x-accel-buffering': 'no',
    },
  })
}
