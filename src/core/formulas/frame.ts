import * as z from 'zod/mini'
import { answer, positive, zeroOrMore } from '../pocket/fields'
import { fail, item, lastOf, ok } from '../result'
import { type FrameMember, type FrameNode, memberBend, shareByDiaphragm, soilLine, solveFrame } from '../statics'
import { formula, orElse, stiffness, within } from './formula'

/** So stiff along itself that its stretch is nothing, lb. */
const RIGID_EA = 1e13

const beam = formula({
  name: 'frame.beam',
  clause: 'statics',
  formula: 'direct stiffness: K·u = f',
  input: z.strictObject({
    spans: z.array(positive('Span, inches')).check(z.minLength(1), z.maxLength(50)),
    E: positive('Modulus, psi'),
    I: positive('Moment of inertia, in⁴'),
    w: z._default(z.union([z.number(), z.array(z.number())]), 0),
    points: z._default(z.array(z.tuple([z.number(), z.number()])).check(z.maxLength(500)), []),
  }),
  output: z.object({
    reactions: z.array(answer('Up, pounds')),
    M_max: answer('Largest sagging moment, inch-pounds'),
    M_min: answer('Largest hogging moment, under 0'),
    V_max: answer('Largest shear'),
    defl_max: answer('Largest deflection, either way, inches'),
  }),
  solve: (given) => {
    const supports = [0]
    for (const span of given.spans) supports.push(lastOf(supports) + span)
    const loads = Array.isArray(given.w) ? given.w : given.spans.map(() => given.w as number)
    if (loads.length !== given.spans.length) return fail('unlike-count', ['w'], { wanted: given.spans.length })
    const outside = given.points.findIndex(([atIn]) => atIn < 0 || atIn > lastOf(supports))
    if (outside >= 0) return fail('too-large', ['points', outside], { maximum: lastOf(supports) })
    const places = [...new Set([...supports, ...given.points.map(([atIn]) => atIn)])].sort((one, other) => one - other)
    const nodes = places.map((x): FrameNode => {
      const downLb = given.points.reduce((sum, [atIn, lb]) => (atIn === x ? sum + lb : sum), 0)
      const isHeld = supports.includes(x)
      return { x, y: 0, fix: [x === 0, isHeld, false], load: [0, -downLb, 0] }
    })
    const ei = given.E * given.I
    const members = places.slice(1).map((_, i): FrameMember => {
      const span = supports.filter((support) => support <= item(places, i)).length - 1
      return { from: i, to: i + 1, ea: RIGID_EA, ei, w: -item(loads, span) }
    })
    const solved = solveFrame({ nodes, members })
    if (!solved) return fail('too-far-apart', ['spans'])
    const bends = members.map((member, i) => {
      const start = item(solved.moves, member.from)
      return memberBend(item(solved.members, i), {
        lengthIn: item(places, i + 1) - item(places, i),
        w: member.w ?? 0,
        ei,
        startIn: start[1],
        turn: start[2],
      })
    })
    return ok({
      reactions: supports.map((support) => item(solved.reactions, places.indexOf(support))[1]),
      M_max: Math.max(0, ...bends.map((bend) => bend.mostInLb)),
      M_min: Math.min(0, ...bends.map((bend) => bend.leastInLb)),
      V_max: Math.max(...bends.map((bend) => bend.shearLb)),
      defl_max: Math.max(...bends.map((bend) => bend.moveIn)),
    })
  },
})

