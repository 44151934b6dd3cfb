// npm run words : writes the list of the checks' words from the files that hold them, so that a new rule brings its
// words by lying in its folder. With --check it only says whether the list is as it should be.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'

const ROOT = 'src/formats/words/checks'
const LIST = path.join(ROOT, 'registry.ts')
const isWords = (file) => file.endsWith('.ts') && readFileSync(file, 'utf8').includes('export const words')

const found = readdirSync(ROOT, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .flatMap((folder) =>
    readdirSync(path.join(ROOT, folder.name))
      .filter((name) => isWords(path.join(ROOT, folder.name, name)))
      .map((name) => ({ member: folder.name, rule: path.basename(name, '.ts') })),
  )
  .sort((one, other) => `${one.member}/${one.rule}`.localeCompare(`${other.member}/${other.rule}`, 'en'))
const capital = (text) => `${text[0].toUpperCase()}${text.slice(1)}`
const nameOf = ({ member, rule }) => `${member}${capital(rule)}`
const text = [
  '// Made by `npm run words` from the files beside it; do not edit.',
  ...found.map((each) => `import { words as ${nameOf(each)} } from './${each.member}/${each.rule}'`),
  '',
  '/** The words of every check, by member and rule. */',
  'export const WORDS = {',
  ...found.map((each) => `  '${each.member}/${each.rule}': ${nameOf(each)},`),
  '} as const',
  '',
].join('\n')
if (process.argv.includes('--check')) {
  if (readFileSync(LIST, 'utf8') !== text) {
    console.error(`${LIST} is not what its folder holds: run npm run words`)
    process.exit(1)
  }
} else {
  writeFileSync(LIST, text)
  console.log(`${LIST}: ${found.length} checks`)
}
