// npm test : lint, types, dependency rules, unit tests, end-to-end tests; one closing line. npm run e2e : the last alone.
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { installPackages, installPrograms } from './lib/install.mjs'

installPackages()
installPrograms({
  'mariadb-install-db': 'mariadb-server',
  chromium: 'chromium',
  chromedriver: 'chromium-driver',
  pdftotext: 'poppler-utils',
})
/** Parts of the names of the end-to-end tests to run: npm run e2e -- identity */
const only = process.argv.slice(2).filter((word) => word !== '--e2e')
let passed = 0
let failed = 0
const node = (name, args, env = {}) => {
  const r = spawnSync(process.execPath, args, {
    encoding: 'utf8',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
    maxBuffer: 1 << 26,
  })
  console.log(`${r.status === 0 ? 'ok   ' : 'FAIL '} ${name}`)
  if (r.status !== 0) console.log(`${r.stdout}\n${r.stderr}`)
  return r
}
/** Tests on the whole application: its servers by themselves, then as people use it. */
const PROJECTS = [
  ['office', 'tests of the office'],
  ['e2e', 'end-to-end tests'],
]
const check = (name, args) => {
  if (node(name, args).status === 0) passed++
  else failed++
}
/** Adds what a run of jest has written of itself; one that has written nothing has failed. */
const count = (out) => {
  try {
    const said = JSON.parse(readFileSync(out, 'utf8'))
    passed += said.numPassedTests
    failed += said.numFailedTests + said.numRuntimeErrorTestSuites
  } catch {
    failed++
  }
}
const jest = (name, project, env) => {
  const out = path.join(mkdtempSync(path.join(os.tmpdir(), 'burdock-jest-')), 'r.json')
  const r = node(
    name,
    [
      'node_modules/jest/bin/jest.js',
      '--selectProjects',
      project,
      '--json',
      `--outputFile=${out}`,
      ...(project === 'e2e' ? ['--runInBand', '--testTimeout=90000'] : ['--maxWorkers=2', '--testTimeout=30000']),
    ],
    env,
  )
  count(out)
  if (r.status !== 0 && failed === 0) failed++
}
if (!process.argv.includes('--e2e')) {
  check('format', ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.'])
  check('words listed', ['scripts/words.mjs', '--check'])
  check('help from the glossary', ['scripts/glossary.mjs', '--check'])
  check('lint', ['node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0'])
  check('nothing unused', ['node_modules/knip/bin/knip.js', '--no-progress'])
  check('types', ['node_modules/typescript/bin/tsc', '--noEmit'])
  check('types of the core alone', ['node_modules/typescript/bin/tsc', '--noEmit', '-p', 'src/core/tsconfig.json'])
  check('dependency rules', [
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    'src',
    '--config',
    '.dependency-cruiser.cjs',
    '--output-type',
    'err',
  ])
  jest('unit tests', 'unit')
}
if (process.env.BURDOCK_SKIP_E2E !== '1') {
  const { freshSite } = await import('./lib/site.mjs')
  let site = null
  try {
    site = await freshSite()
    // The tests stop and start the database and the server themselves, through a small control door on loopback.
    const { createServer } = await import('node:http')
    const door = createServer((q, a) => {
      const asked = {
        '/stop': () => site.stopDatabase(),
        '/start': () => site.startDatabase(),
        '/stop-server': () => site.stopServer(),
        '/start-server': () => site.startServer(),
      }[q.url]
      void asked().then(
        () => a.end('ok'),
        (e) => {
          a.statusCode = 500
          a.end(String(e))
        },
      )
    })
    await new Promise((r) => door.listen(0, '127.0.0.1', r))
    const { spawn } = await import('node:child_process')
    for (const [project, name] of PROJECTS) {
      const out = path.join(mkdtempSync(path.join(os.tmpdir(), 'burdock-jest-')), 'r.json')
      const code = await new Promise((resolve) => {
        // Not spawnSync: the door must answer meanwhile.
        const c = spawn(
          process.execPath,
          [
            'node_modules/jest/bin/jest.js',
            '--selectProjects',
            project,
            '--runInBand',
            '--passWithNoTests',
            '--testTimeout=90000',
            ...only,
            '--json',
            `--outputFile=${out}`,
          ],
          {
            stdio: ['ignore', 'ignore', 'inherit'],
            env: {
              ...process.env,
              BURDOCK_BASE: site.base,
              BURDOCK_DATABASE: site.database,
              BURDOCK_SERVER_PORT: new URL(site.servers()[0].base).port,
              BURDOCK_LOGFILE: site.log,
              BURDOCK_METRICS: site.metrics,
              BURDOCK_DOOR: `http://127.0.0.1:${door.address().port}`,
            },
          },
        )
        c.on('exit', resolve)
      })
      console.log(`${code === 0 ? 'ok   ' : 'FAIL '} ${name}`)
      count(out)
    }
    door.close()
  } catch (e) {
    failed++
    console.log('FAIL  end-to-end tests:', e instanceof Error ? e.message : e)
  } finally {
    await site?.stop()
  }
}
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed ? 1 : 0)
