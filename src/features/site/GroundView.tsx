'use client'
import { named } from '@/core/layout'
import { surfaceOfJob } from '@/core/derive'
import type { Derived } from '@/core/derive'
import { contourLines, contourStepIn, earthwork, type Surface } from '@/core/terrain'
import { fixed, FT3_PER_YD3 } from '@/core/units'
import { DataTable, Length, LengthField, Measure, Quantity } from '@/ui'
import { useMemo } from 'react'
import { useSize, useViewport, ZoomButtons } from '../drawing'
import { useDoc, useJob, useJobPart } from '../job'
import { ContourPlan } from './ContourPlan'
import { ROUND_IN } from './ground'
import { Obstructions } from './Obstructions'
import { Spots } from './Spots'

/** Slopes past which the ground needs a look, and past which an engineer's, inches of fall in 12. */
const STEEP_PER12 = 1
const TOO_STEEP_PER12 = 4

/** Cut and fill under the building. */
function EarthworkTable({ surface }: { readonly surface: Surface }) {
  const { derived } = useDoc()
  const { part: ground } = useJobPart('ground')
  const { lengthIn, widthIn } = derived.grid
  const work = useMemo(
    () => earthwork(surface, { x0: 0, y0: 0, x1: lengthIn, y1: widthIn }, ground.padIn),
    [surface, lengthIn, widthIn, ground.padIn],
  )
  return (
    <>
      <table className="tb" aria-label="Earthwork">
        <tbody>
          <tr>
            <td>Cut under the building</td>
            <td className="n">
              <Quantity value={work.cutFt3 / FT3_PER_YD3} kind="yd3" decimals={1} />
            </td>
          </tr>
          <tr>
            <td>Fill</td>
            <td className="n">
              <Quantity value={work.fillFt3 / FT3_PER_YD3} kind="yd3" decimals={1} />
            </td>
          </tr>
          <tr>
            <td>Ground there</td>
            <td className="n">
              <Length inches={work.lowestIn} feet={false} /> to <Length inches={work.highestIn} feet={false} />
            </td>
          </tr>
          <tr>
            <td>Steepest</td>
            <td className="n">{fixed(surface.steepestPer12, 2)} in 12</td>
          </tr>
        </tbody>
      </table>
      {work.guessed > 0 && (
        <p className="note">
          {Math.round(work.guessed * 100)}% of the pad lies outside the spots: their edge is taken there.
        </p>
      )}
      {surface.steepestPer12 > STEEP_PER12 && (
        <div className="caution" role="alert">
          {surface.steepestPer12 > TOO_STEEP_PER12
            ? 'Over 1 in 3: setbacks from slopes apply and are not sized here. Take it to an engineer.'
            : 'The ground falls more than 1 in 12: keep machines off the edge, and look at the depth of every ' +
              'hole below.'}{' '}
          Fill that is not compacted carries nothing, down or sideways.
        </div>
      )}
    </>
  )
}

/** Ground and depth at each hole. */
function GroundAtHoles({ derived }: { readonly derived: Pick<Derived, 'ground' | 'posts' | 'holes'> }) {
  const { ground } = derived
  if (!ground) return null
  const rows = derived.posts.flatMap((post) => {
    const at = ground[post.id]
    const hole = derived.holes.find((hole) => hole.postIds.includes(post.id))
    return at ? [{ ...named(post), ...at, digFromIn: Math.max(0, (hole?.digIn ?? 0) + at.groundIn) }] : []
  })
  if (rows.length === 0) return null
  return (
    <>
      <h3 className="mt-3 mb-1">Ground at each hole</h3>
      <DataTable
        name="Ground at each hole"
        rows={rows}
        rowKey={(row) => row.id}
        columns={[
          { id: 'post', head: 'post', cell: (row) => <b>{row.name}</b> },
          {
            id: 'ground',
            head: 'ground',
            figures: true,
            cell: (row) => (
              <>
                {row.groundIn > 0 ? '+' : ''}
                <Measure inches={row.groundIn} feet={false} />
              </>
            ),
          },
          {
            id: 'lowest',
            head: 'lowest beside',
            figures: true,
            cell: (row) => <Measure inches={row.lowestIn} feet={false} />,
          },
          { id: 'dig', head: 'dig from it', figures: true, cell: (row) => <Measure inches={row.digFromIn} /> },
        ]}
      />
    </>
  )
}

/** Contours of the ground under the plan. */
function ContourPane({ surface }: { readonly surface: Surface | null }) {
  const { derived } = useDoc()
  const { part: ground } = useJobPart('ground')
  const pickPost = useJob((state) => state.pick)
  const [ref, size] = useSize<SVGSVGElement>()
  const { lengthIn, widthIn } = derived.grid
  const box = useMemo(
    () => ({ x0: -ROUND_IN, y0: -ROUND_IN, x1: lengthIn + ROUND_IN, y1: widthIn + ROUND_IN }),
    [lengthIn, widthIn],
  )
  const lines = useMemo(() => {
    if (!surface) return []
    const all = surface.spots.map((spot) => spot.heightIn)
    return contourLines(surface, box, contourStepIn(Math.max(...all) - Math.min(...all)))
  }, [surface, box])
  const viewport = useViewport(ref, size, box, { left: 40, right: 64, top: 30, bottom: 30 })
  return (
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
  )
}

/** The lie of the land: contours under the plan, spot heights, cut and fill to the pad, what is in the way. */
export function GroundView() {
  const { job, derived } = useDoc()
  const { part: ground, change: changeGround, done } = useJobPart('ground')
  const surface = useMemo(() => surfaceOfJob({ ...job, ground }), [job, ground])
  return (
    <div className="position-absolute d-flex" style={{ inset: '44px 0 0' }}>
      <ContourPane surface={surface} />
      <div
        className="narrow"
        style={{ width: 372, overflowY: 'auto', overflowX: 'hidden', padding: '0 12px 20px 8px' }}
      >
        <LengthField
          label="Pad above the grade line"
          name="padIn"
          feet={false}
          value={ground.padIn}
          onChange={(padIn, gesture) => changeGround('pad level', (ground) => ({ ...ground, padIn }), `pad-${gesture}`)}
          onDone={done}
        />
        {surface ? (
          <EarthworkTable surface={surface} />
        ) : (
          <p className="note">
            Three spot heights make a surface. Until then the ground is taken as level at the grade line.
          </p>
        )}
        <Spots />
        <Obstructions />
        <GroundAtHoles derived={derived} />
      </div>
    </div>
  )
}
