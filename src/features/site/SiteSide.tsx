'use client'
import { EXPOSURES, RISKS, SNOW_EXPOSURES, SOILS, THERMALS, type Job } from '@/core/model'
import { SOIL, STANDING_NOTE, THERMAL } from '@/formats/words'
import { ChoiceField, NumberField, OptionalLengthField, ToggleField } from '@/ui'
import { useDoc } from '../job'

const same = <T extends string>(list: readonly T[], words?: Readonly<Record<T, string>>) => list.map((value) => ({ value, label: words ? words[value] : value }))

/** Site hazards and the ground. Nothing here is ever assumed: an empty field stays empty and says what waits for it. */
export function SiteSide() {
  const { job, derived, edit, done } = useDoc()
  const s = job.site
  const put = <K extends keyof Job['site']>(key: K, label: string) => (v: Job['site'][K], gesture?: string) => edit(`${label}`, (j) => ({ ...j, site: { ...j.site, [key]: v } }), gesture && `${key}-${gesture}`)
  return (
    <>
      <h2>Site</h2>
      <p className="note mt-1 mb-2">{derived.missing.length ? `${derived.missing.length} still to enter; until then nothing is checked.` : 'From the official, for this address.'}</p>
      <section className="grp" aria-label="Snow and wind">
        <NumberField label="Ground snow" name="groundSnowPsf" unit="psf" value={s.groundSnowPsf} onChange={put('groundSnowPsf', 'ground snow')} onDone={done} placeholder="psf" />
        <ChoiceField label="Roof in the wind" value={s.snowExposure} choices={same(SNOW_EXPOSURES)} onChange={put('snowExposure', 'snow exposure')} />
        <ChoiceField label="Heat" value={s.thermal} choices={same(THERMALS, THERMAL)} onChange={put('thermal', 'thermal condition')} />
        <ToggleField label="Slippery roof, snow slides off" value={s.slipperyRoof} onChange={(v) => put('slipperyRoof', 'slippery roof')(v)} />
        <NumberField label="Basic wind speed" name="windMph" unit="mph" value={s.windMph} onChange={put('windMph', 'wind speed')} onDone={done} placeholder="mph" />
        <ChoiceField label="Exposure" value={s.exposure ?? ''} choices={[{ value: 'B', label: 'B woods, town' }, { value: 'C', label: 'C open fields' }, { value: 'D', label: 'D open water' }].filter((c) => EXPOSURES.includes(c.value as 'B')) as { value: 'B' | 'C' | 'D'; label: string }[]} onChange={put('exposure', 'exposure')} />
        <ChoiceField label="Risk category" value={s.risk} choices={same(RISKS)} onChange={put('risk', 'risk category')} />
        <NumberField label="Elevation" unit="ft" value={s.elevationFt} onChange={put('elevationFt', 'elevation')} onDone={done} />
        <NumberField label="True north, clockwise" unit="°" value={s.northDeg} onChange={put('northDeg', 'north')} onDone={done} />
      </section>
      <section className="grp" aria-label="Ground">
        <h3>Ground</h3>
        <OptionalLengthField label="Frost depth" name="frostIn" value={s.frostIn} onChange={put('frostIn', 'frost depth')} onDone={done} placeholder={`48"`} />
        <ChoiceField label="Soil" name="soil" value={s.soil ?? ''} choices={same(SOILS, SOIL)} onChange={(v) => edit('soil', (j) => ({ ...j, site: { ...j.site, soil: v } }))} hint={s.soil === '5' ? 'Clay: the official may ask for a report.' : undefined} />
        {s.soil === 'own' && <><NumberField label="Bearing" unit="psf" value={s.ownBearingPsf} onChange={put('ownBearingPsf', 'own bearing')} onDone={done} /><NumberField label="Lateral, a foot deep" unit="psf/ft" value={s.ownLateralPsfPerFt} onChange={put('ownLateralPsfPerFt', 'own lateral')} onDone={done} /></>}
        <ToggleField label="½″ of motion does no harm" hint="Lateral soil value doubled (IBC 1806.3.4). Not for finished or masonry walls." value={s.doubleLateral} onChange={(v) => put('doubleLateral', 'doubled lateral value')(v)} />
      </section>
      <section className="grp" aria-label="Roof weight">
        <h3>Roof weight</h3>
        <NumberField label="Greatest dead load" unit="psf" value={s.deadMaxPsf} onChange={put('deadMaxPsf', 'greatest dead load')} onDone={done} />
        <NumberField label="Least dead load" unit="psf" value={s.deadMinPsf} onChange={put('deadMinPsf', 'least dead load')} onDone={done} hint="What is certain to be there, against uplift." />
      </section>
      <p className="note">{STANDING_NOTE}</p>
    </>
  )
}
