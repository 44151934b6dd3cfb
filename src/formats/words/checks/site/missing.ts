import type { missing } from '@/core/rules/site/missing'
import type { CheckOf, CheckWords } from '../checkWords'

const WAITING = {
  holes: 'Holes wait',
  posts: 'Posts wait',
  walls: 'Girts wait',
  roof: 'The roof waits',
  bracing: 'Bracing waits',
} as const

const HAZARD: Readonly<Record<string, string>> = {
  groundSnowPsf: 'ground snow',
  windMph: 'basic wind speed',
  exposure: 'exposure',
  frostIn: 'frost depth',
  soil: 'soil class',
  ownBearingPsf: 'the soil’s bearing value',
  ownLateralPsfPerFt: 'the soil’s lateral value',
}

export const words: CheckWords<CheckOf<typeof missing>> = {
  title: ({ stage }) => `${WAITING[stage]} for the site`,
  governs: ({ facts }) => `Not entered yet: ${facts.fields.map((field) => HAZARD[field] ?? field).join(', ')}.`,
  remedy: () => 'Enter the site’s hazards first; none is ever assumed.',
}
