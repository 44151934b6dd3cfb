import { line, sig } from '@/core/result'
import type { shear } from '@/core/rules/wall/shear'
import { about, IN_PER_FT, quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { wallName } from '../wallName'

type WallShear = CheckOf<typeof shear>

function governs({ facts: { shearLb, feet, allowPlf, drawn } }: WallShear): string {
  const load = `${quantity(shearLb, 'lb')} of wind must go down this wall`
  if (feet <= 0) return `${load}; it has no skin to carry it.`
  const plf = `${quantity(shearLb / feet, 'plf')}`
  if (allowPlf !== null) return `${load}, ${plf} between its openings.`
  const why = drawn ? 'the wall skin’s tested strength is not entered' : 'no braces are drawn'
  return `${load}, ${plf} over ${about(feet, 'ft')} between openings; ${why}.`
}

function remedy({ facts: { feet, allowPlf } }: WallShear): string {
  if (feet <= 0) return 'Braces in this wall, or an engineer.'
  return allowPlf === null
    ? 'Enter the skin’s tested values, or brace the wall.'
    : 'Fewer openings in this wall, a stronger skin, or braces.'
}

export const words: CheckWords<WallShear> = {
  title: ({ key }, walls) => `${wallName(walls, key.place)} in its own plane`,
  governs,
  remedy,
  place: () => 'between openings',
  trace: ({ facts: { shearLb, feet, heightIn, allowPlf } }) => {
    if (feet <= 0 || allowPlf === null) return []
    const plf = shearLb / feet
    const heightFt = heightIn / IN_PER_FT
    return [
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
        value: plf,
        unit: 'plf',
        clause: 'statics',
      }),
      line({
        label: 'Pull at the end of each piece',
        formula: 'v·h',
        numbers: `${sig(plf)} × ${sig(heightFt)}`,
        value: plf * heightFt,
        unit: 'lb',
        clause: 'statics',
      }),
    ]
  },
}
