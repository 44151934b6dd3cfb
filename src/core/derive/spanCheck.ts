import type { BoardName, Lumber, OwnGrade } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type TraceLine } from '../result'
import { simpleSpan, spanDiagram, spanForces, type SpanForces, type SpanLoads } from '../statics'
import { formatLength, IN_PER_FT } from '../units'
import { beamStrength, type BeamStrength } from '../wood'

/**
 * One load combination on a simple span. `luIn` free length of the edge it compresses; `weak` load across the other
 * axis where the skin does not carry it.
 */
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
interface SagCase {
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
  readonly spanCase: SpanCase
  readonly strength: BeamStrength
  readonly forces: SpanForces
  readonly bending: number
  readonly shear: number
  readonly fb: number
  readonly fb2: number
  readonly fbAllowed: number
  readonly fb2Allowed: number
  readonly ratio: number
}

function judge(member: SpanMember, spanCase: SpanCase): Judged | null {
  const base = {
    plies: member.plies,
    together: member.together ?? member.plies,
    size: member.size,
    lumber: member.lumber,
    own: member.own,
    spaceIn: member.spaceIn,
    duration: spanCase.duration,
    shortcut: member.shortcut,
  }
  const strength = beamStrength({ ...base, flat: member.flat, luIn: spanCase.luIn })
  if (!strength) return null
  const forces = spanForces(spanCase.loads)
  const fb = Math.abs(forces.momentInLb) / strength.sIn3
  let fb2 = 0
  let fb2Allowed = Infinity
  if (spanCase.weak) {
    const flat = beamStrength({ ...base, flat: !member.flat, luIn: 0 })
    if (flat) {
      fb2 = Math.abs(spanForces(spanCase.weak).momentInLb) / flat.sIn3
      fb2Allowed = flat.fbPsi
    }
  }
  const room = 1 - (fb / strength.fbePsi) ** 2
  const bendingShare = () => {
    if (fb === 0) return 0
    if (Number.isFinite(strength.fbPsi)) return fb / strength.fbPsi
    return Infinity
  }
  const bend = bendingShare()
  const sidewaysShare = () => {
    if (!(fb2 > 0)) return 0
    if (room > 0) return fb2 / (fb2Allowed * room)
    return Infinity
  }
  const bending = bend + sidewaysShare()
  const shear = (1.5 * forces.shearLb) / strength.areaIn2 / (strength.fvPsi * (member.notchShare ?? 1))
  return {
    spanCase,
    strength,
    forces,
    bending,
    shear,
    fb,
    fb2,
    fbAllowed: strength.fbPsi,
    fb2Allowed,
    ratio: Math.max(bending, shear),
  }
}

/**
 * Worst strength ratio and worst sag ratio of a span, without words: what sizing asks for. NaN where no values are
 * tabled.
 */
export function spanWorst(member: SpanMember): { readonly strength: number; readonly sag: number } {
  let strength = 0
  for (const spanCase of member.cases) {
    const judged = judge(member, spanCase)
    if (!judged) return { strength: NaN, sag: NaN }
    strength = Math.max(strength, judged.ratio)
  }
  return { strength, sag: member.sags.reduce((most, sag) => Math.max(most, sagOf(member, sag).ratio), 0) }
}

function sagOf(
  member: SpanMember,
  sagCase: SagCase,
): { readonly ratio: number; readonly sagIn: number; readonly limitIn: number; readonly ei: number } {
  const strength = beamStrength({
    plies: member.plies,
    size: member.size,
    lumber: member.lumber,
    own: member.own,
    flat: member.flat,
    spaceIn: member.spaceIn,
    luIn: 0,
    duration: 1,
    shortcut: true,
  })
  const ei = strength ? strength.values.ePsi * strength.iIn4 : NaN
  const limitIn = Math.min(sagCase.loads.lengthIn / sagCase.over, sagCase.mostIn ?? Infinity)
  const sagIn = Math.abs(simpleSpan(sagCase.loads, ei).deflectionIn)
  return { ratio: sagIn / limitIn, sagIn, limitIn, ei }
}