const postFrame = formula({
  name: 'frame.post_frame',
  clause: 'statics',
  formula: 'direct stiffness: two posts and a truss, K·u = f',
  input: z.strictObject({
    height_in: within(12, 2400, 'From the ground to the truss, inches'),
    span_in: within(12, 24_000, 'Post to post, inches'),
    EI: stiffness('Of a post, lb·in²'),
    w_wind: z.number(),
    w_lee: z.number(),
    eave_load: z._default(z.number(), 0),
    top: z._default(z.enum(['pinned', 'rigid']), 'pinned'),
    EI_truss: z.optional(stiffness('Of the truss, lb·in², where it is rigid')),
    k_eave: orElse(within(0, 1e12, 'What the roof holds the eave with, pounds an inch'), 0),
    base: z._default(z.enum(['fixed', 'pinned', 'spring', 'soil']), 'fixed'),
    k_base: orElse(within(0, 1e14, 'What a foot turns against, inch-pounds a radian'), 0),
    embed_in: z.optional(within(6, 600, 'In the ground, inches')),
    nh: z.optional(positive('Growth of the soil with depth, lb/in³')),
  }),
  output: z.object({
    eave_in: answer('How far the eave moves'),
    M_grade_lbin: z.array(answer('At the ground: the windward post, the leeward post')),
    V_grade_lb: z.array(answer('At the ground')),
    M_max_lbin: z.optional(z.array(answer('Anywhere in the post, on soil'))),
    grade_in: z.optional(z.array(answer('How far the post moves at the ground, on soil'))),
  }),
  solve: (given) => {
    if (given.base === 'soil' && given.embed_in === undefined) return fail('missing', ['embed_in'])
    if (given.base === 'soil' && given.nh === undefined) return fail('missing', ['nh'])
    if (given.top === 'rigid' && given.EI_truss === undefined) return fail('missing', ['EI_truss'])
    const foot = footOf(given)
    const nodes: FrameNode[] = []
    const members: FrameMember[] = []
    const posts = [given.w_wind, given.w_lee].map((wind, i) => {
      const from = nodes.length
      const x = i * given.span_in
      nodes.push(...foot.map((node) => ({ ...node, x })))
      const grade = nodes.length - 1
      const eave = nodes.push({ x, y: given.height_in, ...(i === 0 ? atEave(given) : {}) }) - 1
      for (let node = from; node < eave; node++)
        members.push({ from: node, to: node + 1, ea: RIGID_EA, ei: given.EI, w: node >= grade ? -wind : 0 })
      return { from, grade, eave, first: members.length - (eave - from) }
    })
    const [windward, leeward] = [item(posts, 0), item(posts, 1)]
    const isPinned = given.top === 'pinned'
    members.push({
      from: windward.eave,
      to: leeward.eave,
      ea: RIGID_EA,
      ei: given.EI_truss ?? given.EI,
      pinFrom: isPinned,
      pinTo: isPinned,
    })
    const solved = solveFrame({ nodes, members })
    if (!solved) return fail('mechanism', ['base'])
    const atGrade = posts.map(({ grade, from, first }) => item(solved.members, first + grade - from))
    const most = ({ from, eave, first }: (typeof posts)[number]): number =>
      Math.max(
        ...members.slice(first, first + eave - from).map((member, i) => {
          const bend = memberBend(item(solved.members, first + i), {
            lengthIn: item(nodes, member.to).y - item(nodes, member.from).y,
            w: member.w ?? 0,
            ei: given.EI,
            startIn: 0,
            turn: 0,
          })
          return Math.max(bend.mostInLb, -bend.leastInLb)
        }),
      )
    return ok({
      eave_in: (item(solved.moves, windward.eave)[0] + item(solved.moves, leeward.eave)[0]) / 2,
      M_grade_lbin: atGrade.map(({ momentFromInLb }) => momentFromInLb),
      V_grade_lb: atGrade.map(({ shearFromLb }) => shearFromLb),
      ...(given.base === 'soil'
        ? { M_max_lbin: posts.map(most), grade_in: posts.map(({ grade }) => item(solved.moves, grade)[0]) }
        : {}),
    })
  },
})

/** What holds the windward eave and pushes on it. */
const atEave = ({ k_eave, eave_load }: { readonly k_eave: number; readonly eave_load: number }) => ({
  spring: [k_eave, 0, 0] as const,
  load: [eave_load, 0, 0] as const,
})

/** The nodes of a post from its foot to the ground. */
function footOf(given: {
  readonly base: 'fixed' | 'pinned' | 'spring' | 'soil'
  readonly k_base: number
  readonly embed_in?: number | undefined
  readonly nh?: number | undefined
}): readonly FrameNode[] {
  switch (given.base) {
    case 'fixed':
      return [{ x: 0, y: 0, fix: [true, true, true] }]
    case 'pinned':
      return [{ x: 0, y: 0, fix: [true, true, false] }]
    case 'spring':
      return [{ x: 0, y: 0, fix: [true, true, false], spring: [0, 0, given.k_base] }]
    case 'soil':
      return soilLine({ belowIn: given.embed_in ?? 0, lbIn3: given.nh ?? 0, slab: false })
  }
}

const diaphragm = formula({
  name: 'frame.diaphragm',
  clause: 'ASABE EP484 by matrix',
  formula: 'K·D = R: K(i,i) = k(i) + c(i−1) + c(i), K(i,i+1) = −c(i)',
  input: z.strictObject({
    k: z.array(zeroOrMore('Stiffness of a frame or end wall, pounds an inch')).check(z.minLength(1), z.maxLength(400)),
    R: z.array(z.number()).check(z.minLength(1), z.maxLength(400)),
    C: z.union([
      zeroOrMore('Stiffness of the roof of each bay, pounds an inch'),
      z.array(zeroOrMore('Stiffness of the roof of a bay')).check(z.maxLength(399)),
    ]),
  }),
  output: z.object({
    eave_in: z.array(answer('How far each frame moves')),
    force_lb: z.array(answer('What each frame keeps')),
    share: z.array(answer('Of its own load; 0 where it has none')),
    diaphragm_lb: z.array(answer('Shear in the roof of each bay')),
  }),
  solve: ({ k, R, C }) => {
    if (R.length !== k.length) return fail('unlike-count', ['R'], { wanted: k.length })
    const bays = Array.isArray(C) ? C : k.slice(1).map(() => C)
    if (bays.length !== k.length - 1) return fail('unlike-count', ['C'], { wanted: k.length - 1 })
    const shared = shareByDiaphragm({ frameLbIn: k, bayLbIn: bays, loadLb: R })
    if (!shared) return fail('mechanism', ['k'])
    return ok({
      eave_in: [...shared.moveIn],
      force_lb: [...shared.frameLb],
      share: shared.frameLb.map((lb, i) => (item(R, i) === 0 ? 0 : lb / item(R, i))),
      diaphragm_lb: [...shared.bayShearLb],
    })
  },
})

/** Beams, frames and roofs, by stiffness. */
export const FRAME = [beam, postFrame, diaphragm] as const
