import { spawn } from 'node:child_process'
import { copyFileSync, existsSync, mkdirSync, readdirSync, statSync, truncateSync } from 'node:fs'
import path from 'node:path'
import { say } from './say.mjs'

const HOUR_MS = 3_600_000
/** Time from a start to the first look, ms: whoever starts wants to see the first page. */
const FIRST_MS = 5000
/** The hour of the night, by the clock of the machine. */
const AT_HOUR = 2
/** A log this long is put aside, bytes; one earlier is kept. */
const MOST_LOG = 20_000_000

const today = () => `burdock-${new Date().toISOString().slice(0, 10)}.zip`

/** Whether a copy is due: none of today, and it is night, or the last is older than a day. */
function isDue(folder) {
  const names = readdirSync(folder).filter((name) => /^burdock-[\d-]{10}\.zip$/.test(name))
  if (names.includes(today())) return false
  const newest = Math.max(0, ...names.map((name) => statSync(path.join(folder, name)).mtimeMs))
  return new Date().getHours() === AT_HOUR || Date.now() - newest > 24 * HOUR_MS
}

/** Puts the log aside when it is long. The server goes on writing to the same file: it is emptied, not moved. */
function turnLog(log) {
  if (!existsSync(log) || statSync(log).size < MOST_LOG) return
  copyFileSync(log, `${log}.1`)
  truncateSync(log)
}

/** Copies the database every night while Burdock runs, and at a start where the last copy is older than a day. */
export function nightly({ folder, url, data, log }) {
  const copies = path.join(folder, 'backups')
  mkdirSync(copies, { recursive: true, mode: 0o700 })
  let child = null
  const look = () => {
    try {
      turnLog(log)
      if (child || !isDue(copies)) return
    } catch (e) {
      return say(`the nightly copy has to wait: ${e.message}`)
    }
    child = spawn(
      process.execPath,
      ['--import', 'tsx', '--conditions=react-server', 'scripts/backupRun.ts', 'nightly', copies],
      {
        stdio: ['ignore', 'ignore', 'pipe'],
        env: { ...process.env, DATABASE_URL: url, ...(data ? { BURDOCK_DATADIR: data } : {}) },
      },
    )
    let said = ''
    child.stderr.on('data', (text) => (said += text))
    child.on('exit', (code) => {
      child = null
      if (code !== 0) say(`the nightly copy was not made: ${said.trim().split('\n').pop()}`)
    })
  }
  const timer = setInterval(look, HOUR_MS / 4)
  const first = setTimeout(look, FIRST_MS)
  return {
    stop: () => {
      clearInterval(timer)
      clearTimeout(first)
      child?.kill()
    },
  }
}
