// Made by `npm run words` from the files beside it; do not edit.
import { words as beamBolts } from './beam/bolts'
import { words as beamSag } from './beam/sag'
import { words as beamSeat } from './beam/seat'
import { words as beamStrength } from './beam/strength'
import { words as beamUplift } from './beam/uplift'
import { words as braceCouple } from './brace/couple'
import { words as bracePull } from './brace/pull'
import { words as bracePush } from './brace/push'
import { words as buildingBeyond } from './building/beyond'
import { words as buildingEarthquake } from './building/earthquake'
import { words as diaphragmChord } from './diaphragm/chord'
import { words as diaphragmProportions } from './diaphragm/proportions'
import { words as diaphragmShear } from './diaphragm/shear'
import { words as diaphragmSway } from './diaphragm/sway'
import { words as girtNails } from './girt/nails'
import { words as girtStrength } from './girt/strength'
import { words as holeApart } from './hole/apart'
import { words as holeBearing } from './hole/bearing'
import { words as holeFixing } from './hole/fixing'
import { words as holeFrost } from './hole/frost'
import { words as holeLowestGround } from './hole/lowestGround'
import { words as holePad } from './hole/pad'
import { words as holeSideways } from './hole/sideways'
import { words as holeSlabTie } from './hole/slabTie'
import { words as holeSlope } from './hole/slope'
import { words as holeSteepGround } from './hole/steepGround'
import { words as holeUplift } from './hole/uplift'
import { words as kneeStrength } from './knee/strength'
import { words as kneeTruss } from './knee/truss'
import { words as leanToBeamSag } from './leanToBeam/sag'
import { words as leanToBeamStrength } from './leanToBeam/strength'
import { words as leanToPurlinSag } from './leanToPurlin/sag'
import { words as leanToPurlinStrength } from './leanToPurlin/strength'
import { words as leanToPurlinUplift } from './leanToPurlin/uplift'
import { words as ledgerBolts } from './ledger/bolts'
import { words as ledgerSag } from './ledger/sag'
import { words as ledgerStrength } from './ledger/strength'
import { words as pierAcross } from './pier/across'
import { words as pierAlong } from './pier/along'
import { words as pierAnchor } from './pier/anchor'
import { words as pierSteel } from './pier/steel'
import { words as pierUplift } from './pier/uplift'
import { words as postBending } from './post/bending'
import { words as postInterlayer } from './post/interlayer'
import { words as postLamination } from './post/lamination'
import { words as postSag } from './post/sag'
import { words as postShear } from './post/shear'
import { words as purlinOverhang } from './purlin/overhang'
import { words as purlinSag } from './purlin/sag'
import { words as purlinScrews } from './purlin/screws'
import { words as purlinStrength } from './purlin/strength'
import { words as purlinTie } from './purlin/tie'
import { words as purlinWind } from './purlin/wind'
import { words as rafterBolts } from './rafter/bolts'
import { words as rafterNotch } from './rafter/notch'
import { words as rafterSag } from './rafter/sag'
import { words as rafterSeat } from './rafter/seat'
import { words as rafterStrength } from './rafter/strength'
import { words as rafterTie } from './rafter/tie'
import { words as siteMissing } from './site/missing'
import { words as skirtStrength } from './skirt/strength'
import { words as trussBlock } from './truss/block'
import { words as trussBolts } from './truss/bolts'
import { words as trussOrder } from './truss/order'
import { words as trussReaction } from './truss/reaction'
import { words as trussSeat } from './truss/seat'
import { words as trussShare } from './truss/share'
import { words as trussTies } from './truss/ties'
import { words as trussUplift } from './truss/uplift'
import { words as wallHoldDown } from './wall/holdDown'
import { words as wallShear } from './wall/shear'

/** The words of every check, by member and rule. */
export const WORDS = {
  'beam/bolts': beamBolts,
  'beam/sag': beamSag,
  'beam/seat': beamSeat,
  'beam/strength': beamStrength,
  'beam/uplift': beamUplift,
  'brace/couple': braceCouple,
  'brace/pull': bracePull,
  'brace/push': bracePush,
  'building/beyond': buildingBeyond,
  'building/earthquake': buildingEarthquake,
  'diaphragm/chord': diaphragmChord,
  'diaphragm/proportions': diaphragmProportions,
  'diaphragm/shear': diaphragmShear,
  'diaphragm/sway': diaphragmSway,
  'girt/nails': girtNails,
  'girt/strength': girtStrength,
  'hole/apart': holeApart,
  'hole/bearing': holeBearing,
  'hole/fixing': holeFixing,
  'hole/frost': holeFrost,
  'hole/lowestGround': holeLowestGround,
  'hole/pad': holePad,
  'hole/sideways': holeSideways,
  'hole/slabTie': holeSlabTie,
  'hole/slope': holeSlope,
  'hole/steepGround': holeSteepGround,
  'hole/uplift': holeUplift,
  'knee/strength': kneeStrength,
  'knee/truss': kneeTruss,
  'leanToBeam/sag': leanToBeamSag,
  'leanToBeam/strength': leanToBeamStrength,
  'leanToPurlin/sag': leanToPurlinSag,
  'leanToPurlin/strength': leanToPurlinStrength,
  'leanToPurlin/uplift': leanToPurlinUplift,
  'ledger/bolts': ledgerBolts,
  'ledger/sag': ledgerSag,
  'ledger/strength': ledgerStrength,
  'pier/across': pierAcross,
  'pier/along': pierAlong,
  'pier/anchor': pierAnchor,
  'pier/steel': pierSteel,
  'pier/uplift': pierUplift,
  'post/bending': postBending,
  'post/interlayer': postInterlayer,
  'post/lamination': postLamination,
  'post/sag': postSag,
  'post/shear': postShear,
  'purlin/overhang': purlinOverhang,
  'purlin/sag': purlinSag,
  'purlin/screws': purlinScrews,
  'purlin/strength': purlinStrength,
  'purlin/tie': purlinTie,
  'purlin/wind': purlinWind,
  'rafter/bolts': rafterBolts,
  'rafter/notch': rafterNotch,
  'rafter/sag': rafterSag,
  'rafter/seat': rafterSeat,
  'rafter/strength': rafterStrength,
  'rafter/tie': rafterTie,
  'site/missing': siteMissing,
  'skirt/strength': skirtStrength,
  'truss/block': trussBlock,
  'truss/bolts': trussBolts,
  'truss/order': trussOrder,
  'truss/reaction': trussReaction,
  'truss/seat': trussSeat,
  'truss/share': trussShare,
  'truss/ties': trussTies,
  'truss/uplift': trussUplift,
  'wall/holdDown': wallHoldDown,
  'wall/shear': wallShear,
} as const
