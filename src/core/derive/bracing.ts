import { nailOf, nailStrength, laminationPlan } from '../joints'
import { isEave, type Grid, type Post } from '../layout'
import { SIDES, type Building, type Job, type Side } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type TraceLine } from '../result'
import { formatLength } from '../units'
import {
  BoardSize,
  boardSize,
  boardValues,
  columnStability,
  DesignValues,
  girtRatios,
  PostSize,
  postSize,
  specificGravity,
} from '../wood'
import { FrameRow, shearLengthFt, type Lateral } from './frames'
import type { HoleKind } from './holes'
import type { SiteResults } from './siteResults'

/**
 * In-plane shear that each wall must take to the ground, lb at service level: end walls from the roof diaphragm, eave
 * walls from wind on the gables.
 */
export function wallShearLb(lateral: Omit<Lateral, 'units' | 'cases'>): Record<Side, number> {
  const { row, relied } = lateral
  const total = row.loadLb.reduce((sum, value) => sum + value, 0)
  const end = (i: 0 | 1) => {
    if (relied === 'roof trusted') return total / 2
    if (relied === 'roof checked') return Math.abs(row.wallLbIn[i] * row.moveIn[i === 0 ? 0 : row.moveIn.length - 1])
    return 0
  }
  return { west: end(0), east: end(1), south: lateral.alongLb / 2, north: lateral.alongLb / 2 }
}

/** One line of braces in a wall: bay width, angle, length and forces. */
export interface BraceLine {
  readonly side: Side
  readonly shearLb: number
  readonly bays: number
  readonly bayIn: number
  readonly heightIn: number
  readonly alphaDeg: number
  readonly lengthIn: number
  readonly forceLb: number
  readonly coupleLb: number
  readonly stockIn: number
  readonly between: string
}

