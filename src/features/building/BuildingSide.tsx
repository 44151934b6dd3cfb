'use client'
import { useState } from 'react'
import { GIRT_SIZES, LUMBERS, POST_SECTIONS, SCHOOLS, type Building, type Lumber } from '@/core/model'
import type { Issue } from '@/core/result'
import { stringRectangle, withLength } from '@/core/layout'
import { postSize } from '@/core/wood'
import { GIRT_STYLE, RAISE_CAUTION, SCHOOL } from '@/formats/words'
import { ChoiceField, LengthField, NumberField, ToggleField } from '@/ui'
import { useDoc, useJob } from '../job'
import { BaysFields } from './BaysFields'
import { OpeningsList } from './OpeningsList'

const lumbers = LUMBERS.map((value) => ({ value, label: value }))
type Put = <K extends keyof Building>(key: K, label: string) => (v: Building[K], gesture?: string) => readonly Issue[]

function Shape({ b, put, done }: { readonly b: Building; readonly put: Put; readonly done: () => void }) {
  const { edit } = useDoc()
  const inner = stringRectangle(b)
  const lean = b.leanTo
  const putLean = <K extends keyof NonNullable<Building['leanTo']>>(key: K) => (v: NonNullable<Building['leanTo']>[K], g?: string) =>
    edit('lean-to', (j) => (j.building.leanTo ? { ...j, building: { ...j.building, leanTo: { ...j.building.leanTo, [key]: v } } } : j), g && `lean-${key}-${g}`)
  return (
    <>
      <section className="grp">
        <LengthField label="Length" name="lengthIn" value={b.lengthIn} onChange={(v, g) => edit('length', (j) => ({ ...j, building: withLength(j.building, v) }), `length-${g}`)} onDone={done} />
        <LengthField label="Width" name="widthIn" value={b.widthIn} onChange={put('widthIn', 'width')} onDone={done} />
        <LengthField label="Heel above grade line" name="heelIn" value={b.heelIn} onChange={put('heelIn', 'heel height')} onDone={done} />
        <NumberField label="Pitch, rise per 12" name="pitchPer12" value={b.pitchPer12} onChange={put('pitchPer12', 'pitch')} onDone={done} />
        <ChoiceField label="Size is to" value={b.dimensionTo} choices={[{ value: 'post', label: 'outside of post' }, { value: 'girt', label: 'outside of girt' }]} onChange={put('dimensionTo', 'size reference')} hint={inner.lengthIn !== b.lengthIn ? 'Strings stand 1 1/2″ inside it all round.' : undefined} />
        <LengthField label="Eave overhang" value={b.eaveOverhangIn} onChange={put('eaveOverhangIn', 'eave overhang')} onDone={done} />
        <LengthField label="Gable overhang" value={b.gableOverhangIn} onChange={put('gableOverhangIn', 'gable overhang')} onDone={done} />
      </section>
      <BaysFields />
      <section className="grp">
        <LengthField label="Widest gable post gap" name="gableMaxIn" value={b.gableMaxIn} onChange={put('gableMaxIn', 'gable post gap')} onDone={done} />
        {Object.values(b.gableShiftsIn).some((v) => v !== 0) && <button type="button" className="btn btn-light btn-sm" onClick={() => put('gableShiftsIn', 'gable posts back to equal')({})}>Gable posts back to equal</button>}
      </section>
      <section className="grp">
        <h3>Lean-to</h3>
        <ChoiceField label="On" value={lean?.side ?? 'none'} choices={[{ value: 'none', label: 'none' }, { value: 'north', label: 'far eave' }, { value: 'south', label: 'near eave' }] as { value: 'none' | 'north' | 'south'; label: string }[]}
          onChange={(v) => edit('lean-to', (j) => ({ ...j, building: { ...j.building, leanTo: v === 'none' ? null : { depthIn: 120, pitchPer12: 2, dropIn: 12, ...(j.building.leanTo ?? {}), side: v } } }))} />
        {lean && <><LengthField label="Depth" value={lean.depthIn} onChange={putLean('depthIn')} onDone={done} /><NumberField label="Pitch, rise per 12" value={lean.pitchPer12} onChange={putLean('pitchPer12')} onDone={done} /><LengthField label="Drop below the heel" value={lean.dropIn} onChange={putLean('dropIn')} onDone={done} /></>}
      </section>
    </>
  )
}

