import { cannot } from '../check'
import type { SeatedTrusses } from './seated'

/** Two carriers, one on each face, that share every truss only if each truss seats on both. */
export function share({ seated }: { readonly seated: SeatedTrusses }) {
  const { carrier } = seated.building.roof
  if (!seated.values || !seated.onCarriers || carrier.plies !== 2 || carrier.sides !== 'both') return null
  return cannot({ member: 'truss', rule: 'share', place: '', id: 'truss-share', stage: 'roof', facts: {} })
}
