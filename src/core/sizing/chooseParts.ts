import { eaveBeamWorst, girtedSides, type PartsOf, rafterWorst } from './parts'
import type { Building, GirtStyle, Job, LeanTo, Side } from '../model'
import type { Prices } from '../quantities'
import { boughtFt, builtUps, cheapest, type Counted, holds, sizeGirts, sizePurlins } from './sizeParts'

interface Sized {
  readonly job: Job
  readonly cost: number
}

/** A job while its parts are chosen one after another, and what they cost. */
interface Choosing {
  job: Job
  cost: number
}

/** What every choice of parts goes by. */
export interface ChoosingBy {
  readonly parts: PartsOf
  readonly prices: Prices
  readonly styles: readonly GirtStyle[]
  readonly count: Counted
}
const change = (now: Choosing, partial: Partial<Building>): void => {
  now.job = { ...now.job, building: { ...now.job.building, ...partial } }
}

/** Girts of all walls alike, or of eaves and gables apart; what stands in the way, or null. */
function chooseGirts(now: Choosing, { parts, prices, styles, count }: ChoosingBy): string | null {
  const sides = girtedSides(now.job.building)
  const groups: (readonly Side[])[] = now.job.sizing.sameGirts
    ? [sides]
    : [
        sides.filter((side) => side === 'south' || side === 'north'),
        sides.filter((side) => side === 'east' || side === 'west'),
      ]
  const walls: Building['girts']['walls'] = {}
  for (const [i, group] of groups.filter((each) => each.length).entries()) {
    const { job } = now
    const girts = sizeGirts({ parts, building: job.building, job, prices, sides: group, styles, count })
    if (!girts) return 'No girt on the list holds within the widest space.'
    now.cost += girts.cost
    if (i === 0) change(now, { girts: { ...job.building.girts, ...girts.change, walls: {} } })
    else
      for (const side of group)
        walls[side] = {
          style: girts.change.style ?? 'flat',
          size: girts.change.size ?? '2x6',
          lumber: girts.change.lumber ?? 'SP-No.2',
          maxGapIn: girts.change.maxGapIn ?? 24,
        }
  }
  change(now, { girts: { ...now.job.building.girts, walls } })
  return null
}

function choosePurlins(now: Choosing, { parts, prices, count }: ChoosingBy): string | null {
  const { job } = now
  const purlins = sizePurlins({ parts, building: job.building, job, prices, count })
  if (!purlins) return 'No purlin on the list holds.'
  now.cost += purlins.cost
  change(now, { roof: { ...job.building.roof, purlins: purlins.value } })
  return null
}

function chooseEaveBeam(
  now: Choosing,
  kind: 'carrier' | 'header',
  { parts, prices, count }: ChoosingBy,
): string | null {
  const beams = parts.trusses.beams.filter((beam) => beam.kind === kind)
  if (beams.length === 0) return null
  const feet = beams.reduce((sum, beam) => sum + boughtFt(now.job, beam.spanIn), 0)
  const list = builtUps(now.job, prices, [2, 3, 4], feet)
  const withBeam = (spec: object): Building => {
    const { building } = now.job
    return { ...building, roof: { ...building.roof, [kind]: { ...building.roof[kind], ...spec } } }
  }
  const best = cheapest(list, (spec) => holds(eaveBeamWorst(parts, withBeam(spec), kind)), count)
  if (!best) return `No ${kind} of up to four plies on the list holds: fewer posts left out, or closer posts.`
  now.cost += best.cost
  now.job = { ...now.job, building: withBeam(best.value) }
  return null
}

function chooseRafters(now: Choosing, leanTo: LeanTo, { parts, prices, count }: ChoosingBy): string | null {
  const { spaceIn } = leanTo.rafter
  const along = spaceIn === null ? parts.grid.centresIn.length : Math.ceil(parts.grid.lengthIn / spaceIn) + 1
  const lengthIn = (leanTo.depthIn + now.job.building.eaveOverhangIn) * 1.02
  const list = builtUps(now.job, prices, [1, 2, 3], along * boughtFt(now.job, lengthIn))
  const withRafter = (spec: object): Building => ({
    ...now.job.building,
    leanTos: now.job.building.leanTos.map((each) =>
      each.side === leanTo.side ? { ...each, rafter: { ...each.rafter, ...spec } } : each,
    ),
  })
  const best = cheapest(list, (spec) => holds(rafterWorst(parts, withRafter(spec), leanTo.side)), count)
  if (!best) return `No rafter on the list holds on the ${leanTo.side} lean-to.`
  now.cost += best.cost
  now.job = { ...now.job, building: withRafter(best.value) }
  return null
}

export type Around = { readonly sized: Sized } | { readonly stuck: string }
/** The first choice of every part but the posts that holds, cheapest first, for one plan; or the part that none can do. */
export function sizeAround(start: Job, by: ChoosingBy): Around {
  const now: Choosing = { job: start, cost: 0 }
  const locked = new Set(start.sizing.locked)
  const steps: (() => string | null)[] = [
    ...(locked.has('girts') ? [] : [() => chooseGirts(now, by)]),
    ...(locked.has('purlins') ? [] : [() => choosePurlins(now, by)]),
    ...(['carrier', 'header'] as const)
      .filter((kind) => !locked.has(kind))
      .map((kind) => () => chooseEaveBeam(now, kind, by)),
    ...(locked.has('leanTo') ? [] : start.building.leanTos.map((leanTo) => () => chooseRafters(now, leanTo, by))),
  ]
  for (const step of steps) {
    const stuck = step()
    if (stuck !== null) return { stuck }
  }
  return { sized: { job: now.job, cost: now.cost } }
}
