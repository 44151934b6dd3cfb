'use client'
import { type GirtRow } from '@/core/layout'
import { ruleOf } from '@/core/rules'
import { SAME_IN } from '@/core/units'
import { useMemo } from 'react'
import { type WallResult } from '@/core/derive'
import { wallAlternatives, type WallAlternative } from '@/core/sizing'
import { type Building, GIRT_SIZES, LUMBERS, type Side } from '@/core/model'
import { shownRatio } from '@/core/result'
import { blockNames } from '@/core/marks'
import { GIRT_STYLE } from '@/formats/words'
import { ChoiceField, type DataColumn, DataTable, LengthField, Measure, ToggleField } from '@/ui'
import { CheckRow, PocketLinks, sortChecks, useDoc, useJob } from '../job'

/** Girts nearer than this are not set, inches. */
const LEAST_USABLE_IN = 8

const NAME: Readonly<Record<WallAlternative['key'], string>> = {
  landing: 'on sills and heads',
  even: 'even, blocks at openings',
  widest: 'widest gap that holds',
}

type Girts = Building['girts']

/** The rules for the rows and the boards. */
function GirtFields() {
  const { job, edit, done } = useDoc()
  const { girts } = job.building
  const put =
    <K extends keyof Girts>(key: K, label: string) =>
    (value: Girts[K], gesture?: string) =>
      edit(
        label,
        (job) => ({ ...job, building: { ...job.building, girts: { ...job.building.girts, [key]: value } } }),
        gesture && `girt-${key}-${gesture}`,
      )
  return (
    <>
      <LengthField
        label="Widest space, top to top"
        name="maxGapIn"
        feet={false}
        value={girts.maxGapIn}
        onChange={put('maxGapIn', 'widest girt space')}
        onDone={done}
      />
      <ToggleField
        label="Land on sills and heads"
        value={girts.meetOpenings}
        onChange={(value) => put('meetOpenings', 'rows on openings')(value)}
      />
      <ChoiceField
        wide
        label="Set"
        value={girts.style}
        choices={(['flat', 'between'] as const).map((value) => ({ value, label: GIRT_STYLE[value] }))}
        onChange={(value) => put('style', 'girt style')(value)}
      />
      <ChoiceField
        label="Size"
        value={girts.size}
        choices={GIRT_SIZES.map((value) => ({ value, label: value.replace('x', '×') }))}
        onChange={(value) => put('size', 'girt size')(value)}
      />
      <ChoiceField
        label="Lumber"
        value={girts.lumber}
        choices={LUMBERS.map((value) => ({ value, label: value }))}
        onChange={(value) => put('lumber', 'girt lumber')(value)}
      />
      {girts.style === 'flat' && (
        <ChoiceField
          label="Boards reach over"
          value={girts.run}
          choices={[
            { value: 'two-bays', label: 'two bays' },
            { value: 'one-bay', label: 'one bay' },
          ]}
          onChange={(value) => put('run', 'girt run')(value)}
        />
      )}
    </>
  )
}

/** Other ways to set the rows of a wall; one click takes one. */
function OtherRows({ side }: { readonly side: Side }) {
  const { job, derived, edit } = useDoc()
  const { girts } = job.building
  const alternatives = useMemo(() => wallAlternatives(job, derived, side), [job, derived, side])
  const take = ({ maxGapIn, meetOpenings }: WallAlternative) =>
    edit('girt rows', (job) => ({
      ...job,
      building: { ...job.building, girts: { ...job.building.girts, maxGapIn, meetOpenings } },
    }))
  const isSet = ({ maxGapIn, meetOpenings }: WallAlternative) =>
    Math.abs(maxGapIn - girts.maxGapIn) < SAME_IN && meetOpenings === girts.meetOpenings
  return alternatives.map((alternative) => (
    <button
      key={alternative.key}
      type="button"
      className="option"
      aria-pressed={isSet(alternative)}
      onClick={() => take(alternative)}
    >
      <span className="r">
        <span>{alternative.rows} rows</span>
        <span>
          <Measure inches={alternative.widestIn} feet={false} />
        </span>
      </span>
      <span className="note">
        {NAME[alternative.key]}
        {alternative.blocks ? `, ${alternative.blocks} blocks` : ''}; {alternative.pieces} pieces
        {alternative.worst === null ? '' : `; worst girt ${shownRatio(alternative.worst)}`}
      </span>
    </button>
  ))
}

