'use client'
import type { ShownDerived } from '@/formats/shown'
import { type Building, BUILT_UP_SIDES, TRUSS_SEATS, TRUSS_SETS } from '@/core/model'
import { TRUSS_SEAT, TRUSS_SET } from '@/formats/words'
import { ChoiceField, LengthField, NumberField, ToggleField } from '@/ui'
import { boardChoices, lumberChoices, type PutPart, useDoc, useSubPart } from '../job'
import { BoardsFromSite, HeelFromSite } from './FromSite'

/** Trusses: where they sit, how far apart, their drawing's reactions. */
function TrussSection({
  truss,
  put,
  done,
  derived,
}: {
  readonly truss: Building['roof']['truss']
  readonly put: PutPart<Building['roof']['truss']>
  readonly done: () => void
  readonly derived: ShownDerived
}) {
  return (
    <section className="grp" aria-label="Trusses">
      <ChoiceField
        wide
        label="Trusses"
        name="trussSet"
        value={truss.set}
        choices={TRUSS_SETS.map((value) => ({ value, label: TRUSS_SET[value] }))}
        onChange={put('set', 'trusses')}
      />
      {truss.set === 'carriers' && (
        <>
          <LengthField
            label="Truss spacing"
            name="trussSpaceIn"
            value={truss.spaceIn}
            onChange={put('spaceIn', 'truss spacing')}
            onDone={done}
          />
          <LengthField
            label="First from string 1"
            value={truss.firstIn}
            onChange={put('firstIn', 'first truss')}
            onDone={done}
          />
        </>
      )}
      <ChoiceField
        wide
        label="Seat"
        name="trussSeat"
        value={truss.seat}
        choices={TRUSS_SEATS.map((value) => ({ value, label: TRUSS_SEAT[value] }))}
        onChange={put('seat', 'truss seat')}
      />
      <LengthField
        label="Depth of the heel"
        name="heelDepthIn"
        feet={false}
        value={truss.heelDepthIn}
        onChange={put('heelDepthIn', 'truss heel')}
        onDone={done}
      />
      <HeelFromSite
        heelIn={truss.heelDepthIn}
        onTake={(inches) => {
          put('heelDepthIn', 'truss heel as delivered')(inches)
          done()
        }}
      />
      <BoardsFromSite />
      <ChoiceField
        label="Plies of a truss"
        value={String(truss.plies) as '1'}
        choices={
          [
            { value: '1', label: 'one' },
            { value: '2', label: 'two' },
          ] as { value: '1'; label: string }[]
        }
        onChange={(value) => put('plies', 'truss plies')(Number(value))}
      />
      {truss.set === 'posts' && (
        <NumberField
          label="Nails in a bearing block"
          whole
          value={truss.blockNails}
          onChange={put('blockNails', 'bearing block')}
          onDone={done}
          hint="0: no block."
        />
      )}
      <ToggleField
        label="Use the truss drawing’s reactions"
        value={truss.reaction !== null}
        onChange={(value) =>
          put(
            'reaction',
            'truss reactions',
          )(
            value
              ? {
                  gravityLb: Math.round(
                    Math.max(500, ...derived.reactions.map((reaction) => reaction.deadLb + reaction.snowLb)),
                  ),
                  upliftLb: 0,
                }
              : null,
          )
        }
      />
      {truss.reaction && (
        <>
          <NumberField
            label="Gravity"
            unit="lb"
            value={truss.reaction.gravityLb}
            onChange={(value, gesture) =>
              put('reaction', 'truss gravity')(truss.reaction && { ...truss.reaction, gravityLb: value }, gesture)
            }
            onDone={done}
          />
          <NumberField
            label="Uplift"
            unit="lb"
            value={truss.reaction.upliftLb}
            onChange={(value, gesture) =>
              put('reaction', 'truss uplift')(truss.reaction && { ...truss.reaction, upliftLb: value }, gesture)
            }
            onDone={done}
          />
        </>
      )}
    </section>
  )
}

/** Trusses, and the carriers and headers that hold those between posts. */
export function TrussFields() {
  const { job, derived, done, edit } = useDoc()
  const [truss, put] = useSubPart('roof', 'truss')
  const beam = (kind: 'carrier' | 'header', name: string) => {
    const spec = job.building.roof[kind]
    const set =
      <K extends keyof typeof spec>(key: K) =>
      (value: (typeof spec)[K]) =>
        edit(`${kind}`, (job) => ({
          ...job,
          building: {
            ...job.building,
            roof: { ...job.building.roof, [kind]: { ...job.building.roof[kind], [key]: value } },
          },
        }))
    return (
      <section className="grp" aria-label={name}>
        <h3>{name}</h3>
        <ChoiceField
          label="Plies"
          value={String(spec.plies) as '2'}
          choices={(['2', '3', '4'] as const).map((value) => ({ value: value as '2', label: value }))}
          onChange={(value) => set('plies')(Number(value))}
        />
        <ChoiceField label="Size" value={spec.size} choices={boardChoices} onChange={set('size')} />
        <ChoiceField
          label="Lumber"
          value={spec.lumber}
          choices={lumberChoices(job.building)}
          onChange={set('lumber')}
        />
        <ChoiceField
          label="On the post"
          value={spec.sides}
          choices={BUILT_UP_SIDES.map((value) => ({
            value,
            label: value === 'both' ? 'both faces' : 'one face, or notched',
          }))}
          onChange={set('sides')}
        />
      </section>
    )
  }
  return (
    <>
      <TrussSection truss={truss} put={put} done={done} derived={derived} />
      {truss.set === 'carriers' && beam('carrier', 'Carriers')}
      {derived.omitted.length > 0 &&
        beam('header', `Header over ${derived.omitted.map((omitted) => omitted.name).join(', ')}`)}
    </>
  )
}
