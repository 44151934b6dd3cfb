'use client'
import { surfaceOfJob } from '@/core/derive'
import type { PostGround } from '@/core/rules/hole/lowestGround'
import type { ShownDerived } from '@/formats/shown'
import type { Ground } from '@/core/model'
import { contourLines, contourStepIn, type Earthwork, earthwork, type Surface } from '@/core/terrain'
import { FT3_PER_YD3 } from '@/core/units'
import { spotsFromCsv } from '@/formats/csv'
import { ChoiceField, LengthField, Measure } from '@/ui'
import { useMemo, useRef, useState } from 'react'
import { useSize, useViewport, ZoomButtons } from '../drawing'
import { useLog, useMeasured } from '../field'
import { useDoc, useJob } from '../job'
import { ContourPlan } from './ContourPlan'
import { inch, KINDS, ROUND_IN } from './ground'
import { SpotFile, SpotPreview, SpotTable } from './Spots'
import { Ways } from './Ways'
import type { Issue } from '@/core/result'
import type { Post } from '@/core/layout'
import type { Obstruction } from '@/core/sizing'

/** Cut and fill under the building. */
function EarthworkTable({ work, surface }: { readonly work: Earthwork; readonly surface: Surface | null }) {
  return (
    <table className="tb" aria-label="Earthwork">
      <tbody>
        <tr>
          <td>Cut under the building</td>
          <td className="n">{(work.cutFt3 / FT3_PER_YD3).toFixed(1)} yd³</td>
        </tr>
        <tr>
          <td>Fill</td>
          <td className="n">{(work.fillFt3 / FT3_PER_YD3).toFixed(1)} yd³</td>
        </tr>
        <tr>
          <td>Ground there</td>
          <td className="n">
            {inch(work.lowestIn)} to {inch(work.highestIn)}
          </td>
        </tr>
        <tr>
          <td>Steepest</td>
          <td className="n">{(surface?.steepestPer12 ?? 0).toFixed(2)} in 12</td>
        </tr>
      </tbody>
    </table>
  )
}

/** Ground and depth at each hole. */
function GroundAtHoles({
  posts,
  derived,
}: {
  readonly posts: { p: Post; at: PostGround | undefined }[]
  readonly derived: ShownDerived
}) {
  return (
    <>
      <h3 className="mt-3 mb-1">Ground at each hole</h3>
      <table className="tb" aria-label="Ground at each hole">
        <thead>
          <tr>
            <th>post</th>
            <th className="n">ground</th>
            <th className="n">lowest beside</th>
            <th className="n">dig from it</th>
          </tr>
        </thead>
        <tbody>
          {posts.map(
            ({ p: post, at }) =>
              at && (
                <tr key={post.id}>
                  <td>
                    <b>{post.id}</b>
                  </td>
                  <td className="n">
                    {at.groundIn > 0 ? '+' : ''}
                    <Measure inches={at.groundIn} feet={false} />
                  </td>
                  <td className="n">
                    <Measure inches={at.lowestIn} feet={false} />
                  </td>
                  <td className="n">
                    <Measure
                      inches={Math.max(
                        0,
                        (derived.holes.find((hole) => hole.postIds.includes(post.id))?.digIn ?? 0) + at.groundIn,
                      )}
                    />
                  </td>
                </tr>
              ),
          )}
        </tbody>
      </table>
    </>
  )
}

