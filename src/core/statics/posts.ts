import { item } from '../result'
import { IN_PER_FT } from '../units'
import { solveFrame, type FrameMember, type FrameNode, type MemberForces } from './frame'

/**
 * What one post brings to the ground and to its top, lb and ft-lb at service level. `momentFtLb` at grade, `fixedFtLb`
 * at the fixed point below it.
 */
export interface PostActions {
  readonly topLb: number
  readonly shearLb: number
  readonly momentFtLb: number
  readonly fixedFtLb: number
  readonly fieldMomentFtLb: number
  readonly kneeMomentFtLb: number
}

/**
 * One post of a frame: stiffness at its top, actions with its top held under 1 plf, and actions for 1 in. of top
 * movement.
 */
export interface PostUnit {
  readonly stiffnessLbIn: number
  readonly held: PostActions
  readonly perInch: PostActions
}

/** Sum of scaled actions. Field moments add as magnitudes, which is safe. */
export function combine(postActions: PostActions, fa: number, others: PostActions, fb: number): PostActions {
  return {
    topLb: postActions.topLb * fa + others.topLb * fb,
    shearLb: postActions.shearLb * fa + others.shearLb * fb,
    momentFtLb: postActions.momentFtLb * fa + others.momentFtLb * fb,
    fixedFtLb: postActions.fixedFtLb * fa + others.fixedFtLb * fb,
    fieldMomentFtLb: Math.abs(postActions.fieldMomentFtLb * fa) + Math.abs(others.fieldMomentFtLb * fb),
    kneeMomentFtLb: Math.abs(postActions.kneeMomentFtLb * fa) + Math.abs(others.kneeMomentFtLb * fb),
  }
}

/**
 * Post fixed `fixityFt` below grade, top held by the roof, wind from grade to its top at `heightFt`: propped cantilever
 * loaded over its
 * upper part. With no fixity depth 3wH/8, 5wH/8, wH²/8. Stiffness 3EI/L³ with a pinned top.
 */
export function fixedPost(heightFt: number, fixityFt: number, ei: number): PostUnit {
  const h = heightFt
  const l = h + fixityFt
  const top = (3 / l ** 3) * (h ** 4 / 8 + h * ((l ** 3 - h ** 3) / 3 - (h * (l ** 2 - h ** 2)) / 4))
  const k = (3 * ei) / (l * IN_PER_FT) ** 3
  return {
    stiffnessLbIn: k,
    held: {
      topLb: top,
      shearLb: h - top,
      momentFtLb: (h * h) / 2 - top * h,
      fixedFtLb: h * (h / 2 + fixityFt) - top * l,
      fieldMomentFtLb: (top * top) / 2,
      kneeMomentFtLb: 0,
    },
    perInch: { topLb: -k, shearLb: k, momentFtLb: k * h, fixedFtLb: k * l, fieldMomentFtLb: 0, kneeMomentFtLb: 0 },
  }
}

/** Post on a bracket that turns freely: a simple span from bracket to heel. It has no stiffness of its own. */
export function pinnedPost(heightFt: number, bracketFt: number): PostUnit {
  const clear = heightFt - bracketFt
  return {
    stiffnessLbIn: 0,
    held: {
      topLb: clear / 2,
      shearLb: clear / 2,
      momentFtLb: (clear / 2) * bracketFt,
      fixedFtLb: 0,
      fieldMomentFtLb: clear ** 2 / 8,
      kneeMomentFtLb: 0,
    },
    perInch: { topLb: 0, shearLb: 0, momentFtLb: 0, fixedFtLb: 0, fieldMomentFtLb: 0, kneeMomentFtLb: 0 },
  }
}

/** Knee brace: its foot below the heel, its head in from the post, axial stiffness E·A (lb), and the truss it meets. */
export interface Knee {
  readonly downIn: number
  readonly outIn: number
  readonly ea: number
  readonly trussSpanIn: number
}

