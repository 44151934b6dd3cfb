import { steepestPitch } from '@/core/pocket/steepestPitch'
import { upTo } from '@/core/units'
import { length } from '../fields'
import { sheet } from '../sheet'
import { lowRoof, ROOF_FIELDS, stackOver } from './roofBuild'

export default sheet({
  figure: steepestPitch,
  fields: { ...ROOF_FIELDS, clearIn: length('clear height wanted', 84) },
  outs: ({ found, given, length: written }) => [
    { label: 'in twelve, at the most', text: upTo(Math.floor(found.pitchPer12 * 100 + 1e-6) / 100, 2) },
    { label: 'leaves clear', text: written(given.clearIn) },
  ],
  stands: ({ given, found, length: written }) =>
    lowRoof(given, found.pitchPer12, {
      start: written(given.startIn),
      clear: written(given.clearIn),
      run: written(given.runIn),
      fall: `${upTo(found.pitchPer12, 2)} in 12`,
    }),
  liesTitle: 'What lies over the post',
  lies: ({ given, length: written }) => stackOver(given, written),
})
