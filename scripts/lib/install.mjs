import { execFileSync, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { say, stop } from './say.mjs'

const has = (name) => spawnSync('sh', ['-c', `command -v ${name}`], { stdio: 'ignore' }).status === 0

/**
 * Installs the npm packages of the lock file (npm install: a lock written where other platforms' optional packages are
 * not served fails npm ci) when they are missing or the lock file has changed.
 */
export function installPackages() {
  const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
  const mark = 'node_modules/.burdock-lock'
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return
  say('installing packages')
  execFileSync('npm', ['install', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  mkdirSync('node_modules', { recursive: true })
  writeFileSync(mark, lock)
}

/** Installs Debian packages that bring the named programs, when a program is missing and we may. */
export function installPrograms(programs) {
  const missing = Object.entries(programs)
    .filter(([name]) => !has(name))
    .map(([, pkg]) => pkg)
  if (missing.length === 0) return
  if (process.getuid?.() !== 0 || !has('apt-get'))
    stop(`please install ${missing.join(', ')} (as root: apt-get install ${missing.join(' ')})`)
  say(`installing ${missing.join(', ')}`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const run = (args) => spawnSync('apt-get', args, { stdio: ['ignore', 'ignore', 'inherit'], env }).status === 0
  if (!run(['update', '-qq']) || !run(['install', '-y', '-qq', '--no-install-recommends', ...missing]))
    stop(`could not install ${missing.join(', ')}`)
}
