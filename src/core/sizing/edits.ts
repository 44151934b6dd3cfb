import { IN_PER_FT } from '../units'
import { NAILS } from '../joints'
import {
  BOARD_SIZES,
  GIRT_SIZES,
  POST_SECTIONS,
  SIDES,
  type BoardName,
  type Building,
  type Job,
  type Side,
} from '../model'
import { times } from './words'

/** One change to a job that might cure a check: what a builder would call it and the job after it. */
export interface Edit {
  readonly key: string
  readonly label: string
  readonly detail: string
  readonly job: Job
}

const onBuilding = (job: Job, change: Partial<Building>): Job => ({ ...job, building: { ...job.building, ...change } })
const after = <T>(list: readonly T[], at: T, most: number): T[] => list.slice(list.indexOf(at) + 1).slice(0, most)

/** Lumber on the job's list other than the one in use. */
const others = (job: Job, now: string): string[] => job.sizing.lumbers.filter((lumber) => lumber !== now)

function girtEdits(job: Job, side: Side): Edit[] {
  const building = job.building
  const own = building.girts.walls[side]
  const now = { ...building.girts, ...own }
  // Where all walls are alike the change is for all; a wall that differs already is changed by itself.
  const put = (part: Partial<Pick<typeof now, 'style' | 'size' | 'lumber' | 'maxGapIn'>>): Job =>
    own
      ? onBuilding(job, {
          girts: { ...building.girts, walls: { ...building.girts.walls, [side]: { ...own, ...part } } },
        })
      : onBuilding(job, { girts: { ...building.girts, ...part } })
  return [
    ...[0.875, 0.75, 0.62, 0.5]
      .map((factor) => Math.max(8, Math.floor(now.maxGapIn * factor)))
      .filter((gapIn, i, all) => gapIn < now.maxGapIn && all.indexOf(gapIn) === i)
      .map((gapIn) => ({
        key: `gap-${gapIn}`,
        label: 'Closer rows',
        detail: `at most ${gapIn}″`,
        job: put({ maxGapIn: gapIn }),
      })),
    ...others(job, now.lumber).map((text) => ({
      key: `lumber-${text}`,
      label: 'Other lumber',
      detail: text,
      job: put({ lumber: text }),
    })),
    ...after(GIRT_SIZES, now.size, 2).map((size) => ({
      key: `size-${size}`,
      label: 'Wider board',
      detail: times(size),
      job: put({ size }),
    })),
    ...(now.style === 'flat'
      ? [{ key: 'between', label: 'Between the posts', detail: 'boards on edge', job: put({ style: 'between' }) }]
      : []),
    ...(building.girts.plies === 1
      ? [
          {
            key: 'double',
            label: 'Doubled boards',
            detail: 'two at each row',
            job: onBuilding(job, { girts: { ...building.girts, plies: 2 } }),
          },
        ]
      : []),
  ]
}

function purlinEdits(job: Job): Edit[] {
  const building = job.building
  const purlins = building.roof.purlins
  const put = (part: Partial<typeof purlins>): Job =>
    onBuilding(job, { roof: { ...building.roof, purlins: { ...purlins, ...part } } })
  return [
    ...[20, 18, 16, 14, 12]
      .filter((spaceIn) => spaceIn < purlins.spaceIn)
      .map((spaceIn) => ({
        key: `space-${spaceIn}`,
        label: 'Closer rows',
        detail: `${spaceIn}″`,
        job: put({ spaceIn }),
      })),
    ...(purlins.blocked || purlins.style === 'flat'
      ? []
      : [{ key: 'block', label: 'Blocks at mid-span', detail: 'against uplift', job: put({ blocked: true }) }]),
    ...others(job, purlins.lumber).map((text) => ({
      key: `lumber-${text}`,
      label: 'Other lumber',
      detail: text,
      job: put({ lumber: text }),
    })),
    ...after(BOARD_SIZES, purlins.size, 2).map((size) => ({
      key: `size-${size}`,
      label: 'Deeper',
      detail: times(size),
      job: put({ size }),
    })),
    ...(building.roof.purlins.blocked
      ? []
      : after(BOARD_SIZES, purlins.size, 1).map((size) => ({
          key: `size-block-${size}`,
          label: 'Deeper, blocked',
          detail: times(size),
          job: put({ size, blocked: true }),
        }))),
  ]
}

function beamEdits(
  job: Job,
  now: { readonly plies: number; readonly size: BoardName; readonly lumber: string },
  most: number,
  put: (part: { plies?: number; size?: BoardName; lumber?: string }) => Job,
): Edit[] {
  return [
    ...Array.from({ length: Math.max(0, most - now.plies) }, (_, i) => now.plies + 1 + i).map((plies) => ({
      key: `plies-${plies}`,
      label: 'More plies',
      detail: `${plies} plies`,
      job: put({ plies }),
    })),
    ...after(BOARD_SIZES, now.size, 3).map((size) => ({
      key: `size-${size}`,
      label: 'Deeper',
      detail: times(size),
      job: put({ size }),
    })),
    ...others(job, now.lumber).map((text) => ({
      key: `lumber-${text}`,
      label: 'Other lumber',
      detail: text,
      job: put({ lumber: text }),
    })),
    ...after(BOARD_SIZES, now.size, 1).flatMap((size) =>
      others(job, now.lumber).map((text) => ({
        key: `both-${size}-${text}`,
        label: 'Deeper, other lumber',
        detail: `${times(size)} ${text}`,
        job: put({ size, lumber: text }),
      })),
    ),
  ]
}

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
      job: put({ section: section }),
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

