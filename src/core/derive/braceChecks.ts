import { ROUNDING, radians } from '../units'
import { nailOf, nailStrength } from '../joints'
import { type Grid, isEave, type Post } from '../layout'
import type { Building, Side } from '../model'
import { type Check, line, makeCheck, notChecked, sig, type TraceLine, firstOf } from '../result'
import {
  type BoardSize,
  boardSize,
  boardValues,
  columnStability,
  type DesignValues,
  postSize,
  specificGravity,
  DURATION,
} from '../wood'
import { type BraceLine, braceLines } from '../frame/braceLines'
import type { Lateral } from '../frame/lateral'
import type { HoleKind } from '../frame/holes'

/** What all checks of one braced line share. */
interface BraceHead {
  readonly stage: 'bracing'
  readonly group: 'brace'
  readonly subjects: readonly string[]
  readonly combination: string
  readonly place: string
}

/** The couple a braced bay lifts its posts by, besides the roof's uplift. */
function coupleCheck({
  upliftAt,
  brace,
  head,
  id,
  names,
  trace,
}: {
  readonly upliftAt: (kinds: readonly string[]) => { readonly demandLb: number; readonly capacityLb: number }
  readonly brace: BraceLine
  readonly head: BraceHead
  readonly id: string
  readonly names: Readonly<Record<Side, string>>
  readonly trace: TraceLine[]
}): Check {
  const uplift = upliftAt(isEave(brace.side) ? ['eave', 'corner'] : ['gable', 'corner'])
  return makeCheck({
    ...head,
    id: `${id}-couple`,
    title: `${names[brace.side]}: braced posts held down`,
    demand: Math.max(0, uplift.demandLb) + brace.coupleLb,
    capacity: Math.max(uplift.capacityLb, ROUNDING),
    unit: 'lb',
    governs: `The braces lift their post by ${Math.round(brace.coupleLb)} lb besides the roof’s uplift.`,
    fix: 'Lower force by more braced bays; a wider or deeper collar.',
    trace: () => [
      ...trace,
      line({
        label: 'Couple at the posts',
        formula: 'V·H/s',
        numbers: `${sig(brace.shearLb / brace.bays)} × ${sig(brace.heightIn)}/${sig(brace.bayIn)}`,
        value: brace.coupleLb,
        unit: 'lb',
        clause: 'statics',
      }),
      line({
        label: 'Roof uplift there',
        formula: 'T',
        numbers: sig(uplift.demandLb),
        value: uplift.demandLb,
        unit: 'lb',
        clause: 'ASCE 7-16 2.4.1 (7)',
      }),
      line({
        label: 'What the hole holds',
        formula: 'see its uplift',
        numbers: sig(uplift.capacityLb),
        value: uplift.capacityLb,
        unit: 'lb',
        clause: 'see the hole’s uplift',
      }),
    ],
  })
}

