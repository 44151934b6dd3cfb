import type { Derived } from '@/core/derive'
import type { SiteResults } from '@/core/frame'
import { WIND_ASD, wallPressures } from '@/core/loads'
import { editionData } from '@/core/loads'
import { sig, type TraceLine, written } from '@/core/result'
import { about, fixed } from '@/core/units'
import type { Block, Sheet } from '../crewbook'
import { mark, table } from '../crewbook/paper'
import { plain } from '../plain'
import { heading, text, tight } from './paper'

/** Arithmetic line by line, with what is to be compared before building marked. */
export const arithmetic = (lines: readonly TraceLine[]): Block =>
  table(
    ['', 'formula and numbers', 'result', 'clause'],
    lines.map((line) => [
      plain(line.label) + (line.verify ? ` (verify ${line.verify})` : ''),
      plain(written(line)),
      `${sig(line.value)} ${plain(line.unit)}`,
      plain(line.clause),
    ]),
    [2],
  )

const product = (site: SiteResults, cp: number): string =>
  `${sig(site.wind.qhPsf)} × ${site.wind.gust} × (${fixed(cp, 4)})`

/** A stretch of roof under wind along the ridge, by where it ends. */
const stretch = (toFt: number): string =>
  toFt > 1e5 ? 'roof, wind along, beyond that' : `roof, wind along, up to ${about(toFt, 'ft')} from the windward end`

/** Pressures of the main system, surface by surface. */
function mainSystem(site: SiteResults): Block {
  const { wind } = site
  const rows: readonly (readonly [string, number, number])[] = [
    ['windward wall', wind.cp.windward, wind.windwardPsf],
    ['leeward wall, wind across the ridge', wind.cp.leeward, wind.leewardPsf],
    ['leeward wall, wind along the ridge', wind.cp.leewardAlong, wind.leewardAlongPsf],
    ['side walls', wind.cp.side, wind.sidePsf],
    ['windward slope, case A', wind.cp.roofWindwardA, wind.roofWindwardAPsf],
    ['windward slope, case B', wind.cp.roofWindwardB, wind.roofWindwardBPsf],
    ['leeward slope', wind.cp.roofLeeward, wind.roofLeewardPsf],
    ...wind.roofAlong.map(({ toFt, cp, psf }) => [stretch(toFt), cp, psf] as const),
  ]
  return tight(
    ['surface', 'p = qh × G × Cp', 'psf'],
    rows.map(([name, cp, psf]) => [plain(name), plain(product(site, cp)), sig(psf)]),
    [2],
  )
}

/** Effective areas that the coefficients of walls are shown at, square feet. */
const AREAS_FT2 = [10, 20, 50, 100, 500] as const

/** Cladding of the walls: both zones at several areas. */
function wallCladding(site: SiteResults): Block {
  const rows = ([4, 5] as const).flatMap((zone) =>
    AREAS_FT2.map((areaFt2) => {
      const found = wallPressures({
        qhPsf: site.claddingQhPsf,
        areaFt2,
        zone,
        flatRoof: site.flatRoof,
        gcpi: site.wind.gcpi,
      })
      return [
        `zone ${zone}`,
        String(areaFt2),
        sig(found.gcpIn),
        sig(found.inwardPsf),
        sig(found.gcpOut),
        sig(found.outwardPsf),
      ]
    }),
  )
  return tight(['walls', 'area, sq ft', 'GCp in', 'psf in', 'GCp out', 'psf out'], rows, [1, 2, 3, 4, 5])
}

function roofCladding(site: SiteResults): readonly Block[] {
  const { roofCladding: roof } = site
  if (!roof) return [text('Roof cladding: not covered at this slope.')]
  return [
    tight(
      ['roof', 'GCp', 'psf'],
      [
        ...Object.entries(roof.zonePsf).map(([zone, psf]) => [
          `zone ${zone}`,
          sig(roof.coefficients[zone as keyof typeof roof.coefficients]),
          sig(psf),
        ]),
        ['inward', sig(roof.inwardCoefficient), sig(roof.inwardPsf)],
      ],
      [1, 2],
    ),
  ]
}

function unbalanced(site: SiteResults): readonly Block[] {
  const { unbalanced: snow } = site.snow
  if (!snow) return [text('Unbalanced snow: not asked for at this slope (7.6.1).')]
  return [
    text(
      `Unbalanced snow (7.6.1): ${about(snow.windwardPsf, 'psf')} to windward, ${about(snow.leewardPsf, 'psf')} to ` +
        `leeward with ${about(snow.surchargePsf, 'psf')} more over ${about(snow.surchargeFt, 'ft')} from the ridge.`,
    ),
  ]
}

const leanTos = (site: SiteResults): readonly Block[] =>
  site.leanTos.flatMap((leanTo) => [
    heading(`Lean-to at the ${leanTo.leanTo.side} side`),
    ...leanTo.snow.map((low) => arithmetic(low.trace)),
    arithmetic(leanTo.wind.trace),
    text(
      `To its wall ${about(leanTo.wallPlf, 'plf')} and to its outer posts ${about(leanTo.outerPlf, 'plf')} of snow along ` +
        'the eave, the worst of these cases.',
    ),
  ])

