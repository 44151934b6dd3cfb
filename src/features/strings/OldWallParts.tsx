'use client'
import type { RefObject } from 'react'
import type { ShownDerived } from '@/formats/shown'
import type { Ground, Job } from '@/core/model'
import type { Issue } from '@/core/result'
import type { AdditionPlan } from '@/core/terrain'
import { ChoiceField, Length, LengthField, Measure, NumberField, Segments } from '@/ui'
import { Note } from '../drawing'

/** What is added to the old wall, and how large. */
export function AdditionFields({
  addition,
  set,
  done,
  derived,
}: {
  readonly addition: Job['ground']['addition']
  readonly set: <K extends keyof Ground['addition']>(
    key: K,
    label: string,
  ) => (value: Ground['addition'][K], gesture?: string) => readonly Issue[]
  readonly done: () => void
  readonly derived: ShownDerived
}) {
  return (
    <div className="d-flex gap-3 align-items-center flex-wrap mb-1">
      <Segments
        label="What is built on"
        value={addition.kind}
        choices={[
          { value: 'lean-to', label: 'Lean-to' },
          { value: 'porch', label: 'Porch' },
          { value: 'wing', label: 'Wing' },
        ]}
        onChange={(value) => set('kind', 'addition')(value)}
      />
      {addition.kind === 'porch' && (
        <>
          <span style={{ width: 190 }}>
            <LengthField
              label="Length"
              name="porchLength"
              value={addition.lengthIn}
              onChange={set('lengthIn', 'porch length')}
              onDone={done}
            />
          </span>
          <span style={{ width: 170 }}>
            <LengthField
              label="Depth"
              name="porchDepth"
              value={addition.depthIn}
              onChange={set('depthIn', 'porch depth')}
              onDone={done}
            />
          </span>
          <span style={{ width: 180 }}>
            <NumberField
              label="Bays"
              name="porchBays"
              whole
              value={addition.bays}
              onChange={set('bays', 'porch bays')}
              onDone={done}
            />
          </span>
        </>
      )}
      {addition.kind === 'wing' && (
        <>
          <span style={{ width: 230 }}>
            <ChoiceField
              label="Meets it with"
              name="wingEnd"
              value={addition.end}
              choices={[
                { value: 'west', label: derived.wallNames.west },
                { value: 'east', label: derived.wallNames.east },
              ]}
              onChange={(value) => set('end', 'wing end')(value)}
            />
          </span>
          <span style={{ width: 210 }}>
            <LengthField
              label="Least gap"
              name="wingGap"
              feet={false}
              value={addition.clearIn}
              onChange={set('clearIn', 'wing gap')}
              onDone={done}
            />
          </span>
        </>
      )}
    </div>
  )
}

