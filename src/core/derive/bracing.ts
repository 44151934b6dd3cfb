import { type Grid } from '../layout'
import { type Building, type Job, type Side, SIDES } from '../model'
import { type Check, makeCheck, notChecked } from '../result'
import { formatLength, IN_PER_FT, PITCH_RUN_IN } from '../units'
import { boardSize, girtRatios, postSize } from '../wood'
import { braceChecks, upliftOfKinds } from './braceChecks'
import { type BraceLine, wallShearLb } from '../frame/braceLines'
import { chordChecks, diaphragmChecks, swayCheck, wallShearCheck } from './diaphragmChecks'
import { type Lateral } from '../frame/lateral'
import type { HoleKind } from '../frame/holes'
import { kneeChecks } from './kneeChecks'
import { laminationChecks } from './laminationChecks'
import type { SiteResults } from '../frame/siteResults'

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
  const slopeFt = Math.hypot(
    grid.widthIn / 2 / IN_PER_FT,
    ((grid.widthIn / 2 / IN_PER_FT) * building.pitchPer12) / PITCH_RUN_IN,
  )
  const cos = grid.widthIn / 2 / IN_PER_FT / slopeFt
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
