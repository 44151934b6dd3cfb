// npm run glossary : writes the help text of the program from docs/glossary.md, which is its source. With --check it
// only says whether the text is as the glossary has it.
import { readFileSync, writeFileSync } from 'node:fs'
import * as prettier from 'prettier'

const SOURCE = 'docs/glossary.md'
const TEXT = 'src/formats/words/glossary.ts'
const rows = readFileSync(SOURCE, 'utf8')
  .split('\n')
  .map((line) => /^\| (.+?) +\| (.+?) +\|$/.exec(line))
  .filter((match) => match && match[1] !== 'term' && !match[1].startsWith('-'))
  .map(([, term, says]) => ({ term, says }))
const raw = [
  '// Made by `npm run glossary` from docs/glossary.md; do not edit.',
  '',
  '/** Every term with one sentence: the help text of the program. */',
  'export const GLOSSARY: readonly { readonly term: string; readonly says: string }[] = [',
  ...rows.map(({ term, says }) => `  { term: ${JSON.stringify(term)}, says: ${JSON.stringify(says)} },`),
  ']',
  '',
].join('\n')
const text = await prettier.format(raw, { ...(await prettier.resolveConfig(TEXT)), filepath: TEXT })
if (process.argv.includes('--check')) {
  let kept = ''
  try {
    kept = readFileSync(TEXT, 'utf8')
  } catch {}
  if (kept !== text) {
    console.error(`${TEXT} is not what ${SOURCE} says: run npm run glossary`)
    process.exit(1)
  }
} else {
  writeFileSync(TEXT, text)
  console.log(`${TEXT}: ${rows.length} terms`)
}
