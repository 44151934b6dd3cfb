import { quantity } from '@/core/units'
import { line, sig, type TraceLine } from '@/core/result'
import type { shear } from '@/core/rules/post/shear'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

type Shear = CheckOf<typeof shear>

function shearLine({ facts }: Shear): TraceLine {
  const { lateralCase, inGroundFt } = facts
  const shearLb = sig(Math.abs(lateralCase.shearLb))
  const head = { label: 'Largest shear', value: facts.shearLb, unit: 'lb', clause: 'statics' }
  if (inGroundFt === null) return line({ ...head, formula: 'V', numbers: shearLb })
  return line({
    ...head,
    formula: 'the more of V and 4·M/(3·d)',
    numbers: `max(${shearLb}, 4 × ${sig(Math.abs(lateralCase.momentFtLb))}/(3 × ${sig(inGroundFt)}))`,
  })
}

export const words: CheckWords<Shear> = {
  title: ({ key }) => `${kindName(key.place)}: shear`,
  governs: ({ facts }) => `Wind shears ${facts.post.name} with ${quantity(facts.shearLb, 'lb')} at or below grade.`,
  remedy: () => 'A larger section.',
  place: () => 'at or below grade',
  trace: (check) => {
    const { shearLb, fv, fvAllowed, wetFactor, areaIn2, values } = check.facts
    return [
      shearLine(check),
      line({
        label: 'Shear stress',
        formula: 'fv = 1.5·V/A',
        numbers: `1.5 × ${sig(shearLb)}/${sig(areaIn2)}`,
        value: fv,
        unit: 'psi',
        clause: 'NDS 2018 3.4.2',
      }),
      line({
        label: 'Allowed',
        formula: "Fv' = Fv·CD·CM",
        numbers: `${sig(values.fv)} × 1.6 × ${wetFactor}`,
        value: fvAllowed,
        unit: 'psi',
        clause: values.table,
        ...(values.verify === undefined ? {} : { verify: values.verify }),
      }),
    ]
  },
}
