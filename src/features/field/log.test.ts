import { createFieldLog } from './log'

// A browser that keeps nothing (no IndexedDB here) and no server: nothing said is lost from the page, and it is told.
const page = globalThis as { window?: unknown }
const realFetch = globalThis.fetch
beforeEach(() => {
  page.window = { addEventListener: () => undefined, removeEventListener: () => undefined }
})
afterEach(() => {
  delete page.window
  globalThis.fetch = realFetch
})
const settled = () => new Promise((resolve) => setTimeout(resolve, 30))

test('a browser that refuses to keep records is said, and the record waits in the page', async () => {
  globalThis.fetch = () => Promise.reject(new TypeError('no network'))
  const { log, stop } = createFieldLog('job')
  log.getState().add({ kind: 'state', post: 'A1', state: 'cut' })
  await settled()
  expect(log.getState()).toMatchObject({ keeps: false, link: 'away', waiting: 1 })
  expect(log.getState().state.states.A1).toBe('cut')
  stop()
})
test('a server that is not there, one that breaks and one that refuses are told apart', async () => {
  const answers = [new Response('', { status: 500 }), Response.json({ issues: [] }, { status: 422 })]
  for (const [answer, link] of [
    [answers[0], 'away'],
    [answers[1], 'online'],
  ] as const) {
    globalThis.fetch = () => Promise.resolve(answer)
    const { log, stop } = createFieldLog('job')
    log.getState().add({ kind: 'state', post: 'A1', state: 'cut' })
    await settled()
    expect(log.getState()).toMatchObject({ link, waiting: 1 })
    stop()
  }
})
test('what the server has taken no longer waits, whatever else its answer says', async () => {
  globalThis.fetch = () => Promise.resolve(Response.json({ kind: 'ok', records: [], last: 5 }))
  const { log, stop } = createFieldLog('job')
  log.getState().add({ kind: 'state', post: 'A1', state: 'cut' })
  await settled()
  expect(log.getState()).toMatchObject({ link: 'online', waiting: 0 })
  stop()
})
test('one record that the server turns away stays here with its reason; the others are sent, and it is not sent again', async () => {
  const bodies: { records: { id: string }[] }[] = []
  let turned: string | undefined
  globalThis.fetch = (_, init) => {
    const body = init?.body ? (JSON.parse(init.body as string) as { records: { id: string }[] }) : { records: [] }
    bodies.push(body)
    turned ??= body.records[0]?.id
    const refused = body.records
      .filter(({ id }) => id === turned)
      .map(({ id }) => ({ id, issues: [{ code: 'name-of-two' }] }))
    return Promise.resolve(Response.json({ kind: 'ok', records: [], last: 5, refused }))
  }
  const { log, stop } = createFieldLog('job')
  for (const post of ['J1', 'p-a1']) log.getState().add({ kind: 'state', post, state: 'cut' })
  await settled()
  await log.getState().sync()
  await settled()
  const sent = bodies.flatMap(({ records }) => records.map(({ id }) => id))
  expect(new Set(sent).size).toBe(2)
  expect(sent).toHaveLength(2)
  expect(log.getState()).toMatchObject({ link: 'online', waiting: 1, refused: [{ issues: [{ code: 'name-of-two' }] }] })
  stop()
})
