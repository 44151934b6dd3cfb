// npm run -s same -- OLD.json NEW.json : whether two design documents agree, number by number within 1e-9, text by
// text.
import { readFileSync } from 'node:fs'

const RELATIVE = 1e-9

/** Every place where the two differ, as `path: old | new`. */
function differences(before, after, path = '') {
  if (typeof before === 'number' && typeof after === 'number') {
    const within = Math.abs(before - after) <= RELATIVE * Math.max(1, Math.abs(before), Math.abs(after))
    return within || Object.is(before, after) ? [] : [`${path}: ${before} | ${after}`]
  }
  const bothObjects = before !== null && after !== null && typeof before === 'object' && typeof after === 'object'
  if (!bothObjects) return before === after ? [] : [`${path}: ${JSON.stringify(before)} | ${JSON.stringify(after)}`]
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])]
  return keys.flatMap((key) => differences(before[key], after[key], `${path}/${key}`))
}

const [oldFile, newFile] = process.argv.slice(2)
if (!oldFile || !newFile) {
  console.error('usage: npm run -s same -- OLD.json NEW.json')
  process.exit(2)
}
const read = (file) => JSON.parse(readFileSync(file, 'utf8'))
const found = differences(read(oldFile), read(newFile))
for (const difference of found.slice(0, 40)) console.log(difference)
console.log(found.length === 0 ? 'the same' : `${found.length} differences`)
process.exit(found.length === 0 ? 0 : 1)
