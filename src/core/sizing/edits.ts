import { NAILS } from '../joints'
import { type Building, type Job, type LeanTo, POST_SECTIONS, type Side } from '../model'
import { type Check, type RuleName, ruleOf } from '../rules'
import { feetAlone, inchesAlone, stated } from '../units'
import { beamEdits, girtEdits, purlinEdits } from './boardEdits'
import { type Edit, onBuilding, others } from './edit'
import { apartEdits } from './holeEdits'
import { times } from './words'

function postEdits(job: Job): Edit[] {
  const building = job.building
  const put = (part: Partial<Building['post']>) => onBuilding(job, { post: { ...building.post, ...part } })
  return [
    ...POST_SECTIONS.filter(
      (section) =>
        section !== building.post.section &&
        section !== 'glulam' &&
        section !== '6x6' &&
        job.sizing.sections.includes(section),
    ).map((section) => ({
      key: `section-${section}`,
      label: 'Other section',
      detail: `${section[0]}-ply ${times(section.slice(2))}`,
      job: put({ section }),
    })),
    ...others(job, building.post.lumber).map((text) => ({
      key: `lumber-${text}`,
      label: 'Other lumber',
      detail: text,
      job: put({ lumber: text }),
    })),
    ...(building.gableMaxIn > 72
      ? [
          {
            key: 'gable',
            label: 'Gable posts closer',
            detail: `at most ${feetAlone(building.gableMaxIn * 0.75)}`,
            job: onBuilding(job, { gableMaxIn: Math.round(building.gableMaxIn * 0.75) }),
          },
        ]
      : []),
    ...(building.slab === 'none' && building.school !== 'pier'
      ? [
          {
            key: 'slab',
            label: 'Slab tied to the posts',
            detail: 'held at grade',
            job: onBuilding(job, { slab: 'tied' }),
          },
        ]
      : []),
  ]
}

function groundEdits(job: Job): Edit[] {
  const building = job.building
  return [
    ...[building.padThicknessIn + 2, building.padThicknessIn + 4]
      .filter((thicknessIn) => thicknessIn <= 36 && building.school !== 'pier')
      .map((thicknessIn) => ({
        key: `pad-${thicknessIn}`,
        label: 'Thicker pad',
        detail: inchesAlone(thicknessIn),
        job: onBuilding(job, { padThicknessIn: thicknessIn }),
      })),
    ...(building.school === 'collar'
      ? [building.collarHeightIn + 6, building.collarHeightIn + 12].map((heightIn) => ({
          key: `collar-${heightIn}`,
          label: 'Higher collar',
          detail: inchesAlone(heightIn),
          job: onBuilding(job, { collarHeightIn: heightIn }),
        }))
      : []),
    ...(building.school === 'pad'
      ? [
          {
            key: 'collar',
            label: 'Collar in the hole',
            detail: '12″ of concrete',
            job: onBuilding(job, { school: 'collar', collarHeightIn: 12 }),
          },
          {
            key: 'cleat',
            label: 'Cleats at the foot',
            detail: '3″ × 24″',
            job: onBuilding(job, { cleat: { widthIn: 7.5, lengthIn: 24 } }),
          },
        ]
      : []),
    ...[6, 12].map((deeperIn) => ({
      key: `deep-${deeperIn}`,
      label: 'Deeper holes',
      detail: `${inchesAlone(deeperIn)} more`,
      job: onBuilding(job, { minimumDepthIn: Math.min(144, building.minimumDepthIn + deeperIn) }),
    })),
    ...(building.holeDiameterIn !== null
      ? [
          {
            key: 'auto',
            label: 'Let Burdock choose the width',
            detail: '',
            job: onBuilding(job, { holeDiameterIn: null }),
          },
        ]
      : []),
    ...(building.slab === 'none'
      ? [
          {
            key: 'slab',
            label: 'Slab tied to the posts',
            detail: 'held at grade',
            job: onBuilding(job, { slab: 'tied' }),
          },
        ]
      : []),
  ]
}

