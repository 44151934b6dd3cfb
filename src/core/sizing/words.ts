import type { BoardName, Building, Job } from '../model'
import { postSize } from '../wood'

export const times = (size: string): string => size.replace('x', '×')
const STYLE = { flat: 'outside flat', between: 'between posts', both: 'both' } as const

/** A built-up beam or rafter in words: plies, size, lumber. */
export const builtUpWords = (p: {
  readonly plies: number
  readonly size: BoardName
  readonly lumber: string
}): string => `${p.plies} × ${times(p.size)} ${p.lumber}`
const girtWords = (g: {
  readonly size: string
  readonly lumber: string
  readonly style: keyof typeof STYLE
  readonly maxGapIn: number
}) => `${times(g.size)} ${g.lumber}, ${STYLE[g.style]}, rows to ${g.maxGapIn}″`

/** The parts of a building that sizing chooses, in words: the same for what is drawn and for what is proposed. `beams` that it has. */
export function partWords(job: Job, beams: ReadonlySet<'carrier' | 'header'>): readonly (readonly [string, string])[] {
  const b: Building = job.building
  const { purlins } = b.roof
  const gable = b.girts.walls.west ?? b.girts.walls.east
  const girts = b.girts.walls.south ?? b.girts.walls.north ?? b.girts
  return [
    ['posts', `${postSize(b.post).label} ${b.post.lumber}`],
    ['girts', girtWords(girts)],
    ...(gable ? [['gable girts', girtWords(gable)] as const] : []),
    ['purlins', `${times(purlins.size)} ${purlins.lumber} at ${purlins.spaceIn}″${purlins.blocked ? ', blocked' : ''}`],
    ...(['carrier', 'header'] as const).flatMap((k) => (beams.has(k) ? [[k, builtUpWords(b.roof[k])] as const] : [])),
    ...b.leanTos.map((l) => [`${l.side} rafters`, builtUpWords(l.rafter)] as const),
    ...(b.bracing.walls === 'x-boards' || b.bracing.walls === 'single-boards'
      ? [
          [
            'braces',
            `${times(b.bracing.size)} ${b.bracing.lumber}, ${b.bracing.baysPerWall} bay${b.bracing.baysPerWall === 1 ? '' : 's'} a wall, ${b.bracing.nails} nails`,
          ] as const,
        ]
      : []),
  ]
}