/** A single board pushed by wind from the other side, held at every girt (NDS 2018 3.7.1). */
function pushChecks({
  brace,
  gapIn,
  size,
  values,
  id,
  title,
  head,
  trace,
}: {
  readonly brace: BraceLine
  readonly gapIn: number
  readonly size: BoardSize
  readonly values: DesignValues
  readonly id: string
  readonly title: string
  readonly head: BraceHead
  readonly trace: TraceLine[]
}): Check[] {
  const out: Check[] = []
  const le = Math.min(brace.lengthIn / 2, gapIn / Math.sin(radians(brace.alphaDeg))) / size.bIn
  const stability = columnStability({ slenderness: le, eMinPsi: values.eMin, fcStarPsi: values.fc * DURATION.wind })
  if (Number.isNaN(stability.cp))
    out.push(
      notChecked({
        id: `${id}-push`,
        title: `${title} pushed`,
        stage: 'bracing',
        why:
          `Nailed only at its ends and middle it is too limber to push (le/d ${sig(le)}): wind from the other ` +
          'side has nothing.',
        fix: 'X braces, or nail it at every girt.',
      }),
    )
  else
    out.push(
      makeCheck({
        ...head,
        id: `${id}-push`,
        title: `${title} pushed`,
        demand: brace.forceLb,
        capacity: values.fc * DURATION.wind * stability.cp * size.areaIn2,
        unit: 'lb',
        governs: `Wind from the other side pushes it with ${Math.round(brace.forceLb)} lb, held at every girt.`,
        fix: 'X braces.',
        trace: () => [
          ...trace,
          line({
            label: 'Slenderness, held at every girt',
            formula: 'le/d',
            numbers: `${sig(le * size.bIn)}/${sig(size.bIn)}`,
            value: le,
            unit: '',
            clause: 'NDS 2018 3.7.1',
          }),
          line({
            label: 'Stability',
            formula: 'CP at le/d',
            numbers: sig(stability.cp),
            value: stability.cp,
            unit: '',
            clause: 'NDS 2018 3.7.1.5',
          }),
          line({
            label: 'Allowed',
            formula: 'Fc·CD·CP·A',
            numbers: `${sig(values.fc)} × 1.6 × ${sig(stability.cp)} × ${sig(size.areaIn2)}`,
            value: values.fc * DURATION.wind * stability.cp * size.areaIn2,
            unit: 'lb',
            clause: 'NDS 2018 3.7.1',
          }),
        ],
      }),
    )
  return out
}

/** Rated straps only pull: each braced bay needs both diagonals. */
function strapCheck({
  spec,
  id,
  title,
  brace,
  head,
  trace,
}: {
  readonly spec: Building['bracing']
  readonly id: string
  readonly title: string
  readonly brace: BraceLine
  readonly head: BraceHead
  readonly trace: TraceLine[]
}) {
  if (spec.strapLb === null)
    return [
      notChecked({
        id,
        title,
        stage: 'bracing',
        why:
          `Each strap carries ${Math.round(brace.forceLb)} lb; its rating is not entered. Straps only pull: ` +
          'both diagonals are needed.',
        fix: 'Enter the rated strap with its fixings.',
      }),
    ]
  return [
    makeCheck({
      ...head,
      id,
      title,
      demand: brace.forceLb,
      capacity: spec.strapLb,
      unit: 'lb',
      governs: `Each strap pulls ${Math.round(brace.forceLb)} lb; both diagonals are needed.`,
      fix: 'More braced bays, or a heavier strap.',
      trace: () => [
        ...trace,
        line({
          label: 'Rated strap',
          formula: 'typed',
          numbers: sig(spec.strapLb ?? 0),
          value: spec.strapLb ?? 0,
          unit: 'lb',
          clause: 'maker’s report',
        }),
      ],
    }),
  ]
}