type BoltKey = 'truss' | 'carrier' | 'ledger' | 'collar'
function boltEdits(job: Job, key: BoltKey): Edit[] {
  const building = job.building
  const now = building.joints[key]
  const put = (part: Partial<typeof now>) =>
    onBuilding(job, { joints: { ...building.joints, [key]: { ...now, ...part } } })
  return [
    ...([0.5, 0.625, 0.75] as const)
      .filter((diameterIn) => diameterIn !== now.diameterIn)
      .map((diameterIn) => ({
        key: `dia-${diameterIn}`,
        // Thinner ones stand nearer to an edge, and may be what holds.
        label: diameterIn > now.diameterIn ? 'Thicker bolts' : 'Thinner bolts',
        detail: `${stated(diameterIn, 'inches')}`,
        job: put({ diameterIn }),
      })),
    ...[now.count + 1, now.count + 2]
      .filter((count) => count <= 12)
      .map((count) => ({
        key: `count-${count}`,
        label: 'More bolts',
        detail: `${count} bolts`,
        job: put({ count }),
      })),
  ]
}

/** Ratings of ties that are on the market, lb with the duration of wind. */
const TIE_RATINGS_LB = [600, 1000, 1500, 2000, 2600, 3400, 4500, 6000] as const

/** A tie at each truss that is rated for so much, in place of its bolts; which one to buy is for the builder to find. */
const trussTieEdits = (job: Job): Edit[] =>
  TIE_RATINGS_LB.filter((lb) => lb > (job.building.joints.trussTieLb ?? 0)).map((trussTieLb) => ({
    key: `tie-${trussTieLb}`,
    label: 'A rated tie at each truss',
    detail: `${stated(trussTieLb, 'lb')} or more`,
    job: onBuilding(job, { joints: { ...job.building.joints, trussTieLb } }),
  }))

function nailEdits(job: Job, key: 'girt' | 'purlin'): Edit[] {
  const building = job.building
  const now = building.joints[key]
  const put = (part: Partial<typeof now>) =>
    onBuilding(job, { joints: { ...building.joints, [key]: { ...now, ...part } } })
  return [
    ...[1, 2, 3]
      .map((k) => now.count + k)
      .map((count) => ({
        key: `count-${count}`,
        label: 'More nails',
        detail: `${count} nails`,
        job: put({ count }),
      })),
    ...NAILS.filter((nail) => nail.ring && nail.id !== now.nail).map((nail) => ({
      key: nail.id,
      label: 'Other nail',
      detail: nail.name,
      job: put({ nail: nail.id }),
    })),
  ]
}

function seatEdits(job: Job): Edit[] {
  const { roof } = job.building
  const withTruss = (truss: Partial<typeof roof.truss>): Job =>
    onBuilding(job, { roof: { ...roof, truss: { ...roof.truss, ...truss } } })
  return [
    {
      key: 'block',
      label: 'Bearing block',
      detail: '12 nails',
      job: withTruss({ blockNails: Math.max(12, roof.truss.blockNails + 4) }),
    },
    { key: 'two', label: 'Two-ply trusses', detail: '', job: withTruss({ plies: 2 }) },
    ...postEdits(job),
  ]
}

function eaveBeamEdits(job: Job, kind: 'carrier' | 'header'): Edit[] {
  const { roof } = job.building
  return beamEdits(job, roof[kind], 4, (part) =>
    onBuilding(job, { roof: { ...roof, [kind]: { ...roof[kind], ...part } } }),
  )
}

/** The board of a lean-to that a check is about. */
type LeanToPart = 'rafter' | 'ledger' | 'beam'
/** Most plies of each. */
const MOST_PLIES: Readonly<Record<LeanToPart, number>> = { rafter: 3, ledger: 3, beam: 4 }

function leanToEdits(job: Job, side: string, part: LeanToPart): Edit[] {
  const lean = job.building.leanTos.find((leanTo) => leanTo.side === side)
  if (!lean) return []
  const put = (change: Partial<LeanTo>) =>
    onBuilding(job, {
      leanTos: job.building.leanTos.map((leanTo) => (leanTo === lean ? { ...leanTo, ...change } : leanTo)),
    })
  return beamEdits(job, lean[part], MOST_PLIES[part], (change) => put({ [part]: { ...lean[part], ...change } }))
}