function Posts({ b, put, done }: { readonly b: Building; readonly put: Put; readonly done: () => void }) {
  return (
    <>
      <section className="grp">
        <h3>Posts</h3>
        <ChoiceField label="Size" name="postSection" value={b.post.section} choices={POST_SECTIONS.map((value) => ({ value, label: postSize(value).label }))} onChange={(v) => put('post', 'post size')({ ...b.post, section: v })} />
        <ChoiceField label="Lumber" value={b.post.lumber} choices={lumbers} onChange={(v) => put('post', 'post lumber')({ ...b.post, lumber: v as Lumber })} />
      </section>
      <section className="grp">
        <h3>In the ground</h3>
        <ChoiceField wide label="School" name="school" value={b.school} choices={SCHOOLS.map((value) => ({ value, label: SCHOOL[value] }))} onChange={put('school', 'embedment school')} />
        {b.school !== 'pier' && <LengthField label="Pad thickness" name="padThicknessIn" value={b.padThicknessIn} feet={false} onChange={put('padThicknessIn', 'pad thickness')} onDone={done} />}
        {b.school === 'collar' && <><LengthField label="Collar height" value={b.collarHeightIn} feet={false} onChange={put('collarHeightIn', 'collar height')} onDone={done} /><NumberField label="Soil cone over it" unit="°" value={b.coneAngleDeg} onChange={put('coneAngleDeg', 'soil cone')} onDone={done} hint="0 for loose fill; up to 15 only with tested, tamped backfill." /></>}
        {b.school === 'pier' && <LengthField label="Bracket above grade" value={b.bracketIn} feet={false} onChange={put('bracketIn', 'bracket height')} onDone={done} />}
        <ToggleField label="Slab tied to the posts" hint="A slab only poured against them holds one way: leave this off." value={b.slab === 'tied'} onChange={(v) => put('slab', 'slab at grade')(v ? 'tied' : 'none')} />
        <ToggleField label="Roof holds the post tops" hint="Needs a roof diaphragm and end walls someone has checked." value={b.diaphragm === 'trusted'} onChange={(v) => put('diaphragm', 'roof diaphragm')(v ? 'trusted' : 'none')} />
      </section>
      <section className="grp">
        <h3>Girts and skirt</h3>
        <ChoiceField label="Girts" value={b.girts.style} choices={(['flat', 'between'] as const).map((value) => ({ value, label: GIRT_STYLE[value] }))} onChange={(v) => put('girts', 'girt style')({ ...b.girts, style: v })} wide />
        <ChoiceField label="Size" value={b.girts.size} choices={GIRT_SIZES.map((value) => ({ value, label: value.replace('x', '×') }))} onChange={(v) => put('girts', 'girt size')({ ...b.girts, size: v })} />
        <LengthField label="Skirt top above grade" value={b.skirt.topIn} feet={false} onChange={(v, g) => put('skirt', 'skirt top')({ ...b.skirt, topIn: v }, g)} onDone={done} />
        <LengthField label="Skirt board depth" value={b.skirt.depthIn} feet={false} onChange={(v, g) => put('skirt', 'skirt depth')({ ...b.skirt, depthIn: v }, g)} onDone={done} />
      </section>
      <div className="caution">{RAISE_CAUTION}</div>
    </>
  )
}

/** The building: shape, posts and openings. */
export function BuildingSide() {
  const { job, edit, done } = useDoc()
  const opening = useJob((s) => s.picked.opening)
  const [tab, setTab] = useState<'shape' | 'posts' | 'openings'>('shape')
  const [seen, setSeen] = useState<string | null>(null)
  // Picking a door in the drawing brings its fields up.
  if (opening !== seen) { setSeen(opening); if (opening) setTab('openings') }
  const put: Put = (key, label) => (v, gesture) => edit(label, (j) => ({ ...j, building: { ...j.building, [key]: v } }), gesture && `${key}-${gesture}`)
  return (
    <>
      <div className="tabs" role="tablist" aria-label="Building">{(['shape', 'posts', 'openings'] as const).map((t) => <button key={t} type="button" role="tab" aria-selected={tab === t} onClick={() => setTab(t)}>{t === 'shape' ? 'Shape' : t === 'posts' ? 'Posts' : `Openings ${job.building.openings.length}`}</button>)}</div>
      {tab === 'shape' && <Shape b={job.building} put={put} done={done} />}
      {tab === 'posts' && <Posts b={job.building} put={put} done={done} />}
      {tab === 'openings' && <OpeningsList />}
    </>
  )
}
