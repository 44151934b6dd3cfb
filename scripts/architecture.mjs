// npm run architecture : draws docs/architecture.svg from the imports of the code: rooms from the ground up, with how
// many files each holds and which rooms it stands on.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { createRequire } from 'node:module'

const { forbidden } = createRequire(import.meta.url)('../.dependency-cruiser.cjs')
// The order of the core's topics stands in the import table: each may import only those before it.
const topics = forbidden
  .map((rule) => /^core-(.+)-looks-up-only$/.exec(rule.name)?.[1])
  .filter(Boolean)
  .concat('sizing')
const LEVELS = [topics.slice(0, 5), topics.slice(5, 10), topics.slice(10, 14), topics.slice(14)].map((names) =>
  names.map((name) => `core/${name}`),
)
LEVELS.push(['formats'], ['workers', 'devices', 'ui', 'server'], ['features', 'app'])

const filesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name)
    if (entry.isDirectory()) return entry.name === 'testing' ? [] : filesIn(file)
    return /\.tsx?$/.test(file) && !file.includes('.test.') ? [file] : []
  })
const roomOf = (file) => {
  const [, top, next] = file.split(path.sep)
  return top === 'core' ? `core/${next}` : top
}
const rooms = new Map()
for (const file of filesIn('src')) {
  const room = roomOf(file)
  const has = rooms.get(room) ?? { files: 0, on: new Map() }
  has.files++
  for (const [, from] of readFileSync(file, 'utf8').matchAll(/from '([^']+)'/g)) {
    const target = from.startsWith('@/') ? `src/${from.slice(2)}` : path.join(path.dirname(file), from)
    if (!from.startsWith('@/') && !from.startsWith('.')) continue
    const other = roomOf(target)
    if (other !== room) has.on.set(other, (has.on.get(other) ?? 0) + 1)
  }
  rooms.set(room, has)
}

const [WIDE, HIGH, GAP_X, GAP_Y, LEFT] = [142, 44, 16, 52, 24]
const places = new Map()
const height = LEVELS.length * (HIGH + GAP_Y)
LEVELS.forEach((names, level) => {
  const row = names.filter((name) => rooms.has(name))
  row.forEach((name, i) =>
    places.set(name, { x: LEFT + i * (WIDE + GAP_X), y: height - (level + 1) * (HIGH + GAP_Y) + GAP_Y / 2 }),
  )
})
const width = LEFT * 2 + Math.max(...LEVELS.map((names) => names.length)) * (WIDE + GAP_X)
const lines = []
for (const [name, { on }] of rooms) {
  const from = places.get(name)
  if (!from) continue
  for (const [other, count] of on) {
    const to = places.get(other)
    if (!to || count < 3) continue
    const down = to.y > from.y
    const [x1, y1] = [from.x + WIDE / 2, from.y + (down ? HIGH : HIGH / 2)]
    const [x2, y2] = [to.x + WIDE / 2, to.y + (down ? 0 : HIGH / 2)]
    lines.push(
      `<path d="M${x1} ${y1}C${x1} ${y1 + 30} ${x2} ${y2 - 30} ${x2} ${y2}" fill="none" stroke="#5b6f73" ` +
        `stroke-opacity="0.45" stroke-width="${Math.min(5, 0.6 + count / 12).toFixed(1)}"/>`,
    )
  }
}
const fillOf = (name) => (name.startsWith('core/') ? '#F7EFDC' : '#E8EEEE')
const boxes = [...places].map(
  ([name, { x, y }]) =>
    `<g><rect x="${x}" y="${y}" width="${WIDE}" height="${HIGH}" rx="4" fill="${fillOf(name)}" stroke="#10272B"/>` +
    `<text x="${x + WIDE / 2}" y="${y + 19}" text-anchor="middle" font-weight="700">${name}</text>` +
    `<text x="${x + WIDE / 2}" y="${y + 35}" text-anchor="middle" font-size="11">${rooms.get(name).files} files</text></g>`,
)
writeFileSync(
  'docs/architecture.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" ` +
    `font-family="Helvetica, Arial, sans-serif" font-size="14" fill="#10272B"><rect width="${width}" height="${height}" fill="#fff"/>` +
    `${lines.join('')}${boxes.join('')}</svg>\n`,
)
console.log(`docs/architecture.svg: ${places.size} rooms`)
