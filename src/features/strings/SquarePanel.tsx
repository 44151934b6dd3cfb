'use client'
import { compassOf } from '@/core/layout'
import type { ShownDerived } from '@/formats/shown'
import { STRING_SIDES } from '@/core/field'
import type { Measures } from '@/core/model'
import { ROUNDING, tapeMarks, toSixteenths } from '@/core/units'
import { issueText } from '@/formats/words'
import { ChoiceField, HoldSign, Length, LengthField, Measure, OptionalLengthField, useUnits, useWriter } from '@/ui'
import type { CornerMove, SquareFit } from '@/core/layout'
import { useLog } from '../field'
import { PocketLinks, useDoc } from '../job'

/** The move in large words: none, one string slid along, or corners moved. */
function MoveWords({
  fit,
  moves,
  fine,
}: {
  readonly fit: SquareFit
  readonly moves: readonly CornerMove[]
  readonly fine: boolean
}) {
  const { job, derived } = useDoc()
  const units = useUnits()
  const compass = compassOf(job.site.northDeg)
  const last = derived.grid.centresIn.length
  const northRow = derived.rows.north
  const slideAlone =
    toSixteenths(fit.northSlideIn) !== 0 &&
    moves.every((move) => Math.abs(move.dyIn) <= 1 / 8) &&
    job.strings.squareMode === 'hold-south' &&
    moves.filter((move) => move.corner === 'SE').every((move) => Math.abs(move.dxIn) <= 1 / 16)
  if (fine) return <div className="big">Square to the {tapeMarks(units).small}</div>
  if (slideAlone)
    return (
      <>
        <div className="big">
          Slide string {northRow} <Measure inches={Math.abs(fit.northSlideIn)} feet={false} stacked />{' '}
          {(fit.northSlideIn > 0 ? compass.east : compass.west).toLowerCase()}
        </div>
        <p>
          Shift pins {northRow}1 and {northRow}
          {last} the same way, along the string. The diagonals then read{' '}
          <b>
            <Measure inches={fit.afterSlide.risingIn} />
          </b>{' '}
          and{' '}
          <b>
            <Measure inches={fit.afterSlide.fallingIn} />
          </b>
          .
        </p>
      </>
    )
  return (
    <div className="big">
      Move {moves.length} corner{moves.length > 1 ? 's' : ''}
    </div>
  )
}

/** The largest 3-4-5 that fits. */
function BestTriangle({ derived, southRow }: { readonly derived: ShownDerived; readonly southRow: string }) {
  const { triangle } = derived
  if (!triangle) return null
  return (
    <p className="note mt-2">
      Best 3-4-5:{' '}
      <b>
        <Measure inches={triangle.alongIn} />
      </b>{' '}
      along string {southRow},{' '}
      <b>
        <Measure inches={triangle.acrossIn} />
      </b>{' '}
      along string 1,{' '}
      <b>
        <Measure inches={triangle.diagonalIn} />
      </b>{' '}
      across.
    </p>
  )
}

/** A move in words: how far east or west, and how far north or south, by the site's own compass. */
function moveWords(northDeg: number, move: CornerMove, length: (lengthIn: number, feet: boolean) => string): string {
  const compass = compassOf(northDeg)
  const ways = [
    { byIn: move.dxIn, ahead: compass.east, back: compass.west },
    { byIn: move.dyIn, ahead: compass.north, back: compass.south },
  ]
  return ways
    .filter(({ byIn }) => toSixteenths(byIn) !== 0)
    .map(({ byIn, ahead, back }) => `${length(Math.abs(byIn), false)} ${(byIn > 0 ? ahead : back).toLowerCase()}`)
    .join(' and ')
}

