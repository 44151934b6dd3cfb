'use client'
import { useState } from 'react'
import { type FieldPiece, pieceLengthIn, readPieces } from '@/core/derive'
import { pieceStanding } from '@/core/field'
import { isOfPost } from '@/core/sticks'
import { STICK_WORDS } from '@/formats/words'
import { Measure } from '@/ui'
import type { FieldPage } from '../page'
import { useLog, useMeasured } from '../useField'
import { Picks } from './EntryPage'

/** One board: its name, how long it is cut, how far it has come. */
function Row({ page, piece }: { readonly page: FieldPage; readonly piece: FieldPiece }) {
  const { job, derived, go } = page
  const state = useLog((log) => log.state)
  const { asBuilt } = useMeasured(job, derived)
  const foot = isOfPost(piece) ? asBuilt.find(({ id }) => id === piece.of) : undefined
  const cutLengthIn = pieceLengthIn(job, derived, piece, foot?.footToGradeIn ?? null) ?? piece.cutLengthIn
  const standing = pieceStanding({ ...piece, cutLengthIn }, state)
  return (
    <li>
      <button type="button" className="board" onClick={() => go(['piece', piece.id])}>
        <b>{piece.name}</b>
        <span>
          {piece.board.label}, {standing.state}
        </span>
        <span className="m">
          <Measure inches={standing.cut?.lengthIn ?? cutLengthIn} />
        </span>
      </button>
    </li>
  )
}

const STEP = 60

/** Every board of the job by its kind, or those of one post: each leads to its card. */
export function PiecesView({ post, ...page }: FieldPage & { readonly post: string | null }) {
  const all = readPieces(page.plan.plan.pieces)
  const own = post === null ? all : all.filter(({ of }) => of === post)
  const kinds = [...new Set(own.map(({ kind }) => kind))]
  const [picked, setPicked] = useState<FieldPiece['kind'] | null>(null)
  const [shown, setShown] = useState(STEP)
  const kind = picked ?? kinds[0]
  if (kind === undefined) return <p className="fnote">The plan has no board here.</p>
  const boards = own.filter((piece) => piece.kind === kind)
  return (
    <>
      <Picks
        label="Kinds of boards"
        all={kinds.map((each) => [each, STICK_WORDS[each], String(own.filter((piece) => piece.kind === each).length)])}
        picked={kind}
        onPick={setPicked}
        manner="wrap"
      />
      <ul className="plist">
        {boards.slice(0, shown).map((piece) => (
          <Row key={piece.id} page={page} piece={piece} />
        ))}
      </ul>
      {boards.length > shown && (
        <div className="acts">
          <button type="button" onClick={() => setShown(shown + STEP)}>
            More
          </button>
        </div>
      )}
    </>
  )
}
