import { SAME_IN, IN_PER_FT } from '../units'
import type { Grid } from '../layout'
import type { Building, Side } from '../model'
import { type Check, line, makeCheck, notChecked, sig, item } from '../result'
import { boardSize, boardValues, DURATION } from '../wood'
import { type FrameRow, type Lateral, shearLengthFt } from '../frame/lateral'

/**
 * How far the eave moves under wind across the ridge, against what the user says doors and finishes allow: no code sets
 * a limit for wind (IBC 2021 1604.3; ASCE 7-16 Appendix C).
 */
export function swayCheck(building: Building, lateral: Lateral): Check {
  const [id, title] = ['sway', 'Sway of the eave under wind']
  const { row } = lateral
  const at = row.moveIn.reduce((soFar, value, i) => (value > item(row.moveIn, soFar) ? i : soFar), 0)
  const move = item(row.moveIn, at)
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
    `${move > SAME_IN ? Math.floor(building.heelIn / move) : 'more than can be said'}`
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
        numbers: `${sig(row.eavePlf)} × ${sig(item(row.loadLb, at) / row.eavePlf)}`,
        value: item(row.loadLb, at),
        unit: 'lb',
        clause: 'ASCE 7-16 27.3, 2.4.1',
      }),
      line({
        label: 'Eave movement',
        formula: row.result ? `K·D = R, ${row.loadLb.length} frames solved together` : 'Δ = R/k',
        numbers: row.result ? sig(move) : `${sig(item(row.loadLb, at))}/${sig(item(row.frameLbIn, at))}`,
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

/** The eave girt as chord of the roof diaphragm: w·L²/(8·B) (ASABE EP484). */
export function chordChecks({
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
  const chord = (row.eavePlf * (grid.lengthIn / IN_PER_FT) ** 2) / (8 * (grid.widthIn / IN_PER_FT))
  const girt = boardValues(building.girts.lumber, boardSize(building.girts.size).nominal, building.grades)
  if (girt) {
    const cap = girt.ft * DURATION.wind * boardSize(building.girts.size).areaIn2
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
            numbers: `${sig(row.eavePlf)} × ${sig(grid.lengthIn / IN_PER_FT)}²/(8 × ${sig(grid.widthIn / IN_PER_FT)})`,
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
export function diaphragmChecks({
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
            `${sig(slopeFt * IN_PER_FT)}/${sig(Math.min(...grid.baysIn))} × ${sig(cos)}²`,
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
export function wallShearCheck({
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
        numbers: `${sig(shearLb / feet)} × ${sig(building.heelIn / IN_PER_FT)}`,
        value: (shearLb / feet) * (building.heelIn / IN_PER_FT),
        unit: 'lb',
        clause: 'statics',
      }),
    ],
  })
}
