import { spawn, spawnSync } from 'node:child_process'
import { chownSync, existsSync, mkdirSync, rmSync } from 'node:fs'
import { createConnection } from 'node:net'
import os from 'node:os'
import path from 'node:path'
import { stop } from './say.mjs'

const root = process.getuid?.() === 0
const knock = (port) =>
  new Promise((resolve) => {
    const s = createConnection({ port, host: '127.0.0.1' }, () => {
      s.end()
      resolve(true)
    })
    s.on('error', () => resolve(false))
  })
const wait = (ms) => new Promise((r) => setTimeout(r, ms))
const server = () =>
  ['mariadbd', '/usr/sbin/mariadbd', 'mysqld'].find(
    (p) => spawnSync(p, ['--version'], { stdio: 'ignore' }).status === 0,
  )

/**
 * Starts a private MariaDB on loopback with its own data folder and returns its URL and a stop function.
 * As root the server runs as the user mysql, which must be able to enter the folder.
 */
export async function startDatabase({ folder, port, database = 'burdock' }) {
  const data = path.resolve(folder, 'mariadb')
  // A Unix socket path has a short limit and needs a folder both users may enter: the system's temporary one.
  const socket = path.join(os.tmpdir(), `burdock-${port}.sock`)
  const program = server() ?? stop('MariaDB is not installed')
  const own = root ? ['--user=mysql'] : []
  const fresh = !existsSync(path.join(data, 'mysql'))
  mkdirSync(data, { recursive: true })
  if (root) {
    const [uid, gid] = ['-u', '-g'].map((f) => Number(spawnSync('id', [f, 'mysql'], { encoding: 'utf8' }).stdout))
    chownSync(data, uid, gid)
  }
  if (fresh) {
    const made = spawnSync(
      'mariadb-install-db',
      [`--datadir=${data}`, '--auth-root-authentication-method=normal', '--skip-test-db', ...own],
      { encoding: 'utf8' },
    )
    if (made.status !== 0) {
      rmSync(data, { recursive: true, force: true })
      stop(`could not make the database folder: ${(made.stderr || made.stdout || '').trim().split('\n').pop()}`)
    }
  }
  const child = spawn(
    program,
    [
      '--no-defaults',
      `--datadir=${data}`,
      `--port=${port}`,
      '--bind-address=127.0.0.1',
      `--socket=${socket}`,
      `--pid-file=${data}/server.pid`,
      '--skip-name-resolve',
      '--character-set-server=utf8mb4',
      '--innodb-flush-log-at-trx-commit=1',
      '--log-error=' + path.join(data, 'server.log'),
      ...own,
    ],
    { stdio: 'ignore', detached: true },
  )
  let gone = false
  child.on('exit', () => {
    gone = true
  })
  for (let i = 0; i < 300 && !gone && !(await knock(port)); i++) await wait(50)
  if (gone || !(await knock(port)))
    stop(`the database did not start; its log is ${path.relative('.', path.join(data, 'server.log'))}`)
  const sql = spawnSync(
    'mariadb',
    [
      '--no-defaults',
      `--socket=${socket}`,
      '-uroot',
      '-e',
      `CREATE DATABASE IF NOT EXISTS ${database} CHARACTER SET utf8mb4; CREATE USER IF NOT EXISTS ` +
        `'root'@'127.0.0.1'; GRANT ALL ON *.* TO 'root'@'127.0.0.1'`,
    ],
    { encoding: 'utf8' },
  )
  if (sql.status !== 0) stop(`could not prepare the database: ${sql.stderr.trim()}`)
  const end = async () => {
    if (!gone) {
      child.kill('SIGTERM')
      for (let i = 0; i < 200 && !gone; i++) await wait(50)
      if (!gone) child.kill('SIGKILL')
    }
  }
  return { url: `mysql://root@127.0.0.1:${port}/${database}`, stop: end }
}
