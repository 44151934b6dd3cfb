'use client'
import { useMemo, useState } from 'react'
import { PIECE_STATES, type PieceAsBuilt, type PieceState, type StrayPiece } from '@/core/field'
import { isOfPost } from '@/core/sticks'
import { counted, dollars } from '@/core/units'
import { placeWords, STICK_WORDS } from '@/formats/words'
import type { ShownDerived } from '@/formats/shown'
import { EntryScope, FailSign, Measure, OptionalLengthField } from '@/ui'
import { useMeasured, usePieces, usePieceState } from '../field'
import { useDoc } from '../job'

/** Longest piece that is taken as cut, inches. */
const LONGEST_IN = 1200

/** Pieces of one kind at one place. */
interface Group {
  readonly key: string
  readonly label: string
  readonly pieces: readonly PieceAsBuilt[]
}

function groupsOf(pieces: readonly PieceAsBuilt[], derived: ShownDerived): readonly Group[] {
  const groups = new Map<string, { label: string; pieces: PieceAsBuilt[] }>()
  for (const piece of pieces) {
    const place = placeWords(piece.stick.place, derived.wallNames)
    const words = STICK_WORDS[piece.stick.kind]
    const label = place ? `${place}: ${words}` : `${words.charAt(0).toUpperCase()}${words.slice(1)}`
    const key = `${piece.stick.kind} ${place}`
    const has = groups.get(key)
    if (has) has.pieces.push(piece)
    else groups.set(key, { label, pieces: [piece] })
  }
  return [...groups].map(([key, group]) => ({ key, ...group }))
}

function StateChoice({
  label,
  value,
  onChange,
}: {
  readonly label: string
  readonly value: PieceState | null
  readonly onChange: (state: PieceState) => void
}) {
  return (
    <select
      className="form-select form-select-sm"
      style={{ height: 24, padding: '0 22px 0 6px', fontSize: 13, width: 112 }}
      aria-label={label}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value as PieceState)}
    >
      {value === null && <option value="">mixed</option>}
      {PIECE_STATES.map((state) => (
        <option key={state}>{state}</option>
      ))}
    </select>
  )
}

/** Whether a piece that is cut is what the plan now asks for. */
function Fit({ piece: { fit, anewCost } }: { readonly piece: PieceAsBuilt }) {
  if (fit === null) return null
  switch (fit.kind) {
    case 'fits':
      return <>fits</>
    case 'long':
      return (
        <>
          <Measure inches={fit.byIn} feet={false} /> long: cut it again
        </>
      )
    case 'short':
      return (
        <>
          <FailSign size={12} /> <Measure inches={fit.byIn} feet={false} /> short: a new board, {dollars(anewCost)}
        </>
      )
    case 'other board':
      return (
        <>
          <FailSign size={12} /> the plan wants another board, {dollars(anewCost)}
        </>
      )
  }
}

function PieceRow({ piece }: { readonly piece: PieceAsBuilt }) {
  const put = usePieceState()
  const { stick, state, cut, fit } = piece
  const fails = fit !== null && fit.kind !== 'fits'
  return (
    <tr className={fails ? 'warn' : ''}>
      <td>{stick.name}</td>
      <td>
        <StateChoice label={`state of ${stick.name}`} value={state} onChange={(next) => put([piece], next)} />
      </td>
      <td className="n">
        <Measure inches={stick.cutLengthIn} />
      </td>
      <td className="n">
        <EntryScope of={stick.id}>
          <OptionalLengthField
            bare
            label="cut at"
            ariaLabel={`${stick.name} cut at`}
            value={cut?.lengthIn ?? null}
            onChange={(lengthIn) => {
              if (lengthIn !== null && lengthIn > 0 && lengthIn < LONGEST_IN)
                put([piece], state === 'planned' ? 'cut' : state, lengthIn)
              return []
            }}
          />
        </EntryScope>
      </td>
      <td style={{ whiteSpace: 'normal' }}>
        <Fit piece={piece} />
      </td>
    </tr>
  )
}

