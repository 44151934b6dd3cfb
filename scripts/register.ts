// npm run register : writes docs/register.md from the register of the code, with the files that use each value.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { DIRECTION, REGISTER } from '@/formats/register'

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name)
    if (entry.isDirectory()) return filesIn(file)
    return /\.tsx?$/.test(file) && !file.includes('.test.') && !file.includes('formats/register') ? [file] : []
  })
const files = filesIn('src').map((file) => ({ file, text: readFileSync(file, 'utf8') }))
const usedIn = (code: string) => {
  const found = files.filter(({ text }) => new RegExp(`\\b${code}\\b`).test(text)).map(({ file }) => `\`${file}\``)
  return found.length ? found.join(', ') : 'not used yet'
}
const rows = Object.entries(REGISTER).map(
  ([code, line]) =>
    `| ${code} | ${line.what} | ${line.used} | ${line.source} | ${DIRECTION[line.direction]}; ${line.otherwise} | ${usedIn(code)} |`,
)
writeFileSync(
  'docs/register.md',
  [
    '# Register of recalled values',
    '',
    'Coefficients that were recalled and not read from print. Each is marked “verify” wherever it enters a result; the',
    'mark opens its line here, and the calculation sheet prints the ones that a building used. Compare them with the',
    'standard before building. Made by `npm run register` from `src/formats/register`; do not edit.',
    '',
    '| no. | what | value used | source | if the memory is wrong | used in |',
    '| --- | --- | --- | --- | --- | --- |',
    ...rows,
    '',
  ].join('\n'),
)
console.log(`docs/register.md: ${rows.length} values`)
