import { type ChildProcess, spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { startDatabaseNear } from '../../scripts/lib/database.mjs'
import { freePort } from '../../scripts/lib/ports.mjs'

// npm start keeps what it starts, ends what it left, and says in words what stands in its way. Each start here is a real
// one, on a folder of its own.
const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-start-test-'))
let port = 0
let running: { child: ChildProcess; said: () => string } | null = null

const environment = (extra: Readonly<Record<string, string>> = {}): NodeJS.ProcessEnv => {
  const env: NodeJS.ProcessEnv = { ...process.env, BURDOCK_DATA: folder, PORT: String(port), ...extra }
  delete env.DATABASE_URL
  return env
}
/** A start whose words can be read; `node` itself, so that the number is the starter's own. */
function start(extra: Readonly<Record<string, string>> = {}) {
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    env: environment(extra),
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  })
  let text = ''
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part: Buffer) => (text += part.toString()))
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve))
  return { child, said: () => text, ended }
}
async function until(what: string, seen: () => boolean | Promise<boolean>, patienceMs = 30_000) {
  const end = Date.now() + patienceMs
  while (Date.now() < end) {
    if (await seen()) return
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
  throw new Error(`${what}; said: ${running?.said() ?? ''}`)
}
const ready = async () => {
  try {
    return (await fetch(`http://127.0.0.1:${port}/api/ready`)).ok
  } catch {
    return false
  }
}
const note = () =>
  JSON.parse(readFileSync(path.join(folder, 'running.json'), 'utf8')) as {
    children: { what: string; pid: number }[]
  }
const pidOf = (what: string) => note().children.find((child) => child.what === what)?.pid ?? 0
const lives = (pid: number) => {
  try {
    return !readFileSync(`/proc/${pid}/stat`, 'utf8').includes(') Z')
  } catch {
    return false
  }
}
async function up(extra: Readonly<Record<string, string>> = {}) {
  const made = start(extra)
  running = made
  await until('it was not ready', () => made.said().includes('ready on'))
  return made
}
async function down(made: Awaited<ReturnType<typeof up>>, signal: NodeJS.Signals = 'SIGTERM') {
  made.child.kill(signal)
  return made.ended
}

beforeAll(async () => {
  port = await freePort()
})
afterAll(async () => {
  running?.child.kill('SIGTERM')
  await new Promise((resolve) => setTimeout(resolve, 1500))
  rmSync(folder, { recursive: true, force: true })
})

test('a database and a server that die are started again, with a line each', async () => {
  const made = await up()
  for (const what of ['database', 'server']) {
    const pid = pidOf(what)
    process.kill(pid, 'SIGKILL')
    await until(`the ${what} did not come back`, async () => pidOf(what) !== pid && (await ready()))
    expect(made.said()).toMatch(new RegExp(`the ${what} stopped \\(signal SIGKILL\\): started again in [\\d.]+ s`))
    expect(made.said()).toContain(`the ${what} is back`)
  }
  expect(await down(made)).toBe(0)
}, 90_000)

test('a server that lives and answers nobody is ended and started again', async () => {
  const made = await up({ BURDOCK_WATCH_MS: '300' })
  const pid = pidOf('server')
  process.kill(pid, 'SIGSTOP')
  await until('it did not come back', async () => pidOf('server') !== pid && (await ready()))
  expect(made.said()).toContain('the server lives but answers nobody: it is ended')
  expect(await down(made)).toBe(0)
}, 60_000)

test('a second start in the same folder says where the first is, and leaves it alone', async () => {
  const made = await up()
  const second = spawnSync(process.execPath, ['scripts/start.mjs'], { encoding: 'utf8', env: environment() })
  expect([second.status, second.stdout]).toEqual([
    0,
    expect.stringContaining(`already running at http://127.0.0.1:${port}`),
  ])
  expect(await ready()).toBe(true)
  // A folder without a copy gets one soon after the start.
  const copy = path.join(folder, 'backups', `burdock-${new Date().toISOString().slice(0, 10)}.zip`)
  await until('no copy was made', () => existsSync(copy))
  expect(readFileSync(copy).subarray(0, 2).toString()).toBe('PK')
  expect(await down(made)).toBe(0)
}, 60_000)

test.each<[string, NodeJS.Signals]>([
  ['a closed terminal', 'SIGHUP'],
  ['a polite end', 'SIGTERM'],
])(
  '%s leaves no process behind',
  async (_, signal) => {
    const made = await up()
    const pids = [pidOf('database'), pidOf('server')]
    await down(made, signal)
    expect(pids.map(lives)).toEqual([false, false])
  },
  60_000,
)

test('kill -9 of the starter: the server ends by itself, the next start ends the database and goes on', async () => {
  const made = await up()
  const [database, server] = [pidOf('database'), pidOf('server')]
  await down(made, 'SIGKILL')
  await until('the server stayed', () => !lives(server))
  expect(lives(database)).toBe(true)
  const next = await up()
  expect(next.said()).toContain(`ending what an earlier start left running (database, process ${database})`)
  expect(lives(database)).toBe(false)
  expect(await ready()).toBe(true)
  await down(next)
}, 90_000)

test('an orphan that nobody has noted is known by its folder', async () => {
  const made = await up()
  const database = pidOf('database')
  await down(made, 'SIGKILL')
  rmSync(path.join(folder, 'running.json'))
  const next = await up()
  expect(next.said()).toContain(`ending the database that an earlier start left running (process ${database})`)
  await down(next)
}, 90_000)

test('a number that the system has given to another process is not ended', async () => {
  const bystander = spawn('sleep', ['60'])
  writeFileSync(
    path.join(folder, 'running.json'),
    JSON.stringify({
      owner: { pid: bystander.pid, began: '1' },
      children: [{ what: 'database', pid: bystander.pid, began: '1' }],
    }),
  )
  const made = await up()
  expect(lives(bystander.pid ?? 0)).toBe(true)
  bystander.kill()
  await down(made)
}, 60_000)

test('a migration that was cut short is gone on with, also where its lock was left', async () => {
  const made = await up()
  const sql = (text: string) => {
    const socket = readFileSync(`/proc/${pidOf('database')}/cmdline`, 'utf8').match(/--socket=([^\0]+)/)?.[1]
    const done = spawnSync('mariadb', [`--socket=${socket}`, 'burdock', '-N', '-e', text], { encoding: 'utf8' })
    expect(done.stderr).toBe('')
    return done.stdout.trim()
  }
  // As after a cut between each step and its note: all was done, nothing was noted, and the lock is still there.
  sql('DELETE FROM knex_migrations; UPDATE knex_migrations_lock SET is_locked = 1')
  const before = sql('SELECT COUNT(*), MAX(seq) FROM records')
  await down(made)
  const next = await up()
  expect(next.said()).toContain('migrated 001_jobs')
  expect(sql('SELECT COUNT(*), MAX(seq) FROM records')).toBe(before)
  await down(next)
}, 90_000)

test('the application has an account of its own, with rights on its own schema and a password that only its user reads', async () => {
  const made = await up()
  const file = path.join(folder, 'database-password')
  expect(statSync(file).mode & 0o777).toBe(0o600)
  const password = readFileSync(file, 'utf8').trim()
  expect(password.length).toBeGreaterThanOrEqual(32)
  const databasePort = /--port=(\d+)/.exec(readFileSync(`/proc/${pidOf('database')}/cmdline`, 'utf8'))?.[1]
  const as = (user: string, secret: string, text: string) =>
    spawnSync(
      'mariadb',
      ['--no-defaults', '-h127.0.0.1', `-P${databasePort}`, `-u${user}`, `-p${secret}`, '-N', '-e', text],
      {
        encoding: 'utf8',
      },
    )
  expect(as('burdock', password, 'SELECT COUNT(*) FROM burdock.jobs').stdout.trim()).toBe('3')
  expect(as('burdock', password, 'SELECT COUNT(*) FROM mysql.user').stderr).toMatch(/denied/)
  expect(as('burdock', password, 'CREATE DATABASE another').stderr).toMatch(/denied/)
  for (const secret of ['', 'wrong']) expect(as('root', secret, 'SELECT 1').stderr).toMatch(/denied|not allowed/i)
  expect(as('burdock', 'wrong', 'SELECT 1').stderr).toMatch(/denied/)
  await down(made)
}, 60_000)

test('it never talks to another folder’s database, though it sits on our port', async () => {
  const made = await up()
  const url = new URL(String(process.env.BURDOCK_DATABASE))
  // The server of the tests is another folder's: asked as if it were ours, it is refused before any question.
  const run = spawnSync(process.execPath, ['--import', 'tsx', '--conditions=react-server', 'scripts/migrate.ts'], {
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: url.toString(), BURDOCK_DATADIR: path.join(folder, 'mariadb') },
  })
  expect(run.status).not.toBe(0)
  expect(run.stderr).toContain(`not ${path.join(folder, 'mariadb')}`)
  await down(made)
}, 60_000)

