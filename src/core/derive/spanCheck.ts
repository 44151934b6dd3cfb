import type { BoardName, Lumber, OwnGrade } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type TraceLine } from '../result'
import { simpleSpan, spanDiagram, spanForces, type SpanForces, type SpanLoads } from '../statics'
import { formatLength } from '../units'
import { beamStrength, type BeamStrength } from '../wood'

/** One load combination on a simple span. `luIn` free length of the edge it compresses; `weak` load across the other axis where the skin does not carry it. */
export interface SpanCase {
  readonly name: string
  readonly duration: number
  readonly loads: SpanLoads
  readonly luIn: number
  readonly place?: string
  readonly weak?: SpanLoads
  readonly verify?: string
  readonly trace?: () => readonly TraceLine[]
}
/** A load whose sag is limited to the span over `over`, or to `mostIn`. */
export interface SagCase {
  readonly name: string
  readonly loads: SpanLoads
  readonly over: number
  readonly mostIn?: number
}
export interface SpanMember {
  readonly id: string
  readonly title: string
  readonly stage: Check['stage']
  readonly group: NonNullable<Check['group']>
  readonly subjects: readonly string[]
  readonly plies: number
  readonly size: BoardName
  readonly lumber: Lumber
  readonly own: readonly OwnGrade[]
  readonly flat: boolean
  readonly spaceIn: number
  readonly shortcut: boolean
  readonly together?: number
  /** Shear left at an end notch, as a share of the whole section's; 1 without one. */
  readonly notchShare?: number
  readonly cases: readonly SpanCase[]
  readonly sags: readonly SagCase[]
  readonly fix: string
}
interface Judged {
  readonly c: SpanCase
  readonly s: BeamStrength
  readonly r: SpanForces
  readonly bending: number
  readonly shear: number
  readonly fb: number
  readonly fb2: number
  readonly fbAllowed: number
  readonly fb2Allowed: number
  readonly ratio: number
}

function judge(m: SpanMember, c: SpanCase): Judged | null {
  const base = {
    plies: m.plies,
    together: m.together ?? m.plies,
    size: m.size,
    lumber: m.lumber,
    own: m.own,
    spaceIn: m.spaceIn,
    duration: c.duration,
    shortcut: m.shortcut,
  }
  const s = beamStrength({ ...base, flat: m.flat, luIn: c.luIn })
  if (!s) return null
  const r = spanForces(c.loads)
  const fb = Math.abs(r.momentInLb) / s.sIn3
  let fb2 = 0
  let fb2Allowed = Infinity
  if (c.weak) {
    const flat = beamStrength({ ...base, flat: !m.flat, luIn: 0 })
    if (flat) {
      fb2 = Math.abs(spanForces(c.weak).momentInLb) / flat.sIn3
      fb2Allowed = flat.fbPsi
    }
  }
  const room = 1 - (fb / s.fbePsi) ** 2
  const bend = fb === 0 ? 0 : Number.isFinite(s.fbPsi) ? fb / s.fbPsi : Infinity
  const bending = bend + (fb2 > 0 ? (room > 0 ? fb2 / (fb2Allowed * room) : Infinity) : 0)
  const shear = (1.5 * r.shearLb) / s.areaIn2 / (s.fvPsi * (m.notchShare ?? 1))
  return { c, s, r, bending, shear, fb, fb2, fbAllowed: s.fbPsi, fb2Allowed, ratio: Math.max(bending, shear) }
}

/** Worst strength ratio and worst sag ratio of a span, without words: what sizing asks for. NaN where no values are tabled. */
export function spanWorst(m: SpanMember): { readonly strength: number; readonly sag: number } {
  let strength = 0
  for (const c of m.cases) {
    const j = judge(m, c)
    if (!j) return { strength: NaN, sag: NaN }
    strength = Math.max(strength, j.ratio)
  }
  return { strength, sag: m.sags.reduce((a, c) => Math.max(a, sagOf(m, c).ratio), 0) }
}

function sagOf(
  m: SpanMember,
  c: SagCase,
): { readonly ratio: number; readonly sagIn: number; readonly limitIn: number; readonly ei: number } {
  const s = beamStrength({
    plies: m.plies,
    size: m.size,
    lumber: m.lumber,
    own: m.own,
    flat: m.flat,
    spaceIn: m.spaceIn,
    luIn: 0,
    duration: 1,
    shortcut: true,
  })
  const ei = s ? s.v.e * s.iIn4 : NaN
  const limitIn = Math.min(c.loads.lengthIn / c.over, c.mostIn ?? Infinity)
  const sagIn = Math.abs(simpleSpan(c.loads, ei).deflectionIn)
  return { ratio: sagIn / limitIn, sagIn, limitIn, ei }
}

