// NAME | --list | --batch : one answer from JSON on standard input; the list of what can be asked, with the schemas of
// what it takes and gives; or one answer a line. No server, no database.
import { readFileSync } from 'node:fs'
import { batchLineOf, type Catalog, lineOf } from '@/formats/command'

const print = (value: unknown) => process.stdout.write(`${JSON.stringify(value)}\n`)
const input = () => readFileSync(0, 'utf8')

/** Runs a command that answers by name; `called` is what it is run by. */
export function runAnswers(called: string, catalog: Catalog, list: () => object[]): void {
  const [asked] = process.argv.slice(2)
  if (asked === undefined) {
    console.error(`usage: npm run -s ${called} -- NAME | --list | --batch`)
    process.exitCode = 2
  } else if (asked === '--list') print(list())
  else if (asked === '--batch') {
    for (const text of input().split('\n')) if (text.trim() !== '') print(batchLineOf(catalog, text))
  } else {
    const line = lineOf(catalog, asked, input)
    print(line)
    if (!line.ok) process.exitCode = 2
  }
}