describe('what stands in the way is said in words', () => {
  const tried = (extra: Readonly<Record<string, string>>) => {
    const { status, stderr, stdout } = spawnSync(process.execPath, ['scripts/start.mjs'], {
      encoding: 'utf8',
      env: environment(extra),
    })
    return { status, text: stderr + stdout }
  }
  test('a file in the place of the folder', () => {
    const file = path.join(folder, 'a-file')
    writeFileSync(file, '')
    expect(tried({ BURDOCK_DATA: path.join(file, 'data') })).toEqual({
      status: 1,
      text: expect.stringContaining('there is a file in its place'),
    })
  })
  test('a port that is taken', async () => {
    const other = path.join(folder, 'other')
    mkdirSync(other)
    const { createServer } = await import('node:net')
    const taken = createServer().listen(0, '127.0.0.1')
    await new Promise((resolve) => taken.on('listening', resolve))
    const address = taken.address()
    const its = typeof address === 'object' ? address?.port : 0
    expect(tried({ BURDOCK_DATA: other, PORT: String(its) })).toEqual({
      status: 1,
      text: expect.stringContaining(`port ${its} is in use`),
    })
    taken.close()
  })
  test('a database whose port another program takes meanwhile is started at another', async () => {
    const other = path.join(folder, 'third')
    mkdirSync(other)
    const { createServer } = await import('node:net')
    const taken = createServer().listen(0, '127.0.0.1')
    await new Promise((resolve) => taken.on('listening', resolve))
    const address = taken.address()
    const its = typeof address === 'object' ? (address?.port ?? 0) : 0
    const database = await startDatabaseNear(its, { folder: other })
    try {
      expect(database.port).not.toBe(its)
      expect(database.url).toContain(`:${database.port}/burdock`)
    } finally {
      await database.stop()
      taken.close()
    }
  })
  test('a port that is none', () =>
    expect(tried({ PORT: 'http' })).toEqual({ status: 1, text: expect.stringContaining('PORT should be a number') }))
})
