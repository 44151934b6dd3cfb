import { alongWall, type EaveBeam, type Grid, type Post, type TrussPlan } from '../layout'
import type { BoardName, Building, LeanTo, Lumber } from '../model'
import { firstOf, item, lastOf } from '../result'
import { pitchRadians, SAME_IN } from '../units'
import { boardSize, PLY_IN, postSize } from '../wood'
import { leanToLine, type Line, type Stretch, type Support, wallLine } from './line'
import type { PartId } from './stick'

/** One ply of a beam: its nearer side out from the string, and its top. */
interface BeamLayer {
  readonly outIn: number
  readonly topUpIn: number
}

/** How many plies of a beam lie on each face of its posts, let into them or bolted to them. */
interface BeamFaces {
  readonly let: 'in' | 'on'
  readonly outside: number
  readonly inside: number
  /** The posts are too shallow to take the plies that should be let into them. */
  readonly tooMany: boolean
}

/** A beam over the posts of a row: plies of boards, with its joints over posts. */
export interface Beam extends Stretch {
  readonly id: string
  readonly kind: 'carrier' | 'header'
  readonly part: PartId
  readonly line: Line
  readonly spec: { readonly plies: number; readonly size: BoardName; readonly lumber: Lumber }
  readonly deepIn: number
  readonly topUpIn: number
  readonly faces: BeamFaces
  readonly layers: readonly BeamLayer[]
  readonly posts: readonly { readonly post: Post; readonly support: Support }[]
}

/** Least wood left of a post behind its notches, inches. */
const LEAST_TONGUE_IN = 1

/** Plies of a beam, and on which faces of its posts they lie. */
interface FacesOf {
  readonly plies: number
  readonly sides: 'both' | 'outside' | 'where girts are not'
}

/** Plies that a beam has in the outside and in the inside face of its posts where it is let into them. */
const letIn = ({ plies, sides }: FacesOf): readonly [outside: number, inside: number] => {
  const outside = sides === 'both' ? Math.ceil(plies / 2) : plies
  return [outside, plies - outside]
}

/**
 * Where the plies of a beam lie. Plies on one face go inside where girts run outside. Beams that meet on a post are let
 * into it only where they leave enough of it between them.
 */
function facesOf(building: Pick<Building, 'roof' | 'post'>, own: FacesOf, all: readonly FacesOf[]): BeamFaces {
  const [outside, inside] = letIn(own)
  const faced = own.sides === 'where girts are not' ? 0 : outside
  const on = (tooMany: boolean): BeamFaces => ({ let: 'on', outside: faced, inside: own.plies - faced, tooMany })
  if (building.roof.truss.seat === 'face') return on(false)
  const mostOf = (face: 0 | 1) => Math.max(...all.map((each) => letIn(each)[face]))
  const leftIn = postSize(building.post).depthIn - PLY_IN * (mostOf(0) + mostOf(1))
  return leftIn < LEAST_TONGUE_IN - SAME_IN ? on(true) : { let: 'in', outside, inside, tooMany: false }
}

/** Plies of a beam from the outside in; `riseIn` is how much higher a level seat lies for each inch further in. */
function layersOf(faces: BeamFaces, depthIn: number, topUpIn: number, riseIn: number): readonly BeamLayer[] {
  const layers: BeamLayer[] = []
  const outermost = faces.let === 'in' ? 0 : PLY_IN * faces.outside
  for (let k = 1; k <= faces.outside; k++) layers.push({ outIn: outermost - PLY_IN * k, topUpIn })
  const inner = faces.let === 'in' ? -depthIn + PLY_IN * faces.inside : -depthIn
  for (let k = 1; k <= faces.inside; k++) {
    const outIn = inner - PLY_IN * k
    layers.push({ outIn, topUpIn: topUpIn + riseIn * (outermost - outIn - PLY_IN) })
  }
  return layers
}

