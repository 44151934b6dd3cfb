'use client'
import { lengthLimits, stringRectangle, withLength } from '@/core/layout'
import { type Building, MOST_BAY_BY_HAND_IN } from '@/core/model'
import { issue } from '@/core/result'
import { ChoiceField, LengthField, NumberField, Tabs } from '@/ui'
import { useDoc, useView } from '../job'
import { BaysFields } from './BaysFields'
import { Grades } from './Grades'
import { KeptPosts } from './KeptPosts'
import { LeanTos } from './LeanTos'
import { OpeningsList } from './OpeningsList'
import { PickedPost } from './PickedPost'
import { PostFields, type Put } from './PostFields'

/** Bays set by hand do not reach: the limit of the length itself is named, and what it comes from. */
const lastBay = (
  code: 'last-bay-too-wide' | 'last-bay-too-narrow',
  limits: { readonly leastIn: number; readonly mostIn: number },
) => issue(code, ['building', 'lengthIn'], { ...limits, bayIn: MOST_BAY_BY_HAND_IN })

function Shape({ building, put, done }: { readonly building: Building; readonly put: Put; readonly done: () => void }) {
  const { edit } = useDoc()
  const inner = stringRectangle(building)
  return (
    <>
      <section className="grp">
        <LengthField
          label="Length"
          name="lengthIn"
          value={building.lengthIn}
          onChange={(value, gesture) => {
            const limits = lengthLimits(building)
            if (limits && value > limits.mostIn) return [lastBay('last-bay-too-wide', limits)]
            if (limits && value < limits.leastIn) return [lastBay('last-bay-too-narrow', limits)]
            return edit('length', (job) => ({ ...job, building: withLength(job.building, value) }), `length-${gesture}`)
          }}
          onDone={done}
        />
        <LengthField
          label="Width"
          name="widthIn"
          value={building.widthIn}
          onChange={put('widthIn', 'width')}
          onDone={done}
        />
        <LengthField
          label="Heel above grade line"
          name="heelIn"
          value={building.heelIn}
          onChange={put('heelIn', 'heel height')}
          onDone={done}
        />
        <NumberField
          label="Pitch, rise per 12"
          name="pitchPer12"
          value={building.pitchPer12}
          onChange={put('pitchPer12', 'pitch')}
          onDone={done}
        />
        <ChoiceField
          label="Size is to"
          value={building.dimensionTo}
          choices={[
            { value: 'post', label: 'post, outside' },
            { value: 'girt', label: 'girt, outside' },
          ]}
          onChange={put('dimensionTo', 'size reference')}
          hint={inner.lengthIn !== building.lengthIn ? 'Strings stand 1 1/2″ inside it all round.' : undefined}
        />
        <LengthField
          label="Eave overhang"
          value={building.eaveOverhangIn}
          onChange={put('eaveOverhangIn', 'eave overhang')}
          onDone={done}
        />
        <LengthField
          label="Gable overhang"
          value={building.gableOverhangIn}
          onChange={put('gableOverhangIn', 'gable overhang')}
          onDone={done}
        />
      </section>
      <BaysFields />
      <KeptPosts />
      <section className="grp">
        <LengthField
          label="Widest gable post gap"
          name="gableMaxIn"
          value={building.gableMaxIn}
          onChange={put('gableMaxIn', 'gable post gap')}
          onDone={done}
        />
        {Object.values(building.gableShiftsIn).some((value) => value !== 0) && (
          <button
            type="button"
            className="btn btn-light btn-sm"
            onClick={() => put('gableShiftsIn', 'gable posts back to equal')({})}
          >
            Gable posts back to equal
          </button>
        )}
      </section>
      <LeanTos building={building} done={done} />
      <Grades />
    </>
  )
}

/** The building: shape, posts and openings. */
export function BuildingSide() {
  const { job, edit, done } = useDoc()
  const [tab, setTab] = useView('building', 'tab', ['shape', 'posts', 'openings'])
  const put: Put = (key, label) => (value, gesture) =>
    edit(label, (job) => ({ ...job, building: { ...job.building, [key]: value } }), gesture && `${key}-${gesture}`)
  return (
    <>
      <Tabs
        label="Building"
        value={tab}
        choices={[
          { value: 'shape', label: 'Shape' },
          { value: 'posts', label: 'Posts' },
          { value: 'openings', label: `Openings ${job.building.openings.length}` },
        ]}
        onChange={setTab}
      />
      {tab === 'shape' && <Shape building={job.building} put={put} done={done} />}
      {tab === 'posts' && (
        <>
          <PickedPost />
          <PostFields building={job.building} put={put} done={done} />
        </>
      )}
      {tab === 'openings' && <OpeningsList />}
    </>
  )
}
