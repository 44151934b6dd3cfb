import type { BraceLine } from '../../frame'
import { nailOf, nailStrength } from '../../joints'
import type { Building } from '../../model'
import {
  type BoardSize,
  boardSize,
  boardValues,
  type DesignValues,
  DURATION,
  PLY_IN,
  postSize,
  specificGravity,
} from '../../wood'
import { cannot, judged } from '../check'
import { type BraceCase, tooSteep } from './case'

type Kind = Building['bracing']['walls']
interface About {
  readonly walls: Kind
  readonly brace: BraceLine
}
export type BracePullFacts = About &
  (
    | { readonly kind: 'too steep' }
    | { readonly kind: 'no rating' }
    | { readonly kind: 'no values'; readonly lumber: string }
    | { readonly kind: 'no nail'; readonly name: string }
    | { readonly kind: 'strap'; readonly strapLb: number }
    | {
        readonly kind: 'boards'
        readonly nails: number
        readonly one: ReturnType<typeof nailStrength>
        readonly nailsLb: number
        readonly woodLb: number
        readonly values: DesignValues
        readonly size: BoardSize
      }
  )

/** What the nails at one end of a brace hold, and what its board holds in tension, lb (NDS 2018 12.3, 3.8). */
function boardStrength({ building }: Pick<BraceCase, 'building'>) {
  const { bracing, grades, post, joints } = building
  const size = boardSize(bracing.size)
  const values = boardValues(bracing.lumber, size.nominal, grades)
  const nail = nailOf(bracing.nail)
  if (!values || !nail) return { values, nail: null }
  const one = nailStrength({
    nail,
    sideIn: PLY_IN,
    mainIn: postSize(post).depthIn,
    gMain: specificGravity(post.lumber, grades),
    gSide: specificGravity(bracing.lumber, grades),
    duration: DURATION.wind,
    wet: joints.wetPosts,
  })
  const nailsLb = one.lateralLb * bracing.nails
  const woodLb = values.ft * DURATION.wind * size.areaIn2
  return { values, nail, one, nailsLb, woodLb, size }
}

/** The pull in one brace against its nails and board, or against the rating of a strap, lb. */
export function pull({ building, brace }: Pick<BraceCase, 'building' | 'brace'>) {
  const { bracing } = building
  const name = {
    member: 'brace',
    rule: 'pull',
    place: brace.side,
    id: `brace-${brace.side}`,
    stage: 'bracing',
  } as const
  const about: About = { walls: bracing.walls, brace }
  const unable = (facts: BracePullFacts) => cannot({ ...name, facts })
  const holds = (capacity: number, facts: BracePullFacts) =>
    judged({ ...name, group: 'brace', demand: brace.forceLb, capacity, unit: 'lb', combination: '0.6W', facts })
  if (tooSteep({ brace })) return unable({ ...about, kind: 'too steep' })
  if (bracing.walls === 'straps')
    return bracing.strapLb === null
      ? unable({ ...about, kind: 'no rating' })
      : holds(bracing.strapLb, { ...about, kind: 'strap', strapLb: bracing.strapLb })
  const strength = boardStrength({ building })
  if (!strength.values) return unable({ ...about, kind: 'no values', lumber: bracing.lumber })
  if (!strength.nail) return unable({ ...about, kind: 'no nail', name: bracing.nail })
  const { one, nailsLb, woodLb, values, size } = strength
  return holds(Math.min(nailsLb, woodLb), {
    ...about,
    kind: 'boards',
    nails: bracing.nails,
    one,
    nailsLb,
    woodLb,
    values,
    size,
  })
}
