import { beamLoads, type BeamsOf, type LeanToLoads, type RoofLoads, type SiteResults } from '../frame'
import { endSpaceIn, type Grid, longestSpaceIn, type PostLayout, type TrussPlan, wallPosts } from '../layout'
import type { RoofZone } from '../loads'
import type { Building } from '../model'
import { item } from '../result'
import { type Check, checksOf, RULES } from '../rules'
import { beamJoint } from '../rules/beam/joint'
import { beamMember } from '../rules/beam/member'
import { mainPurlinLoads, overhangUpPsf, purlinPullLb } from '../rules/purlin/loads'
import { type PurlinLoads, purlinMember } from '../rules/purlin/member'
import type { PurlinPlace } from '../rules/purlin/strength'
import { leanToCase } from '../rules/rafter/leanTo'
import { seatTrusses } from '../rules/truss/seated'

/** Trusses on their seats, tied down. */
export const judgeTrusses = (
  building: Building,
  plan: TrussPlan,
  reactions: readonly RoofLoads[],
  results: SiteResults,
): Check[] => checksOf(RULES.truss, { seated: seatTrusses(building, plan, reactions), results })

/** The hardest worked carrier and header, and the joints to their posts. */
export function judgeBeams(of: BeamsOf): Check[] {
  const { building } = of
  const loaded = beamLoads(of).map((loads) => ({ loads, span: beamMember(building, loads) }))
  return (['carrier', 'header'] as const).flatMap((kind) => {
    const beams = loaded.filter(({ loads }) => loads.beam.kind === kind)
    if (beams.length === 0) return []
    const own = checksOf(RULES.beam, { beams })
    if (own[0]?.state === 'not-checked') return own.slice(0, 1)
    return [...own, ...checksOf(RULES.beamJoint, beamJoint(kind, building, beams))]
  })
}

/** Zones of the wind in the field of the roof and along its rakes. */
const ZONES: Readonly<Record<PurlinPlace, readonly RoofZone[]>> = {
  field: ['1', '2e', '2r'],
  rake: ['2n', '3e', '3r'],
}

const worstUpPsf = (zones: PurlinLoads['zones']): number => Math.max(...zones.map((zone) => Math.abs(zone.upPsf)))

/** Purlins of the main roof: gravity, wind up by zone, sag, fixings and skin screws. */
export function judgePurlins(building: Building, plan: TrussPlan, results: SiteResults): Check[] {
  const { skinHolds } = building.roof.purlins
  const spanIn = longestSpaceIn(plan)
  const open = results.enclosure.class === 'open'
  const field = mainPurlinLoads(building, results, spanIn, ZONES.field)
  const rake = mainPurlinLoads(building, results, spanIn, ZONES.rake)
  if (!field || !rake) return checksOf(RULES.purlinWind, { open })
  const places: readonly (readonly [PurlinPlace, PurlinLoads])[] = open
    ? [['field', field]]
    : [
        ['field', field],
        ['rake', { ...rake, snowPsf: field.snowPsf }],
      ]
  const spans = places.flatMap(([place, loads]) =>
    checksOf(RULES.purlinSpan, { place, span: purlinMember(building, spanIn, loads), skinHolds }),
  )
  if (spans[0]?.state === 'not-checked') return spans
  const endSpanIn = endSpaceIn(plan)
  const overhang = overhangUpPsf(building, results, 'any')
  return [
    ...spans,
    ...checksOf(RULES.purlinOverhang, {
      building,
      loads: { ...rake, snowPsf: field.snowPsf },
      upPsf: overhangUpPsf(building, results, 'gable'),
    }),
    ...places.flatMap(([place, loads]) =>
      checksOf(RULES.purlinJoint, {
        place,
        pullLb: purlinPullLb(building, results, { loads, spanIn, endSpanIn }),
        building,
      }),
    ),
    ...checksOf(RULES.skin, { building, worstUpPsf: Math.max(overhang, worstUpPsf([...field.zones, ...rake.zones])) }),
  ]
}

/** Longest space between the posts of a wall, inches. */
function wallSpanIn(layout: PostLayout, { leanTo }: LeanToLoads): number {
  const posts = wallPosts(layout.posts, leanTo.side)
  return posts.slice(1).reduce((most, post, i) => Math.max(most, post.x - item(posts, i).x), 0)
}

/** Rafters, ledger or bolts, beam, purlins, seats and ties of every open lean-to. */
export const judgeLeanTos = (building: Building, grid: Grid, layout: PostLayout, results: SiteResults): Check[] =>
  results.leanTos.flatMap((lean) =>
    checksOf(
      RULES.leanTo,
      leanToCase({
        building,
        lean,
        results,
        bayIn: Math.max(...grid.baysIn),
        wallSpanIn: wallSpanIn(layout, lean),
      }),
    ),
  )
