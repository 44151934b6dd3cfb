import { line, sig } from '@/core/result'
import type { Beyond, beyond } from '@/core/rules/building/beyond'
import { fixed } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'

/** What each thing is called, and why it is not checked. */
const BEYOND: Readonly<Record<Beyond, readonly [name: string, why: string]>> = {
  'gable post to truss': [
    'gable posts to the end truss',
    'their connection passes the wind of the gable to the roof; it depends on the truss and its bracing',
  ],
  'drag struts': ['drag struts over openings', 'the members that carry a wall’s shear over its doors are not modeled'],
  'chord splices': ['splices of the chords', 'the boards that are the chords of the roof are spliced on site'],
  'diaphragm connections': [
    'connections of the roof diaphragm',
    'the tested assembly says how its sheets are fastened at ridge, eaves and ends',
  ],
  'truss bracing': ['permanent bracing of the trusses', 'the truss maker’s drawings say where it stands'],
  'door weight': ['the weight of doors', 'not entered; type it and header and jambs carry it'],
  ponding: ['ponding', 'on low slopes it depends on drains and on how far the roof sags'],
  'ice at eaves': ['ice at the eaves', 'it depends on heat and insulation'],
  'special wind regions': ['special wind regions', 'mountains, gorges and coasts where the official says the speed'],
  earthquake: ['earthquake', 'it is not computed'],
  'ground-line treatment': [
    'preservative at the ground line',
    'the use category of the posts (AWPA UC4B in the ground) is on their tag',
  ],
}

export const words: CheckWords<CheckOf<typeof beyond>> = {
  title: () => 'Named here, and not checked',
  governs: ({ facts }) =>
    `${facts.items.map((item) => BEYOND[item][0]).join(', ')}. Wind no longer governs over earthquake where the seismic ` +
    `coefficient Cs is over ${fixed(facts.coefficient, 2)}.`,
  remedy: ({ facts }) => `${facts.items.map((item) => `${BEYOND[item][0]}: ${BEYOND[item][1]}`).join('; ')}.`,
  trace: ({ facts }) => [
    line({
      label: 'Wind across the ridge on the whole eave',
      formula: 'sum of all frames',
      numbers: sig(facts.windLb),
      value: facts.windLb,
      unit: 'lb',
      clause: 'ASCE 7-16 27.3',
    }),
    line({
      label: 'Cs from which earthquake asks for more',
      formula: 'wind/(0.7·W), W roof, half the walls, 0.2 of snow over 30 psf',
      numbers: sig(facts.coefficient),
      value: facts.coefficient,
      unit: '',
      clause: 'ASCE 7-16 2.4.5, 12.7.2, 12.8',
    }),
  ],
}
