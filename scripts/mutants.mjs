// npm run mutants [-- --sample N --seed S --only TEXT --seconds T] : changes one small thing of the core at a time (a
// comparison, a sign, a number, a branch) and runs the unit tests: a change that no test notices is printed. The sample
// is drawn by lot with a seed, so that it is the same every time; the changes that once went unnoticed are always in it.
import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { cpSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { installPackages } from './lib/install.mjs'

installPackages()
const { default: ts } = await import('typescript')

/** One that has begun may take so long to end. */
const LAST_MS = 240_000
const option = (name, otherwise) => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? otherwise : process.argv[at + 1]
}
const SAMPLE = Number(option('sample', 69))
const SEED = Number(option('seed', 1))
const ONLY = option('only', '')
/** No change is begun after this: what was tried is judged, what was not is said. */
const UNTIL_MS = performance.now() + 1000 * Number(option('seconds', Infinity)) - LAST_MS
/** A test run longer than this has lost itself in a loop: the change was noticed. */
const MOST_MS = 240_000
/** All tests without a change take longer than the few that come by one. */
const MOST_WHOLE_MS = 1_200_000
/** Least share of changes that the tests must notice. */
const WANTED = 0.85

/** A place's lot: the same as long as its own text and file are, whatever else of the core changes. */
const lotOf = ({ file, was, into, again }) =>
  createHash('sha256').update([SEED, file, was, into, again].join('\n')).digest('hex')

const filesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name)
    if (entry.isDirectory()) return entry.name === 'testing' ? [] : filesIn(file)
    return file.endsWith('.ts') && !file.endsWith('.test.ts') && entry.name !== 'index.ts' ? [file] : []
  })

const K = ts.SyntaxKind
const SWAPS = new Map([
  [K.LessThanToken, '<='],
  [K.LessThanEqualsToken, '<'],
  [K.GreaterThanToken, '>='],
  [K.GreaterThanEqualsToken, '>'],
  [K.PlusToken, '-'],
  [K.MinusToken, '+'],
  [K.AsteriskToken, '/'],
  [K.SlashToken, '*'],
  [K.AmpersandAmpersandToken, '||'],
  [K.BarBarToken, '&&'],
  [K.EqualsEqualsEqualsToken, '!=='],
  [K.ExclamationEqualsEqualsToken, '==='],
])
const isText = (node) =>
  ts.isStringLiteralLike(node) ||
  ts.isTemplateExpression(node) ||
  (ts.isBinaryExpression(node) && [node.left, node.right].some(isText))

/** Comparisons that have a tolerance in them: whether their very edge counts is a matter of a billionth of an inch. */
const EDGES = new Set([K.LessThanToken, K.LessThanEqualsToken, K.GreaterThanToken, K.GreaterThanEqualsToken])
const TOLERANCE = /\b(ROUNDING|SAME_IN|NEGLIGIBLE|FIT|HALF_MARK_IN)\b/
const isEdge = (node, text) =>
  ts.isBinaryExpression(node) && EDGES.has(node.operatorToken.kind) && TOLERANCE.test(text(node))

/** What a node may be changed into, or null. */
function changed(node, source) {
  const text = (part) => part.getText(source)
  if (isEdge(node, text)) return null
  if (ts.isBinaryExpression(node) && SWAPS.has(node.operatorToken.kind) && !isText(node))
    return `${text(node.left)} ${SWAPS.get(node.operatorToken.kind)} ${text(node.right)}`
  if (ts.isNumericLiteral(node) && !ts.isLiteralTypeNode(node.parent) && !ts.isPropertyName(node)) {
    const value = Number(node.text.replaceAll('_', ''))
    return value === 0 ? '1' : String(value * 1.1)
  }
  if (ts.isConditionalExpression(node))
    return `${text(node.condition)} ? ${text(node.whenFalse)} : ${text(node.whenTrue)}`
  if (ts.isCallExpression(node) && /^Math\.(max|min)$/.test(text(node.expression))) {
    const other = text(node.expression) === 'Math.max' ? 'Math.min' : 'Math.max'
    return `${other}(${node.arguments.map(text).join(', ')})`
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === K.ExclamationToken) return text(node.operand)
  return null
}

