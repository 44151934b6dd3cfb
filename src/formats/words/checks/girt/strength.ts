import { line, sig, type TraceLine } from '@/core/result'
import type { GirtFacts, strength } from '@/core/rules/girt/strength'
import { formatLength, IN_PER_FT } from '@/core/units'
import { unreachable } from '@/core/result'
import type { CheckOf, CheckWords } from '../checkWords'
import { LUMBER_REMEDY, noValues } from '../lumber'
import { wallName } from '../wallName'

type Worked = Extract<GirtFacts, { kind: 'worked' }>

/** What governs a girt. */
function howItWorks({ girt: { ratios }, girtCase }: Worked): string {
  const span = formatLength(girtCase.spanIn)
  switch (ratios.governs) {
    case 'deflection':
      return `Wind sags it ${formatLength(ratios.deflectionIn, { feet: false })} over ${span}`
    case 'shear':
      return `Wind shears a ${span} span`
    case 'bending':
      return `Wind bends a ${span} span`
    default:
      return unreachable(ratios.governs)
  }
}

function governs(facts: GirtFacts): string {
  if (facts.kind === 'no values') return noValues(`${facts.lumber} ${facts.size}`)
  const { girtCase, zone } = facts
  const oneSpace = girtCase.spans === 1 ? ' of a board over one space' : ''
  const space = formatLength(girtCase.spaceIn, { feet: false })
  return `${howItWorks(facts)}${oneSpace} in row ${girtCase.row}, ${space} of wall, zone ${zone}.`
}

function trace({ girt, girtCase, qhPsf, floored, gcpi, windTrace }: Worked): readonly TraceLine[] {
  const marked = floored ? { verify: 'C13' } : {}
  const { spanIn, spaceIn, zone } = girtCase
  const { pressures } = girt
  const clause = 'ASCE 7-16 Fig. 30.3-1'
  return [
    ...windTrace,
    line({
      label: 'Effective area',
      formula: 'A = L·max(s, L/3)',
      numbers: `${sig(spanIn / IN_PER_FT)} × ${sig(Math.max(spaceIn, spanIn / 3) / IN_PER_FT)}`,
      value: girt.areaFt2,
      unit: 'ft²',
      clause: 'ASCE 7-16 26.2',
    }),
    line({
      label: `Suction, zone ${zone}`,
      formula: 'p = qh·(GCp − GCpi)',
      numbers: `${sig(qhPsf)} × (${sig(pressures.gcpOut)} − ${gcpi})`,
      value: pressures.outwardPsf,
      unit: 'psf',
      clause,
      ...marked,
    }),
    line({
      label: 'Inward',
      formula: 'p = qh·(GCp + GCpi)',
      numbers: `${sig(qhPsf)} × (${sig(pressures.gcpIn)} + ${gcpi})`,
      value: pressures.inwardPsf,
      unit: 'psf',
      clause,
      ...marked,
    }),
    ...girt.strengthTrace(),
  ]
}

export const words: CheckWords<CheckOf<typeof strength>> = {
  title: ({ key, facts }, walls) =>
    `${wallName(walls, key.place)} girts, ${facts.zone === 5 ? 'near the corners' : 'away from corners'}`,
  governs: ({ facts }) => governs(facts),
  remedy: ({ facts }) =>
    facts.kind === 'no values' ? LUMBER_REMEDY : 'Closer rows, boards over two bays, a better grade or a wider board.',
  place: ({ facts }) => {
    if (facts.kind === 'no values') return ''
    const { row, spans } = facts.girtCase
    return `row ${row}, ${spans === 2 ? 'board over two spaces' : 'board over one space'}`
  },
  trace: ({ facts }) => (facts.kind === 'worked' ? trace(facts) : []),
}