/** What moves, which way and how far. */
function SquareMoves({ fit }: { readonly fit: SquareFit }) {
  const { job, derived } = useDoc()
  const { length } = useWriter()
  const units = useUnits()
  const { south, north } = derived.rows
  const last = derived.grid.centresIn.length
  const corner = { SW: `${south}1`, SE: `${south}${last}`, NE: `${north}${last}`, NW: `${north}1` }
  const moves = fit.moves.filter((move) => toSixteenths(move.dxIn) !== 0 || toSixteenths(move.dyIn) !== 0)
  const fine = fit.largestMoveIn <= 1 / 16 + ROUNDING
  return (
    <div className="move" role="status">
      <MoveWords fit={fit} moves={moves} fine={fine} />
      {!fine && (
        <table className="tb mt-2">
          <tbody>
            {moves.map((move) => (
              <tr key={move.corner}>
                <td style={{ fontWeight: 700, width: 34 }}>{corner[move.corner]}</td>
                <td style={{ whiteSpace: 'normal' }}>{moveWords(job.site.northDeg, move, length)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {!fine && (
        <p>
          All moved, both diagonals should read{' '}
          <b>
            <Measure inches={fit.wantedDiagonalIn} />
          </b>
          ; to the {tapeMarks(units).small} they come to <Measure inches={fit.after.risingIn} /> and{' '}
          <Measure inches={fit.after.fallingIn} />.
        </p>
      )}
      <p className="note">
        Diagonals differ by <Length inches={Math.abs(fit.misclosureIn)} feet={false} />.{' '}
        {fit.sigmaIn === null
          ? 'Five measures leave nothing to judge them by: take the sixth.'
          : `The six measures agree to ${length(Math.max(1 / 16, fit.sigmaIn), false)}.`}
      </p>
    </div>
  )
}

/** How far a measured side is off, to the sixteenth (which is as fine as a millimeter). */
function OffBy({ wantIn, gotIn }: { readonly wantIn: number; readonly gotIn: number | null }) {
  const { signed } = useWriter()
  if (gotIn === null) return null
  const off = toSixteenths(gotIn - wantIn)
  return off === 0 ? <HoldSign size={13} /> : <span style={{ fontWeight: 700 }}>{signed(off / 16)}</span>
}

/** One side or diagonal: what it should be, what was taped, how far off. */
function SideRow({
  side,
  name,
  wantIn,
}: {
  readonly side: keyof Measures
  readonly name: string
  readonly wantIn: number
}) {
  const { job, edit, done } = useDoc()
  const gotIn = job.strings.measures[side]
  const diagonal = side === 'risingIn' || side === 'fallingIn'
  return (
    <tr>
      <td style={{ fontWeight: 600, color: diagonal ? 'var(--chalk-ink)' : undefined }}>{name}</td>
      <td className="n" style={{ fontWeight: 500 }}>
        <Measure inches={wantIn} />
      </td>
      <td className="n" style={{ whiteSpace: 'normal', width: 104 }}>
        <OptionalLengthField
          bare
          label={name}
          ariaLabel={`measured ${name}`}
          name={side}
          value={gotIn}
          onChange={(value, gesture) =>
            edit(
              'measured side',
              (job) => ({ ...job, strings: { ...job.strings, measures: { ...job.strings.measures, [side]: value } } }),
              `${side}-${gesture}`,
            )
          }
          onDone={done}
        />
      </td>
      <td className="n" style={{ width: 42 }}>
        <OffBy wantIn={wantIn} gotIn={gotIn} />
      </td>
    </tr>
  )
}

/** Sides and diagonals as taped. */
function SidesTable() {
  const { derived } = useDoc()
  const { south, north } = derived.rows
  const { lengthIn, widthIn } = derived.grid
  const last = derived.grid.centresIn.length
  const diagonal = Math.hypot(lengthIn, widthIn)
  return (
    <table className="tb close" aria-label="Sides and diagonals">
      <thead>
        <tr>
          <th>side</th>
          <th className="n">want</th>
          <th className="n">measured</th>
          <th className="n">off</th>
        </tr>
      </thead>
      <tbody>
        <SideRow side="southIn" name={`${south}1–${south}${last}`} wantIn={lengthIn} />
        <SideRow side="northIn" name={`${north}1–${north}${last}`} wantIn={lengthIn} />
        <SideRow side="westIn" name={`${south}1–${north}1`} wantIn={widthIn} />
        <SideRow side="eastIn" name={`${south}${last}–${north}${last}`} wantIn={widthIn} />
        <SideRow side="risingIn" name={`${south}1–${north}${last}`} wantIn={diagonal} />
        <SideRow side="fallingIn" name={`${south}${last}–${north}1`} wantIn={diagonal} />
      </tbody>
    </table>
  )
}

/** Sides and diagonals that a phone has measured and the plan does not have, and the key that takes them. */
function FromSite() {
  const { job, edit } = useDoc()
  const squares = useLog((log) => log.state.squares)
  const { measures } = job.strings
  const told = STRING_SIDES.flatMap((side) => {
    const inches = squares[side]?.body.inches
    return inches === undefined || inches === measures[side] ? [] : [[side, inches] as const]
  })
  if (told.length === 0) return null
  return (
    <div className="caution mt-2" role="status">
      {told.length} of these were taped on site and read otherwise here.{' '}
      <button
        type="button"
        className="btn btn-light btn-sm"
        onClick={() =>
          edit('measured on site', (now) => ({
            ...now,
            strings: { ...now.strings, measures: { ...now.strings.measures, ...Object.fromEntries(told) } },
          }))
        }
      >
        Take them
      </button>
    </div>
  )
}

/** How corners are moved, and what a tape may be off. */
function SquareSettings() {
  const { job, derived, edit, done } = useDoc()
  return (
    <>
      <ChoiceField
        wide
        label="Moves"
        value={job.strings.squareMode}
        choices={[
          { value: 'hold-south', label: `hold string ${derived.rows.south}` },
          { value: 'least-move', label: 'every corner as little as it can' },
        ]}
        onChange={(squareMode) => edit('squaring mode', (job) => ({ ...job, strings: { ...job.strings, squareMode } }))}
      />
      <LengthField
        label="Tape tolerance"
        feet={false}
        value={job.strings.toleranceIn}
        onChange={(toleranceIn, gesture) =>
          edit('tape tolerance', (job) => ({ ...job, strings: { ...job.strings, toleranceIn } }), `tol-${gesture}`)
        }
        onDone={done}
      />
    </>
  )
}

/** Which corner to move, which way and how far, from measured sides and diagonals. */
export function SquarePanel() {
  const { job, derived } = useDoc()
  const { square } = derived
  const { toleranceIn } = job.strings
  const leftoverIn = square.ok ? square.value.sigmaIn : null
  return (
    <>
      <p className="note mb-2">Sides first, then diagonals. Hold the tape level.</p>
      <SidesTable />
      <FromSite />
      {square.ok ? <SquareMoves fit={square.value} /> : <p className="note mt-2">{issueText(square.issues[0])}</p>}
      {leftoverIn !== null && leftoverIn > toleranceIn && (
        <div className="caution" role="alert">
          The measures disagree by more than the tape should (<Length inches={leftoverIn} feet={false} /> over{' '}
          <Length inches={toleranceIn} feet={false} />
          ). One was misread: take the largest leftover again.
        </div>
      )}
      <div className="rule" />
      <SquareSettings />
      {derived.triangle && <BestTriangle derived={derived} southRow={derived.rows.south} />}
      <PocketLinks topic="square" />
    </>
  )
}
