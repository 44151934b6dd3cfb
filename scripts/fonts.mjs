// npm run fonts : cuts the pocket's type down to the letters that its own words are written with. Other letters, in names
// that people type, come from the whole face, which is fetched only then.
import { readFileSync, writeFileSync } from 'node:fs'
import subset from 'subset-font'

const PLAIN = Array.from({ length: 95 }, (_, k) => String.fromCharCode(32 + k)).join('')
/** What stands beside plain letters in words, numbers and arithmetic; src/app/light.scss lists the same. */
const SIGNS = '\u00a0°²³·×½÷–—‘’‹“”…−'
const FACE = 'node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin'

for (const weight of [400, 700]) {
  const whole = readFileSync(`${FACE}-${weight}-normal.woff2`)
  const small = await subset(whole, PLAIN + SIGNS, { targetFormat: 'woff2' })
  writeFileSync(`src/app/fonts/pocket-${weight}.woff2`, small)
  process.stdout.write(`${weight}: ${whole.length} to ${small.length} bytes\n`)
}
