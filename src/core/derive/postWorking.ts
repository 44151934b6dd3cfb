import { WIND_ASD, WIND_FOR_SAG } from '../loads'
import type { Post } from '../layout'
import type { Building } from '../model'
import { type Check, line, makeCheck, sig, entryOf } from '../result'
import { IN_PER_FT } from '../units'
import { wetFactors, DURATION } from '../wood'
import type { ColumnBasis } from '../rules/post/basis'
import { type ColumnResult, seatMomentFtLb } from '../rules/post/strength'
import { columnTrace } from './columnTrace'
import type { PostDemand } from '../frame/demands'
import type { HoleKind } from '../frame/holes'
import type { LateralCase } from '../frame/lateralCase'
import { type Bent, cladBent, postDiagram } from '../drawn/postDiagram'

/** How far wind on the cladding sags the post (IBC 2021 Table 1604.3). */
export function sagCheck({
  sags,
  demands,
  pier,
  basis,
  common,
  hole,
  name,
  building,
}: {
  readonly sags: Post[]
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly pier: boolean
  readonly basis: ColumnBasis
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly hole: HoleKind
  readonly name: string
  readonly building: Building
}): Check {
  const most = sags.reduce((best, sag) =>
    entryOf(demands, sag.id).claddingPlf * sag.heightIn ** 4 >
    entryOf(demands, best.id).claddingPlf * best.heightIn ** 4
      ? sag
      : best,
  )
  const lbPerIn = (entryOf(demands, most.id).claddingPlf * WIND_FOR_SAG) / WIND_ASD / IN_PER_FT
  const sag = pier
    ? (5 * lbPerIn * basis.lengthIn(most) ** 4) / (384 * basis.values.ePsi * basis.size.iIn4)
    : (lbPerIn * most.heightIn ** 4) / (185 * basis.values.ePsi * basis.size.iIn4)
  return makeCheck({
    ...common,
    subjects: [most.id, ...hole.postIds.filter((postId) => postId !== most.id)],
    id: `sag-${hole.kind}`,
    title: `${name}: sag under wind`,
    demand: sag,
    capacity: most.heightIn / building.postSag,
    unit: 'in',
    combination: '0.42·W',
    place: 'at mid-height',
    governs: `Cladding wind bends ${most.id} ${sig(sag)} in.; its height over ${building.postSag} is allowed.`,
    fix: 'A deeper section.',
    diagram: () =>
      postDiagram(
        cladBent(entryOf(demands, most.id).claddingPlf, basis.lengthIn(most) / IN_PER_FT, pier),
        basis.lengthIn(most),
        null,
      ),
    trace: () => [
      line({
        label: 'Sag under 0.42·p',
        formula: pier ? '5·w·H⁴/(384·E·I)' : 'w·H⁴/(185·E·I)',
        numbers: pier
          ? `5 × ${sig(lbPerIn)} × ${sig(basis.lengthIn(most))}⁴/(384 × ${sig(basis.values.ePsi)} × ` +
            `${sig(basis.size.iIn4)})`
          : `${sig(lbPerIn)} × ${sig(most.heightIn)}⁴/(185 × ${sig(basis.values.ePsi)} × ${sig(basis.size.iIn4)})`,
        value: sag,
        unit: 'in',
        clause: 'IBC 2021 Table 1604.3 note f',
      }),
    ],
  })
}

/** A post past the slenderness limit of NDS 2018 3.7.1.4. */
export function slenderCheck({
  common,
  id,
  title,
  strong,
  other,
  fix,
  basis,
}: {
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly id: string
  readonly title: string
  readonly strong: number
  readonly other: Post
  readonly fix:
    | 'Without a roof diaphragm these posts stand alone: a much deeper section, knee braces, or a checked diaphragm.'
    | 'A deeper ply, a fourth ply, a better grade, or posts closer together.'
  readonly basis: ColumnBasis
}): Check {
  return makeCheck({
    ...common,
    id,
    title,
    demand: strong,
    capacity: 50,
    unit: 'le/d',
    governs: `${other.id} is too slender: le/d ${sig(strong)} passes the limit of 50.`,
    fix,
    combination: 'any',
    place: 'whole height',
    trace: () => [
      line({
        label: 'Slenderness',
        formula: 'Ke·H/d',
        numbers: `${basis.keOf(other)} × ${sig(basis.lengthIn(other))}/${sig(basis.size.depthIn)}`,
        value: strong,
        unit: '',
        clause: 'NDS 2018 3.7.1.4',
        verify: 'C07',
      }),
    ],
  })
}

