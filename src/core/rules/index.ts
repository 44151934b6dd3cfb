import { pull } from './brace/pull'
import { couple } from './brace/couple'
import { push } from './brace/push'
import { beyond } from './building/beyond'
import { earthquake } from './building/earthquake'
import { bolts as beamBolts } from './beam/bolts'
import { sag as beamSag } from './beam/sag'
import { seat as beamSeat } from './beam/seat'
import { strength as beamStrength } from './beam/strength'
import { uplift as beamUplift } from './beam/uplift'
import { chord } from './diaphragm/chord'
import { proportions } from './diaphragm/proportions'
import { shear as diaphragmShear } from './diaphragm/shear'
import { sway } from './diaphragm/sway'
import { nails } from './girt/nails'
import { strength as girtStrength } from './girt/strength'
import { apart } from './hole/apart'
import { bearing } from './hole/bearing'
import { fixing } from './hole/fixing'
import { frost } from './hole/frost'
import { lowestGround } from './hole/lowestGround'
import { pad } from './hole/pad'
import { sideways } from './hole/sideways'
import { slabTie } from './hole/slabTie'
import { slope } from './hole/slope'
import { steepGround } from './hole/steepGround'
import { uplift as holeUplift } from './hole/uplift'
import { strength as kneeStrength } from './knee/strength'
import { truss as kneeTruss } from './knee/truss'
import { sag as leanToBeamSag } from './leanToBeam/sag'
import { strength as leanToBeamStrength } from './leanToBeam/strength'
import { sag as leanToPurlinSag } from './leanToPurlin/sag'
import { strength as leanToPurlinStrength } from './leanToPurlin/strength'
import { uplift as leanToPurlinUplift } from './leanToPurlin/uplift'
import { bolts as ledgerBolts } from './ledger/bolts'
import { sag as ledgerSag } from './ledger/sag'
import { strength as ledgerStrength } from './ledger/strength'
import { bending } from './post/bending'
import { interlayer } from './post/interlayer'
import { lamination } from './post/lamination'
import { sag as postSag } from './post/sag'
import { shear as postShear } from './post/shear'
import { overhang as purlinOverhang } from './purlin/overhang'
import { sag as purlinSag } from './purlin/sag'
import { screws } from './purlin/screws'
import { strength as purlinStrength } from './purlin/strength'
import { tie as purlinTie } from './purlin/tie'
import { wind as purlinWind } from './purlin/wind'
import { bolts as rafterBolts } from './rafter/bolts'
import { notch } from './rafter/notch'
import { sag as rafterSag } from './rafter/sag'
import { seat as rafterSeat } from './rafter/seat'
import { strength as rafterStrength } from './rafter/strength'
import { tie as rafterTie } from './rafter/tie'
import { across } from './pier/across'
import { along } from './pier/along'
import { anchor } from './pier/anchor'
import { steel } from './pier/steel'
import { uplift as pierUplift } from './pier/uplift'
import { missing } from './site/missing'
import { strength as skirtStrength } from './skirt/strength'
import { block } from './truss/block'
import { bolts as trussBolts } from './truss/bolts'
import { order } from './truss/order'
import { reaction } from './truss/reaction'
import { seat as trussSeat } from './truss/seat'
import { share } from './truss/share'
import { ties } from './truss/ties'
import { uplift as trussUplift } from './truss/uplift'
import { holdDown } from './wall/holdDown'
import { shear as wallShear } from './wall/shear'

import type { Check } from './check'

export { fails, worstFirst } from './check'
export type { Check, Stage } from './check'

/** Every rule, by what it judges, in the order in which its checks stand. A new rule is added here. */
export const RULES = {
  site: [missing],
  girtZone: [girtStrength],
  girtWall: [nails],
  hole: [frost, slope, sideways, slabTie, bearing, pad, holeUplift, fixing],
  holes: [apart],
  pier: [pierUplift, anchor, steel, across, along],
  ground: [lowestGround],
  steepGround: [steepGround],
  beyond: [beyond],
  post: [bending, postShear, postSag],
  truss: [reaction, order, trussSeat, block, share, trussBolts, trussUplift, ties],
  beam: [beamStrength, beamSag],
  beamJoint: [beamBolts, beamSeat, beamUplift],
  purlinWind: [purlinWind],
  purlinSpan: [purlinStrength, purlinSag],
  purlinOverhang: [purlinOverhang],
  purlinJoint: [purlinTie],
  skin: [screws],
  leanTo: [
    rafterStrength,
    rafterSag,
    notch,
    rafterSeat,
    rafterBolts,
    ledgerStrength,
    ledgerSag,
    ledgerBolts,
    leanToBeamStrength,
    leanToBeamSag,
    rafterTie,
    leanToPurlinStrength,
    leanToPurlinSag,
    leanToPurlinUplift,
  ],
  roof: [earthquake, proportions, diaphragmShear, chord, sway],
  wall: [wallShear],
  wallEnds: [holdDown],
  brace: [pull, push, couple],
  whole: [kneeTruss, kneeStrength, lamination, interlayer, skirtStrength],
} as const

type Rule = (typeof RULES)[keyof typeof RULES][number]
/** Every check that a rule can give. */
type RuleCheck = NonNullable<ReturnType<Rule>>
/** Member and rule of every check there is. */
export type RuleKey = RuleCheck['key']

/** The checks that some rules make of one case; a rule that has nothing to judge there makes none. */
export const checksOf = <Case>(rules: readonly ((given: Case) => Check | null)[], given: Case): Check[] =>
  rules.flatMap((rule) => rule(given) ?? [])

type NameOf<Key> = Key extends {
  readonly member: infer Member extends string
  readonly rule: infer Rule extends string
}
  ? `${Member}/${Rule}`
  : never
/** Member and rule in one word, to choose by: `hole/frost`. */
export type RuleName = NameOf<RuleKey>
export const ruleOf = ({ key }: Pick<Check, 'key'>): RuleName => `${key.member}/${key.rule}` as RuleName
