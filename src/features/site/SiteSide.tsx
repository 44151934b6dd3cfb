'use client'
import { UNIT_SYSTEMS } from '@/core/units'
import { STANDING_NOTE, UNITS } from '@/formats/words'
import { ChoiceField } from '@/ui'
import { useDoc, useJobPart } from '../job'
import { GroundFields, HazardFields, WeightFields } from './SiteFields'

/** Site hazards and the ground. Nothing here is ever assumed: an empty field stays empty and says what waits for it. */
export function SiteSide() {
  const { job, derived, edit } = useDoc()
  const { part: site, put, done } = useJobPart('site')
  return (
    <>
      <h2>Site</h2>
      <p className="note mt-1 mb-2">
        {derived.missing.length
          ? `${derived.missing.length} still to enter; until then nothing is checked.`
          : 'From the official, for this address.'}
      </p>
      <ChoiceField
        label="Lengths in"
        name="units"
        value={job.units}
        choices={UNIT_SYSTEMS.map((value) => ({ value, label: UNITS[value] }))}
        onChange={(units) => edit('units', (now) => ({ ...now, units }))}
      />
      <HazardFields site={site} put={put} done={done} derived={derived} />
      <GroundFields site={site} put={put} done={done} edit={edit} />
      <WeightFields site={site} put={put} derived={derived} done={done} />
      <p className="note">{STANDING_NOTE}</p>
    </>
  )
}
