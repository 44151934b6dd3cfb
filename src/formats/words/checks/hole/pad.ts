import { CONCRETE_FC_PSI, type PadRatios } from '@/core/ground'
import { line, sig, type TraceLine } from '@/core/result'
import type { pad, PadFacts } from '@/core/rules/hole/pad'
import { formatLength } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

/** Where a pad gives first, and how it is said. */
function failure(ratios: PadRatios): { readonly place: string; readonly how: string } {
  switch (ratios.worst) {
    case ratios.bending:
      return { place: 'at the face of the post', how: 'bends beyond the post' }
    case ratios.punching:
      return { place: 'half the thickness from the post', how: 'is punched by the post' }
    default:
      return { place: 'the thickness from the post', how: 'shears beside the post' }
  }
}

const trace = ({
  pad,
  thicknessIn,
  loadLb,
  diameterIn,
}: Extract<PadFacts, { kind: 'worked' }>): readonly TraceLine[] => {
  const radius = sig(diameterIn / 2)
  return [
    line({
      label: 'Thickness counted',
      formula: 'h = t − 2',
      numbers: `${sig(thicknessIn)} − 2`,
      value: pad.effectiveIn,
      unit: 'in',
      clause: 'ACI 318-19 14.5.1.7',
    }),
    line({
      label: 'Pressure from below, factored',
      formula: 'qu = 1.6·P/(π·R²)',
      numbers: `1.6 × ${sig(loadLb)}/(π × ${radius}²)`,
      value: pad.quPsi,
      unit: 'psi',
      clause: 'ACI 318-19 5.3',
    }),
    line({
      label: 'Bending beyond the face',
      formula: 'Mu = qu·(⅔·(R²−x²)^1.5 − x·segment beyond x)',
      numbers:
        `${sig(pad.quPsi)} × (2/3 × (${radius}² − ${sig(pad.faceXIn)}²)^1.5 − ` +
        `${sig(pad.faceXIn)} × ${sig(pad.faceSegmentIn2)})`,
      value: pad.muInLb,
      unit: 'in-lb',
      clause: 'ACI 318-19 ch. 14',
    }),
    line({
      label: 'Bending strength',
      formula: 'φ·5·√fc·c·h²/6',
      numbers: `0.6 × 5 × √${CONCRETE_FC_PSI} × ${sig(pad.chordIn)} × ${sig(pad.effectiveIn)}²/6`,
      value: pad.phiMnInLb,
      unit: 'in-lb',
      clause: 'ACI 318-19 14.5.2',
    }),
    line({
      label: 'Bending',
      formula: 'Mu/φMn',
      numbers: `${sig(pad.muInLb)}/${sig(pad.phiMnInLb)}`,
      value: pad.muInLb / pad.phiMnInLb,
      unit: '',
      clause: 'ACI 318-19 14.5.1',
    }),
    line({
      label: 'Shear, one way, h from the face',
      formula: 'Vu/φVn',
      numbers: `${sig(pad.shearVuLb)}/${sig(pad.shearVnLb)}`,
      value: pad.shear,
      unit: '',
      clause: 'ACI 318-19 14.5.5.1 (a)',
    }),
    line({
      label: 'Punching, half of h from the post',
      formula: 'Vu/φVn',
      numbers: `${sig(pad.punchVuLb)}/${sig(pad.punchVnLb)}`,
      value: pad.punching,
      unit: '',
      clause: 'ACI 318-19 14.5.5.1 (b)',
    }),
  ]
}

export const words: CheckWords<CheckOf<typeof pad>> = {
  title: ({ key }) => `${kindName(key.place)}: pad thickness`,
  governs: ({ facts }) =>
    facts.kind === 'too thin'
      ? 'A plain concrete pad under 8″ is outside ACI 318-19 14.3.2.1; this one is ' +
        `${formatLength(facts.thicknessIn)}.`
      : `The pad ${failure(facts.pad).how}; plain concrete of 2,500 psi, ` +
        `${formatLength(facts.pad.effectiveIn)} counted.`,
  remedy: ({ facts }) =>
    facts.kind === 'too thin'
      ? 'Make the pad 8″ thick, or use a precast pad with its maker’s rated load.'
      : 'A thicker pad.',
  place: ({ facts }) => (facts.kind === 'worked' ? failure(facts.pad).place : ''),
  trace: ({ facts }) => (facts.kind === 'worked' ? trace(facts) : []),
}