/** An obstruction, and the ways round it. */
function ThingFields({
  obstruction,
  i,
  thingAt,
  done,
  put,
}: {
  readonly obstruction: Obstruction
  readonly i: number
  readonly thingAt: (i: number, change: Partial<Ground['obstructions'][number]>) => readonly Issue[]
  readonly done: () => void
  readonly put: (name: string, change: (ground: Ground) => Ground, gesture?: string) => readonly Issue[]
}) {
  return (
    <section
      aria-label={`${obstruction.kind} ${i + 1}`}
      className="mb-2"
      style={{ borderTop: '1px solid var(--paper-line)', paddingTop: 6 }}
    >
      <ChoiceField
        label="What"
        value={obstruction.kind}
        choices={KINDS}
        onChange={(k) => {
          thingAt(i, { kind: k, clearIn: k === 'buried line' ? 24 : obstruction.clearIn })
        }}
      />
      <LengthField
        label="East of the corner"
        value={obstruction.xIn}
        onChange={(x) => thingAt(i, { xIn: x })}
        onDone={done}
      />
      <LengthField label="North of it" value={obstruction.yIn} onChange={(x) => thingAt(i, { yIn: x })} onDone={done} />
      <LengthField
        label="Half its width"
        feet={false}
        value={obstruction.radiusIn}
        onChange={(x) => thingAt(i, { radiusIn: x })}
        onDone={done}
      />
      <LengthField
        label="Clearance to keep"
        feet={false}
        value={obstruction.clearIn}
        onChange={(x) => thingAt(i, { clearIn: x })}
        onDone={done}
      />
      {obstruction.kind === 'buried line' && (
        <div className="caution">
          Have it located and marked before any digging. Dig by hand within 24″ of the marks, or the distance its owner
          asks for.
        </div>
      )}
      <Ways index={i} />
      <button
        type="button"
        className="btn btn-light btn-sm mt-1"
        onClick={() => {
          put('obstruction taken out', (ground) => ({
            ...ground,
            obstructions: ground.obstructions.filter((_, k) => k !== i),
          }))
        }}
      >
        Take out
      </button>
    </section>
  )
}