/** Axial load and bending together at the worst place of the post (NDS 2018 3.9). */
export function workingCheck({
  common,
  id,
  title,
  result,
  other,
  fix,
  basis,
  building,
  demands,
  standing,
  pier,
}: {
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly id: string
  readonly title: string
  readonly result: ColumnResult
  readonly other: Post
  readonly fix:
    | 'Without a roof diaphragm these posts stand alone: a much deeper section, knee braces, or a checked diaphragm.'
    | 'A deeper ply, a fourth ply, a better grade, or posts closer together.'
  readonly basis: ColumnBasis
  readonly building: Building
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly standing: (bent: Bent) => Bent
  readonly pier: boolean
}): Check {
  return makeCheck({
    ...common,
    id,
    title,
    demand: Number.isFinite(result.ratio) ? result.ratio : 9.99,
    capacity: 1,
    unit: '',
    combination: result.axial.name,
    place: result.section,
    governs:
      `${result.axial.name}${result.lateralCase ? ` with ${result.lateralCase.name}` : ''} works ${other.id} ` +
      `hardest, ${result.section}.`,
    fix,
    trace: () =>
      columnTrace(basis, result, other, seatMomentFtLb(building, other, entryOf(demands, other.id).gravityLb)),
    diagram: () => {
      if (result.lateralCase)
        return postDiagram(standing(result.lateralCase), basis.lengthIn(other), result.fbAllowed * basis.size.sIn3)
      if (result.clad > 0)
        return postDiagram(
          cladBent(result.clad, other.heightIn / IN_PER_FT, pier),
          other.heightIn,
          result.fbAllowed * basis.size.sIn3,
        )
      return null
    },
  })
}

/** Shear at and below grade: the soil gives back up to 4·M/(3·d) (NDS 2018 3.4.2). */
export function shearCheck({
  hardest,
  pier,
  hole,
  basis,
  common,
  name,
  standing,
}: {
  readonly hardest: { readonly post: Post; readonly lateralCase: LateralCase }
  readonly pier: boolean
  readonly hole: HoleKind
  readonly basis: ColumnBasis
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly name: string
  readonly standing: (bent: Bent) => Bent
}): Check {
  const shearPsi = Math.max(
    Math.abs(hardest.lateralCase.shearLb),
    pier || hole.embedIn <= 0 ? 0 : (4 * Math.abs(hardest.lateralCase.momentFtLb)) / (3 * (hole.embedIn / IN_PER_FT)),
  )
  const fv = (1.5 * shearPsi) / basis.size.areaIn2
  const fvAllowed = basis.values.fv * DURATION.wind * wetFactors(basis.values, basis.wet).fv
  return makeCheck({
    ...common,
    id: `shear-${hole.kind}`,
    title: `${name}: shear`,
    demand: fv,
    capacity: fvAllowed,
    unit: 'psi',
    combination: 'D+0.6W',
    place: 'at or below grade',
    governs: `Wind shears ${hardest.post.id} with ${Math.round(shearPsi).toLocaleString('en-US')} lb at or below grade.`,
    fix: 'A larger section.',
    diagram: () => postDiagram(standing(hardest.lateralCase), basis.lengthIn(hardest.post), null),
    trace: () => [
      pier || hole.embedIn <= 0
        ? line({
            label: 'Largest shear',
            formula: 'V',
            numbers: sig(Math.abs(hardest.lateralCase.shearLb)),
            value: shearPsi,
            unit: 'lb',
            clause: 'statics',
          })
        : line({
            label: 'Largest shear',
            formula: 'the more of V and 4·M/(3·d)',
            numbers:
              `max(${sig(Math.abs(hardest.lateralCase.shearLb))}, 4 × ` +
              `${sig(Math.abs(hardest.lateralCase.momentFtLb))}/(3 × ${sig(hole.embedIn / IN_PER_FT)}))`,
            value: shearPsi,
            unit: 'lb',
            clause: 'statics',
          }),
      line({
        label: 'Shear stress',
        formula: 'fv = 1.5·V/A',
        numbers: `1.5 × ${sig(shearPsi)}/${sig(basis.size.areaIn2)}`,
        value: fv,
        unit: 'psi',
        clause: 'NDS 2018 3.4.2',
      }),
      line({
        label: 'Allowed',
        formula: "Fv' = Fv·CD·CM",
        numbers: `${sig(basis.values.fv)} × 1.6 × ${wetFactors(basis.values, basis.wet).fv}`,
        value: fvAllowed,
        unit: 'psi',
        clause: basis.values.table,
        verify: basis.values.verify,
      }),
    ],
  })
}