/** Every place of a file where something may be changed. */
function placesIn(file) {
  const code = readFileSync(file, 'utf8')
  const source = ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true)
  const found = []
  const times = new Map()
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isThrowStatement(node)) return
    const into = changed(node, source)
    const inPattern =
      node.parent &&
      (ts.isElementAccessExpression(node.parent) || (ts.isPropertyAssignment(node.parent) && node.parent.name === node))
    if (into !== null && !inPattern) {
      const from = node.getStart(source)
      const { line } = source.getLineAndCharacterOfPosition(from)
      const was = node.getText(source)
      const again = times.get(was + into) ?? 0
      times.set(was + into, again + 1)
      found.push({ file, from, to: node.end, was, into, again, line: line + 1 })
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

/** Changes that once went unnoticed: the file, what stood there, and how often the text may stand in it. */
const KNOWN = JSON.parse(readFileSync('scripts/mutants.json', 'utf8'))

const all = filesIn('src/core').flatMap(placesIn)
const known = KNOWN.flatMap(({ file, was, into, why }) => {
  const code = readFileSync(file, 'utf8')
  const from = code.indexOf(was)
  if (from < 0) {
    console.error(`${file}: “${was}” (${why}) is no longer there; say in scripts/mutants.json where it went`)
    process.exit(2)
  }
  const line = code.slice(0, from).split('\n').length
  return [{ file, from, to: from + was.length, was, into, line, why, whole: true }]
})
const pool = all
  .filter((place) => place.file.includes(ONLY))
  .map((place) => ({ place, lot: lotOf(place) }))
  .sort((one, other) => (one.lot < other.lot ? -1 : 1))
  .map(({ place }) => place)
// No two in one place: each is switched on alone, but their texts must not lie in each other.
const picked = known.filter((place) => place.file.includes(ONLY))
for (const place of pool) {
  if (picked.length >= SAMPLE) break
  const clash = picked.some((other) => other.file === place.file && place.from < other.to && other.from < place.to)
  if (!clash) picked.push(place)
}

// One copy of the sources holds all changes, each behind its number: a test run is told which one is on.
const copy = mkdtempSync(path.join(os.tmpdir(), 'burdock-mutants-'))
for (const name of ['src', 'demo', 'scripts', 'docs', 'e2e/testing'])
  cpSync(name, path.join(copy, name), { recursive: true })
for (const name of ['package.json', 'tsconfig.json', 'jest.config.cjs']) cpSync(name, path.join(copy, name))
symlinkSync(path.resolve('node_modules'), path.join(copy, 'node_modules'))
for (const file of new Set(picked.map((place) => place.file))) {
  let code = readFileSync(file, 'utf8')
  const own = picked.map((place, number) => ({ ...place, number })).filter((place) => place.file === file)
  for (const { from, to, was, into, number } of own.sort((one, other) => other.from - one.from))
    code = `${code.slice(0, from)}(globalThis.__changed(${number}) ? (${into}) : (${was}))${code.slice(to)}`
  writeFileSync(path.join(copy, file), code)
}
// Each test file tells at its end which of the changes it came by: the others cannot be noticed there.
writeFileSync(
  path.join(copy, 'mutant.cjs'),
  `globalThis.__reached = new Set()
const on = Number(process.env.MUTANT ?? -1)
globalThis.__changed = (number) => {
  globalThis.__reached.add(number)
  return number === on
}\n`,
)
writeFileSync(
  path.join(copy, 'reached.cjs'),
  `const { writeFileSync } = require('node:fs')
const { relative, join } = require('node:path')
if (process.env.REACHED)
  afterAll(() => {
    const file = relative(__dirname, expect.getState().testPath)
    const said = { file, reached: [...globalThis.__reached] }
    writeFileSync(join(process.env.REACHED, file.replaceAll('/', '-') + '.json'), JSON.stringify(said))
  })\n`,
)
writeFileSync(
  path.join(copy, 'jest.mutants.cjs'),
  `const { projects } = require('./jest.config.cjs')
const unit = projects.find((project) => project.displayName === 'unit')
module.exports = {
  ...unit,
  rootDir: __dirname,
  setupFiles: [...(unit.setupFiles ?? []), './mutant.cjs'],
  setupFilesAfterEnv: [...(unit.setupFilesAfterEnv ?? []), './reached.cjs'],
}\n`,
)

/** Runs Jest in the copy; true where all tests pass. `said` takes what Jest says of failures. */
const passes = (args, env = {}, mostMs = MOST_MS, said = null) =>
  new Promise((resolve) => {
    const run = spawn(
      process.execPath,
      ['node_modules/jest/bin/jest.js', '-c', 'jest.mutants.cjs', '--silent', '--testTimeout=30000', ...args],
      {
        cwd: copy,
        env: { ...process.env, BURDOCK_DRAWN: '60', ...env },
        stdio: ['ignore', 'ignore', said ? 'pipe' : 'ignore'],
      },
    )
    run.stderr?.on('data', (text) => said.push(String(text)))
    const timer = setTimeout(() => run.kill('SIGKILL'), mostMs)
    run.on('close', (code) => {
      clearTimeout(timer)
      resolve(code === 0)
    })
  })

// Every test must pass here without a change: one that fails by itself would count as noticing everything.
const reachedIn = path.join(copy, 'reached')
mkdirSync(reachedIn)
const said = []
if (!(await passes(['src/'], { REACHED: reachedIn }, MOST_WHOLE_MS, said))) {
  // What failed first; the many that passed say nothing here.
  const lines = said.join('').split('\n')
  const from = lines.findIndex((text) => /^\s+● /.test(text))
  console.error(lines.slice(Math.max(0, from), Math.max(0, from) + 40).join('\n'))
  console.error('the tests fail without any change: nothing was tried')
  process.exit(2)
}
const reached = readdirSync(reachedIn).map((name) => JSON.parse(readFileSync(path.join(reachedIn, name), 'utf8')))

/** How far a test lies from a change: beside it, in its topic, elsewhere in the core, outside. */
function distance(test, file) {
  if (test === file.replace(/\.ts$/, '.test.ts')) return 0
  if (path.dirname(test) === path.dirname(file)) return 1
  if (test.startsWith(`${file.split('/').slice(0, 3).join('/')}/`)) return 2
  return test.startsWith('src/core/') ? 3 : 4
}
/** Tests tried by themselves, before all others that come by a change. */
const NEAREST = 3
/** The tests that come by a change, the nearest first: most changes are noticed there. */
function rounds(number) {
  const { file } = picked[number]
  const tests = reached
    .filter((each) => each.reached.includes(number))
    .map((each) => each.file)
    .sort((one, other) => distance(one, file) - distance(other, file))
  return [tests.slice(0, NEAREST), tests.slice(NEAREST)].filter((round) => round.length > 0)
}
async function survives(number) {
  for (const tests of rounds(number))
    if (!(await passes(['-i', '--bail', '--runTestsByPath', ...tests], { MUTANT: String(number) }))) return false
  return true
}

const oneLine = (text) => text.replace(/\s+/g, ' ')
const survivors = []
let done = 0
const queue = picked.map((_, number) => number)
const worker = async () => {
  for (;;) {
    const number = performance.now() < UNTIL_MS ? queue.shift() : undefined
    if (number === undefined) return
    const lives = await survives(number)
    done++
    const { file, line, was, into, why } = picked[number]
    if (lives) survivors.push(number)
    const change = `${file}:${line}  ${oneLine(was)} → ${oneLine(into)}${why ? `  (${why})` : ''}`
    console.log(`${done}/${picked.length} ${lives ? 'SURVIVED' : 'killed  '} ${change}`)
  }
}
await Promise.all(Array.from({ length: Math.max(1, os.cpus().length) }, worker))
rmSync(copy, { recursive: true, force: true })
const share = 1 - survivors.length / done
console.log(`${done - survivors.length} of ${done} changes noticed (${(share * 100).toFixed(0)} %, seed ${SEED})`)
if (done < picked.length) console.log(`${picked.length - done} more were not tried: no time was left`)
for (const number of survivors) {
  const { file, line, was, into } = picked[number]
  console.log(`  unnoticed: ${file}:${line}  ${oneLine(was)} → ${oneLine(into)}`)
}
process.exit(done > 0 && share >= WANTED ? 0 : 1)
