'use client'
import type { ShownDerived } from '@/formats/shown'
import { ENCLOSURES, EXPOSURES, type Job, RISKS, SNOW_EXPOSURES, SOILS, THERMALS } from '@/core/model'
import { ENCLOSURE, SOIL, THERMAL } from '@/formats/words'
import { ChoiceField, NumberField, OptionalLengthField, OptionalNumberField, Quantity, ToggleField } from '@/ui'
import { type JobState, type PutPart, useDoc } from '../job'

/** Snow and wind. */
export function HazardFields({
  site,
  put,
  done,
  derived,
}: {
  readonly site: Job['site']
  readonly put: PutPart<Job['site']>
  readonly done: () => void
  readonly derived: ShownDerived
}) {
  return (
    <section className="grp" aria-label="Snow and wind">
      <OptionalNumberField
        label="Ground snow"
        name="groundSnowPsf"
        unit="psf"
        value={site.groundSnowPsf}
        onChange={put('groundSnowPsf', 'ground snow')}
        onDone={done}
        placeholder="psf"
      />
      <ChoiceField
        label="Roof in the wind"
        value={site.snowExposure}
        choices={same(SNOW_EXPOSURES)}
        onChange={put('snowExposure', 'snow exposure')}
      />
      <ChoiceField
        label="Heat"
        value={site.thermal}
        choices={same(THERMALS, THERMAL)}
        onChange={put('thermal', 'thermal condition')}
      />
      <ToggleField
        label="Slippery roof, snow slides off"
        value={site.slipperyRoof}
        onChange={(value) => put('slipperyRoof', 'slippery roof')(value)}
      />
      <OptionalNumberField
        label="Basic wind speed"
        name="windMph"
        unit="mph"
        value={site.windMph}
        onChange={put('windMph', 'wind speed')}
        onDone={done}
        placeholder="mph"
      />
      <ChoiceField
        label="Exposure"
        value={site.exposure ?? ''}
        choices={
          [
            { value: 'B', label: 'B woods, town' },
            { value: 'C', label: 'C open fields' },
            { value: 'D', label: 'D open water' },
          ].filter((choice) => EXPOSURES.includes(choice.value as 'B')) as { value: 'B' | 'C' | 'D'; label: string }[]
        }
        onChange={put('exposure', 'exposure')}
      />
      <ChoiceField
        label="Risk category"
        value={site.risk}
        choices={same(RISKS)}
        onChange={put('risk', 'risk category')}
      />
      <ChoiceField
        label="Enclosure"
        name="enclosure"
        value={site.enclosure}
        choices={same(ENCLOSURES, ENCLOSURE)}
        onChange={put('enclosure', 'enclosure')}
        hint={derived.site ? `${ENCLOSED[derived.site.enclosure.class]}: ${derived.site.enclosure.why}.` : undefined}
      />
      <ToggleField
        label="Doors rated for the wind"
        hint="Off: a door may stand open in the storm."
        value={site.doorsRated}
        onChange={(value) => put('doorsRated', 'rated doors')(value)}
      />
      <NumberField
        label="Topographic factor Kzt"
        value={site.kzt}
        onChange={put('kzt', 'topographic factor')}
        onDone={done}
        hint="1 on flat ground only (ASCE 7-16 26.8)."
      />
      <NumberField
        label="Elevation"
        unit="ft"
        value={site.elevationFt}
        onChange={put('elevationFt', 'elevation')}
        onDone={done}
      />
      <NumberField
        label="True north, clockwise"
        unit="°"
        value={site.northDeg}
        onChange={put('northDeg', 'north')}
        onDone={done}
      />
    </section>
  )
}

