import type { Derived } from '@/core/derive'
import type { Lateral } from '@/core/frame'
import type { Job } from '@/core/model'
import { item, sig } from '@/core/result'
import { about, fixed } from '@/core/units'
import { postSize } from '@/core/wood'
import type { Block, Sheet } from '../crewbook'
import { mark } from '../crewbook/paper'
import { relianceWords } from '../words/checks'
import { frameDrawing } from './drawings'
import { text, tight } from './paper'

/** One post of each kind that is as tall as another: its stiffness and what it brings under 1 plf and under 1 in. */
function units(derived: Derived, lateral: Lateral): Block {
  const seen = new Set<string>()
  const rows = derived.posts.flatMap(({ id, name, heightIn, kind }) => {
    const unit = lateral.units[id]
    const like = `${kind}|${heightIn}`
    if (!unit || seen.has(like)) return []
    seen.add(like)
    return [
      [
        name,
        mark(heightIn),
        sig(unit.stiffnessLbIn),
        sig(unit.held.topLb),
        sig(unit.held.shearLb),
        sig(unit.held.momentFtLb),
        sig(unit.held.fieldMomentFtLb),
        sig(unit.perInch.shearLb),
        sig(unit.perInch.momentFtLb),
      ],
    ]
  })
  return tight(
    ['post', 'height', 'k, lb/in', 'top, 1 plf', 'V, 1 plf', 'M, 1 plf', 'field M', 'V, 1 in', 'M, 1 in'],
    rows,
    [1, 2, 3, 4, 5, 6, 7, 8],
  )
}

/** Every line of frames: what it is loaded with, how stiff it is, how far it moves and what it keeps. */
function rowTable({ row }: Lateral): Block {
  return tight(
    [
      'line',
      'from west',
      'eave load, lb',
      'k, lb/in',
      'moves, in',
      'keeps, lb',
      'roof k to next',
      'roof shear to next, lb',
    ],
    row.xIn.map((xIn, i) => [
      String(i + 1),
      mark(xIn),
      fixed(item(row.loadLb, i), 1),
      sig(item(row.frameLbIn, i) + (i === 0 ? row.wallLbIn[0] : 0) + (i === row.xIn.length - 1 ? row.wallLbIn[1] : 0)),
      row.moveIn[i] === null || row.moveIn[i] === undefined ? '' : sig(item(row.moveIn, i) ?? 0),
      row.result ? fixed(item(row.result.frameLb, i), 1) : '',
      row.bayLbIn[i] === undefined || !row.result ? '' : sig(item(row.bayLbIn, i)),
      row.result?.bayShearLb[i] === undefined ? '' : fixed(item(row.result.bayShearLb, i), 1),
    ]),
    [1, 2, 3, 4, 5, 6, 7],
  )
}

/** How the building stands sideways: the model, its stiffnesses, the solution and its drawing. */
export function frameSheets(job: Job, derived: Derived): Sheet[] {
  const { lateral } = derived
  if (!lateral) return []
  const size = postSize(job.building.post)
  const { row, values } = lateral
  return [
    {
      title: 'Frame and diaphragm',
      sub: 'how the building stands under wind across its ridge and along it, in service (0.6W)',
      blocks: [
        text(relianceWords(lateral)),
        text(
          `Posts ${size.label} (inches): A ${sig(size.areaIn2)}, S ${sig(size.sIn3)}, I ${sig(size.iIn4)}` +
            `${values ? `, E ${about(values.ePsi, 'psi')} (${values.table})` : ''}. ` +
            `${
              job.building.school === 'pier'
                ? 'On brackets that turn freely: simple spans with no stiffness of their own.'
                : `Fixed ${about(lateral.fixityFt, 'ft')} below grade in this run of the envelope (register C17).`
            } The top is pinned to the truss; each post is solved held at its top under 1 plf, and for 1 in. of movement ` +
            'of its top, and the two are added.',
        ),
        units(derived, lateral),
        text(
          `Eave load ${about(row.eavePlf, 'plf')} along the building: the top reactions of both eave rows as solved, and ` +
            `the roof’s own share. K × D = R (register C18): frames keep k × D, bays c × (D − D of the next). The inner ` +
            `frame that keeps most keeps ${sig(row.frameShare * 100)} % of its load. Wind on a gable end brings ` +
            `${about(lateral.alongLb, 'lb')} to each eave wall.`,
        ),
        rowTable(lateral),
        frameDrawing(
          row,
          row.xIn.map((_, i) => String(i + 1)),
        ),
        ...(lateral.falling.length > 0
          ? [text(`Nothing holds up sideways: ${lateral.falling.map((id) => derived.names[id] ?? id).join(', ')}.`)]
          : []),
      ],
    },
  ]
}
