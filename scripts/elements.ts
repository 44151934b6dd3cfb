// npm run elements : frames solved by finite elements of another program (CalculiX, a Debian package) beside the
// figures of the core: posts on every kind of foot, with and without a knee brace, and the rows of frames of whole
// buildings. Prints both and how far they are apart; more than half a percent ends with an error.
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { deriveJob, type Derived } from '@/core/derive'
import { readJobText } from '@/core/files'
import { frameShares } from '@/core/frame'
import { wallPosts } from '@/core/layout'
import type { Job } from '@/core/model'
import { item } from '@/core/result'
import { fixedPost, type Foot, framedPost, type Knee, pinnedPost, type PostUnit } from '@/core/statics'
import { postSize } from '@/core/wood'
import { Deck } from './lib/deck'
import { installPrograms } from './lib/install.mjs'

const installed = spawnSync('sh', ['-c', 'command -v ccx'], { stdio: 'ignore' }).status === 0
if (!installed && process.getuid?.() !== 0) {
  console.log('NOT RUN: frames beside finite elements, as CalculiX is missing and installing it needs root')
  process.exit(0)
}
installPrograms({ ccx: 'calculix-ccx' })

const MOST_APART = 0.005
const PUSH_LB = 1000
/** As good as rigid, so that what holds a heel can be read from how far it gives. */
const HELD_LB_IN = 1e8
const POST = { ei: 1.6e6 * 142.9, ea: 1.6e6 * 32.63 }
/** A truss beside a post, as stiff as the core takes it. */
const TRUSS = { ei: 1e12, ea: 1e9 }

const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-elements-'))
let worst = 0
let compared = 0

/** Solves a deck: how far the nodes that are asked for move along x, inches. */
function solved(deck: Deck, nodes: readonly number[]): readonly number[] {
  const name = path.join(folder, 'deck')
  writeFileSync(`${name}.inp`, deck.text(nodes))
  const run = spawnSync('ccx', [name], { encoding: 'utf8', cwd: folder })
  if (run.status !== 0) throw new Error(run.stdout.slice(-800))
  const rows = readFileSync(`${name}.dat`, 'utf8').matchAll(/^\s+(\d+)\s+(\S+)\s/gm)
  const moved = new Map([...rows].map(([, node, x]) => [Number(node), Number(x)]))
  return nodes.map((node) => moved.get(node) ?? NaN)
}

function compare(what: string, core: number, elements: number): void {
  const apart = Math.abs(core - elements) / Math.max(Math.abs(elements), 1e-9)
  worst = Math.max(worst, Number.isNaN(apart) ? Infinity : apart)
  compared++
  console.log(
    `${what.padEnd(64)} ${core.toPrecision(6).padStart(12)} ${elements.toPrecision(6).padStart(12)}  ${(100 * apart).toFixed(3)} %`,
  )
}

interface PostOf {
  readonly name: string
  readonly heightIn: number
  readonly foot: Foot
  readonly knee: Knee | null
}

/** A post from its foot to its heel, with its knee; the number of the node at its heel. */
function putPost(deck: Deck, { heightIn, foot, knee }: Omit<PostOf, 'name'>, xIn: number, windLbIn: number): number {
  const bottomIn = foot.kind === 'pinned' ? foot.bracketIn : -foot.belowIn
  const stops = [bottomIn, ...(bottomIn < 0 ? [0] : []), ...(knee ? [heightIn - knee.downIn] : []), heightIn]
  const nodes = deck.line(
    stops.map((y) => [xIn, y] as const),
    POST,
    (y) => (y >= 0 ? windLbIn : 0),
  )
  const [first] = [item(nodes, 0)]
  if (foot.kind === 'fixed') deck.fix(first, 1, 6)
  else deck.fix(first, foot.kind === 'pinned' ? 1 : 2, 2)
  if (foot.kind === 'springs') {
    deck.soil(nodes, (yIn) => (yIn < 0 ? -yIn * foot.lbIn3 : 0))
    if (foot.slab) deck.fix(deck.at(nodes, 0), 1, 1)
  }
  const heel = item(nodes, nodes.length - 1)
  if (knee) putKnee(deck, { knee, heightIn, xIn, heel, foot: deck.at(nodes, heightIn - knee.downIn) })
  return heel
}

/** The stiff truss hung on the heel, held up at its far end, and the knee under it. */
function putKnee(
  deck: Deck,
  { knee, heightIn, xIn, heel, foot }: { knee: Knee; heightIn: number; xIn: number; heel: number; foot: number },
): void {
  const farIn = Math.max(knee.trussSpanIn, knee.outIn * 2)
  const truss = deck.line(
    [0, knee.outIn, farIn].map((x) => [xIn + x, heightIn] as const),
    TRUSS,
    () => 0,
  )
  deck.tie(item(truss, 0), [[heel, 1]], 1)
  deck.tie(item(truss, 0), [[heel, 1]], 2)
  deck.fix(item(truss, truss.length - 1), 2, 2)
  const head = deck.nodeNear(truss, xIn + knee.outIn, heightIn)
  deck.spring(foot, head, knee.ea / Math.hypot(knee.downIn, knee.outIn))
}

