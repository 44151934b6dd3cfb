import { cannot } from '../check'

/** Seismic Design Category D or above, or heavy walls: not computed. */
export const earthquake = ({ highSeismic }: { readonly highSeismic: boolean }) =>
  highSeismic
    ? cannot({ member: 'building', rule: 'earthquake', place: '', id: 'seismic', stage: 'bracing', facts: {} })
    : null
