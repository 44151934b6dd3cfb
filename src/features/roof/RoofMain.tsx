'use client'
import { slopeLengthIn } from '@/core/layout'
import { PITCH_RUN_IN } from '@/core/units'
import { Segments } from '@/ui'
import { elevationOf, Materials, useSize, useViewport, ZoomButtons } from '../drawing'
import { useDoc, useView } from '../job'
import { EaveView } from './EaveView'
import { SlopeView } from './SlopeView'

type View = 'south' | 'north' | 'slope'

/** So much of the roof's rise is in sight over an eave, inches: the trusses' ends, not their tops. */
const RISE_SHOWN_IN = 120

/** Which eave or slope is looked at. */
function RoofChoice({ view, onView }: { readonly view: View; readonly onView: (view: View) => void }) {
  const { wallNames } = useDoc().derived
  return (
    <div className="wh">
      <h2>Roof</h2>
      <p>{view === 'slope' ? 'one slope, seen square on' : 'eave from outside: trusses at their real places'}</p>
      <span className="spacer" />
      <Segments
        label="Roof view"
        value={view}
        choices={[
          { value: 'south', label: `${wallNames.south.replace(' wall', '')} eave` },
          { value: 'north', label: `${wallNames.north.replace(' wall', '')} eave` },
          { value: 'slope', label: 'Purlins' },
        ]}
        onChange={onView}
      />
    </div>
  )
}

/**
 * One eave from outside with the trusses' real places and what carries them; or one slope square on, with its purlin
 * rows.
 */
export function RoofMain() {
  const { job, derived } = useDoc()
  const [view, setView] = useView<View>('roof', 'view', ['south', 'north', 'slope'])
  const [ref, size] = useSize<SVGSVGElement>()
  const { building } = job
  const { lengthIn, widthIn } = derived.grid
  const slopeIn = slopeLengthIn(building, derived.grid)
  const riseIn = Math.min(RISE_SHOWN_IN, ((widthIn / 2) * building.pitchPer12) / PITCH_RUN_IN)
  const along = { x0: -building.gableOverhangIn, x1: lengthIn + building.gableOverhangIn }
  const viewport = useViewport(
    ref,
    size,
    view === 'slope' ? { ...along, y0: 0, y1: slopeIn } : { ...along, y0: -30, y1: building.heelIn + riseIn },
    { left: 84, right: view === 'slope' ? 122 : 84, top: 74, bottom: 46 },
  )
  const drawn = elevationOf(viewport, lengthIn, view === 'north', size.width)
  return (
    <>
      <RoofChoice view={view} onView={setView} />
      <svg
        ref={ref}
        className="drawing"
        role="group"
        aria-label={view === 'slope' ? 'Roof slope with purlin rows' : 'Eave elevation with trusses'}
        {...viewport.gestures()}
      >
        <Materials />
        {view === 'slope' ? (
          <SlopeView drawn={drawn} slopeIn={slopeIn} />
        ) : (
          <EaveView drawn={drawn} side={view} riseIn={riseIn} />
        )}
      </svg>
      <ZoomButtons viewport={viewport} />
    </>
  )
}
