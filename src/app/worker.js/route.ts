import { readFile } from 'node:fs/promises'
import path from 'node:path'

export const dynamic = 'force-dynamic'

/** The worker that keeps the field pages and the pocket. It lies beside the build that it keeps. */
export async function GET() {
  const dist = process.env.BURDOCK_DIST ?? '.next'
  try {
    const code = await readFile(path.join(process.cwd(), dist, 'site-worker.js'), 'utf8')
    return new Response(code, {
      headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' },
    })
  } catch {
    // Sources that are served without a build keep nothing.
    return new Response(null, { status: 404 })
  }
}
