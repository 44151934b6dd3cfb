import { z } from 'zod'
import { CUT_STAGES } from '@/core/sticks'
import { answer, type Made, makePaper, bodyOf, refused, type Task, tooBusy } from '@/server'

const PDF = 'application/pdf'
/** Asked for by pages that show how far a paper is: one JSON line a word, the paper itself in the last. */
const LINES = 'application/x-ndjson'

function responseOf(made: Made): Response {
  switch (made.kind) {
    case 'busy':
      return tooBusy()
    case 'cancelled':
      return new Response(null, { status: 499 })
    case 'made':
      return made.result.ok
        ? new Response(new Uint8Array(made.result.value), {
            headers: { 'content-type': PDF, 'cache-control': 'no-store' },
          })
        : refused(made.result.issues)
  }
}

/** The last word: the paper, or why there is none, with the status that a plain answer would have had. */
const lastWord = (made: Made): object => {
  if (made.kind !== 'made') return { status: made.kind === 'busy' ? 503 : 499 }
  const { result } = made
  return result.ok ? { pdf: Buffer.from(result.value).toString('base64') } : { status: 422, issues: result.issues }
}

/** A paper told as it is made: lines of how much is drawn, then the paper. Leaving ends the work. */
function told(task: Task, signal: AbortSignal): Response {
  const encoder = new TextEncoder()
  const leaves = new AbortController()
  signal.addEventListener('abort', () => leaves.abort())
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const line = (value: object) => {
        if (!leaves.signal.aborted) controller.enqueue(encoder.encode(`${JSON.stringify(value)}\n`))
      }
      line({ drawn: 0 })
      const drawn = (share: number) => line({ drawn: share })
      const made = await makePaper(task, { signal: leaves.signal, drawn }).catch(() => null)
      line(made ? lastWord(made) : { status: 500 })
      if (!leaves.signal.aborted) controller.close()
    },
    cancel: () => leaves.abort(),
  })
  return new Response(stream, { headers: { 'content-type': LINES, 'cache-control': 'no-store, no-transform' } })
}

/** A route that turns the job in a request, saved or not, into a PDF; `schema` says what else the request holds. */
const paperRoute =
  <T>(schema: z.ZodType<T>, taskOf: (body: T) => Task) =>
  (request: Request) =>
    answer(request, async () => {
      const parsed = await bodyOf(request, schema)
      if (!parsed.ok) return parsed.response
      const task = taskOf(parsed.value)
      if (request.headers.get('accept') === LINES) return told(task, request.signal)
      return responseOf(await makePaper(task, { signal: request.signal, drawn: () => undefined }))
    })

const stamp = { doc: z.unknown(), date: z.string().max(40), revision: z.string().max(40) }

/** Crew book: it takes the readings of the site with it where there are any. */
export const crewBookRoute = paperRoute(
  z.strictObject({ ...stamp, records: z.unknown().optional() }),
  ({ records, ...body }) => ({ paper: 'crew-book', ...body, records: records ?? [] }),
)

/** Calculation sheet. */
export const calcSheetRoute = paperRoute(z.strictObject(stamp), (body) => ({ paper: 'calc-sheet', ...body }))

/** Drawings to scale. */
export const drawingsRoute = paperRoute(z.strictObject(stamp), (body) => ({ paper: 'drawings', ...body }))

/** Sheets of the work on site. */
export const fieldSheetsRoute = paperRoute(
  z.strictObject({
    ...stamp,
    records: z.unknown(),
    page: z.url({ protocol: /^https?$/ }).max(300),
    perSheet: z.literal([2, 4]).default(4),
  }),
  (body) => ({ paper: 'field-sheets', ...body }),
)

/** The record of a job as it was built. */
export const siteRecordRoute = paperRoute(z.strictObject({ ...stamp, records: z.unknown() }), (body) => ({
  paper: 'site-record',
  ...body,
}))

/** A story pole at 1:1. */
export const stripsRoute = paperRoute(z.strictObject({ ...stamp, post: z.string().max(60) }), (body) => ({
  paper: 'pole-strips',
  ...body,
}))

/** Labels for the pieces of a stage. */
export const labelsRoute = paperRoute(
  z.strictObject({
    ...stamp,
    stage: z.enum(['all', ...CUT_STAGES]),
    page: z.url({ protocol: /^https?$/ }).max(300),
  }),
  (body) => ({ paper: 'piece-labels', ...body }),
)

/** What is still to be cut of a stage, board by board. */
export const cutListRoute = paperRoute(
  z.strictObject({ ...stamp, records: z.unknown(), stage: z.enum(['all', ...CUT_STAGES]) }),
  (body) => ({ paper: 'cut-list', ...body }),
)