export function braceChecks({
  building,
  lines,
  names,
  gapIn,
  upliftAt,
}: {
  building: Building
  lines: readonly BraceLine[]
  names: Readonly<Record<Side, string>>
  gapIn: number
  upliftAt: (kinds: readonly string[]) => { readonly demandLb: number; readonly capacityLb: number }
}): Check[] {
  const spec = building.bracing
  const size = boardSize(spec.size)
  const values = boardValues(spec.lumber, size.nominal, building.grades)
  const nail = nailOf(spec.nail)
  return lines.flatMap((brace): Check[] => {
    const id = `brace-${brace.side}`
    const kindWords = () => {
      if (spec.walls === 'straps') return 'straps'
      if (spec.walls === 'single-boards') return 'single braces'
      return 'X braces'
    }
    const title = `${names[brace.side]}: ${kindWords()}`
    const head = {
      stage: 'bracing' as const,
      group: 'brace' as const,
      subjects: [],
      combination: '0.6W',
      place: brace.between,
    }
    if (brace.alphaDeg > 60.5)
      return [
        notChecked({
          id,
          title,
          stage: 'bracing',
          why: `The braces would stand at ${sig(brace.alphaDeg)}°: too steep to work.`,
          fix: 'Brace a wider bay, or across two bays.',
        }),
      ]
    const trace: TraceLine[] = [
      line({
        label: `Shear in the wall, over ${brace.bays} braced bay${brace.bays === 1 ? '' : 's'}`,
        formula: 'V',
        numbers: sig(brace.shearLb),
        value: brace.shearLb,
        unit: 'lb',
        clause: 'ASCE 7-16 2.4.1 (5)',
      }),
      line({
        label: 'Force in one brace',
        formula: 'T = V/cosα',
        numbers: `${sig(brace.shearLb / brace.bays)}/cos(${sig(brace.alphaDeg)}°)`,
        value: brace.forceLb,
        unit: 'lb',
        clause: 'statics',
      }),
    ]
    if (spec.walls === 'straps') {
      return strapCheck({ spec, id, title, brace, head, trace })
    }
    if (!values || !nail)
      return [
        notChecked({
          id,
          title,
          stage: 'bracing',
          why: values ? `No nail is called “${spec.nail}”.` : `No design values are tabled for ${spec.lumber}.`,
          fix: 'Choose from the lists.',
        }),
      ]
    const one = nailStrength({
      nail,
      sideIn: 1.5,
      mainIn: postSize(building.post).depthIn,
      gMain: specificGravity(building.post.lumber, building.grades),
      gSide: specificGravity(spec.lumber, building.grades),
      duration: DURATION.wind,
      wet: building.joints.wetPosts,
    })
    const nails = one.lateralLb * spec.nails
    const wood = values.ft * DURATION.wind * size.areaIn2
    const out = [
      makeCheck({
        ...head,
        id,
        title,
        demand: brace.forceLb,
        capacity: Math.min(nails, wood),
        unit: 'lb',
        governs:
          `Each brace pulls ${Math.round(brace.forceLb)} lb; ` +
          `${nails < wood ? `${spec.nails} nails at each end` : 'the board'} give first.`,
        fix: 'More nails, or more braced bays.',
        trace: () => [
          ...trace,
          ...one.trace.slice(0, 2),
          line({
            label: 'Nails at one end',
            formula: "n·Z'",
            numbers: `${spec.nails} × ${sig(one.lateralLb)}`,
            value: nails,
            unit: 'lb',
            clause: 'NDS 2018 12.3',
          }),
          line({
            label: 'The board in tension',
            formula: "Ft'·A",
            numbers: `${sig(values.ft)} × 1.6 × ${sig(size.areaIn2)}`,
            value: wood,
            unit: 'lb',
            clause: 'NDS 2018 3.8',
          }),
        ],
      }),
    ]
    if (spec.walls === 'single-boards') {
      out.push(...pushChecks({ brace, gapIn, size, values, id, title, head, trace }))
    }
    out.push(coupleCheck({ upliftAt, brace, head, id, names, trace }))
    return out
  })
}

/** What holds least at the foot of posts of these kinds. */
export function upliftOfKinds(
  holes: readonly HoleKind[],
  kinds: readonly string[],
): { readonly demandLb: number; readonly capacityLb: number } {
  const own = holes.filter((hole) => kinds.includes(hole.kind))
  return own.length
    ? own.reduce(
        (best, hole) =>
          hole.uplift.capacityLb - hole.uplift.demandLb < best.capacityLb - best.demandLb ? hole.uplift : best,
        firstOf(own).uplift,
      )
    : { demandLb: 0, capacityLb: 0 }
}

/**
 * Worst ratio of the braces of a building whose frames and holes are known; not a number where one cannot be checked.
 * What sizing asks for.
 */
export function bracesWorst({
  building,
  grid,
  lateral,
  posts,
  holes,
  gapIn,
}: {
  building: Building
  grid: Grid
  lateral: Lateral
  posts: readonly Post[]
  holes: readonly HoleKind[]
  gapIn: number
}): number {
  const checks = braceChecks({
    building,
    lines: braceLines(building, grid, lateral, posts),
    names: { south: '', east: '', north: '', west: '' },
    gapIn,
    upliftAt: (kinds) => upliftOfKinds(holes, kinds),
  })
  return checks.reduce((most, check) => (check.state === 'not-checked' ? NaN : Math.max(most, check.ratio)), 0)
}
