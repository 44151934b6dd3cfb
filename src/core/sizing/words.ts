import { inchesAlone } from '../units'
import type { BoardName, Building, Job } from '../model'
import { postSize } from '../wood'

export const times = (size: string): string => size.replace('x', '×')
const STYLE = { flat: 'outside flat', between: 'between posts', both: 'both' } as const

/** A built-up beam or rafter in words: plies, size, lumber. */
const builtUpWords = (spec: { readonly plies: number; readonly size: BoardName; readonly lumber: string }): string =>
  `${spec.plies} × ${times(spec.size)} ${spec.lumber}`
const girtWords = (spec: {
  readonly size: string
  readonly lumber: string
  readonly style: keyof typeof STYLE
  readonly maxGapIn: number
}) => `${times(spec.size)} ${spec.lumber}, ${STYLE[spec.style]}, rows to ${inchesAlone(spec.maxGapIn)}`

/**
 * The parts of a building that sizing chooses, in words: the same for what is drawn and for what is proposed. `beams`
 * that it has.
 */
export function partWords(job: Job, beams: ReadonlySet<'carrier' | 'header'>): readonly (readonly [string, string])[] {
  const building: Building = job.building
  const { purlins } = building.roof
  const gable = building.girts.walls.west ?? building.girts.walls.east
  const girts = building.girts.walls.south ?? building.girts.walls.north ?? building.girts
  return [
    ['posts', `${postSize(building.post).label} ${building.post.lumber}`],
    ['girts', girtWords(girts)],
    ...(gable ? [['gable girts', girtWords(gable)] as const] : []),
    [
      'purlins',
      `${times(purlins.size)} ${purlins.lumber} at ${inchesAlone(purlins.spaceIn)}${purlins.blocked ? ', blocked' : ''}`,
    ],
    ...(['carrier', 'header'] as const).flatMap((k) =>
      beams.has(k) ? [[k, builtUpWords(building.roof[k])] as const] : [],
    ),
    ...building.leanTos.map((leanTo) => [`${leanTo.side} rafters`, builtUpWords(leanTo.rafter)] as const),
    ...(building.bracing.walls === 'x-boards' || building.bracing.walls === 'single-boards'
      ? [
          [
            'braces',
            `${times(building.bracing.size)} ${building.bracing.lumber}, ${building.bracing.baysPerWall} ` +
              `bay${building.bracing.baysPerWall === 1 ? '' : 's'} a wall, ${building.bracing.nails} nails`,
          ] as const,
        ]
      : []),
  ]
}