/** Frost, soil and slope. */
export function GroundFields({
  site,
  put,
  done,
  edit,
}: {
  readonly site: Job['site']
  readonly put: PutPart<Job['site']>
  readonly done: () => void
  readonly edit: JobState['edit']
}) {
  return (
    <section className="grp" aria-label="Ground">
      <h3>Ground</h3>
      <OptionalLengthField
        label="Frost depth"
        name="frostIn"
        value={site.frostIn}
        onChange={put('frostIn', 'frost depth')}
        onDone={done}
        placeholder="inches"
      />
      <ChoiceField
        label="Soil"
        name="soil"
        value={site.soil ?? ''}
        choices={same(SOILS, SOIL)}
        onChange={(value) => edit('soil', (job) => ({ ...job, site: { ...job.site, soil: value } }))}
        hint={site.soil === '5' ? 'Clay: the official may ask for a report.' : undefined}
      />
      {site.soil === 'own' && (
        <>
          <OptionalNumberField
            label="Bearing"
            unit="psf"
            value={site.ownBearingPsf}
            onChange={put('ownBearingPsf', 'own bearing')}
            onDone={done}
          />
          <OptionalNumberField
            label="Lateral, a foot deep"
            unit="psf/ft"
            value={site.ownLateralPsfPerFt}
            onChange={put('ownLateralPsfPerFt', 'own lateral')}
            onDone={done}
          />
        </>
      )}
      <NumberField
        label="Ground falls, a foot"
        unit="in"
        value={site.groundSlopePer12}
        onChange={put('groundSlopePer12', 'fall of the ground')}
        onDone={done}
        hint={site.groundSlopePer12 > 0 ? 'Embedment counts from the lowest ground beside the post.' : undefined}
      />
      <ToggleField
        label="Earthquake category D or above"
        value={site.highSeismic}
        onChange={(value) => put('highSeismic', 'seismic category')(value)}
      />
      <ToggleField
        label="½″ of motion does no harm"
        hint="Lateral soil value doubled (IBC 1806.3.4). Not for finished or masonry walls."
        value={site.doubleLateral}
        onChange={(value) => put('doubleLateral', 'doubled lateral value')(value)}
      />
    </section>
  )
}

/** Weight of the roof. */
export function WeightFields({
  site,
  put,
  derived,
  done,
}: {
  readonly site: Job['site']
  readonly put: PutPart<Job['site']>
  readonly derived: ShownDerived
  readonly done: () => void
}) {
  return (
    <section className="grp" aria-label="Roof weight">
      <h3>Roof weight</h3>
      <ChoiceField
        label="Entered"
        value={site.dead.by}
        choices={[
          { value: 'total', label: 'as a total' },
          { value: 'parts', label: 'by its parts' },
        ]}
        onChange={(value) =>
          put(
            'dead',
            'roof weight',
          )(
            value === 'total'
              ? { by: 'total', psf: derived.site?.dead.maxPsf ?? 5 }
              : { by: 'parts', skinPsf: 0.9, trussPsf: null, ceilingPsf: 0, otherPsf: 0 },
          )
        }
      />
      {site.dead.by === 'total' ? (
        <NumberField
          label="Greatest dead load"
          name="deadPsf"
          unit="psf"
          value={site.dead.psf}
          onChange={(value, gesture) => put('dead', 'greatest dead load')({ by: 'total', psf: value }, gesture)}
          onDone={done}
        />
      ) : (
        <DeadParts />
      )}
      <NumberField
        label="Least dead load"
        unit="psf"
        value={site.deadMinPsf}
        onChange={put('deadMinPsf', 'least dead load')}
        onDone={done}
        hint="What is certain to be there, against uplift."
      />
    </section>
  )
}

/** Roof dead load by its parts; the truss weight is its maker's business and has a default by spacing. */
function DeadParts() {
  const { job, derived, edit, done } = useDoc()
  const dead = job.site.dead
  if (dead.by !== 'parts') return null
  const put =
    (key: 'skinPsf' | 'trussPsf' | 'ceilingPsf' | 'otherPsf', label: string) =>
    (value: number | null, gesture?: string) =>
      edit(
        label,
        (job) => ({ ...job, site: { ...job.site, dead: { ...dead, [key]: value } } }),
        gesture && `dead-${key}-${gesture}`,
      )
  return (
    <>
      <NumberField
        label="Skin, on the slope"
        unit="psf"
        value={dead.skinPsf}
        onChange={put('skinPsf', 'skin weight')}
        onDone={done}
      />
      <OptionalNumberField
        label="Trusses"
        unit="psf"
        value={dead.trussPsf}
        placeholder="by the standard"
        onChange={put('trussPsf', 'truss weight')}
        onDone={done}
        hint="From their maker; empty takes the default for their spacing."
      />
      <NumberField
        label="Ceiling"
        unit="psf"
        value={dead.ceilingPsf}
        onChange={put('ceilingPsf', 'ceiling weight')}
        onDone={done}
      />
      <NumberField
        label="Anything else"
        unit="psf"
        value={dead.otherPsf}
        onChange={put('otherPsf', 'other weight')}
        onDone={done}
      />
      {derived.site && (
        <p className="note">
          With purlins: <Quantity value={derived.site.dead.maxPsf} kind="psf" decimals={2} /> of plan.
        </p>
      )}
    </>
  )
}
const ENCLOSED = { partially: 'Partially enclosed', open: 'Open', enclosed: 'Enclosed' } as const
const same = <T extends string>(list: readonly T[], words?: Readonly<Record<T, string>>) =>
  list.map((value) => ({ value, label: words ? words[value] : value }))
