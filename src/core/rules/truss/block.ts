import { BLOCK_IN, nailOf, nailStrength } from '../../joints'
import { DURATION, postSize } from '../../wood'
import { judged } from '../check'
import type { SeatedTrusses } from './seated'

/** The nailed block that widens a truss seat takes its share of the reaction, lb (NDS 2018 12.3). Null without one. */
export function block({ seated }: { readonly seated: SeatedTrusses }) {
  const { building, values, onBlock } = seated
  const { truss } = building.roof
  const nail = nailOf(building.joints.girt.nail)
  if (!onBlock || !nail || !values) return null
  const { downLb } = onBlock
  const seatIn = postSize(building.post).depthIn + BLOCK_IN
  const shareLb = (downLb * BLOCK_IN) / seatIn
  const one = nailStrength({
    nail,
    sideIn: BLOCK_IN,
    mainIn: postSize(building.post).depthIn,
    gMain: values.gravity,
    gSide: values.gravity,
    duration: DURATION.snow,
    wet: building.joints.wetPosts,
  })
  const count = truss.blockNails
  return judged({
    member: 'truss',
    rule: 'block',
    place: '',
    id: 'truss-block',
    stage: 'roof',
    group: 'joint',
    demand: shareLb,
    capacity: one.lateralLb * count,
    unit: 'lb',
    combination: 'D+S',
    facts: { number: onBlock.order + 1, downLb, seatIn, shareLb, count, nailName: nail.name, one },
  })
}