/** Where a row's beam begins and ends: over the whole post, or at its middle where another beam goes on. */
const endsOf = (posts: Beam['posts'], goesOn: { readonly before: boolean; readonly after: boolean }): Stretch => {
  const [first, last] = [firstOf(posts).support, lastOf(posts).support]
  return {
    fromIn: first.atIn - (goesOn.before ? 0 : first.halfIn),
    toIn: last.atIn + (goesOn.after ? 0 : last.halfIn),
  }
}

const supportOf = (post: Post): Support => {
  const { atIn, halfIn } = alongWall(post, post.side)
  return { id: post.id, atIn, halfIn }
}

/** Beams of one kind that follow each other over their posts. */
function runsOf(beams: readonly EaveBeam[]): readonly (readonly EaveBeam[])[] {
  const runs: EaveBeam[][] = []
  for (const beam of beams) {
    const run = runs.at(-1)
    const before = run?.at(-1)
    if (run && before?.to.id === beam.from.id && before.kind === beam.kind) run.push(beam)
    else runs.push([beam])
  }
  return runs
}

/** How a kind of eave beam is asked to lie. */
function facesIn({ roof }: Pick<Building, 'roof'>, kind: Beam['kind']): FacesOf {
  const { plies, sides } = roof[kind]
  return { plies, sides: sides === 'both' ? 'both' : 'where girts are not' }
}

/** Carriers and headers of both eave rows, their tops at the heel. */
export function eaveBeams(building: Building, grid: Grid, { beams }: TrussPlan): readonly Beam[] {
  const kinds = [...new Set(beams.map(({ kind }) => kind))].map((kind) => facesIn(building, kind))
  return (['south', 'north'] as const).flatMap((side) => {
    const line = wallLine(grid, side)
    const runs = runsOf(beams.filter((beam) => beam.side === side))
    return runs.map((run, i): Beam => {
      const { kind } = firstOf(run)
      const spec = building.roof[kind]
      const posts = [firstOf(run).from, ...run.map((beam) => beam.to)].map((post) => ({
        post,
        support: supportOf(post),
      }))
      const before = runs[i - 1]
      const after = runs[i + 1]
      const faces = facesOf(building, facesIn(building, kind), kinds)
      const goesOn = {
        before: before !== undefined && lastOf(before).to.id === firstOf(run).from.id,
        after: after !== undefined && firstOf(after).from.id === lastOf(run).to.id,
      }
      return {
        id: `${kind}-${side}-${i + 1}`,
        kind,
        part: 'main',
        line,
        spec,
        deepIn: boardSize(spec.size).dIn,
        topUpIn: building.heelIn,
        faces,
        layers: layersOf(faces, postSize(building.post).depthIn, building.heelIn, 0),
        posts,
        ...endsOf(posts, goesOn),
      }
    })
  })
}

/** The beam over the outer posts of a lean-to whose rafters stand along it; null where each stands on a post. */
export function leanToBeam(building: Building, grid: Grid, all: readonly Post[], leanTo: LeanTo): Beam | null {
  if (leanTo.rafter.spaceIn === null) return null
  const part: PartId = `lean-${leanTo.side}`
  const posts = all
    .filter((post) => post.kind === 'lean-to' && post.side === leanTo.side)
    .map((post) => ({ post, support: supportOf(post) }))
  const topUpIn = firstOf(posts).post.heightIn
  const own = { plies: leanTo.beam.plies, sides: 'outside' } as const
  const faces = facesOf(building, own, [own])
  return {
    id: `carrier-${part}`,
    kind: 'carrier',
    part,
    line: leanToLine(grid, leanTo),
    spec: leanTo.beam,
    deepIn: boardSize(leanTo.beam.size).dIn,
    topUpIn,
    faces,
    layers: layersOf(faces, postSize(building.post).depthIn, topUpIn, Math.tan(pitchRadians(leanTo.pitchPer12))),
    posts,
    ...endsOf(posts, { before: false, after: false }),
  }
}

/** Where the outside of a beam lies, out from the string, inches. */
export const beamOutIn = ({ layers }: Beam): number => item(layers, 0).outIn + PLY_IN
