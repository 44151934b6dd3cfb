import { headroom } from '@/core/pocket/headroom'
import { upTo } from '@/core/units'
import { number } from '../fields'
import { sheet } from '../sheet'
import { lowRoof, ROOF_FIELDS, stackOver } from './roofBuild'

export default sheet({
  figure: headroom,
  fields: { ...ROOF_FIELDS, pitchPer12: number('fall', 2, 'in 12') },
  outs: ({ say }) => [
    { label: 'clear at the outer posts', text: say('clearIn') },
    { label: 'under the rafters', text: say('rafterUnderIn') },
    { label: 'top of the posts', text: say('postTopIn') },
  ],
  stands: ({ given, say, length: written }) =>
    lowRoof(given, given.pitchPer12, {
      start: written(given.startIn),
      clear: say('clearIn'),
      run: written(given.runIn),
      fall: `${upTo(given.pitchPer12, 2)} in 12`,
    }),
  liesTitle: 'What lies over the post',
  lies: ({ given, length: written }) => stackOver(given, written),
})