/** Braces of every wall that has them: paired bays next to the corners first, against the wind from both sides. */
export function braceLines(building: Building, grid: Grid, lateral: Lateral, posts: readonly Post[]): BraceLine[] {
  if (building.bracing.walls === 'skin' || building.bracing.walls === 'none') return []
  const shear = wallShearLb(lateral)
  return SIDES.filter((side) => shear[side] > 0).map((side): BraceLine => {
    const eave = isEave(side)
    const bayIn = eave ? Math.min(...grid.baysIn) : grid.widthIn / (grid.gableIn.length + 1)
    const heightIn = building.heelIn - building.skirt.topIn
    const alpha = Math.atan(heightIn / bayIn)
    const force = shear[side] / building.bracing.baysPerWall / Math.cos(alpha)
    const row = posts
      .filter((post) =>
        eave
          ? post.side === side && post.kind !== 'lean-to'
          : post.line === (side === 'west' ? 1 : grid.centresIn.length) && post.kind !== 'lean-to',
      )
      .sort((one, other) => (eave ? one.x - other.x : one.y - other.y))
    const first = row
      .slice(0, 2)
      .map((post) => post.id)
      .join('–')
    const lastPair = row
      .slice(-2)
      .map((post) => post.id)
      .join('–')
    // Both ends cut plumb between posts: the board bought is longer by d·tan α.
    return {
      side,
      shearLb: shear[side],
      bays: building.bracing.baysPerWall,
      bayIn,
      heightIn,
      alphaDeg: (alpha * 180) / Math.PI,
      lengthIn: bayIn / Math.cos(alpha),
      forceLb: force,
      coupleLb: (shear[side] / building.bracing.baysPerWall) * (heightIn / bayIn),
      stockIn: bayIn / Math.cos(alpha) + boardSize(building.bracing.size).dIn * Math.tan(alpha),
      between: building.bracing.baysPerWall > 1 ? `${first} and ${lastPair}` : first,
    }
  })
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
  readonly head: { stage: 'bracing'; group: 'brace'; subjects: never[]; combination: string; place: string }
  readonly id: string
  readonly names: Readonly<Record<'south' | 'east' | 'north' | 'west', string>>
  readonly trace: TraceLine[]
}): Check {
  const uplift = upliftAt(isEave(brace.side) ? ['eave', 'corner'] : ['gable', 'corner'])
  return makeCheck({
    ...head,
    id: `${id}-couple`,
    title: `${names[brace.side]}: braced posts held down`,
    demand: Math.max(0, uplift.demandLb) + brace.coupleLb,
    capacity: Math.max(uplift.capacityLb, 1e-9),
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
  readonly head: { stage: 'bracing'; group: 'brace'; subjects: never[]; combination: string; place: string }
  readonly trace: TraceLine[]
}): Check[] {
  const out: Check[] = []
  const le = Math.min(brace.lengthIn / 2, gapIn / Math.sin((brace.alphaDeg * Math.PI) / 180)) / size.bIn
  const stability = columnStability({ slenderness: le, eMinPsi: values.eMin, fcStarPsi: values.fc * 1.6 })
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
        capacity: values.fc * 1.6 * stability.cp * size.areaIn2,
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
            value: values.fc * 1.6 * stability.cp * size.areaIn2,
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
  readonly spec: {
    walls: 'none' | 'skin' | 'x-boards' | 'single-boards' | 'straps'
    size: '2x4' | '2x6' | '2x8' | '2x10' | '2x12'
    lumber: string
    nail:
      | '8d-common'
      | '10d-common'
      | '16d-common'
      | '20d-common'
      | '30d-common'
      | '40d-common'
      | '50d-common'
      | '60d-common'
      | 'ring-135'
      | 'ring-148'
      | 'ring-177'
      | 'ring-200'
      | 'ring-207'
    nails: number
    swayOver: number | null
    strapLb: number | null
    baysPerWall: number
  }
  readonly id: string
  readonly title: string
  readonly brace: BraceLine
  readonly head: { stage: 'bracing'; group: 'brace'; subjects: never[]; combination: string; place: string }
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

function braceChecks({
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
    const title = `${names[brace.side]}: ` + `${kindWords()}`
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
      duration: 1.6,
      wet: building.joints.wetPosts,
    })
    const nails = one.lateralLb * spec.nails
    const wood = values.ft * 1.6 * size.areaIn2
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
function upliftOfKinds(
  holes: readonly HoleKind[],
  kinds: readonly string[],
): { readonly demandLb: number; readonly capacityLb: number } {
  const own = holes.filter((hole) => kinds.includes(hole.kind))
  return own.length
    ? own.reduce(
        (best, hole) =>
          hole.uplift.capacityLb - hole.uplift.demandLb < best.capacityLb - best.demandLb ? hole.uplift : best,
        own[0].uplift,
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

/**
 * How far the eave moves under wind across the ridge, against what the user says doors and finishes allow: no code sets
 * a limit for wind (IBC 2021 1604.3; ASCE 7-16 Appendix C).
 */
export function swayCheck(building: Building, lateral: Lateral): Check {
  const [id, title] = ['sway', 'Sway of the eave under wind']
  const { row } = lateral
  const at = row.moveIn.reduce((soFar, value, i) => (value > row.moveIn[soFar] ? i : soFar), 0)
  const move = row.moveIn[at]
  if (lateral.relied === 'roof trusted')
    return notChecked({
      id,
      title,
      stage: 'bracing',
      why: 'The roof is taken to hold the eave still; its movement is not computed without tested skin values.',
      fix: 'Enter the skin’s tested values.',
    })
  if (!Number.isFinite(move))
    return notChecked({
      id,
      title,
      stage: 'bracing',
      why: 'Nothing holds these frames: they do not stand, so their sway has no figure.',
      fix: 'Knee braces, posts in the ground, or a checked roof diaphragm.',
    })
  const height =
    `${sig(move)} in. at line ${at + 1}, the height over ` +
    `${move > 1e-6 ? Math.floor(building.heelIn / move) : 'more than can be said'}`
  if (building.bracing.swayOver === null)
    return notChecked({
      id,
      title,
      stage: 'bracing',
      why: `Wind moves the eave ${height}. No code limits it and no limit is entered.`,
      fix: 'Enter what doors, glass and finishes allow.',
    })
  return makeCheck({
    id,
    title,
    stage: 'bracing',
    group: 'diaphragm',
    subjects: [],
    demand: move,
    capacity: building.heelIn / building.bracing.swayOver,
    unit: 'in',
    combination: '0.6W',
    place: `line ${at + 1}`,
    governs: `Wind moves the eave ${height}; its height over ${building.bracing.swayOver} is allowed.`,
    fix: 'A deeper post, knee braces the truss maker has designed for, or a roof diaphragm with tested values.',
    trace: () => [
      line({
        label: 'Load of the frame',
        formula: 'R = w·bay',
        numbers: `${sig(row.eavePlf)} × ${sig(row.loadLb[at] / row.eavePlf)}`,
        value: row.loadLb[at],
        unit: 'lb',
        clause: 'ASCE 7-16 27.3, 2.4.1',
      }),
      line({
        label: 'Eave movement',
        formula: row.result ? `K·D = R, ${row.loadLb.length} frames solved together` : 'Δ = R/k',
        numbers: row.result ? sig(move) : `${sig(row.loadLb[at])}/${sig(row.frameLbIn[at])}`,
        value: move,
        unit: 'in',
        clause: row.result ? 'ASABE EP484' : 'statics',
      }),
      line({
        label: 'Allowed',
        formula: 'H/n',
        numbers: `${sig(building.heelIn)}/${building.bracing.swayOver}`,
        value: building.heelIn / (building.bracing.swayOver ?? 1),
        unit: 'in',
        clause: 'ASCE 7-16 Appendix C',
      }),
    ],
  })
}

/** The skirt board between posts, with half the wall up to the first girt. */
function skirtChecks({
  grid,
  building,
  gapIn,
  results,
}: {
  readonly grid: Grid
  readonly building: Building
  readonly gapIn: number
  readonly results: SiteResults
}): Check[] {
  const out: Check[] = []
  const bay = Math.max(...grid.baysIn)
  const name =
    (['2x12', '2x10', '2x8', '2x6', '2x4'] as const).find(
      (board) => boardSize(board).dIn <= building.skirt.depthIn + 0.01,
    ) ?? '2x4'
  const girt = girtRatios(
    {
      style: 'flat',
      size: name,
      lumber: building.girts.lumber,
      spans: 1,
      own: building.grades,
      finish: building.wallFinish,
    },
    {
      spanIn: bay,
      spaceIn: Math.max(6, building.skirt.topIn / 2 + gapIn / 2),
      inwardPsf: results.claddingQhPsf * (1 + results.wind.gcpi),
      outwardPsf: -results.claddingQhPsf * (1.1 + results.wind.gcpi),
    },
  )
  if (girt)
    out.push(
      makeCheck({
        id: 'skirt',
        title: 'Skirt board',
        stage: 'walls',
        group: 'girt',
        subjects: [],
        demand: girt.ratios.worst,
        capacity: 1,
        unit: '',
        combination: '0.6W',
        place: 'between posts',
        governs:
          `Wind works a ${name.replace('x', '×')} over ${formatLength(bay)} with half the wall up to the first ` +
          'girt.',
        fix: 'A stake or slab edge between posts, or a doubled board.',
        trace: girt.trace,
      }),
    )
  return out
}

/** How the plies are nailed together (NDS 2018 15.3.3.1, ASABE EP559). */
function laminationChecks({ building, size }: { readonly building: Building; readonly size: PostSize }): Check[] {
  const out: Check[] = []
  const plan = laminationPlan({
    lamination: building.joints.lamination,
    plies: size.plies,
    depthIn: size.depthIn,
    lengthIn: building.heelIn + building.minimumDepthIn,
    gravity: specificGravity(building.post.lumber, building.grades),
  })
  // A rule is kept or broken: there is no half-way that would read as close.
  const broken = plan.rules.filter((rule) => !rule.ok)
  out.push(
    makeCheck({
      id: 'lamination',
      title: 'Nails that laminate the posts',
      stage: 'posts',
      group: 'joint',
      subjects: [],
      demand: broken.length ? 1 + broken.length / 10 : 0,
      capacity: 1,
      unit: 'rules',
      combination: 'detailing',
      place: broken[0]?.rule ?? 'every rule kept',
      governs:
        `${plan.total} nails, ${plan.columns} columns at ${sig(plan.spacingIn)} in.; ` +
        (`${broken.length ? `broken: ${broken.map((rule) => rule.rule).join(', ')}` : 'every rule of NDS 15.3.3 is kept'}` +
          '.'),
      fix:
        'Nails long enough to reach three quarters of the last ply, spaced within the rules. Until then the ' +
        'plies count apart.',
      trace: () =>
        plan.rules.map((rule) =>
          line({
            label: rule.rule,
            formula: rule.most > 90 ? `${sig(rule.least)} at least` : `${sig(rule.least)} to ${sig(rule.most)}`,
            numbers: sig(rule.has),
            value: rule.has,
            unit: rule.unit,
            clause: 'NDS 2018 15.3.3.1',
          }),
        ),
    }),
  )
  if (building.post.ep559)
    out.push(
      building.joints.lamination.interfacePlf === null
        ? notChecked({
            id: 'ep559',
            title: 'EP559 fastening of the laminations',
            stage: 'posts',
            why:
              `The nails pass ${sig(plan.interfacePlf ?? 0)} plf between plies; the shear EP559 asks for is not ` +
              'entered, so its bending factors rest on your word.',
            fix: 'Enter the interlayer shear EP559 asks for.',
          })
        : makeCheck({
            id: 'ep559',
            title: 'EP559 fastening of the laminations',
            stage: 'posts',
            group: 'joint',
            subjects: [],
            demand: building.joints.lamination.interfacePlf,
            capacity: Math.max(plan.interfacePlf ?? 0, 1e-9),
            unit: 'plf',
            combination: 'as EP559 asks',
            place: 'between two plies',
            governs: `The nails pass ${sig(plan.interfacePlf ?? 0)} plf between plies.`,
            fix: 'More or thicker nails.',
            trace: () => [
              line({
                label: 'Between two plies',
                formula: 'rows·Z·12/spacing',
                numbers:
                  `${building.joints.lamination.rows} × ` +
                  `${sig(((plan.interfacePlf ?? 0) * plan.spacingIn) / (12 * building.joints.lamination.rows))} ` +
                  `× 12/${sig(plan.spacingIn)}`,
                value: plan.interfacePlf ?? 0,
                unit: 'plf',
                clause: 'NDS 2018 12.3, ASABE EP559',
                verify: 'C08',
              }),
            ],
          }),
    )
  return out
}

/** Knee braces under their hardest wind: pushed as columns, pulled as ties (NDS 2018 3.7, 3.8). */
function kneeChecks({
  building,
  lateral,
  head,
}: {
  readonly building: Building
  readonly lateral: Lateral
  readonly head: { stage: 'bracing'; group: 'diaphragm'; subjects: string[] }
}): Check[] {
  const out: Check[] = []
  const knee = building.knee
  if (!knee) return []
  const size = boardSize(knee.size)
  const values = boardValues(knee.lumber, size.nominal, building.grades)
  const length = Math.hypot(knee.downIn, knee.outIn)
  if (!knee.trussDesigned)
    out.push(
      notChecked({
        id: 'knee-truss',
        title: 'Knee braces on the trusses',
        stage: 'bracing',
        why:
          `Each knee pushes and pulls the truss with ${Math.round(lateral.kneeLb).toLocaleString('en-US')} lb. ` +
          'The truss maker has not designed for it.',
        fix: 'Do not add knee braces until the truss maker has designed for them.',
      }),
    )
  if (values) {
    const stability = columnStability({
      slenderness: length / size.bIn / knee.plies,
      eMinPsi: values.eMin,
      fcStarPsi: values.fc * 1.6,
    })
    const cap = Math.min(values.fc * 1.6 * stability.cp, values.ft * 1.6) * size.areaIn2 * knee.plies
    out.push(
      Number.isNaN(stability.cp)
        ? notChecked({
            id: 'knee',
            title: 'Knee braces',
            stage: 'bracing',
            why: `A brace ${formatLength(length)} long is too limber (le/d over 50).`,
            fix: 'Shorter, doubled or blocked braces.',
          })
        : makeCheck({
            ...head,
            group: 'brace',
            id: 'knee',
            title: 'Knee braces',
            demand: lateral.kneeLb,
            capacity: cap,
            unit: 'lb',
            combination: 'D+0.6W',
            place: 'each eave post',
            governs: `The frame puts ${Math.round(lateral.kneeLb).toLocaleString('en-US')} lb into each knee.`,
            fix: 'Doubled braces, or braces that meet lower on the post.',
            trace: () => [
              line({
                label: 'Force in the knee',
                formula: 'post, stiff truss and knee solved together',
                numbers: sig(lateral.kneeLb),
                value: lateral.kneeLb,
                unit: 'lb',
                clause: 'statics',
              }),
              line({
                label: 'Stability of the knee',
                formula: 'CP at le/d',
                numbers: sig(stability.cp),
                value: stability.cp,
                unit: '',
                clause: `NDS 2018 3.7.1.5; le/d ${sig(length / size.bIn / knee.plies)}`,
              }),
              line({
                label: 'What it can take',
                formula: "the less of Fc'·CP and Ft', × A",
                numbers:
                  `min(${sig(values.fc)} × 1.6 × ${sig(stability.cp)}, ${sig(values.ft)} × 1.6) × ` +
                  `${sig(size.areaIn2)} × ${knee.plies}`,
                value: cap,
                unit: 'lb',
                clause: 'NDS 2018 3.7, 3.8',
              }),
            ],
          }),
    )
  }
  return out
}

/** The eave girt as chord of the roof diaphragm: w·L²/(8·B) (ASABE EP484). */
function chordChecks({
  row,
  grid,
  building,
  head,
}: {
  readonly row: FrameRow
  readonly grid: Grid
  readonly building: Building
  readonly head: { stage: 'bracing'; group: 'diaphragm'; subjects: string[] }
}): Check[] {
  const out: Check[] = []
  const chord = (row.eavePlf * (grid.lengthIn / 12) ** 2) / (8 * (grid.widthIn / 12))
  const girt = boardValues(building.girts.lumber, boardSize(building.girts.size).nominal, building.grades)
  if (girt) {
    const cap = girt.ft * 1.6 * boardSize(building.girts.size).areaIn2
    out.push(
      makeCheck({
        ...head,
        id: 'chord',
        title: 'Eave girt as chord of the roof',
        demand: chord,
        capacity: cap,
        unit: 'lb',
        combination: '0.6W',
        place: 'mid-length of each eave',
        governs:
          `The eave girt is pulled with ${Math.round(chord).toLocaleString('en-US')} lb at mid-length; its ` +
          'splices must carry that.',
        fix: 'A doubled or wider top girt, spliced over posts with blocks.',
        trace: () => [
          line({
            label: 'Chord force',
            formula: 'w·L²/(8·B)',
            numbers: `${sig(row.eavePlf)} × ${sig(grid.lengthIn / 12)}²/(8 × ${sig(grid.widthIn / 12)})`,
            value: chord,
            unit: 'lb',
            clause: 'ASABE EP484',
            verify: 'C18',
          }),
          line({
            label: 'Board in tension',
            formula: "Ft'·A",
            numbers: `${sig(girt.ft)} × 1.6 × ${sig(boardSize(building.girts.size).areaIn2)}`,
            value: cap,
            unit: 'lb',
            clause: 'NDS 2018 3.8',
          }),
        ],
      }),
    )
  }
  return out
}

/** Roof diaphragm whose skin has tested values: shear along each slope in the end bay (ASABE EP484). */
function diaphragmChecks({
  row,
  cos,
  slopeFt,
  building,
  ratio,
  head,
  grid,
}: {
  readonly row: FrameRow
  readonly cos: number
  readonly slopeFt: number
  readonly building: Building
  readonly ratio: number
  readonly head: { stage: 'bracing'; group: 'diaphragm'; subjects: string[] }
  readonly grid: Grid
}): Check[] {
  const out: Check[] = []
  const allow = building.skin.roofAllowPlf
  if (!row.result || allow === null) return []
  const bay = Math.max(...row.result.bayShearLb.map(Math.abs))
  const perSlope = bay / 2 / cos
  const shearPlf = perSlope / slopeFt
  if (ratio > 4)
    out.push(
      notChecked({
        id: 'diaphragm-shape',
        title: 'Roof diaphragm, proportions',
        stage: 'bracing',
        why: `The building is ${sig(ratio)} times as long as wide; past 4 the sharing by stiffness is not relied on here.`,
        fix: 'An interior shear wall, or an engineer.',
      }),
    )
  out.push(
    makeCheck({
      ...head,
      id: 'diaphragm',
      title: 'Roof diaphragm',
      demand: shearPlf,
      capacity: allow,
      unit: 'plf',
      combination: '0.6W',
      place: 'end bay',
      governs: `The end bay passes ${Math.round(shearPlf)} plf along each slope to the end wall.`,
      fix: 'A stronger roof assembly, a shorter building between shear walls, or knee braces.',
      trace: () => [
        line({
          label: 'Eave load of one frame',
          formula: 'R = w·bay',
          numbers: `${sig(row.eavePlf)} × ${sig(Math.max(...row.loadLb) / row.eavePlf)}`,
          value: Math.max(...row.loadLb),
          unit: 'lb',
          clause: 'ASCE 7-16 27.3, statics',
        }),
        line({
          label: 'Bay stiffness',
          formula: 'c = 2·G·Ls/s·cos²θ',
          numbers:
            `2 × ${sig(building.skin.roofStiffnessLbPerIn ?? 0)} × ` +
            `${sig(slopeFt * 12)}/${sig(Math.min(...grid.baysIn))} × ${sig(cos)}²`,
          value: Math.max(...row.bayLbIn),
          unit: 'lb/in',
          clause: 'ASABE EP484',
          verify: 'C18',
        }),
        line({
          label: 'Largest bay shear',
          formula: `K·D = R, ${row.loadLb.length} frames solved together`,
          numbers: sig(bay),
          value: bay,
          unit: 'lb',
          clause: 'ASABE EP484',
          verify: 'C18',
        }),
        line({
          label: 'Along one slope',
          formula: 'V/2/cosθ',
          numbers: `${sig(bay)}/2/${sig(cos)}`,
          value: perSlope,
          unit: 'lb',
          clause: 'statics',
        }),
        line({
          label: 'Per foot of slope',
          formula: 'v = V/Ls',
          numbers: `${sig(perSlope)}/${sig(slopeFt)}`,
          value: shearPlf,
          unit: 'plf',
          clause: 'statics',
        }),
      ],
    }),
  )
  return out
}

/** A wall in its own plane: the shear it must take to the ground against its skin, between its openings. */
function wallShearCheck({
  building,
  grid,
  side,
  shearLb,
  wallName,
}: {
  readonly building: Building
  readonly grid: Grid
  readonly side: Side
  readonly shearLb: number
  readonly wallName: string
}): Check {
  const id = `wall-shear-${side}`
  const title = `${wallName} in its own plane`
  const feet = shearLengthFt(building, grid, side)
  const why = `${Math.round(shearLb).toLocaleString('en-US')} lb of wind must go down this wall`
  if (feet <= 0) {
    return notChecked({
      id,
      title,
      stage: 'bracing',
      why: `${why}; it has no skin to carry it.`,
      fix: 'Braces in this wall, or an engineer.',
    })
  }
  if (building.bracing.walls === 'none' || building.skin.wallAllowPlf === null) {
    return notChecked({
      id,
      title,
      stage: 'bracing',
      why:
        `${why}, ${Math.round(shearLb / feet)} plf over ${sig(feet)} ft between openings; ` +
        (`${building.bracing.walls === 'none' ? 'no braces are drawn' : 'the wall skin’s tested strength is not entered'}` +
          '.'),
      fix: 'Enter the skin’s tested values, or brace the wall.',
    })
  }
  const allow = building.skin.wallAllowPlf
  return makeCheck({
    stage: 'bracing',
    group: 'diaphragm',
    subjects: [],
    id,
    title,
    demand: shearLb / feet,
    capacity: allow,
    unit: 'plf',
    combination: '0.6W',
    place: 'between openings',
    governs: `${why}, ${Math.round(shearLb / feet)} plf between its openings.`,
    fix: 'Fewer openings in this wall, a stronger skin, or braces.',
    trace: () => [
      line({
        label: 'Shear in the wall',
        formula: 'V',
        numbers: sig(shearLb),
        value: shearLb,
        unit: 'lb',
        clause: 'ASCE 7-16 27.3',
      }),
      line({
        label: 'Per foot',
        formula: 'v = V/L',
        numbers: `${sig(shearLb)}/${sig(feet)}`,
        value: shearLb / feet,
        unit: 'plf',
        clause: 'statics',
      }),
      line({
        label: 'Pull at the end of each piece',
        formula: 'v·h',
        numbers: `${sig(shearLb / feet)} × ${sig(building.heelIn / 12)}`,
        value: (shearLb / feet) * (building.heelIn / 12),
        unit: 'lb',
        clause: 'statics',
      }),
    ],
  })
}

/** Roof diaphragm, end and eave walls, chords, knee braces, braces, skirt, lamination and what they rest on. */
export function bracingChecks({
  job,
  grid,
  lateral,
  lines,
  holes,
  results,
  names,
  gapIn,
}: {
  job: Job
  grid: Grid
  lateral: Lateral
  lines: readonly BraceLine[]
  holes: readonly HoleKind[]
  results: SiteResults
  names: Readonly<Record<Side, string>>
  gapIn: number
}): Check[] {
  const building = job.building
  const out: Check[] = []
  const head = { stage: 'bracing' as const, group: 'diaphragm' as const, subjects: [] as string[] }
  const shear = wallShearLb(lateral)
  const { row } = lateral
  const slopeFt = Math.hypot(grid.widthIn / 24, ((grid.widthIn / 24) * building.pitchPer12) / 12)
  const cos = grid.widthIn / 24 / slopeFt
  const ratio = grid.lengthIn / grid.widthIn
  if (job.site.highSeismic)
    out.push(
      notChecked({
        id: 'seismic',
        title: 'Earthquake',
        stage: 'bracing',
        why: 'Seismic Design Category D or above, or heavy walls: not computed here.',
        fix: 'Take the building to an engineer.',
      }),
    )
  if (lateral.relied === 'roof trusted')
    out.push(
      notChecked({
        id: 'diaphragm',
        title: 'Roof diaphragm and end walls',
        stage: 'bracing',
        why:
          `Post tops are taken as held by the roof: it must pass ${Math.round(shear.west / (2 * slopeFt * cos))} ` +
          `plf on each slope and ${Math.round(shear.west)} lb into each end wall. Its strength is not computed ` +
          'without tested skin values.',
        fix: 'Enter the skin’s tested values, or let the frames stand alone.',
      }),
    )
  else if (lateral.relied === 'frames alone')
    out.push(
      notChecked({
        id: 'diaphragm',
        title: 'Roof diaphragm',
        stage: 'bracing',
        why: lateral.why,
        fix:
          building.diaphragm === 'checked'
            ? 'Enter the skin’s tested values.'
            : 'Nothing more where the frames hold by themselves; see the posts.',
      }),
    )
  else if (row.result && building.skin.roofAllowPlf !== null) {
    out.push(...diaphragmChecks({ row, cos, slopeFt, building, ratio, head, grid }))
    out.push(...chordChecks({ row, grid, building, head }))
  }
  out.push(swayCheck(building, lateral))
  // Walls in their own plane.
  for (const side of SIDES) {
    const shearLb = shear[side]
    if (shearLb <= 0 || lines.some((line) => line.side === side)) continue
    out.push(wallShearCheck({ building, grid, side, shearLb, wallName: names[side] }))
  }
  out.push(...braceChecks({ building, lines, names, gapIn, upliftAt: (kinds) => upliftOfKinds(holes, kinds) }))
  if (building.knee) {
    out.push(...kneeChecks({ building, lateral, head }))
  }
  const size = postSize(building.post)
  if (size.wood === 'laminated') {
    out.push(...laminationChecks({ building, size }))
  }
  if (building.skirt.depthIn > 0) {
    out.push(...skirtChecks({ grid, building, gapIn, results }))
  }
  return out
}
