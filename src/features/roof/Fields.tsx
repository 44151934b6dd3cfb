'use client'
import { NAILS } from '@/core/joints'
import { CEILINGS, PURLIN_RUNS, PURLIN_STYLES } from '@/core/model'
import { CEILING, PURLIN_RUN, PURLIN_STYLE } from '@/formats/words'
import { ChoiceField, LengthField, ToggleField } from '@/ui'
import { boardChoices, lumberChoices, useDoc, usePart, useSubPart } from '../job'

export const nails = NAILS.map((nail) => ({ value: nail.id, label: nail.name }))
export const BOLTS = [
  { value: '0.5', label: '1/2″' },
  { value: '0.625', label: '5/8″' },
  { value: '0.75', label: '3/4″' },
] as const

/** Purlins of the main roof; a lean-to with wide rafters takes the same. */
export function PurlinFields() {
  const { job, done } = useDoc()
  const [purlins, put] = useSubPart('roof', 'purlins')
  const [roof, setRoof] = usePart('roof')
  return (
    <section className="grp" aria-label="Purlins">
      <ChoiceField
        wide
        label="Set"
        name="purlinStyle"
        value={purlins.style}
        choices={PURLIN_STYLES.map((value) => ({ value, label: PURLIN_STYLE[value] }))}
        onChange={put('style', 'purlins')}
      />
      <ChoiceField
        label="Size"
        name="purlinSize"
        value={purlins.size}
        choices={boardChoices}
        onChange={put('size', 'purlin size')}
      />
      <ChoiceField
        label="Lumber"
        value={purlins.lumber}
        choices={lumberChoices(job.building)}
        onChange={put('lumber', 'purlin lumber')}
      />
      <LengthField
        label="Spacing at most"
        name="purlinSpaceIn"
        feet={false}
        value={purlins.spaceIn}
        onChange={put('spaceIn', 'purlin spacing')}
        onDone={done}
      />
      <ChoiceField
        label="Run"
        value={purlins.run}
        choices={PURLIN_RUNS.map((value) => ({ value, label: PURLIN_RUN[value] }))}
        onChange={put('run', 'purlin run')}
      />
      <ToggleField
        label="Screwed skin holds them"
        hint="Off: they bend both ways on the slope."
        value={purlins.skinHolds}
        onChange={(value) => put('skinHolds', 'purlins held by skin')(value)}
      />
      <ToggleField
        label="Blocked at mid-span"
        hint="Against rolling under uplift."
        value={purlins.blocked}
        onChange={(value) => put('blocked', 'blocked purlins')(value)}
      />
      <ChoiceField
        label="Ceiling"
        value={roof.ceiling}
        choices={CEILINGS.map((value) => ({ value, label: CEILING[value] }))}
        onChange={setRoof('ceiling', 'ceiling')}
      />
    </section>
  )
}