/** Sag of the span against the limit of its use (IBC 2021 Table 1604.3). */
function sagChecks({
  member,
  head,
}: {
  readonly member: SpanMember
  readonly head: {
    stage: 'holes' | 'posts' | 'walls' | 'roof' | 'bracing'
    group: NonNullable<
      | 'ground'
      | 'column'
      | 'girt'
      | 'purlin'
      | 'truss'
      | 'beam'
      | 'lean-to'
      | 'joint'
      | 'brace'
      | 'diaphragm'
      | 'site'
      | undefined
    >
    subjects: readonly string[]
  }
}): Check[] {
  const out: Check[] = []
  if (member.sags.length) {
    const { c: sagCase, q: sagNow } = member.sags
      .map((sag) => ({ c: sag, q: sagOf(member, sag) }))
      .reduce((best, each) => (each.q.ratio > best.q.ratio ? each : best))
    out.push(
      makeCheck({
        ...head,
        id: `${member.id}-sag`,
        title: `${member.title}: sag`,
        demand: sagNow.sagIn,
        capacity: sagNow.limitIn,
        unit: 'in',
        combination: sagCase.name,
        place: 'between its ends',
        fix: member.fix,
        governs:
          `${sagCase.name} sags it ${sig(sagNow.sagIn)} in. over ${formatLength(sagCase.loads.lengthIn)}; ` +
          (sagNow.limitIn === sagCase.mostIn
            ? `${sig(sagCase.mostIn)} in. is the most here.`
            : `1/${sagCase.over} of the span is allowed.`),
        trace: () => [
          line({
            label: `Sag, E·I ${sig(sagNow.ei)} lb·in²`,
            formula: 'from the diagram',
            numbers: sig(sagNow.sagIn),
            value: sagNow.sagIn,
            unit: 'in',
            clause: 'statics',
          }),
          line({
            label: 'Allowed',
            formula: sagCase.mostIn !== undefined && sagNow.limitIn === sagCase.mostIn ? 'limit in place' : 'L/n',
            numbers:
              sagCase.mostIn !== undefined && sagNow.limitIn === sagCase.mostIn
                ? sig(sagCase.mostIn)
                : `${sig(sagCase.loads.lengthIn)}/${sagCase.over}`,
            value: sagNow.limitIn,
            unit: 'in',
            clause: 'IBC 2021 Table 1604.3',
            verify: sagCase.mostIn !== undefined ? 'C26' : undefined,
          }),
        ],
        diagram: () => spanDiagram(sagCase.loads, sagNow.ei),
      }),
    )
  }
  return out
}

/**
 * Strength (bending about one or both axes, shear) and sag checks of a simple span, NDS 2018 3.3, 3.4, 3.9, with
 * diagram and trace.
 */