/** The widest space at which the board holds on a wall. */
function WidestSpace({ widestHoldsIn }: { readonly widestHoldsIn: number | null }) {
  if (widestHoldsIn === null) return null
  if (widestHoldsIn < LEAST_USABLE_IN)
    return (
      <p className="note">This board holds at no usable space here: a wider board, a better grade, or posts closer.</p>
    )
  return (
    <p className="note">
      On this wall the board holds up to{' '}
      <b>
        <Measure inches={widestHoldsIn} feet={false} />
      </b>
      .
    </p>
  )
}

type Piece = WallResult['pieces'][number]
const CUTS: readonly DataColumn<Piece>[] = [
  { id: 'piece', head: 'piece', cell: (_piece, i) => i + 1 },
  { id: 'from', head: 'from', figures: true, cell: (piece) => <Measure inches={piece.fromIn} /> },
  { id: 'to', head: 'to', figures: true, cell: (piece) => <Measure inches={piece.toIn} /> },
  { id: 'length', head: 'length', figures: true, cell: (piece) => <Measure inches={piece.lengthIn} /> },
]

const LANDING: Readonly<Record<NonNullable<GirtRow['landing']>, string>> = {
  sill: 'on a sill',
  head: 'on a head',
  heel: 'at the heel',
}

/** The row that is picked: its height, the space under it and the wall that it carries. */
function PickedRow({ row }: { readonly row: GirtRow }) {
  return (
    <section className="grp" aria-label={`Row ${row.id}`}>
      <h2 className="mb-2">Row {row.id}</h2>
      <table className="tb" aria-label={`Row ${row.id}`}>
        <tbody>
          <tr>
            <td>Top above grade{row.landing ? `, ${LANDING[row.landing]}` : ''}</td>
            <td className="n">
              <Measure inches={row.topIn} />
            </td>
          </tr>
          <tr>
            <td>Space under it</td>
            <td className="n">
              <Measure inches={row.spaceBelowIn} feet={false} />
            </td>
          </tr>
          <tr>
            <td>Wall that it carries</td>
            <td className="n">
              <Measure inches={row.tributaryIn} feet={false} />
            </td>
          </tr>
        </tbody>
      </table>
      <p className="note mb-0">Rows are set by the fields below, for the whole building.</p>
    </section>
  )
}

/** Girts of the picked wall: rules, other ways to set the rows, checks and cut list. */
export function WallsSide() {
  const { derived } = useDoc()
  const picked = useJob((state) => state.picked)
  const wall = derived.walls[picked.wall]
  const blocks = blockNames(wall.blocks, derived.placed)
  const pieces = wall.pieces.filter((piece) => piece.row === picked.row)
  const row = wall.rows.find((each) => each.id === picked.row)
  const checks = derived.checks.filter(
    ({ key }) => key.member === 'site' || (ruleOf({ key }) === 'girt/strength' && key.place === picked.wall),
  )
  return (
    <>
      {row && <PickedRow row={row} />}
      <h2 className="mb-2">Girt rows</h2>
      <GirtFields />
      <h3 className="mt-2 mb-1">{wall.name}</h3>
      <OtherRows side={picked.wall} />
      <WidestSpace widestHoldsIn={wall.widestHoldsIn} />
      {blocks.length > 0 && <p className="note">Blocks, not rows: {blocks.join(', ')}.</p>}
      <PocketLinks topic="picks" side={picked.wall} />
      <div className="rule" />
      <h2>What holds</h2>
      {sortChecks(checks).map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
      {picked.row && pieces.length > 0 && (
        <>
          <h2 className="mt-3 mb-1">Cut list, {picked.row}</h2>
          <DataTable
            name={`Cut list, ${picked.row}`}
            columns={CUTS}
            rows={pieces}
            rowKey={(piece) => String(piece.fromIn)}
          />
        </>
      )}
    </>
  )
}
