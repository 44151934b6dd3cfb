import { line, sig } from '@/core/result'
import type { shear } from '@/core/rules/wall/shear'
import { about, quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { wallName } from '../wallName'

type WallShear = CheckOf<typeof shear>

/** What is said of strips too narrow for their height. */
const narrowWords = ({ narrow }: WallShear['facts']): string => {
  if (narrow === 0) return ''
  return narrow === 1
    ? ' One strip is narrow for its height and counts in part or not at all.'
    : ` ${narrow} strips are narrow for their height and count in part or not at all.`
}

function governs({ facts }: WallShear): string {
  const { shearLb, feet, allowPlf, drawn, strips } = facts
  const load = `${quantity(shearLb, 'lb')} of wind must go down this wall`
  if (feet <= 0 && strips === 0) return `${load}; it has no skin to carry it.`
  if (feet <= 0) return `${load}; its strips between openings are too narrow for their height to carry any.`
  const plf = `${quantity(shearLb / feet, 'plf')}`
  if (allowPlf !== null) return `${load}, ${plf} between its openings.${narrowWords(facts)}`
  const why = drawn ? 'the wall skin’s tested strength is not entered' : 'no braces are drawn'
  return `${load}, ${plf} over ${about(feet, 'ft')} between openings; ${why}.${narrowWords(facts)}`
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
  trace: ({ facts: { shearLb, feet, openFt, allowPlf } }) => {
    if (feet <= 0 || allowPlf === null) return []
    const plf = shearLb / feet
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
        formula: 'v = V/L, L the strips that work',
        numbers: `${sig(shearLb)}/${sig(feet)}`,
        value: plf,
        unit: 'plf',
        clause: 'statics',
      }),
      ...(openFt > 0
        ? [
            line({
              label: 'Dragged over its widest opening, not checked here',
              formula: 'v·b',
              numbers: `${sig(plf)} × ${sig(openFt)}`,
              value: plf * openFt,
              unit: 'lb',
              clause: 'statics',
            }),
          ]
        : []),
    ]
  },
}