export function spanChecks(member: SpanMember): Check[] {
  const judged = member.cases.map((spanCase) => judge(member, spanCase))
  const first = judged[0]
  const head = { stage: member.stage, group: member.group, subjects: member.subjects }
  if (!first)
    return [
      notChecked({
        id: member.id,
        title: member.title,
        stage: member.stage,
        why: member.cases.length
          ? `No design values are tabled for ${member.lumber} ${member.size}.`
          : 'Nothing loads it.',
        fix: 'Choose a tabled grade, or enter the values off its stamp.',
        subjects: member.subjects,
      }),
    ]
  const j = (judged as readonly Judged[]).reduce(
    (best, judged) => (judged.ratio > best.ratio || !Number.isFinite(judged.ratio) ? judged : best),
    first,
  )
  const bends = j.bending >= j.shear
  const slender = !Number.isFinite(j.ratio)
  const out: Check[] = [
    makeCheck({
      ...head,
      id: member.id,
      title: member.title,
      demand: slender ? 9.99 : j.ratio,
      capacity: 1,
      unit: '',
      combination: j.spanCase.name,
      place: j.spanCase.place ?? (bends ? `${formatLength(j.forces.momentAtIn)} along` : 'at its end'),
      fix: member.fix,
      governs: slender
        ? `${j.spanCase.name}: its free edge is too slender (RB over 50).`
        : `${j.spanCase.name} ` +
          `${bends ? `bends it, ${sig(Math.abs(j.forces.momentInLb) / IN_PER_FT)} lb-ft` : `shears it, ${sig(j.forces.shearLb)} lb`} ` +
          `over ${formatLength(j.spanCase.loads.lengthIn)}.`,
      trace: () => [
        ...(j.spanCase.trace?.() ?? []),
        line({
          label: 'Largest moment',
          formula: `${j.spanCase.name}, from the diagram`,
          numbers: sig(Math.abs(j.forces.momentInLb) / IN_PER_FT),
          value: Math.abs(j.forces.momentInLb) / IN_PER_FT,
          unit: 'ft-lb',
          clause: 'statics',
        }),
        line({
          label: 'Bending stress',
          formula: 'fb = 12·M/S',
          numbers: `12 × ${sig(Math.abs(j.forces.momentInLb) / IN_PER_FT)}/${sig(j.strength.sIn3)}`,
          value: j.fb,
          unit: 'psi',
          clause: 'NDS 2018 3.3',
        }),
        line({
          label: 'Allowed bending',
          formula: member.flat ? "Fb' = Fb·CD·Cr·Cfu" : "Fb' = Fb·CD·Cr·CL",
          numbers:
            `${sig(j.strength.values.fb)} × ${j.spanCase.duration} × ${j.strength.cr} × ` +
            `${sig(member.flat ? j.strength.cfu : j.strength.cl)}`,
          value: j.fbAllowed,
          unit: 'psi',
          clause: `${j.strength.values.table}; NDS 2018 4.3`,
          verify: j.spanCase.verify ?? (j.strength.cr > 1 ? 'C06' : j.strength.values.verify),
        }),
        ...(j.fb2 > 0
          ? [
              line({
                label: 'Across the other axis',
                formula: "fb2/(Fb2'·(1−(fb1/FbE)²))",
                numbers: `${sig(j.fb2)}/(${sig(j.fb2Allowed)} × (1−(${sig(j.fb)}/${sig(j.strength.fbePsi)})²))`,
                value: j.bending - j.fb / j.fbAllowed,
                unit: '',
                clause: 'NDS 2018 3.9.2',
              }),
            ]
          : []),
        line({
          label: 'Shear stress',
          formula: 'fv = 1.5·V/A',
          numbers: `1.5 × ${sig(j.forces.shearLb)}/${sig(j.strength.areaIn2)}`,
          value: (1.5 * j.forces.shearLb) / j.strength.areaIn2,
          unit: 'psi',
          clause: 'NDS 2018 3.4',
        }),
        line({
          label: 'Allowed shear',
          formula: member.notchShare !== undefined && member.notchShare < 1 ? "Fv'·(notch)" : "Fv' = Fv·CD",
          numbers:
            `${sig(j.strength.values.fv)} × ` +
            (`${j.spanCase.duration}` +
              `${member.notchShare !== undefined && member.notchShare < 1 ? ` × ${sig(member.notchShare)}` : ''}`),
          value: j.strength.fvPsi * (member.notchShare ?? 1),
          unit: 'psi',
          clause: 'NDS 2018 3.4.3',
        }),
      ],
      diagram: () =>
        spanDiagram(
          j.spanCase.loads,
          j.strength.values.ePsi * j.strength.iIn4,
          Number.isFinite(j.fbAllowed) ? j.fbAllowed * j.strength.sIn3 : null,
        ),
    }),
  ]
  out.push(...sagChecks({ member, head }))
  return out
}
