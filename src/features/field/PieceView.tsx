'use client'
import { type FieldPiece, pieceLengthIn, readPieces } from '@/core/derive'
import { PIECE_STATES, type PieceStanding, pieceStanding, strayPieces } from '@/core/field'
import { isOfPost } from '@/core/sticks'
import { fixed } from '@/core/units'
import { STICK_WORDS } from '@/formats/words'
import { Measure } from '@/ui'
import { Big } from './Big'
import type { FieldPage } from './page'
import { useLog, useMeasured } from './useField'
import { usePieceState } from './usePieceState'

/** Whether a piece that is cut is what the plan now asks for. */
function PieceFit({ piece: { fit, stick } }: { readonly piece: PieceStanding<FieldPiece> }) {
  if (!fit) return null
  if (fit.kind === 'fits')
    return (
      <div className="fok" role="status">
        <b>Fits</b>
      </div>
    )
  return (
    <div className="fwarn" role="alert">
      <b>
        {fit.kind === 'other board' ? (
          'The plan wants another board now'
        ) : (
          <>
            <Measure inches={fit.byIn} feet={false} /> too {fit.kind}
          </>
        )}
      </b>
      <p>
        It needs <Measure inches={stick.cutLengthIn} /> of {stick.board.label} now.
      </p>
    </div>
  )
}

/** The next step of a piece, and the way back. */
function PieceSteps({ piece }: { readonly piece: PieceStanding<FieldPiece> }) {
  const put = usePieceState()
  const undo = useLog((log) => log.undo)
  const state = useLog((log) => log.state)
  const { id } = piece.stick
  const next = PIECE_STATES[PIECE_STATES.indexOf(piece.state) + 1]
  const last = state.all
    .filter(({ body, id: record }) => body.kind === 'pieces' && id in body.pieces && !state.voided.has(record))
    .at(-1)
  return (
    <div className="acts">
      {last?.body.kind === 'pieces' && Object.keys(last.body.pieces).length === 1 && (
        <button type="button" className="quiet" onClick={() => undo(last.id)}>
          Undo {piece.state}
        </button>
      )}
      {next && (
        <button type="button" className="main" onClick={() => put([piece], next)}>
          {next === 'cut' ? 'Cut as said' : `Now ${next}`}
        </button>
      )}
    </div>
  )
}

/** A piece as planned, or a board of a post from its foot as read; and how far it has come. */
function usePiece({ job, derived, plan }: FieldPage, id: string): PieceStanding<FieldPiece> | null {
  const { asBuilt } = useMeasured(job, derived)
  const state = useLog((log) => log.state)
  const planned = readPieces(plan.plan.pieces).find((piece) => piece.id === id)
  if (!planned) return null
  const foot = isOfPost(planned) ? asBuilt.find((built) => built.id === planned.of) : undefined
  const cutLengthIn = pieceLengthIn(job, derived, planned, foot?.footToGradeIn ?? null)
  return cutLengthIn === null ? null : pieceStanding({ ...planned, cutLengthIn }, state)
}

/** One piece of the building on the phone, from the code of its label: what to cut, and how far it has come. */
export function PieceView({ id, ...page }: FieldPage & { readonly id: string }) {
  const { go, plan } = page
  const piece = usePiece(page, id)
  const state = useLog((log) => log.state)
  const planned = new Set(readPieces(plan.plan.pieces).map((each) => each.id))
  const stray = strayPieces(planned, state).find((each) => each.id === id)
  if (!piece)
    return (
      <div className="fwarn" role="alert">
        <b>This piece is no longer in the plan</b>
        <p>
          {stray ? (
            <>
              {stray.cut.name} was cut at <Measure inches={stray.cut.lengthIn} />: keep it as a board that lies there.
            </>
          ) : (
            'Its label is older than the plan: print the labels again.'
          )}
        </p>
        <button type="button" onClick={() => go([])}>
          Today
        </button>
      </div>
    )
  const { stick } = piece
  return (
    <>
      <h2>{stick.name}</h2>
      <p className="fnote">
        {STICK_WORDS[stick.kind]}: {stick.board.label} {stick.board.lumber}
        {stick.board.treated ? ', treated' : ''}. {piece.cut === null ? 'Cut it to' : 'It was cut at'}
      </p>
      <Big inches={piece.cut?.lengthIn ?? stick.cutLengthIn} feet words={false} />
      <p className="fnote">
        {stick.ends.map((cut, end) => (
          <span key={end}>
            {end === 0 ? 'first end ' : ', second end '}
            {cut}
            {stick.offSquareDeg[end] > 0 ? `, ${fixed(stick.offSquareDeg[end], 1)}° off square` : ''}
          </span>
        ))}
      </p>
      <PieceFit piece={piece} />
      <p className="fnote">
        state: <b>{piece.state}</b>
      </p>
      {isOfPost(stick) ? (
        <div className="acts">
          <button type="button" className="quiet" onClick={() => go(['post', stick.of ?? ''])}>
            Its post
          </button>
        </div>
      ) : (
        <PieceSteps piece={piece} />
      )}
    </>
  )
}