/** The old wall's offsets, drawn larger than they are. */
export function OffsetsChart({
  ref,
  width,
  yAt,
  list,
  xAt,
  pack,
  end,
  addition,
}: {
  readonly ref: RefObject<SVGSVGElement | null>
  readonly width: number
  readonly yAt: (off: number) => number
  readonly list: { atIn: number; offIn: number }[]
  readonly xAt: (at: number) => number
  readonly pack: AdditionPlan | null
  readonly end: number
  readonly addition: Job['ground']['addition']
}) {
  return (
    <svg
      ref={ref}
      width="100%"
      height={176}
      role="img"
      aria-label="Old wall against its straight line, offsets drawn large"
    >
      <line
        x1={20}
        x2={width - 20}
        y1={yAt(0)}
        y2={yAt(0)}
        stroke="var(--chalk)"
        strokeWidth={1.4}
        strokeDasharray="7 4"
      />
      {list.length > 1 && (
        <path
          d={`M${[...list]
            .sort((one, other) => one.atIn - other.atIn)
            .map((offset) => `${xAt(offset.atIn)} ${yAt(offset.offIn)}`)
            .join('L')}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={3}
        />
      )}
      {pack && (
        <line
          x1={xAt(0)}
          x2={xAt(end)}
          y1={yAt(pack.line.touchIn)}
          y2={yAt(pack.line.touchIn + pack.line.perIn * end)}
          stroke="var(--burr)"
          strokeWidth={2.6}
        />
      )}
      {pack?.list.map((station, i) => (
        <Note key={i} x={xAt(station.atIn)} y={168} size={13} weight={650} anchor="middle">
          <Length inches={station.packIn} feet={false} />
        </Note>
      ))}
      <Note x={24} y={150} size={12} fill="var(--ink-2)">
        {addition.kind === 'wing' ? 'hollow of the wall at each row' : 'packing at each post line'}
      </Note>
    </svg>
  )
}

/** Offsets of the old wall, one a line. */
export function OffsetsTable({
  list,
  put,
  done,
}: {
  readonly list: { atIn: number; offIn: number }[]
  readonly put: (
    name: string,
    change: (offset: { atIn: number; offIn: number }[]) => { atIn: number; offIn: number }[],
    gesture?: string,
  ) => readonly Issue[]
  readonly done: () => void
}) {
  return (
    <div style={{ width: 330 }}>
      <table className="tb" aria-label="Offsets of the old wall">
        <thead>
          <tr>
            <th className="n">along</th>
            <th className="n">offset</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {list.map((offset, i) => (
            <tr key={i}>
              <td className="n">
                <LengthField
                  bare
                  label="along"
                  ariaLabel={`offset ${i + 1} along`}
                  value={offset.atIn}
                  onChange={(value, gesture) =>
                    put(
                      'old wall',
                      (list) => list.map((each, k) => (k === i ? { ...each, atIn: value } : each)),
                      `old-at-${i}-${gesture}`,
                    )
                  }
                  onDone={done}
                />
              </td>
              <td className="n">
                <LengthField
                  bare
                  label="offset"
                  ariaLabel={`offset ${i + 1}`}
                  feet={false}
                  value={offset.offIn}
                  onChange={(value, gesture) =>
                    put(
                      'old wall',
                      (list) => list.map((each, k) => (k === i ? { ...each, offIn: value } : each)),
                      `old-off-${i}-${gesture}`,
                    )
                  }
                  onDone={done}
                />
              </td>
              <td>
                <button
                  type="button"
                  className="btn btn-light btn-sm"
                  style={{ height: 24, padding: '0 6px' }}
                  aria-label={`remove offset ${i + 1}`}
                  onClick={() => {
                    put('offset taken out', (list) => list.filter((_, k) => k !== i))
                  }}
                >
                  ×
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <button
        type="button"
        className="btn btn-light btn-sm mt-2"
        onClick={() => {
          put('new offset', (list) => [...list, { atIn: (list.at(-1)?.atIn ?? -96) + 96, offIn: 0 }])
        }}
      >
        Add an offset
      </button>
    </div>
  )
}

/** Packing behind the ledger at each station. */
export function PackingList({
  pack,
  addition,
  derived,
}: {
  readonly pack: AdditionPlan | null
  readonly addition: Job['ground']['addition']
  readonly derived: ShownDerived
}) {
  return (
    <div style={{ width: 400 }}>
      {pack ? (
        <>
          <table className="tb" aria-label="Packing list">
            <thead>
              <tr>
                <th>{addition.kind === 'wing' ? 'row' : 'post line'}</th>
                <th className="n">along</th>
                <th className="n">{addition.kind === 'wing' ? 'gap to close' : 'pack the ledger'}</th>
                <th className="n">{addition.kind === 'wing' ? 'of it, the wall’s hollow' : 'wall to post face'}</th>
              </tr>
            </thead>
            <tbody>
              {pack.list.map((station) => (
                <tr key={station.name}>
                  <td>{station.name}</td>
                  <td className="n">
                    <Measure inches={station.atIn} />
                  </td>
                  {addition.kind === 'wing' ? (
                    <>
                      <td className="n">
                        <Measure inches={station.fromWallIn} feet={false} />
                      </td>
                      <td className="n">
                        <Measure inches={Math.max(0, station.packIn)} feet={false} />
                      </td>
                    </>
                  ) : (
                    <>
                      <td className="n">
                        <Measure inches={Math.max(0, station.packIn)} feet={false} />
                      </td>
                      <td className="n">
                        <Measure inches={station.fromWallIn} />
                      </td>
                    </>
                  )}
                </tr>
              ))}
            </tbody>
          </table>
          <p className="note mt-1">
            {addition.kind === 'wing' ? (
              <>
                The {derived.wallNames[addition.end].toLowerCase()} runs parallel to the old wall’s best line,{' '}
                <Measure inches={addition.clearIn} feet={false} /> clear where the wall is proudest; the eave strings
                stand square to that line.
              </>
            ) : (
              <>
                The ledger runs straight and touches the wall where it is proudest; the new row stands{' '}
                <Measure inches={pack.offIn} /> off the ledger line, so its skin runs true.
              </>
            )}{' '}
            The wall strays <Measure inches={pack.line.worstIn} feet={false} /> from its best line, which turns{' '}
            <Measure inches={Math.abs(pack.turnIn10Ft)} feet={false} /> in 10 feet. Square when both diagonals of{' '}
            <Measure inches={pack.alongIn} /> by{' '}
            <Measure inches={addition.kind === 'wing' ? derived.grid.lengthIn : pack.offIn} /> read{' '}
            <b>
              <Measure inches={pack.diagonalIn} />
            </b>
            .
          </p>
        </>
      ) : (
        <p className="note">Two offsets at different places give a line. Without them the wall is taken as straight.</p>
      )}
    </div>
  )
}