function laminationEdits(job: Job): Edit[] {
  const { joints } = job.building
  const put = (part: Partial<typeof joints.lamination>): Job =>
    onBuilding(job, { joints: { ...joints, lamination: { ...joints.lamination, ...part } } })
  const nails = NAILS.filter((nail) => !nail.ring && nail.id !== joints.lamination.nail)
  return [
    ...nails.map((nail) => ({ key: nail.id, label: 'Other nail', detail: nail.name, job: put({ nail: nail.id }) })),
    ...[1.25, 1.375, 1.625, 1.75, 2].map((edgeIn) => ({
      key: `edge-${edgeIn}`,
      label: 'Rows elsewhere',
      detail: `${inchesAlone(edgeIn)} from the edge`,
      job: put({ edgeIn }),
    })),
  ]
}

function braceEdits(job: Job): Edit[] {
  const { bracing } = job.building
  return [
    ...[1, 2].map((more) => ({
      key: `bays-${more}`,
      label: 'More braced bays',
      detail: `${bracing.baysPerWall + more} a wall`,
      job: onBuilding(job, { bracing: { ...bracing, baysPerWall: bracing.baysPerWall + more } }),
    })),
    ...[2, 4].map((more) => ({
      key: `nails-${more}`,
      label: 'More nails',
      detail: `${bracing.nails + more} at each end`,
      job: onBuilding(job, { bracing: { ...bracing, nails: bracing.nails + more } }),
    })),
  ]
}

type EditsOf = (job: Job, place: string, subjects: readonly string[]) => Edit[]
const truss: EditsOf = (job) => boltEdits(job, 'truss')
const trussUplift: EditsOf = (job) => [...boltEdits(job, 'truss'), ...trussTieEdits(job)]
const eaveBeam: EditsOf = (job, place) => eaveBeamEdits(job, place as 'carrier')
const beamBolts: EditsOf = (job, place) => [...boltEdits(job, 'carrier'), ...eaveBeamEdits(job, place as 'carrier')]
const wallBolts =
  (part: LeanToPart): EditsOf =>
  (job, place) => [...boltEdits(job, 'ledger'), ...leanToEdits(job, place, part)]
const leanTo =
  (part: LeanToPart): EditsOf =>
  (job, place) =>
    leanToEdits(job, place, part)

/** The changes for a check, by its rule. A rule that is not here only a person can remedy. */
const EDITS: Readonly<Partial<Record<RuleName, EditsOf>>> = {
  'girt/nails': (job) => nailEdits(job, 'girt'),
  'girt/strength': (job, place) => girtEdits(job, place as Side),
  'purlin/tie': (job) => [...nailEdits(job, 'purlin'), ...purlinEdits(job)],
  'purlin/strength': purlinEdits,
  'purlin/overhang': purlinEdits,
  'purlin/sag': purlinEdits,
  'leanToPurlin/strength': purlinEdits,
  'leanToPurlin/sag': purlinEdits,
  'truss/seat': seatEdits,
  'truss/uplift': trussUplift,
  'truss/block': truss,
  'truss/bolts': truss,
  'truss/ties': trussTieEdits,
  'beam/bolts': beamBolts,
  'beam/uplift': beamBolts,
  'beam/seat': beamBolts,
  'beam/strength': eaveBeam,
  'beam/sag': eaveBeam,
  'rafter/strength': leanTo('rafter'),
  'rafter/sag': leanTo('rafter'),
  'rafter/bolts': wallBolts('rafter'),
  'ledger/strength': leanTo('ledger'),
  'ledger/sag': leanTo('ledger'),
  'ledger/bolts': wallBolts('ledger'),
  'leanToBeam/strength': leanTo('beam'),
  'leanToBeam/sag': leanTo('beam'),
  'post/bending': postEdits,
  'post/shear': postEdits,
  'post/sag': postEdits,
  'post/lamination': laminationEdits,
  'hole/sideways': groundEdits,
  'hole/bearing': groundEdits,
  'hole/uplift': groundEdits,
  'hole/pad': groundEdits,
  'hole/frost': groundEdits,
  'hole/apart': (job, _, subjects) => apartEdits(job, subjects),
  'hole/fixing': (job) => boltEdits(job, 'collar'),
  'brace/pull': braceEdits,
  'brace/push': braceEdits,
  'brace/couple': braceEdits,
}

/** Changes a builder would think of for one check. Empty where only a person can remedy it. */
export const editsFor = (job: Job, check: Pick<Check, 'key' | 'subjects'>): Edit[] =>
  EDITS[ruleOf(check)]?.(job, check.key.place, check.subjects) ?? []
