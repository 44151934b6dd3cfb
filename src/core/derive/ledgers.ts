import { DURATION } from '../wood'
import { IN_PER_FT } from '../units'
import type { BoltStrength } from '../joints'
import { type PostLayout, wallPosts } from '../layout'
import type { Building, LeanTo } from '../model'
import { type Check, makeCheck, item } from '../result'
import { builtUp } from './builtUp'
import type { LeanToLoads, SiteResults } from '../frame/siteResults'

/** A ledger over the bays between wall posts, bolted to them. */
export function ledgerChecks({
  layout,
  leanTo,
  building,
  results,
  lean,
  name,
  upPlf,
  bolt,
  wLb,
  tribFt,
  head,
  bolts,
}: {
  readonly layout: PostLayout
  readonly leanTo: LeanTo
  readonly building: Building
  readonly results: SiteResults
  readonly lean: LeanToLoads
  readonly name: string
  readonly upPlf: number
  readonly bolt: (duration: number, plies: number, double: boolean) => BoltStrength
  readonly wLb: number
  readonly tribFt: number
  readonly head: { stage: 'roof'; subjects: string[] }
  readonly bolts: { diameterIn: 0.5 | 0.625 | 0.75; count: number }
}): Check[] {
  const out: Check[] = []
  const posts = wallPosts(layout.posts, leanTo.side)
  const spanIn = posts.slice(1).reduce((most, post, i) => Math.max(most, post.x - item(posts, i).x), 0)
  out.push(
    ...builtUp({
      building,
      results,
      lean,
      id: `ledger-${leanTo.side}`,
      title: `${name}: ledger`,
      spec: leanTo.ledger,
      spanIn,
      snowPlf: lean.wallPlf,
      upPlf,
    }),
  )
  const strength = bolt(DURATION.snow, leanTo.ledger.plies, false)
  const rLb = (wLb / tribFt) * (spanIn / IN_PER_FT)
  out.push(
    makeCheck({
      ...head,
      group: 'joint',
      id: `ledger-bolts-${leanTo.side}`,
      title: `${name}: ledger bolted to posts`,
      demand: rLb,
      capacity: strength.groupLb,
      unit: 'lb',
      combination: 'D+S',
      place: 'at a wall post',
      governs: `${Math.round(rLb).toLocaleString('en-US')} lb of ledger on ${bolts.count} bolts at each post.`,
      fix: 'More or thicker bolts, or a bearing block under the ledger.',
      trace: () => strength.trace,
    }),
  )
  return out
}

/** Each rafter bolted to its post: down under snow, up under wind. */
export function ledgerPostChecks({
  leanTo,
  bolt,
  head,
  name,
  wLb,
  uLb,
  bolts,
}: {
  readonly leanTo: LeanTo
  readonly bolt: (duration: number, plies: number, double: boolean) => BoltStrength
  readonly head: { stage: 'roof'; subjects: string[] }
  readonly name: string
  readonly wLb: number
  readonly uLb: number
  readonly bolts: { diameterIn: 0.5 | 0.625 | 0.75; count: number }
}): Check {
  const double = leanTo.rafter.plies === 2
  const [strength, upBolts] = [
    bolt(DURATION.snow, double ? 1 : leanTo.rafter.plies, double),
    bolt(DURATION.wind, double ? 1 : leanTo.rafter.plies, double),
  ]
  return makeCheck({
    ...head,
    group: 'joint',
    id: `ledger-${leanTo.side}`,
    title: `${name}: rafters bolted to wall posts`,
    demand: Math.max(wLb / strength.groupLb, uLb / upBolts.groupLb),
    capacity: 1,
    unit: '',
    combination: wLb / strength.groupLb > uLb / upBolts.groupLb ? 'D+S' : '0.6D+0.6W',
    place: 'at the wall',
    governs:
      `${Math.round(wLb).toLocaleString('en-US')} lb down and ${Math.round(uLb).toLocaleString('en-US')} lb up ` +
      `on ${bolts.count} bolts of ${bolts.diameterIn} in.`,
    fix: 'More or thicker bolts, or a bearing block under the rafter.',
    trace: () => strength.trace,
  })
}