function comparePost(post: PostOf, core: PostUnit): void {
  const held = new Deck()
  const heel = putPost(held, post, 0, 1 / 12)
  held.toGround(heel, HELD_LB_IN)
  const [move] = solved(held, [heel])
  compare(`${post.name}: top reaction under 1 plf, lb`, core.held.topLb, (move ?? NaN) * HELD_LB_IN)
  if (core.stiffnessLbIn === 0) return
  const moved = new Deck()
  const top = putPost(moved, post, 0, 0)
  moved.load(top, PUSH_LB)
  const [moveIn] = solved(moved, [top])
  compare(`${post.name}: stiffness, lb/in`, core.stiffnessLbIn, PUSH_LB / (moveIn ?? NaN))
}

const HEIGHT_IN = 168
const KNEE: Knee = { downIn: 36, outIn: 36, ea: 2 * 8.25 * 1.4e6, trussSpanIn: 432 }
const FEET: readonly (readonly [name: string, foot: Foot])[] = [
  ['fixed at grade', { kind: 'fixed', belowIn: 0 }],
  ['fixed 22 in. down', { kind: 'fixed', belowIn: 22 }],
  ['on a bracket', { kind: 'pinned', bracketIn: 6 }],
  ['on soil springs', { kind: 'springs', belowIn: 60, lbIn3: 25, slab: false }],
  ['on soil springs, held by a slab', { kind: 'springs', belowIn: 60, lbIn3: 25, slab: true }],
]

/** One post as the core makes it: by a closed form where there is one, by its plane frame otherwise. */
function coreOf(foot: Foot, knee: Knee | null): PostUnit {
  const heightFt = HEIGHT_IN / 12
  if (!knee && foot.kind === 'fixed') return fixedPost(heightFt, foot.belowIn / 12, POST.ei)
  if (!knee && foot.kind === 'pinned') return pinnedPost(heightFt, foot.bracketIn / 12)
  const unit = framedPost({ heightFt, ...POST, foot, knee })
  if (!unit) throw new Error('a mechanism')
  return unit
}

for (const [name, foot] of FEET)
  for (const knee of [null, KNEE])
    comparePost(
      { name: `post ${name}${knee ? ', with a knee' : ''}`, heightIn: HEIGHT_IN, foot, knee },
      coreOf(foot, knee),
    )

/** Every eave post with its own foot, tops tied to their lines, bays and end walls as springs between the lines. */
function compareRow(name: string, job: Job, derived: Derived): void {
  const { lateral, grid, posts } = derived
  if (!lateral?.row.result || !lateral.values) return
  const { row, values, fixityFt } = lateral
  const { building } = job
  const deck = new Deck()
  const lines = row.xIn.map((xIn) => deck.alone(xIn, 1000))
  const stands = (line: number) =>
    !((line === 0 && row.wallLbIn[0] > 0) || (line === lines.length - 1 && row.wallLbIn[1] > 0))
  const ei = values.ePsi * postSize(building.post).iIn4
  for (const side of ['south', 'north'] as const)
    for (const post of wallPosts(posts, side)) {
      const shares = frameShares(grid, post.x).filter(([, share]) => share > 0)
      if (building.school === 'pier' || !shares.some(([line]) => stands(line))) continue
      const heel = deck.cantilever(post.heightIn + fixityFt * 12, ei)
      deck.tie(
        heel,
        shares.map(([line, share]) => [item(lines, line), share] as const),
        1,
      )
    }
  row.bayLbIn.forEach((lbIn, i) => deck.between(item(lines, i), item(lines, i + 1), lbIn))
  if (row.wallLbIn[0] > 0) deck.toGround(item(lines, 0), row.wallLbIn[0])
  if (row.wallLbIn[1] > 0) deck.toGround(item(lines, lines.length - 1), row.wallLbIn[1])
  row.loadLb.forEach((lb, i) => deck.load(item(lines, i), lb))
  solved(deck, lines).forEach((moveIn, i) => compare(`${name}: line ${i + 1} moves, in`, row.moveIn[i] ?? NaN, moveIn))
}

for (const name of ['quillback-hill', 'marl-road', 'tansy-hollow']) {
  const job = readJobText(readFileSync(`demo/${name}.json`, 'utf8'))
  if (!job.ok) throw new Error(name)
  for (const school of ['collar', 'pier'] as const)
    for (const lengthIn of [job.value.building.lengthIn, 960]) {
      const { building } = job.value
      const skin = {
        ...building.skin,
        roofStiffnessLbPerIn: 9000,
        wallStiffnessLbPerIn: 9000,
        roofPlf: 140,
        wallPlf: 190,
      }
      const changed = {
        ...job.value,
        building: { ...building, school, lengthIn, openSides: [], diaphragm: 'checked' as const, skin },
      }
      const derived = deriveJob(changed)
      if (derived.ok) compareRow(`${name}, ${school}, ${lengthIn / 12} ft`, changed, derived.value)
    }
}

rmSync(folder, { recursive: true })
console.log(`${compared} figures compared; the worst is ${(100 * worst).toFixed(3)} % apart`)
if (!(worst <= MOST_APART)) process.exit(1)
