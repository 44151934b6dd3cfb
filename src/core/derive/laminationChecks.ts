import { ROUNDING, IN_PER_FT } from '../units'
import { laminationPlan } from '../joints'
import type { Building } from '../model'
import { type Check, line, makeCheck, notChecked, sig } from '../result'
import { type PostSize, specificGravity } from '../wood'

/** How the plies are nailed together (NDS 2018 15.3.3.1, ASABE EP559). */
export function laminationChecks({
  building,
  size,
}: {
  readonly building: Building
  readonly size: PostSize
}): Check[] {
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
            capacity: Math.max(plan.interfacePlf ?? 0, ROUNDING),
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
                  `${sig(((plan.interfacePlf ?? 0) * plan.spacingIn) / (IN_PER_FT * building.joints.lamination.rows))} ` +
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