/**
 * How the foot stands: fixed below grade, turning on a bracket, or on soil springs that grow with depth (`lbIn3`: lb/in
 * per inch of depth, per inch down).
 */
export type Foot =
  | { readonly kind: 'fixed'; readonly belowIn: number }
  | { readonly kind: 'pinned'; readonly bracketIn: number }
  | { readonly kind: 'springs'; readonly belowIn: number; readonly lbIn3: number; readonly slab: boolean }

/** A truss beside a post is this stiff against bending, lb·in²: thousands of times the post. */
const TRUSS_EI = 1e12
const TRUSS_EA = 1e9
/** Soil springs of a post: with so many its movement is within a quarter of a percent of what endlessly many give. */
const SPRINGS = 32

/**
 * A post's nodes in soil from its foot up to the ground, whose springs grow with depth: each takes the soil of half a
 * step to either side. `slab` holds it at the ground.
 */
export function soilLine({
  belowIn,
  lbIn3,
  slab,
}: {
  readonly belowIn: number
  readonly lbIn3: number
  readonly slab: boolean
}): FrameNode[] {
  const stepIn = belowIn / SPRINGS
  return Array.from({ length: SPRINGS + 1 }, (_, i): FrameNode => {
    const isEnd = i === 0 || i === SPRINGS
    const depthIn = () => {
      if (i === SPRINGS) return stepIn / 4
      return i === 0 ? belowIn - stepIn / 4 : belowIn - i * stepIn
    }
    return {
      x: 0,
      y: i === SPRINGS ? 0 : i * stepIn - belowIn,
      fix: [slab && i === SPRINGS, i === 0, false],
      spring: [lbIn3 * depthIn() * (isEnd ? stepIn / 2 : stepIn), 0, 0],
    }
  })
}

interface Line {
  readonly nodes: FrameNode[]
  readonly members: FrameMember[]
  readonly grade: number
  readonly heel: number
  readonly knee: number
  readonly brace: number
}

/**
 * Nodes and members of a post from its foot up, with the stiff truss and the knee where there is one. Wind of 1 plf
 * toward +x above grade.
 */
function postLine({
  heightIn,
  ei,
  ea,
  foot,
  knee,
  windLbIn,
}: {
  heightIn: number
  ei: number
  ea: number
  foot: Foot
  knee: Knee | null
  windLbIn: number
}): Line {
  const below = foot.kind === 'pinned' ? 0 : foot.belowIn
  const soil = foot.kind === 'springs' ? soilLine(foot) : []
  const belowGrade = () => {
    if (foot.kind === 'springs') return soil.slice(0, -1).map((node) => node.y)
    if (below > 0) return [-below]
    return []
  }
  const ys = belowGrade()
  const grade = ys.push(foot.kind === 'pinned' ? foot.bracketIn : 0) - 1
  const kneeAt = knee ? ys.push(heightIn - knee.downIn) - 1 : -1
  const heel = ys.push(heightIn) - 1
  const nodes = ys.map((yIn, i): FrameNode => {
    const inSoil = soil[i]
    if (inSoil) return inSoil
    return i === 0 ? { x: 0, y: yIn, fix: [true, true, foot.kind === 'fixed'] } : { x: 0, y: yIn }
  })
  // A member that runs up has its left side at −x: wind toward +x is negative there.
  const members: FrameMember[] = ys
    .slice(1)
    .map((_, i) => ({ from: i, to: i + 1, ea, ei, w: i >= grade ? -windLbIn : 0 }))
  let brace = -1
  if (knee) {
    const head = nodes.push({ x: knee.outIn, y: heightIn }) - 1
    const far =
      nodes.push({ x: Math.max(knee.trussSpanIn, knee.outIn * 2), y: heightIn, fix: [false, true, false] }) - 1
    members.push(
      { from: heel, to: head, ea: TRUSS_EA, ei: TRUSS_EI, pinFrom: true },
      { from: head, to: far, ea: TRUSS_EA, ei: TRUSS_EI },
    )
    brace = members.push({ from: kneeAt, to: head, ea: knee.ea, ei: 1, pinFrom: true, pinTo: true }) - 1
  }
  return { nodes, members, grade, heel, knee: kneeAt, brace }
}

