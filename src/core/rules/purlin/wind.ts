import { cannot } from '../check'

/** The cladding wind on the roof is not covered by the tables here, so that its purlins cannot be judged. */
export const wind = ({ open }: { readonly open: boolean }) =>
  cannot({ member: 'purlin', rule: 'wind', place: '', id: 'purlins', stage: 'roof', facts: { open } })
