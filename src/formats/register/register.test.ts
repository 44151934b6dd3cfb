import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { DIRECTION, REGISTER, registerSentence } from '.'

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name)
    if (entry.isDirectory()) return filesIn(file)
    return /\.tsx?$/.test(file) && !file.includes('.test.') && !file.includes('formats/register') ? [file] : []
  })
/** Every number that the code names, where it is marked to be verified or said to be of the register. */
const named = new Set(
  filesIn('src').flatMap((file) => readFileSync(file, 'utf8').match(/\bC(0[1-9]|[12]\d|3[0-9])\b/g) ?? []),
)

test('every number that arithmetic or a comment names has its line', () => {
  expect(named.size).toBeGreaterThan(20)
  expect([...named].filter((code) => !(code in REGISTER))).toEqual([])
})
test.each(Object.entries(REGISTER))(
  '%s says what, what is used, where from, and which way an error goes',
  (code, line) => {
    expect(registerSentence(code)).toContain(line.used)
    expect(registerSentence(code)).toContain(DIRECTION[line.direction])
    expect(Math.min(line.what.length, line.used.length, line.source.length, line.otherwise.length)).toBeGreaterThan(1)
  },
)
test('a number that is not there is not made up', () =>
  expect(registerSentence('C99')).toBe('C99: not in the register'))
test('the printed register is the same', () => {
  const printed = readFileSync('docs/register.md', 'utf8').replace(/ +\|/g, ' |')
  for (const [code, line] of Object.entries(REGISTER)) {
    const row = printed.split('\n').find((text) => text.startsWith(`| ${code} `))
    expect([code, row]).toEqual([code, expect.stringContaining(`${line.what} | ${line.used} | ${line.source}`)])
  }
})
