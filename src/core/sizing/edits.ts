import { NAILS } from '../joints'
import { type Building, type Job, type LeanTo, POST_SECTIONS, type Side, SIDES } from '../model'
import { IN_PER_FT } from '../units'
import { beamEdits, girtEdits, purlinEdits } from './boardEdits'
import { type Edit, onBuilding, others } from './edit'
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
            detail: `at most ${Math.round((building.gableMaxIn * 0.75) / IN_PER_FT)}′`,
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
        detail: `${thicknessIn}″`,
        job: onBuilding(job, { padThicknessIn: thicknessIn }),
      })),
    ...(building.school === 'collar'
      ? [building.collarHeightIn + 6, building.collarHeightIn + 12].map((heightIn) => ({
          key: `collar-${heightIn}`,
          label: 'Higher collar',
          detail: `${heightIn}″`,
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
      detail: `${deeperIn}″ more`,
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
      .filter((diameterIn) => diameterIn > now.diameterIn)
      .map((diameterIn) => ({
        key: `dia-${diameterIn}`,
        label: 'Thicker bolts',
        detail: `${diameterIn} in.`,
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

/** Parts of the lean-to on one side; null where the check is none of its, or it has no such part. */
function leanToEdits(job: Job, checkId: string, side: Side | undefined): Edit[] | null {
  const lean = job.building.leanTos.find((leanTo) => leanTo.side === side)
  if (!lean) return null
  const put = (part: Partial<LeanTo>) =>
    onBuilding(job, {
      leanTos: job.building.leanTos.map((leanTo) => (leanTo === lean ? { ...leanTo, ...part } : leanTo)),
    })
  if (checkId.startsWith('rafter'))
    return beamEdits(job, lean.rafter, 3, (part) => put({ rafter: { ...lean.rafter, ...part } }))
  if (/^ledger-(south|north)/.test(checkId) && lean.rafter.spaceIn !== null)
    return beamEdits(job, lean.ledger, 3, (part) => put({ ledger: { ...lean.ledger, ...part } }))
  if (checkId.startsWith('ledger')) return boltEdits(job, 'ledger')
  if (checkId.startsWith('lean-beam'))
    return beamEdits(job, lean.beam, 4, (part) => put({ beam: { ...lean.beam, ...part } }))
  return null
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
      detail: `${edgeIn}″ from the edge`,
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

/** The changes for a check, by what its id begins with; the first that fits is taken. */
const EDITS: readonly (readonly [RegExp, (job: Job, checkId: string, side: Side | undefined) => Edit[] | null])[] = [
  [/^girt-nails/, (job) => nailEdits(job, 'girt')],
  [/^girt-/, (job, _id, side) => (side ? girtEdits(job, side) : null)],
  [/^purlin-tie/, (job) => [...nailEdits(job, 'purlin'), ...purlinEdits(job)]],
  [/^(lean-)?purlins/, (job) => purlinEdits(job)],
  [/^truss-seat$/, (job) => seatEdits(job)],
  [/^truss-/, (job) => boltEdits(job, 'truss')],
  [/^(carrier|header)-(bolts|uplift|seat)/, (job) => boltEdits(job, 'carrier')],
  [/^carrier/, (job) => eaveBeamEdits(job, 'carrier')],
  [/^header/, (job) => eaveBeamEdits(job, 'header')],
  [/^(rafter|ledger|lean-beam)/, leanToEdits],
  [/^(column|shear|sag)-/, (job) => postEdits(job)],
  [/^(lateral|bearing|uplift|pad|frost)-/, (job) => groundEdits(job)],
  [/^collar-fix/, (job) => boltEdits(job, 'collar')],
  [/^lamination$/, (job) => laminationEdits(job)],
  [/^brace-/, (job) => braceEdits(job)],
]

/** Changes a builder would think of for one check, by its id. Empty where only a person can cure it. */
export function editsFor(job: Job, checkId: string): Edit[] {
  const side = SIDES.find((each) => checkId.includes(each))
  for (const [pattern, edits] of EDITS) {
    const found = pattern.test(checkId) ? edits(job, checkId, side) : null
    if (found) return found
  }
  return []
}
