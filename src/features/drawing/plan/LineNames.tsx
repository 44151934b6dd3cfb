import { useCallback } from 'react'
import type { Post } from '@/core/layout'
import type { StringId } from '@/core/model'
import { useDoc, useJob } from '../../job'
import { Note } from '../strokes'
import type { Viewport } from '../useViewport'
import { Stake } from './marks'

/** A post of each row across the building, to name it by. */
const gableRows = (posts: readonly Post[]): readonly Post[] => [
  ...new Map(
    posts.filter((post) => post.kind === 'gable' && post.row !== null).map((post) => [post.row, post]),
  ).values(),
]

/** A row's name at its stake. */
function StakeName({
  name,
  post,
  stakeX,
  yAt,
}: {
  readonly name: string
  readonly post: Post
  readonly stakeX: number
  readonly yAt: (y: number) => number
}) {
  return (
    <Note x={stakeX} y={yAt(post.y) + 5} size={14} weight={700} anchor="middle" fill="var(--ink-2)">
      {name}
    </Note>
  )
}

/** The string of a gable wall on its numbered line; the lines between have none. */
function stringAtLine(i: number, lines: number): StringId | null {
  if (i === 0) return 'west'
  return i === lines - 1 ? 'east' : null
}

/** The names of rows and lines outside the plan; those with a string stand on a stake and are picked there. */
export function LineNames({
  viewport,
  extent,
  stakeX,
  stakeY,
}: {
  readonly viewport: Viewport
  readonly extent: { readonly widthIn: number; readonly y0: number; readonly y1: number }
  readonly stakeX: number
  readonly stakeY: number
}) {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked.string)
  const pick = useJob((state) => state.pick)
  const pickString = useCallback((string: StringId) => pick({ string, mark: null }), [pick])
  const { X: xAt, Y: yAt } = viewport
  const rows: readonly (readonly [StringId, number])[] = [
    ['south', 0],
    ['north', extent.widthIn],
    ...job.building.leanTos.map(({ side }) => [`lean-${side}`, side === 'north' ? extent.y1 : extent.y0] as const),
  ]
  const { centresIn } = derived.grid
  return (
    <>
      {gableRows(derived.posts).map((post) => (
        <StakeName key={post.row} name={derived.rows[post.row ?? '']} post={post} stakeX={stakeX} yAt={yAt} />
      ))}
      {rows.map(([string, y]) => (
        <Stake
          key={string}
          x={stakeX}
          y={yAt(y)}
          string={string}
          name={derived.rows[string]}
          points="right"
          on={picked === string}
          onPick={pickString}
        />
      ))}
      {centresIn.map((centreIn, i) => {
        const name = String(i + 1)
        const string = stringAtLine(i, centresIn.length)
        return string ? (
          <Stake
            key={i}
            x={xAt(centreIn)}
            y={stakeY}
            string={string}
            name={name}
            points="up"
            on={picked === string}
            onPick={pickString}
          />
        ) : (
          <Note key={i} x={xAt(centreIn)} y={stakeY + 7} size={14} weight={700} anchor="middle" fill="var(--ink-2)">
            {name}
          </Note>
        )
      })}
    </>
  )
}