/** Lines of arithmetic that the loads show once for every check that begins with them. */
export const siteLines = ({ snow, dead, wind, enclosure }: SiteResults): readonly TraceLine[] => [
  ...snow.trace,
  ...dead.trace,
  ...wind.trace,
  ...enclosure.trace,
]

/** Every load that is used, with how it is come by. */
function siteSheet(site: SiteResults): Sheet {
  const { combinations } = editionData(site.site.edition)
  return {
    title: 'Loads',
    sub: `${site.site.edition}; wind at strength level (times ${WIND_ASD} in service), pressures toward the surface positive`,
    blocks: [
      heading('Snow and dead load'),
      arithmetic([...site.snow.trace, ...site.dead.trace]),
      ...unbalanced(site),
      text(
        `Minimum on low slopes (7.3.4): ${about(site.snow.pmPsf, 'psf')}. One eave line takes ` +
          `${about(site.eaveSnowPlf, 'plf')} of snow, the worst of balanced, minimum and unbalanced. Roof live load by ` +
          'area and slope (4.8.2): 20 psf at most, 12 at least. Dead load ' +
          `${about(site.dead.maxPsf, 'psf')} at most, ${about(site.dead.minPsf, 'psf')} at least.`,
      ),
      heading('Wind on the main system'),
      arithmetic([...site.wind.trace, ...site.enclosure.trace]),
      mainSystem(site),
      ...(site.openRoof ? [arithmetic(site.openRoof.trace)] : []),
      heading('Wind on cladding'),
      text(
        `End zones a = the larger of min(0.1 × least side, 0.4 × h), 0.04 × least side and 3 ft: ` +
          `${mark(site.edgeZoneFt * 12)}, shown on the key plan. Velocity pressure for cladding ` +
          `${about(site.claddingQhPsf, 'psf')} (in exposure B under 30 ft with Kz of 0.70 at least, register C13); ` +
          `p = qh × (GCp − GCpi), GCpi ${site.wind.gcpi}, 16 psf at least each way (30.2.2).` +
          `${site.flatRoof ? ' Walls take 0.9 of their coefficients under a roof of 10° or less.' : ''}`,
      ),
      wallCladding(site),
      ...roofCladding(site),
      ...leanTos(site),
      heading('Load combinations'),
      tight(
        ['combination', 'dead', 'roof', 'wind', 'duration', 'clause'],
        combinations.map((each) => [
          plain(each.id),
          `${each.dead}${each.least ? ' (least)' : ''}`,
          `${each.roof}${each.live ? ` ${each.live}` : ''}`,
          String(each.wind),
          String(each.duration),
          each.clause,
        ]),
        [1, 2, 3, 4],
      ),
      heading('Soil'),
      text(
        `Bearing ${about(site.soil.bearingPsf, 'psf')}, lateral ${about(site.soil.lateralPsfPerFt, 'psf')} for each foot of ` +
          `depth${site.site.doubleLateral ? ', doubled under wind (IBC 2021 1806.3.4)' : ''} (IBC 2021 Table 1806.2).`,
      ),
    ],
  }
}

/** What the roof brings to each truss's ends and to each post. */
function postLoads(derived: Derived): Sheet[] {
  const { demands, reactions, posts } = derived
  if (!demands) return []
  const lb = (value: number) => fixed(value, 0)
  return [
    {
      title: 'Loads of trusses and posts',
      sub: 'pounds at the top of each; wind at strength level; net up is 0.6 of the wind less 0.6 of the least dead load',
      blocks: [
        heading('Truss reactions at one eave'),
        tight(
          ['truss', 'roof, sq ft', 'dead', 'snow', 'roof live', 'wind down', 'wind up'],
          reactions.map((each, i) => [
            String(i + 1),
            sig(each.roofFt2),
            lb(each.deadLb),
            lb(each.snowLb),
            lb(each.liveLb),
            lb(each.windDownLb),
            lb(each.windUpLb),
          ]),
          [1, 2, 3, 4, 5, 6],
        ),
        heading('Posts'),
        tight(
          [
            'post',
            'roof, sq ft',
            'dead',
            'snow',
            'live',
            'wind down',
            'wind up',
            'most down',
            'net up',
            'eave wall, ft',
            'gable wall, ft',
          ],
          posts.flatMap(({ id, name }) => {
            const each = demands[id]
            if (!each) return []
            return [
              [
                name,
                sig(each.roofFt2),
                lb(each.deadLb),
                lb(each.snowLb),
                lb(each.liveLb),
                lb(each.windDownLb),
                lb(each.windUpLb),
                lb(each.gravityLb),
                lb(each.upliftLb),
                sig(each.eaveWallFt),
                sig(each.gableWallFt),
              ],
            ]
          }),
          [1, 2, 3, 4, 5, 6, 7, 8, 9, 10],
        ),
      ],
    },
  ]
}

/** Loads of the site and of every truss and post; none while the site is not complete. */
export const loads = (derived: Derived): Sheet[] =>
  derived.site ? [siteSheet(derived.site), ...postLoads(derived)] : []
