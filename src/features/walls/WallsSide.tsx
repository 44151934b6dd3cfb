'use client'
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
  const { job, derived: d, edit, done } = useDoc()
  const picked = useJob((s) => s.picked)
  const g = job.building.girts
  const wall = d.walls[picked.wall]
  const alternatives = useMemo(() => wallAlternatives(job, d, picked.wall), [job, d, picked.wall])
  const put =
    <K extends keyof typeof g>(key: K, label: string) =>
    (v: (typeof g)[K], gesture?: string) =>
      edit(
        label,
        (j) => ({ ...j, building: { ...j.building, girts: { ...j.building.girts, [key]: v } } }),
        gesture && `girt-${key}-${gesture}`,
      )
  const blocks = blockNames(wall.blocks, d.placed)
  const pieces = wall.pieces.filter((p) => p.row === picked.row)
  const same = (a: WallAlternative) => Math.abs(a.maxGapIn - g.maxGapIn) < 1e-6 && a.meetOpenings === g.meetOpenings
  return (
    <>
      <h2 className="mb-2">Girt rows</h2>
      <LengthField
        label="Widest space, top to top"
        name="maxGapIn"
        feet={false}
        value={g.maxGapIn}
        onChange={put('maxGapIn', 'widest girt space')}
        onDone={done}
      />
      <ToggleField
        label="Land on sills and heads"
        value={g.meetOpenings}
        onChange={(v) => put('meetOpenings', 'rows on openings')(v)}
      />
      <ChoiceField
        wide
        label="Set"
        value={g.style}
        choices={(['flat', 'between'] as const).map((value) => ({ value, label: GIRT_STYLE[value] }))}
        onChange={(v) => put('style', 'girt style')(v)}
      />
      <ChoiceField
        label="Size"
        value={g.size}
        choices={GIRT_SIZES.map((value) => ({ value, label: value.replace('x', '×') }))}
        onChange={(v) => put('size', 'girt size')(v)}
      />
      <ChoiceField
        label="Lumber"
        value={g.lumber}
        choices={LUMBERS.map((value) => ({ value, label: value }))}
        onChange={(v) => put('lumber', 'girt lumber')(v)}
      />
      {g.style === 'flat' && (
        <ChoiceField
          label="Boards reach over"
          value={g.run}
          choices={[
            { value: 'two-bays', label: 'two bays' },
            { value: 'one-bay', label: 'one bay' },
          ]}
          onChange={(v) => put('run', 'girt run')(v)}
        />
      )}
      <h3 className="mt-2 mb-1">{wall.name}</h3>
      {alternatives.map((a) => (
        <button
          key={a.key}
          type="button"
          className="option"
          aria-pressed={same(a)}
          onClick={() =>
            edit('girt rows', (j) => ({
              ...j,
              building: {
                ...j.building,
                girts: { ...j.building.girts, maxGapIn: a.maxGapIn, meetOpenings: a.meetOpenings },
              },
            }))
          }
        >
          <span className="r">
            <span>{a.rows} rows</span>
            <span>
              <Measure inches={a.widestIn} feet={false} />
            </span>
          </span>
          <span className="note">
            {NAME[a.key]}
            {a.blocks ? `, ${a.blocks} blocks` : ''}; {a.pieces} pieces
            {a.worst === null ? '' : `; worst girt ${shownRatio(a.worst)}`}
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
      {sortChecks(d.checks.filter((c) => c.id.startsWith(`girt-${picked.wall}`) || c.id.startsWith('site-'))).map(
        (c) => (
          <CheckRow key={c.id} check={c} />
        ),
      )}
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
              {pieces.map((p, i) => (
                <tr key={i}>
                  <td>{i + 1}</td>
                  <td className="n" style={{ fontWeight: 500 }}>
                    <Measure inches={p.fromIn} />
                  </td>
                  <td className="n" style={{ fontWeight: 500 }}>
                    <Measure inches={p.toIn} />
                  </td>
                  <td className="n">
                    <Measure inches={p.lengthIn} />
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