/** Strength (bending about one or both axes, shear) and sag checks of a simple span, NDS 2018 3.3, 3.4, 3.9, with diagram and trace. */
export function spanChecks(m: SpanMember): Check[] {
  const judged = m.cases.map((c) => judge(m, c))
  const first = judged[0]
  const head = { stage: m.stage, group: m.group, subjects: m.subjects }
  if (!first)
    return [
      notChecked(
        m.id,
        m.title,
        m.stage,
        m.cases.length ? `No design values are tabled for ${m.lumber} ${m.size}.` : 'Nothing loads it.',
        'Choose a tabled grade, or enter the values off its stamp.',
        m.subjects,
      ),
    ]
  const j = (judged as readonly Judged[]).reduce(
    (a, x) => (x.ratio > a.ratio || !Number.isFinite(x.ratio) ? x : a),
    first,
  )
  const bends = j.bending >= j.shear
  const slender = !Number.isFinite(j.ratio)
  const out: Check[] = [
    makeCheck({
      ...head,
      id: m.id,
      title: m.title,
      demand: slender ? 9.99 : j.ratio,
      capacity: 1,
      unit: '',
      combination: j.c.name,
      place: j.c.place ?? (bends ? `${formatLength(j.r.momentAtIn)} along` : 'at its end'),
      fix: m.fix,
      governs: slender
        ? `${j.c.name}: its free edge is too slender (RB over 50).`
        : `${j.c.name} ${bends ? `bends it, ${sig(Math.abs(j.r.momentInLb) / 12)} lb-ft` : `shears it, ${sig(j.r.shearLb)} lb`} over ${formatLength(j.c.loads.lengthIn)}.`,
      trace: () => [
        ...(j.c.trace?.() ?? []),
        line(
          'Largest moment',
          `${j.c.name}, from the diagram`,
          sig(Math.abs(j.r.momentInLb) / 12),
          Math.abs(j.r.momentInLb) / 12,
          'ft-lb',
          'statics',
        ),
        line(
          'Bending stress',
          'fb = 12·M/S',
          `12 × ${sig(Math.abs(j.r.momentInLb) / 12)}/${sig(j.s.sIn3)}`,
          j.fb,
          'psi',
          'NDS 2018 3.3',
        ),
        line(
          'Allowed bending',
          m.flat ? "Fb' = Fb·CD·Cr·Cfu" : "Fb' = Fb·CD·Cr·CL",
          `${sig(j.s.v.fb)} × ${j.c.duration} × ${j.s.cr} × ${sig(m.flat ? j.s.cfu : j.s.cl)}`,
          j.fbAllowed,
          'psi',
          `${j.s.v.table}; NDS 2018 4.3`,
          j.c.verify ?? (j.s.cr > 1 ? 'C06' : j.s.v.verify),
        ),
        ...(j.fb2 > 0
          ? [
              line(
                'Across the other axis',
                "fb2/(Fb2'·(1−(fb1/FbE)²))",
                `${sig(j.fb2)}/(${sig(j.fb2Allowed)} × (1−(${sig(j.fb)}/${sig(j.s.fbePsi)})²))`,
                j.bending - j.fb / j.fbAllowed,
                '',
                'NDS 2018 3.9.2',
              ),
            ]
          : []),
        line(
          'Shear stress',
          'fv = 1.5·V/A',
          `1.5 × ${sig(j.r.shearLb)}/${sig(j.s.areaIn2)}`,
          (1.5 * j.r.shearLb) / j.s.areaIn2,
          'psi',
          'NDS 2018 3.4',
        ),
        line(
          'Allowed shear',
          m.notchShare !== undefined && m.notchShare < 1 ? "Fv'·(notch)" : "Fv' = Fv·CD",
          `${sig(j.s.v.fv)} × ${j.c.duration}${m.notchShare !== undefined && m.notchShare < 1 ? ` × ${sig(m.notchShare)}` : ''}`,
          j.s.fvPsi * (m.notchShare ?? 1),
          'psi',
          'NDS 2018 3.4.3',
        ),
      ],
      diagram: () =>
        spanDiagram(j.c.loads, j.s.v.e * j.s.iIn4, Number.isFinite(j.fbAllowed) ? j.fbAllowed * j.s.sIn3 : null),
    }),
  ]
  if (m.sags.length) {
    const { c, q } = m.sags.map((s) => ({ c: s, q: sagOf(m, s) })).reduce((a, x) => (x.q.ratio > a.q.ratio ? x : a))
    out.push(
      makeCheck({
        ...head,
        id: `${m.id}-sag`,
        title: `${m.title}: sag`,
        demand: q.sagIn,
        capacity: q.limitIn,
        unit: 'in',
        combination: c.name,
        place: 'between its ends',
        fix: m.fix,
        governs: `${c.name} sags it ${sig(q.sagIn)} in. over ${formatLength(c.loads.lengthIn)}; ${c.mostIn !== undefined && q.limitIn === c.mostIn ? `${sig(c.mostIn)} in. is the most here` : `1/${c.over} of the span is allowed`}.`,
        trace: () => [
          line(`Sag, E·I ${sig(q.ei)} lb·in²`, 'from the diagram', sig(q.sagIn), q.sagIn, 'in', 'statics'),
          line(
            'Allowed',
            c.mostIn !== undefined && q.limitIn === c.mostIn ? 'limit in place' : 'L/n',
            c.mostIn !== undefined && q.limitIn === c.mostIn ? sig(c.mostIn) : `${sig(c.loads.lengthIn)}/${c.over}`,
            q.limitIn,
            'in',
            'IBC 2021 Table 1604.3',
            c.mostIn !== undefined ? 'C26' : undefined,
          ),
        ],
        diagram: () => spanDiagram(c.loads, q.ei),
      }),
    )
  }
  return out
}
