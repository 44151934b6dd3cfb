'use client'
import { girtFaceIn, isEave, rafterHeightIn, wallLengthIn, wallPosts, alongWall } from '@/core/layout'
import { SIDES } from '@/core/model'
import { OPENING } from '@/formats/words'
import { Segments, SvgMeasure } from '@/ui'
import { Materials, Note, useSize, useViewport, Wax, ZoomButtons } from '../drawing'
import { useDoc, useJob } from '../job'

/** Rows whose labels have room, `gapIn` apart on the wall: the picked one first, then from the heel down. */
function withRoom(
  rows: readonly { readonly id: string; readonly topIn: number }[],
  picked: string | null,
  gapIn: number,
): ReadonlySet<string> {
  const kept: { id: string; topIn: number }[] = []
  for (const r of [...rows].sort((a, b) => Number(b.id === picked) - Number(a.id === picked) || b.topIn - a.topIn))
    if (kept.every((k) => Math.abs(k.topIn - r.topIn) >= gapIn)) kept.push(r)
  return new Set(kept.map((k) => k.id))
}

/** One wall from outside with its skin off: posts, girt rows, openings, splices, skirt. */
export function WallsMain() {
  const { job, derived: d } = useDoc()
  const picked = useJob((s) => s.picked)
  const pick = useJob((s) => s.pick)
  const [ref, size] = useSize<SVGSVGElement>()
  const side = picked.wall
  const wall = d.walls[side]
  const b = job.building
  const length = wallLengthIn(d.grid, side)
  const peak = isEave(side) ? b.heelIn : rafterHeightIn(b, d.grid.widthIn / 2)
  const deep = Math.max(...d.holes.map((h) => h.depthIn))
  const v = useViewport(
    ref,
    size,
    { x0: 0, y0: -deep * 0.72, x1: length, y1: peak },
    { left: 92, right: 108, top: 74, bottom: 34 },
  )
  // From outside, a wall's low corner is at the left on the south and east walls, at the right on the other two.
  const flip = side === 'north' || side === 'west'
  const X = (at: number) => v.X(flip ? length - at : at)
  const Y = v.Y
  const s = v.view.s
  const box = (from: number, to: number) => ({ x: Math.min(X(from), X(to)), width: Math.abs(to - from) * s })
  const face = girtFaceIn(b)
  const posts = wallPosts(d.posts, side)
  const supports = posts.map((p) => ({ p, ...alongWall(p, side) }))
  const [named, measured] = [
    withRoom(wall.rows, picked.row, 13 / s),
    withRoom(
      wall.rows.filter((r) => r.landing || r.id === picked.row),
      picked.row,
      19 / s,
    ),
  ]
  return (
    <>
      <div className="wh">
        <h2>{wall.name}</h2>
        <p>from outside, skin off</p>
        <span className="spacer" />
        <Segments
          label="Wall"
          value={side}
          choices={SIDES.map((k) => ({ value: k, label: d.wallNames[k].replace(' wall', '') }))}
          onChange={(k) => pick({ wall: k, row: null, mark: null })}
        />
      </div>
      <svg ref={ref} className="drawing" role="group" aria-label={`${wall.name} elevation`} onPointerDown={v.pan}>
        <Materials />
        <rect x={-2000} y={Y(0)} width={6000} height={2000} fill="url(#earth)" pointerEvents="none" />
        {!isEave(side) && (
          <path
            d={`M${X(-b.eaveOverhangIn)} ${Y(b.heelIn - (b.eaveOverhangIn * b.pitchPer12) / 12)}L${X(length / 2)} ${Y(peak)}L${X(length + b.eaveOverhangIn)} ${Y(b.heelIn - (b.eaveOverhangIn * b.pitchPer12) / 12)}`}
            fill="none"
            stroke="var(--galv-4)"
            strokeWidth={4}
          />
        )}
        {isEave(side) && (
          <rect
            x={X(flip ? length : 0) - 10}
            y={Y(b.heelIn) - 26}
            width={length * s + 20}
            height={26}
            fill="var(--galv-1)"
            stroke="var(--galv-3)"
            pointerEvents="none"
          />
        )}
        {isEave(side) && (
          <Note x={(X(0) + X(length)) / 2} y={Y(b.heelIn) - 8} size={12.5} anchor="middle" fill="var(--ink-2)">
            roof {Number(b.pitchPer12.toFixed(2))}:12, trusses over the posts
          </Note>
        )}
        {supports.map(({ p, atIn, halfIn }) => {
          const hole = d.holes.find((h) => h.kind === p.kind)
          const foot = hole?.embedIn ?? 0
          return (
            <g key={p.id} pointerEvents="none">
              {hole && (
                <rect
                  {...box(atIn - hole.diameterIn / 2, atIn + hole.diameterIn / 2)}
                  y={Y(0)}
                  height={hole.depthIn * s}
                  fill="#EDE4D0"
                  stroke="#A8966F"
                  strokeDasharray="4 3"
                />
              )}
              {hole && (
                <rect
                  {...box(atIn - hole.diameterIn / 2, atIn + hole.diameterIn / 2)}
                  y={Y(-(b.school === 'pier' ? -b.bracketIn : foot))}
                  height={(b.school === 'pier' ? hole.depthIn + b.bracketIn : b.padThicknessIn) * s}
                  fill="url(#concrete)"
                  stroke="var(--galv-4)"
                />
              )}
              <rect
                {...box(atIn - halfIn, atIn + halfIn)}
                y={Y(p.heightIn)}
                height={(p.heightIn + (b.school === 'pier' ? -b.bracketIn : foot)) * s}
                fill={p.id === picked.post ? 'var(--burr-wash)' : 'url(#wood)'}
                stroke="var(--lumber-4)"
              />
            </g>
          )
        })}
        {d.placed
          .filter((o) => o.opening.side === side)
          .map((o) => (
            <g key={o.opening.id} pointerEvents="none">
              <rect
                {...box(o.fromIn, o.toIn)}
                y={Y(o.headIn)}
                height={(o.headIn - o.sillIn) * s}
                fill="#DDE6E6"
                stroke="var(--ink-2)"
                strokeWidth={1.4}
              />
              {(o.toIn - o.fromIn) * s > 44 && (
                <Note
                  x={X((o.fromIn + o.toIn) / 2)}
                  y={Y((o.headIn + o.sillIn) / 2) + 4}
                  size={12.5}
                  anchor="middle"
                  fill="var(--ink-2)"
                >
                  {o.opening.name || OPENING[o.opening.kind]}
                </Note>
              )}
            </g>
          ))}
        {wall.rows.map((r) => {
          const on = picked.row === r.id
          return (
            <g
              key={r.id}
              data-row={r.id}
              onClick={() => pick({ row: r.id, mark: r.id })}
              onPointerDown={(e) => e.stopPropagation()}
              style={{ cursor: 'pointer' }}
            >
              {r.segments.map((g, i) => (
                <rect
                  key={i}
                  {...box(g.fromIn, g.toIn)}
                  y={Y(r.topIn)}
                  height={Math.max(3, face * s)}
                  fill={on ? 'var(--ochre)' : '#F2CE6E'}
                  stroke={on ? 'var(--burr)' : 'var(--ochre-ink)'}
                  strokeWidth={on ? 2.2 : 0.9}
                />
              ))}
              {b.girts.style !== 'between' &&
                wall.pieces
                  .filter((p) => p.row === r.id)
                  .map((p, i) =>
                    p.toIn < length - 1 && r.segments.every((g) => Math.abs(g.toIn - p.toIn) > 1) ? (
                      <rect
                        key={i}
                        x={X(p.toIn) - 1.5}
                        y={Y(r.topIn) - 1}
                        width={3}
                        height={Math.max(4, face * s + 2)}
                        fill="var(--ink)"
                      />
                    ) : null,
                  )}
              {named.has(r.id) && (
                <Note
                  x={Math.min(X(0), X(length)) - 12}
                  y={Y(r.topIn) + Math.max(6, face * s * 0.8)}
                  size={13}
                  weight={700}
                  anchor="end"
                  fill={on ? 'var(--burr-deep)' : 'var(--ochre-ink)'}
                  halo="var(--paper)"
                >
                  {r.id}
                </Note>
              )}
              {measured.has(r.id) && (
                <SvgMeasure
                  x={Math.max(X(0), X(length)) + 12}
                  y={Y(r.topIn) + 6}
                  inches={r.topIn}
                  size={15}
                  weight={700}
                  fill={on ? 'var(--burr-deep)' : r.landing === 'heel' ? 'var(--keel-ink)' : 'var(--ink)'}
                  ground="var(--paper)"
                />
              )}
            </g>
          )
        })}
        {b.skirt.depthIn > 0 && (
          <rect
            {...box(0, length)}
            y={Y(b.skirt.topIn)}
            height={b.skirt.depthIn * s}
            fill="var(--galv-3)"
            stroke="var(--galv-4)"
            opacity={0.85}
            pointerEvents="none"
          />
        )}
        <Wax x1={-40} y1={Y(0)} x2={(size.width || 900) + 40} y2={Y(0)} color="var(--grade)" width={5} />
        {isEave(side) && (
          <line
            x1={Math.min(X(0), X(length)) - 8}
            x2={Math.max(X(0), X(length)) + 8}
            y1={Y(b.heelIn)}
            y2={Y(b.heelIn)}
            stroke="var(--keel)"
            strokeWidth={2.4}
            pointerEvents="none"
          />
        )}
        {supports.map(({ p, atIn }, i) => {
          const on = p.id === picked.post
          const low = i > 0 && Math.abs(X(atIn) - X(supports[i - 1].atIn)) < 30 ? 22 : 0
          return (
            <g
              key={p.id}
              role="button"
              tabIndex={0}
              aria-label={`post ${p.id}`}
              onClick={() => pick({ post: p.id })}
              onKeyDown={(e) => {
                if (e.key === 'Enter') pick({ post: p.id })
              }}
              onPointerDown={(e) => e.stopPropagation()}
              style={{ cursor: 'pointer' }}
            >
              <rect
                x={X(atIn) - 15}
                y={Y(0) + 9 + low}
                width={30}
                height={19}
                rx={2}
                fill={on ? 'var(--burr)' : p.kind === 'jamb' ? 'var(--galv-4)' : 'var(--ink)'}
              />
              <Note x={X(atIn)} y={Y(0) + 23 + low} size={13} weight={700} anchor="middle" fill="#fff">
                {p.id}
              </Note>
            </g>
          )
        })}
      </svg>
      <ZoomButtons viewport={v} />
    </>
  )
}
