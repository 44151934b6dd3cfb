import { answer, dataOf, refused } from '@/server'

export const dynamic = 'force-dynamic'

/** All that is held of a person, as a file. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => {
    const data = await dataOf((await params).id)
    if (!data.ok) return refused(data.issues)
    return new Response(JSON.stringify(data.value, null, 2), {
      headers: {
        'content-type': 'application/json',
        'content-disposition': 'attachment; filename="person.json"',
        'cache-control': 'no-store',
      },
    })
  })