/** How many of a group have come to each state. */
const tallyWords = (pieces: readonly PieceAsBuilt[]): string =>
  PIECE_STATES.map((state) => [state, pieces.filter((piece) => piece.state === state).length] as const)
    .filter(([, count]) => count > 0)
    .map(([state, count]) => `${count} ${state}`)
    .join(', ')

/** Pieces of one kind: all at once, or one by one. */
function GroupRows({ group }: { readonly group: Group }) {
  const put = usePieceState()
  const [open, setOpen] = useState(false)
  const { pieces, label } = group
  const [first] = pieces
  const one = pieces.every(({ state }) => state === first.state) ? first.state : null
  const wrong = pieces.filter(({ fit }) => fit !== null && fit.kind !== 'fits').length
  const behind = (state: PieceState) => pieces.filter((piece) => piece.state !== state)
  return (
    <section aria-label={label} className="mb-1">
      <div className="d-flex align-items-center gap-3">
        <button
          type="button"
          className="btn btn-light btn-sm text-start"
          style={{ width: 236 }}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {label}
        </button>
        <span className="n" style={{ width: 44, textAlign: 'right' }}>
          {pieces.length}
        </span>
        {isOfPost(first.stick) ? (
          <span className="note">as their post</span>
        ) : (
          <StateChoice label={`state of all ${label}`} value={one} onChange={(state) => put(behind(state), state)} />
        )}
        <span className="note">{tallyWords(pieces)}</span>
        {wrong > 0 && (
          <b className="text-nowrap">
            <FailSign size={13} /> {counted(wrong, 'piece')} not as planned
          </b>
        )}
      </div>
      {open && !isOfPost(first.stick) && (
        <table className="tb mt-1 mb-3" aria-label={`${label}, piece by piece`}>
          <thead>
            <tr>
              <th>piece</th>
              <th>state</th>
              <th className="n">planned</th>
              <th className="n">cut at</th>
              <th>against the plan</th>
            </tr>
          </thead>
          <tbody>
            {pieces.map((piece) => (
              <PieceRow key={piece.stick.id} piece={piece} />
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}

/** Pieces that were cut and that the plan has no place for: they go to what lies there. */
function Strays({ strays }: { readonly strays: readonly StrayPiece[] }) {
  if (strays.length === 0) return null
  return (
    <div className="caution" role="status">
      {counted(strays.length, 'piece')} cut that the plan has no place for any more:{' '}
      {strays.slice(0, 6).map(({ id, cut }, i) => (
        <span key={id}>
          {i > 0 ? ', ' : ''}
          {cut.name} at <Measure inches={cut.lengthIn} />
        </span>
      ))}
      {strays.length > 6 ? ' …' : '.'} Enter them under Cut list as boards that lie there.
    </div>
  )
}

/** Every piece of the building, plan against as built: how far it has come, what it was cut to, what a change costs. */
export function PiecesBuilt() {
  const { job, derived } = useDoc()
  const measured = useMeasured(job, derived)
  const { pieces, strays } = usePieces(job, derived, measured)
  const groups = useMemo(() => groupsOf(pieces, derived), [pieces, derived])
  const lost = pieces.filter(({ anewCost }) => anewCost > 0)
  const cost = lost.reduce((sum, { anewCost }) => sum + anewCost, 0)
  return (
    <>
      <p className="note mb-2">
        {counted(pieces.length, 'piece')}. What is cut keeps its length: a change of the plan says what no longer fits.
      </p>
      {lost.length > 0 && (
        <div className="caution" role="alert">
          {counted(lost.length, 'piece')} cut before the plan changed {lost.length > 1 ? 'do' : 'does'} not serve any
          more: new boards for {dollars(cost)}.
        </div>
      )}
      <Strays strays={strays} />
      {groups.map((group) => (
        <GroupRows key={group.key} group={group} />
      ))}
    </>
  )
}