/**
 * Largest moment over the post above grade that bends it the other way than the foot does, in-lb, sampled along each
 * member.
 */
function fieldMomentInLb(line: Line, forces: readonly MemberForces[], footInLb: number): number {
  let worst = 0
  for (let i = line.grade; i < line.heel; i++) {
    const [node, otherNode, lbPerIn] = [item(line.nodes, i), item(line.nodes, i + 1), item(line.members, i).w ?? 0]
    for (let k = 0; k <= 12; k++) {
      const alongIn = ((otherNode.y - node.y) * k) / 12
      const momentInLb =
        -item(forces, i).momentFromInLb + item(forces, i).shearFromLb * alongIn + (lbPerIn * alongIn * alongIn) / 2
      if (momentInLb * Math.sign(footInLb || 1) > 0) worst = Math.max(worst, Math.abs(momentInLb))
    }
  }
  return worst
}

/**
 * A post with a knee brace, or on soil springs, by the plane-frame solver: actions with the heel held sideways under 1
 * plf, and for 1 in. of
 * the heel. The truss is stiff, pinned to the post and held up at its far end; the knee is pinned at both ends. Null
 * where it is a mechanism.
 */
export function framedPost({
  heightFt,
  ei,
  ea,
  foot,
  knee,
}: {
  heightFt: number
  ei: number
  ea: number
  foot: Foot
  knee: Knee | null
}): (PostUnit & { readonly heldBraceLb: number; readonly perInchBraceLb: number }) | null {
  const PUSH = 1000
  const run = (mode: 'held' | 'moved') => {
    const line = postLine({
      heightIn: heightFt * IN_PER_FT,
      ei,
      ea,
      foot,
      knee,
      windLbIn: mode === 'held' ? 1 / 12 : 0,
    })
    const nodes = line.nodes.map((node, i): FrameNode => {
      if (i !== line.heel) return node
      if (mode === 'held') return { ...node, fix: [true, false, false] }
      return { ...node, load: [PUSH, 0, 0] }
    })
    const frame = solveFrame({ nodes, members: line.members })
    if (!frame) return null
    const scale = mode === 'held' ? 1 : 1 / item(frame.moves, line.heel)[0]
    const up = item(frame.members, line.grade)
    const ground = frame.members.slice(0, line.grade).flatMap((member) => [member.momentFromInLb, member.momentToInLb])
    const fixed = Math.max(Math.abs(up.momentFromInLb), ...ground.map(Math.abs))
    const actions: PostActions = {
      topLb: mode === 'held' ? -item(frame.reactions, line.heel)[0] : -PUSH * scale,
      shearLb: up.shearFromLb * scale,
      momentFtLb: (up.momentFromInLb * scale) / IN_PER_FT,
      fixedFtLb: (fixed * Math.abs(scale)) / 12,
      fieldMomentFtLb: (fieldMomentInLb(line, frame.members, up.momentFromInLb) * Math.abs(scale)) / IN_PER_FT,
      kneeMomentFtLb:
        line.knee < 0 ? 0 : (Math.abs(item(frame.members, line.knee - 1).momentToInLb) * Math.abs(scale)) / IN_PER_FT,
    }
    return {
      actions,
      stiffness: mode === 'moved' ? PUSH * scale : 0,
      brace: line.brace < 0 ? 0 : item(frame.members, line.brace).axialLb * scale,
    }
  }
  const held = run('held')
  const moved = run('moved')
  return (
    held &&
    moved && {
      stiffnessLbIn: moved.stiffness,
      held: held.actions,
      perInch: moved.actions,
      heldBraceLb: held.brace,
      perInchBraceLb: moved.brace,
    }
  )
}
