import { inchesAlone } from '../units'
import { BOARD_SIZES, type BoardName, GIRT_SIZES, type Job, type Side } from '../model'
import { after, type Edit, onBuilding, others } from './edit'
import { times } from './words'

export function girtEdits(job: Job, side: Side): Edit[] {
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
        detail: `at most ${inchesAlone(gapIn)}`,
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

export function purlinEdits(job: Job): Edit[] {
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
        detail: inchesAlone(spaceIn),
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

export function beamEdits(
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
