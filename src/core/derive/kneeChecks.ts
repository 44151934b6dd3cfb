import type { Building } from '../model'
import { type Check, line, makeCheck, notChecked, sig } from '../result'
import { formatLength } from '../units'
import { boardSize, boardValues, columnStability, DURATION } from '../wood'
import type { Lateral } from '../frame/lateral'

/** Knee braces under their hardest wind: pushed as columns, pulled as ties (NDS 2018 3.7, 3.8). */
export function kneeChecks({
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
      fcStarPsi: values.fc * DURATION.wind,
    })
    const cap =
      Math.min(values.fc * DURATION.wind * stability.cp, values.ft * DURATION.wind) * size.areaIn2 * knee.plies
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
