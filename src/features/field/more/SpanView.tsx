'use client'
import { useMemo, useState } from 'react'
import type { Post } from '@/core/layout'
import { inchesAlone, formatLength } from '@/core/units'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { besideEachOther } from '../readings'
import { EntryPage, Picks, SHOWN, type Told } from './EntryPage'

const MOST_IN = 2400
/** A truss bears where the posts are this near to its span, inches. */
const NEAR_IN = 1 / 2

/** Posts that carry one truss, on either eave. */
interface Line {
  readonly key: string
  readonly from: Post
  readonly to: Post
  readonly plannedIn: number
}
function linesOf(posts: readonly Post[]): readonly Line[] {
  const eaves = (side: Post['side']) =>
    posts.filter((post) => post.side === side && post.line !== null && post.kind !== 'lean-to')
  return eaves('south').flatMap((from): Line[] => {
    const to = eaves('north').find(({ line }) => line === from.line)
    return to ? [{ key: from.id, from, to, plannedIn: Math.abs(to.y - from.y) + (from.sizeY + to.sizeY) / 2 }] : []
  })
}

/** The span across at the top against the truss as it came. */
function spanTold(spanIn: number | null, wantedIn: number, byTruss: boolean): Told {
  const against = byTruss ? 'the truss as it came' : 'the plan'
  if (spanIn === null)
    return { look: false, lines: [`Out to out at the top; ${formatLength(wantedIn)} by ${against}.`] }
  const offIn = spanIn - wantedIn
  if (Math.abs(offIn) <= NEAR_IN) return { look: false, lines: [`It fits ${against}.`] }
  const act = offIn > 0 ? 'Draw the tops together' : 'Spread the tops'
  return {
    look: true,
    lines: [`${inchesAlone(Math.abs(offIn))} ${offIn > 0 ? 'wider' : 'narrower'} than ${against}. ${act}.`],
  }
}

/** Spans across at the top, truss by truss. */
export function SpanView({ derived }: FieldPage) {
  const { spans, delivered } = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const lines = useMemo(() => linesOf(derived.posts), [derived])
  const [picked, setPicked] = useState<string | null>(null)
  const of = (line: Line | undefined) => spans.filter(({ body }) => body.from === line?.from.id).at(-1)
  const at = Math.max(
    0,
    lines.findIndex((line) => line.key === (picked ?? lines.find((each) => !of(each))?.key)),
  )
  const line = lines[at]
  if (!line) return <p className="fnote">No two posts carry one truss.</p>
  const truss = delivered.filter(({ body }) => body.what === 'truss span').at(-1)?.body.inches
  const said = of(line)
  const last = said ?? of(lines[at - 1])
  const name = (each: Line) => `${each.from.name}–${each.to.name}`
  return (
    <EntryPage
      picks={
        <Picks
          label="Trusses"
          all={besideEachOther(lines, at, SHOWN, 1).map((each) => [each.key, name(each), of(each) ? '✓' : '○'])}
          picked={line.key}
          onPick={setPicked}
        />
      }
      empty={name(line)}
      around={truss ?? line.plannedIn}
      most={MOST_IN}
      feet
      told={spanTold(said?.body.spanIn ?? null, truss ?? line.plannedIn, truss !== undefined)}
      keys={[
        {
          words: 'Keep',
          keep: (spanIn) => {
            add({ kind: 'span', from: line.from.id, to: line.to.id, spanIn })
            const isOff = Math.abs(spanIn - (truss ?? line.plannedIn)) > NEAR_IN
            setPicked((isOff ? line : (lines[at + 1] ?? line)).key)
          },
        },
      ]}
      kept={last ? { words: `${formatLength(last.body.spanIn)} kept`, undo: () => undo(last.id) } : null}
    />
  )
}