/** Changes a builder would think of for one check, by its id. Empty where only a person can cure it. */
export function editsFor(job: Job, checkId: string): Edit[] {
  const building = job.building
  const side = SIDES.find((side) => checkId.includes(side))
  if (checkId.startsWith('girt-nails')) return nailEdits(job, 'girt')
  if (checkId.startsWith('girt-') && side) return girtEdits(job, side)
  if (checkId.startsWith('purlin-tie')) return [...nailEdits(job, 'purlin'), ...purlinEdits(job)]
  if (checkId.startsWith('purlins') || checkId.startsWith('lean-purlins')) return purlinEdits(job)
  if (checkId === 'truss-seat')
    return [
      {
        key: 'block',
        label: 'Bearing block',
        detail: '12 nails',
        job: onBuilding(job, {
          roof: {
            ...building.roof,
            truss: { ...building.roof.truss, blockNails: Math.max(12, building.roof.truss.blockNails + 4) },
          },
        }),
      },
      {
        key: 'two',
        label: 'Two-ply trusses',
        detail: '',
        job: onBuilding(job, { roof: { ...building.roof, truss: { ...building.roof.truss, plies: 2 } } }),
      },
      ...postEdits(job),
    ]
  if (checkId.startsWith('truss-')) return boltEdits(job, 'truss')
  if (/^(carrier|header)-(bolts|uplift|seat)/.test(checkId)) return boltEdits(job, 'carrier')
  if (checkId.startsWith('carrier') || checkId.startsWith('header')) {
    const kind = checkId.startsWith('carrier') ? 'carrier' : 'header'
    return beamEdits(job, building.roof[kind], 4, (part) =>
      onBuilding(job, { roof: { ...building.roof, [kind]: { ...building.roof[kind], ...part } } }),
    )
  }
  const lean = building.leanTos.find((leanTo) => leanTo.side === side)
  if (lean) {
    const put = (part: Partial<typeof lean>) =>
      onBuilding(job, {
        leanTos: building.leanTos.map((leanTo) => (leanTo === lean ? { ...leanTo, ...part } : leanTo)),
      })
    if (checkId.startsWith('rafter'))
      return beamEdits(job, lean.rafter, 3, (part) => put({ rafter: { ...lean.rafter, ...part } }))
    if (/^ledger-(south|north)/.test(checkId) && lean.rafter.spaceIn !== null)
      return beamEdits(job, lean.ledger, 3, (part) => put({ ledger: { ...lean.ledger, ...part } }))
    if (checkId.startsWith('ledger')) return boltEdits(job, 'ledger')
    if (checkId.startsWith('lean-beam'))
      return beamEdits(job, lean.beam, 4, (part) => put({ beam: { ...lean.beam, ...part } }))
  }
  if (/^(column|shear|sag)-/.test(checkId)) return postEdits(job)
  if (/^(lateral|bearing|uplift|pad|frost)-/.test(checkId)) return groundEdits(job)
  if (checkId.startsWith('collar-fix')) return boltEdits(job, 'collar')
  if (checkId === 'lamination') {
    const lamination = building.joints.lamination
    return NAILS.filter((nail) => !nail.ring && nail.id !== lamination.nail)
      .map((nail): Edit => ({
        key: nail.id,
        label: 'Other nail',
        detail: nail.name,
        job: onBuilding(job, { joints: { ...building.joints, lamination: { ...lamination, nail: nail.id } } }),
      }))
      .concat(
        [1.25, 1.375, 1.625, 1.75, 2].map((edgeIn) => ({
          key: `edge-${edgeIn}`,
          label: 'Rows elsewhere',
          detail: `${edgeIn}″ from the edge`,
          job: onBuilding(job, { joints: { ...building.joints, lamination: { ...lamination, edgeIn } } }),
        })),
      )
  }
  if (checkId.startsWith('brace-'))
    return [1, 2]
      .map((k) => ({
        key: `bays-${k}`,
        label: 'More braced bays',
        detail: `${building.bracing.baysPerWall + k} a wall`,
        job: onBuilding(job, { bracing: { ...building.bracing, baysPerWall: building.bracing.baysPerWall + k } }),
      }))
      .concat(
        [2, 4].map((k) => ({
          key: `nails-${k}`,
          label: 'More nails',
          detail: `${building.bracing.nails + k} at each end`,
          job: onBuilding(job, { bracing: { ...building.bracing, nails: building.bracing.nails + k } }),
        })),
      )
  return []
}
