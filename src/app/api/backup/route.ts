import { Readable } from 'node:stream'
import { answer, backup, copyName } from '@/server'

export const dynamic = 'force-dynamic'

/** Everything that the database holds, as one file. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const now = new Date()
    const stream = backup(now)
    request.signal.addEventListener('abort', () => stream.destroy())
    return new Response(Readable.toWeb(stream) as ReadableStream<Uint8Array>, {
      headers: {
        'content-type': 'application/zip',
        'content-disposition': `attachment; filename="${copyName(now)}"`,
        'cache-control': 'no-store',
      },
    })
  })
