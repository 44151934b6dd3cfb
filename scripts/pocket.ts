// npm run -s pocket -- NAME | --list | --batch : one figure from JSON on standard input; the list of figures with the
// schemas of what they take and give; or one figure a line. No server, no database.
import { readFileSync } from 'node:fs'
import { batchLine, figureLine, figureList } from '@/formats/pocket'

const print = (value: unknown) => process.stdout.write(`${JSON.stringify(value)}\n`)
const input = () => readFileSync(0, 'utf8')
const [asked] = process.argv.slice(2)
if (asked === undefined) {
  console.error('usage: npm run -s pocket -- NAME | --list | --batch')
  process.exitCode = 2
} else if (asked === '--list') print(figureList())
else if (asked === '--batch') {
  for (const text of input().split('\n')) if (text.trim() !== '') print(batchLine(text))
} else {
  const line = figureLine(asked, input)
  print(line)
  if (!line.ok) process.exitCode = 2
}
