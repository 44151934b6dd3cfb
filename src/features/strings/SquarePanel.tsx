'use client'
import { compassOf } from '@/core/layout'
import type { ShownDerived } from '@/formats/shown'
import type { Measures } from '@/core/model'
import { formatLength, formatSigned, ROUNDING, toSixteenths } from '@/core/units'
import { issueText } from '@/formats/words'
import { ChoiceField, HoldSign, LengthField, Measure, OptionalLengthField } from '@/ui'
import type { CornerMove, SquareFit } from '@/core/layout'
import { useDoc } from '../job'

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
  const compass = compassOf(job.site.northDeg)
  const last = derived.grid.centresIn.length
  const northRow = derived.rows.north
  const slideAlone =
    toSixteenths(fit.northSlideIn) !== 0 &&
    moves.every((move) => Math.abs(move.dyIn) <= 1 / 8) &&
    job.strings.squareMode === 'hold-south' &&
    moves.filter((move) => move.corner === 'SE').every((move) => Math.abs(move.dxIn) <= 1 / 16)
  if (fine) return <div className="big">Square to the sixteenth</div>
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

/** What moves, which way and how far. */
function SquareMoves({
  fit,
  moves,
  fine,
  corner,
  way,
  wanted,
}: {
  readonly fit: SquareFit
  readonly moves: CornerMove[]
  readonly fine: boolean
  readonly corner: { SW: string; SE: string; NE: string; NW: string }
  readonly way: (dx: number, dy: number) => string
  readonly wanted: number
}) {
  return (
    <div className="move" role="status">
      <MoveWords fit={fit} moves={moves} fine={fine} />
      {!fine && (
        <table className="tb mt-2">
          <tbody>
            {moves.map((move) => (
              <tr key={move.corner}>
                <td style={{ fontWeight: 700, width: 34 }}>{corner[move.corner]}</td>
                <td style={{ whiteSpace: 'normal' }}>{way(move.dxIn, move.dyIn)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {!fine && (
        <p>
          All moved, both diagonals should read{' '}
          <b>
            <Measure inches={wanted} />
          </b>
          ; to the sixteenth they come to <Measure inches={fit.after.risingIn} /> and{' '}
          <Measure inches={fit.after.fallingIn} />.
        </p>
      )}
      <p className="note">
        Diagonals differ by {formatLength(Math.abs(fit.misclosureIn), { feet: false })}.{' '}
        {fit.sigmaIn === null
          ? 'Five measures leave nothing to judge them by: take the sixth.'
          : `The six measures agree to ${formatLength(Math.max(1 / 16, fit.sigmaIn), { feet: false })}.`}
      </p>
    </div>
  )
}

/** Which corner to move, which way and how far, from measured sides and diagonals. */
export function SquarePanel() {
  const { job, derived, edit, done } = useDoc()
  const { lengthIn, widthIn } = derived.grid
  const last = derived.grid.centresIn.length
  const [southRow, northRow] = [derived.rows.south, derived.rows.north]
  const diagonal = Math.hypot(lengthIn, widthIn)
  const lines: readonly [keyof Measures, string, number][] = [
    ['southIn', `${southRow}1–${southRow}${last}`, lengthIn],
    ['northIn', `${northRow}1–${northRow}${last}`, lengthIn],
    ['westIn', `${southRow}1–${northRow}1`, widthIn],
    ['eastIn', `${southRow}${last}–${northRow}${last}`, widthIn],
    ['risingIn', `${southRow}1–${northRow}${last}`, diagonal],
    ['fallingIn', `${southRow}${last}–${northRow}1`, diagonal],
  ]
  const strings = job.strings
  const fit = derived.square.ok ? derived.square.value : null
  const compass = compassOf(job.site.northDeg)
  const corner = { SW: `${southRow}1`, SE: `${southRow}${last}`, NE: `${northRow}${last}`, NW: `${northRow}1` }
  const way = (dx: number, dy: number): string =>
    [
      [dx, compass.east, compass.west],
      [dy, compass.north, compass.south],
    ]
      .filter(([value]) => toSixteenths(value as number) !== 0)
      .map(
        ([value, plus, minus]) =>
          `${formatLength(Math.abs(value as number), { feet: false })} ` +
          `${String((value as number) > 0 ? plus : minus).toLowerCase()}`,
      )
      .join(' and ')
  const moves = fit?.moves.filter((move) => toSixteenths(move.dxIn) !== 0 || toSixteenths(move.dyIn) !== 0) ?? []
  const wanted = fit?.wantedDiagonalIn ?? diagonal
  const fine = fit !== null && fit.largestMoveIn <= 1 / 16 + ROUNDING
  const blunder = fit !== null && fit.sigmaIn !== null && fit.sigmaIn > strings.toleranceIn
  const put = (key: keyof Measures) => (value: number | null, gesture: string) =>
    edit(
      'measured side',
      (job) => ({ ...job, strings: { ...job.strings, measures: { ...job.strings.measures, [key]: value } } }),
      `${key}-${gesture}`,
    )
  return (
    <>
      <p className="note mb-2">Sides first, then diagonals. Hold the tape level.</p>
      <table className="tb">
        <thead>
          <tr>
            <th>side</th>
            <th className="n">want</th>
            <th className="n">measured</th>
            <th className="n">off</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(([key, name, want]) => {
            const got = strings.measures[key]
            const off = got === null ? null : toSixteenths(got - want)
            const offWords = () => {
              if (off === null) return ''
              if (off === 0) return <HoldSign size={13} />
              return <span style={{ fontWeight: 700 }}>{formatSigned(off / 16)}</span>
            }
            return (
              <tr key={key}>
                <td
                  style={{
                    fontWeight: 600,
                    color: key === 'risingIn' || key === 'fallingIn' ? 'var(--chalk-ink)' : undefined,
                  }}
                >
                  {name}
                </td>
                <td className="n" style={{ fontWeight: 500 }}>
                  <Measure inches={want} />
                </td>
                <td className="n" style={{ whiteSpace: 'normal', width: 112 }}>
                  <OptionalLengthField
                    bare
                    label={name}
                    ariaLabel={`measured ${name}`}
                    name={key}
                    value={got}
                    onChange={put(key)}
                    onDone={done}
                  />
                </td>
                <td className="n" style={{ width: 42 }}>
                  {offWords()}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      {!derived.square.ok && <p className="note mt-2">{issueText(derived.square.issues[0])}</p>}
      {fit && <SquareMoves fit={fit} moves={moves} fine={fine} corner={corner} way={way} wanted={wanted} />}
      {blunder && (
        <div className="caution" role="alert">
          The measures disagree by more than the tape should ({formatLength(fit?.sigmaIn ?? 0, { feet: false })} over{' '}
          {formatLength(strings.toleranceIn, { feet: false })}). One was misread: take the largest leftover again.
        </div>
      )}
      <div className="rule" />
      <ChoiceField
        wide
        label="Moves"
        value={strings.squareMode}
        choices={[
          { value: 'hold-south', label: `hold string ${southRow}` },
          { value: 'least-move', label: 'every corner as little as it can' },
        ]}
        onChange={(value) =>
          edit('squaring mode', (job) => ({ ...job, strings: { ...job.strings, squareMode: value } }))
        }
      />
      <LengthField
        label="Tape tolerance"
        feet={false}
        value={strings.toleranceIn}
        onChange={(value, gesture) =>
          edit(
            'tape tolerance',
            (job) => ({ ...job, strings: { ...job.strings, toleranceIn: value } }),
            `tol-${gesture}`,
          )
        }
        onDone={done}
      />
      {derived.triangle && <BestTriangle derived={derived} southRow={southRow} />}
    </>
  )
}
