import { quantity, upTo } from '@/core/units'
import { PLY_IN, postSize } from '@/core/wood'
import { beamSheet } from './beamSheets'
import { braceSheet, kneeSheet, strapSheet } from './braceSheets'
import { inches, mark, table } from './paper'
import { rafterSheets } from './rafterSheets'
import type { SheetsOf } from './sheetsOf'
import type { Sheet } from './types'

/** The order of the trusses: what their maker needs to know, and what they are loaded with. */
function trussSheet({ job, derived }: SheetsOf): Sheet {
  const { building, site } = job
  const { truss } = building.roof
  const { grid, trusses, slopes, reactions, site: loads } = derived
  const spaces = trusses.trusses.slice(1).map(({ xIn }, i) => xIn - trusses.trusses[i].xIn)
  const heaviest = reactions.reduce<(typeof reactions)[number] | null>(
    (most, each) => (most && most.snowLb + most.deadLb >= each.snowLb + each.deadLb ? most : each),
    null,
  )
  const uplift = reactions.reduce((most, each) => Math.max(most, each.windUpLb), 0)
  const bearingIn = truss.set === 'posts' ? postSize(building.post).depthIn : PLY_IN * building.roof.carrier.plies
  return {
    title: 'Truss order',
    sub: 'the maker’s own drawing, sealed, decides: compare it with this before anything is cut',
    blocks: [
      table(
        ['', ''],
        [
          ['count', `${trusses.trusses.length}, two of them end trusses; ${truss.plies} ply`],
          ['span, out to out of the posts', mark(grid.widthIn)],
          ['clear between the bearings', mark(grid.widthIn - 2 * bearingIn)],
          ['length of each bearing', inches(bearingIn)],
          ['pitch', `${upTo(building.pitchPer12, 2)} on 12`],
          ['heel, at the outside of the posts', inches(truss.heelDepthIn)],
          ['overhang, south and north', `${inches(slopes.south.overhangIn)}, ${inches(slopes.north.overhangIn)}`],
          ['spacing, at most', mark(Math.max(...spaces))],
          ['bears', truss.set === 'posts' ? `on posts, ${truss.seat}` : 'on carriers'],
          ['knee braces', building.knee ? 'yes: design for their push and pull' : 'none'],
        ],
        [1],
        [1],
      ),
      table(
        ['loads', ''],
        [
          ['ground snow', site.groundSnowPsf === null ? 'not entered' : quantity(site.groundSnowPsf, 'psf')],
          ['roof snow, balanced', loads ? quantity(loads.snow.psPsf, 'psf') : 'not worked out'],
          ['dead, roof', loads ? quantity(loads.dead.maxPsf, 'psf') : 'not worked out'],
          [
            'wind',
            site.windMph === null ? 'not entered' : `${quantity(site.windMph, 'mph')}, exposure ${site.exposure ?? ''}`,
          ],
          [
            'heaviest seat: dead, snow',
            heaviest ? `${quantity(heaviest.deadLb, 'lb')}, ${quantity(heaviest.snowLb, 'lb')}` : '',
          ],
          ['hardest uplift at a seat, strength level', quantity(uplift, 'lb')],
        ],
        [1],
        [1],
      ),
      {
        kind: 'caution',
        text:
          'The end trusses stand where the gable posts and the girts between them go above the heel. Tell the maker, and settle ' +
          'before the order on which side of the gable posts they stand: this is not worked out here.',
      },
    ],
  }
}

/** The sheets of single kinds of sticks, in the order in which they are put up. */
export const stickSheets = (of: SheetsOf): Sheet[] => [
  ...beamSheet(of),
  trussSheet(of),
  ...rafterSheets(of),
  ...kneeSheet(of),
  ...braceSheet(of),
  ...strapSheet(of),
]
