import { shearLengthFt, type ShearStrip, stripPullLb } from '../../frame'
import type { PostName } from '../../layout'
import { isWorse, type Use, usedOf } from '../../result'
import { judged } from '../check'

/** The post at one end of a strip of wall: what the roof lifts it by, and what its hole holds, lb. */
export interface StripEnd {
  readonly post: PostName
  /** 0.6W of the roof less 0.6 of the dead load that rests on it; negative where dead load holds it down. */
  readonly upliftLb: number
  readonly holdsLb: number
}

/** A strip of wall that works in shear, with the posts at its ends. */
export interface HeldStrip {
  readonly strip: ShearStrip
  readonly ends: readonly StripEnd[]
}

/** What shear in a strip lifts the post at its end by, with what the roof lifts it by, lb. */
function liftOf({ strip, ends }: HeldStrip, plf: number, heightIn: number) {
  const coupleLb = stripPullLb(strip, plf, heightIn)
  return ends.map((end) => {
    const demandLb = Math.max(0, coupleLb + end.upliftLb)
    return { strip, end, coupleLb, demandLb, use: usedOf(demandLb, end.holdsLb) }
  })
}

/**
 * The posts at the ends of the strips of a wall that are racked by wind in its plane, lb: v·h and the roof's uplift
 * less 0.6 of the dead load against what their holes hold (ASCE 7-16 2.4.1 (7)). Null where no strip works.
 */
export function holdDown({
  place,
  shearLb,
  strips,
  heightIn,
}: {
  readonly place: string
  readonly shearLb: number
  readonly strips: readonly HeldStrip[]
  readonly heightIn: number
}) {
  const feet = shearLengthFt(strips.map(({ strip }) => strip))
  if (feet <= 0) return null
  const plf = shearLb / feet
  const lifts = strips.filter(({ strip }) => strip.share > 0).flatMap((held) => liftOf(held, plf, heightIn))
  const worse = (one: { readonly use: Use }, other: { readonly use: Use }) => isWorse(one.use, other.use)
  const [first, ...rest] = lifts
  if (!first) return null
  const { end, strip, coupleLb, demandLb } = rest.reduce((worst, each) => (worse(each, worst) ? each : worst), first)
  return judged({
    member: 'wall',
    rule: 'holdDown',
    place,
    id: `wall-hold-${place}`,
    stage: 'bracing',
    group: 'diaphragm',
    subjects: [end.post.id],
    demand: demandLb,
    capacity: end.holdsLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    facts: {
      post: end.post,
      shearLb,
      feet,
      plf,
      strip,
      heightIn,
      coupleLb,
      upliftLb: end.upliftLb,
      holdsLb: end.holdsLb,
    },
  })
}
