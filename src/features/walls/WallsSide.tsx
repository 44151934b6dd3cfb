'use client'
import { SAME_IN } from '@/core/units'
import { useMemo } from 'react'
import { wallAlternatives, type WallAlternative } from '@/core/derive'
import { GIRT_SIZES, LUMBERS } from '@/core/model'
import { shownRatio } from '@/core/result'
import { blockNames } from '@/core/marks'
import { GIRT_STYLE } from '@/formats/words'
import { ChoiceField, LengthField, Measure, ToggleField } from '@/ui'
import { CheckRow, sortChecks, useDoc, useJob } from '../job'

const NAME: Readonly<Record<WallAlternative['key'], string>> = {
  landing: 'on sills and heads',
  even: 'even, blocks at openings',
  widest: 'widest gap that holds',
}

/** Girts of the picked wall: rules, other ways to set the rows, checks and cut list. */
export function WallsSide() {
  const { job, derived, edit, done } = useDoc()
  const picked = useJob((state) => state.picked)
  const girts = job.building.girts
  const wall = derived.walls[picked.wall]
  const alternatives = useMemo(() => wallAlternatives(job, derived, picked.wall), [job, derived, picked.wall])
  const put =
    <K extends keyof typeof girts>(key: K, label: string) =>
    (value: (typeof girts)[K], gesture?: string) =>
      edit(
        label,
        (job) => ({ ...job, building: { ...job.building, girts: { ...job.building.girts, [key]: value } } }),
        gesture && `girt-${key}-${gesture}`,
      )
  const blocks = blockNames(wall.blocks, derived.placed)
  const pieces = wall.pieces.filter((piece) => piece.row === picked.row)
  const same = (wallAlternative: WallAlternative) =>
    Math.abs(wallAlternative.maxGapIn - girts.maxGapIn) < SAME_IN && wallAlternative.meetOpenings === girts.meetOpenings
  return (
    <>
      <h2 className="mb-2">Girt rows</h2>
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
      <h3 className="mt-2 mb-1">{wall.name}</h3>
      {alternatives.map((alternative) => (
        <button
          key={alternative.key}
          type="button"
          className="option"
          aria-pressed={same(alternative)}
          onClick={() =>
            edit('girt rows', (job) => ({
              ...job,
              building: {
                ...job.building,
                girts: {
                  ...job.building.girts,
                  maxGapIn: alternative.maxGapIn,
                  meetOpenings: alternative.meetOpenings,
                },
              },
            }))
          }
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
      ))}
      {wall.widestHoldsIn !== null && (
        <p className="note">
          {wall.widestHoldsIn < 8 ? (
            'This board holds at no usable space here: a wider board, a better grade, or posts closer.'
          ) : (
            <>
              On this wall the board holds up to{' '}
              <b>
                <Measure inches={wall.widestHoldsIn} feet={false} />
              </b>
              .
            </>
          )}
        </p>
      )}
      {blocks.length > 0 && <p className="note">Blocks, not rows: {blocks.join(', ')}.</p>}
      <div className="rule" />
      <h2>What holds</h2>
      {sortChecks(
        derived.checks.filter((check) => check.id.startsWith(`girt-${picked.wall}`) || check.id.startsWith('site-')),
      ).map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
      {picked.row && pieces.length > 0 && (
        <>
          <h2 className="mt-3 mb-1">Cut list, {picked.row}</h2>
          <table className="tb">
            <thead>
              <tr>
                <th>piece</th>
                <th className="n">from</th>
                <th className="n">to</th>
                <th className="n">length</th>
              </tr>
            </thead>
            <tbody>
              {pieces.map((piece, i) => (
                <tr key={i}>
                  <td>{i + 1}</td>
                  <td className="n" style={{ fontWeight: 500 }}>
                    <Measure inches={piece.fromIn} />
                  </td>
                  <td className="n" style={{ fontWeight: 500 }}>
                    <Measure inches={piece.toIn} />
                  </td>
                  <td className="n">
                    <Measure inches={piece.lengthIn} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </>
  )
}