/** The lie of the land: contours under the plan, spot heights, cut and fill to the pad, what is in the way. */
export function GroundView() {
  const { job, derived, edit, done } = useDoc()
  const pickPost = useJob((state) => state.pick)
  const { rods } = useMeasured(job, derived)
  const grounds = useLog((log) => log.levels.grounds)
  const [ref, size] = useSize<SVGSVGElement>()
  const file = useRef<HTMLInputElement>(null)
  const [seen, setSeen] = useState<ReturnType<typeof spotsFromCsv> | null>(null)
  const ground = job.ground
  const { lengthIn, widthIn } = derived.grid
  const box = useMemo(
    () => ({ x0: -ROUND_IN, y0: -ROUND_IN, x1: lengthIn + ROUND_IN, y1: widthIn + ROUND_IN }),
    [lengthIn, widthIn],
  )
  const surface = useMemo(() => surfaceOfJob({ ...job, ground }), [job, ground])
  const lines = useMemo(() => {
    if (!surface) return []
    const all = surface.spots.map((spot) => spot.heightIn)
    return contourLines(surface, box, contourStepIn(Math.max(...all) - Math.min(...all)))
  }, [surface, box])
  const work = useMemo(
    () => (surface ? earthwork(surface, { x0: 0, y0: 0, x1: lengthIn, y1: widthIn }, ground.padIn) : null),
    [surface, lengthIn, widthIn, ground.padIn],
  )
  const viewport = useViewport(ref, size, box, { left: 40, right: 64, top: 30, bottom: 30 })
  const put = (name: string, change: (ground: Ground) => Ground, gesture?: string) =>
    edit(name, (job) => ({ ...job, ground: change(job.ground) }), gesture)
  // What phones read at spots, in heights above the grade line.
  const read =
    rods.gradeReadingIn === null
      ? []
      : Object.values(grounds).flatMap((reading) => {
          const id = reading.target.replace('spot-', '')
          const spot = ground.spots.find((spot) => spot.id === id)
          const heightIn = (rods.gradeReadingIn ?? 0) - reading.inches
          return spot && spot.heightIn !== heightIn ? [{ id, heightIn }] : []
        })
  const nextId = () => {
    let next = ground.spots.length + 1
    while (ground.spots.some((spot) => spot.id === `S${next}`)) next++
    return `S${next}`
  }
  const spotAt = (i: number, change: Partial<Ground['spots'][number]>) =>
    put(
      'spot height',
      (ground) => ({ ...ground, spots: ground.spots.map((spot, k) => (k === i ? { ...spot, ...change } : spot)) }),
      `spot-${i}`,
    )
  const thingAt = (i: number, change: Partial<Ground['obstructions'][number]>) =>
    put(
      'obstruction',
      (ground) => ({
        ...ground,
        obstructions: ground.obstructions.map((obstruction, k) =>
          k === i ? { ...obstruction, ...change } : obstruction,
        ),
      }),
      `thing-${i}`,
    )
  const posts = derived.ground ? derived.posts.map((post) => ({ p: post, at: derived.ground?.[post.id] })) : []
  return (
    <div className="position-absolute d-flex" style={{ inset: '44px 0 0' }}>
      <div style={{ position: 'relative', flex: '1 1 0', minWidth: 0 }}>
        <ContourPlan
          ref={ref}
          viewport={viewport}
          lines={lines}
          widthIn={widthIn}
          lengthIn={lengthIn}
          ground={ground}
          derived={derived}
          pickPost={pickPost}
        />
        <ZoomButtons viewport={viewport} />
      </div>
      <div
        className="narrow"
        style={{ width: 372, overflowY: 'auto', overflowX: 'hidden', padding: '0 12px 20px 8px' }}
      >
        <LengthField
          label="Pad above the grade line"
          name="padIn"
          feet={false}
          value={ground.padIn}
          onChange={(x, k) => put('pad level', (ground) => ({ ...ground, padIn: x }), `pad-${k}`)}
          onDone={done}
        />
        {work ? (
          <EarthworkTable work={work} surface={surface} />
        ) : (
          <p className="note">
            Three spot heights make a surface. Until then the ground is taken as level at the grade line.
          </p>
        )}
        {work && work.guessed > 0 && (
          <p className="note">
            {Math.round(work.guessed * 100)}% of the pad lies outside the spots: their edge is taken there.
          </p>
        )}
        {surface && surface.steepestPer12 > 1 && (
          <div className="caution" role="alert">
            {surface.steepestPer12 > 4
              ? 'Over 1 in 3: setbacks from slopes apply and are not sized here. Take it to an engineer.'
              : 'The ground falls more than 1 in 12: keep machines off the edge, and look at the depth of every ' +
                'hole below.'}{' '}
            Fill that is not compacted carries nothing, down or sideways.
          </div>
        )}
        <h3 className="mt-2 mb-1">Spot heights</h3>
        <SpotTable ground={ground} spotAt={spotAt} done={done} put={put} />
        <SpotFile
          put={put}
          nextId={nextId}
          lengthIn={lengthIn}
          widthIn={widthIn}
          file={file}
          setSeen={setSeen}
          read={read}
        />
        {seen && <SpotPreview seen={seen} put={put} setSeen={setSeen} />}
        <h3 className="mt-2 mb-1">In the way</h3>
        {ground.obstructions.map((obstruction, i) => (
          <ThingFields key={obstruction.id} obstruction={obstruction} i={i} thingAt={thingAt} done={done} put={put} />
        ))}
        <button
          type="button"
          className="btn btn-light btn-sm"
          onClick={() => {
            put('obstruction', (ground) => ({
              ...ground,
              obstructions: [
                ...ground.obstructions,
                {
                  id: `ob-${Date.now().toString(36)}`,
                  kind: 'stump',
                  xIn: derived.posts[Math.min(2, derived.posts.length - 1)].x,
                  yIn: derived.posts[Math.min(2, derived.posts.length - 1)].y,
                  radiusIn: 12,
                  clearIn: 0,
                  decided: '',
                  why: '',
                },
              ],
            }))
          }}
        >
          Add what is in the way
        </button>
        {posts.length > 0 && <GroundAtHoles posts={posts} derived={derived} />}
      </div>
    </div>
  )
}
