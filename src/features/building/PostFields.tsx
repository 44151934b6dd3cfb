'use client'
import {
  FINISHES,
  GIRT_SIZES,
  GIRT_STYLES,
  LUMBERS,
  POST_SECTIONS,
  SCHOOLS,
  SIDES,
  TOPS,
  type Building,
} from '@/core/model'
import type { Issue } from '@/core/result'
import { postSize } from '@/core/wood'
import { FINISH, GIRT_STYLE, RAISE_CAUTION, SCHOOL, TOP } from '@/formats/words'
import { ChoiceField, LengthField, NumberField, ToggleField } from '@/ui'
import { useDoc, usePart } from '../job'

export type Put = <K extends keyof Building>(
  key: K,
  label: string,
) => (v: Building[K], gesture?: string) => readonly Issue[]
/** Tabled lumber, then the user's own grades. */
export const lumberChoices = (b: Building) => [
  ...LUMBERS.map((value) => ({ value: value as string, label: value as string })),
  ...b.grades.map((g) => ({ value: g.id, label: g.name })),
]

/** Posts, how they stand, what holds their tops, and what the walls are made of. */
export function PostFields({ b, put, done }: { readonly b: Building; readonly put: Put; readonly done: () => void }) {
  const { derived: d } = useDoc()
  const [post, setPost] = usePart('post')
  const [girts, setGirts] = usePart('girts')
  const [base, setBase] = usePart('base')
  return (
    <>
      <section className="grp" aria-label="Posts">
        <h3>Posts</h3>
        <ChoiceField
          label="Size"
          name="postSection"
          value={post.section}
          choices={POST_SECTIONS.map((value) => ({ value, label: postSize({ ...post, section: value }).label }))}
          onChange={setPost('section', 'post size')}
        />
        {post.section === 'glulam' && (
          <>
            <LengthField
              label="Width along the wall"
              feet={false}
              value={post.glulam.widthIn}
              onChange={(v, g) => setPost('glulam', 'column width')({ ...post.glulam, widthIn: v }, g)}
              onDone={done}
            />
            <LengthField
              label="Depth"
              feet={false}
              value={post.glulam.depthIn}
              onChange={(v, g) => setPost('glulam', 'column depth')({ ...post.glulam, depthIn: v }, g)}
              onDone={done}
            />
          </>
        )}
        <ChoiceField
          label="Lumber"
          name="postLumber"
          value={post.lumber}
          choices={lumberChoices(b)}
          onChange={setPost('lumber', 'post lumber')}
        />
        <ToggleField
          label="EP559 fastening confirmed"
          hint="Its bending factors replace 1.15. Enter the interlayer shear it asks for under Roof, Joints."
          value={post.ep559}
          onChange={(v) => setPost('ep559', 'EP559')(v)}
        />
        <ToggleField
          label="Plies have butt joints"
          value={post.splice !== null}
          onChange={(v) => setPost('splice', 'spliced plies')(v ? { fromIn: 24, toIn: 72, efficiency: null } : null)}
        />
        {post.splice && (
          <>
            <LengthField
              label="Lowest joint above grade"
              value={post.splice.fromIn}
              onChange={(v, g) => setPost('splice', 'splice zone')(post.splice && { ...post.splice, fromIn: v }, g)}
              onDone={done}
            />
            <LengthField
              label="Highest joint"
              value={post.splice.toIn}
              onChange={(v, g) => setPost('splice', 'splice zone')(post.splice && { ...post.splice, toIn: v }, g)}
              onDone={done}
              hint="Unreinforced joints keep 0.42 of the section (C08)."
            />
          </>
        )}
      </section>
      <section className="grp" aria-label="Feet and tops">
        <h3>Feet and tops</h3>
        <ChoiceField
          wide
          label="School"
          name="school"
          value={b.school}
          choices={SCHOOLS.map((value) => ({ value, label: SCHOOL[value] }))}
          onChange={put('school', 'embedment school')}
        />
        {b.school !== 'pier' && (
          <LengthField
            label="Pad thickness"
            name="padThicknessIn"
            value={b.padThicknessIn}
            feet={false}
            onChange={put('padThicknessIn', 'pad thickness')}
            onDone={done}
          />
        )}
        {b.school === 'collar' && (
          <LengthField
            label="Collar height"
            value={b.collarHeightIn}
            feet={false}
            onChange={put('collarHeightIn', 'collar height')}
            onDone={done}
          />
        )}
        {b.school === 'pad' && (
          <ToggleField
            label="Cleats bolted to the foot"
            value={b.cleat !== null}
            onChange={(v) => put('cleat', 'cleats')(v ? { widthIn: 7.5, lengthIn: 24 } : null)}
          />
        )}
        {(b.school === 'collar' || b.cleat) && (
          <NumberField
            label="Soil cone over it"
            unit="°"
            value={b.coneAngleDeg}
            onChange={put('coneAngleDeg', 'soil cone')}
            onDone={done}
            hint="0 for loose fill; up to 15 only with tested, tamped backfill."
          />
        )}
        {b.school === 'pier' && (
          <LengthField
            label="Bracket above grade"
            value={b.bracketIn}
            feet={false}
            onChange={put('bracketIn', 'bracket height')}
            onDone={done}
          />
        )}
        <ToggleField
          label="Slab tied to the posts"
          hint="A slab only poured against them holds one way: leave this off."
          value={b.slab === 'tied'}
          onChange={(v) => put('slab', 'slab at grade')(v ? 'tied' : 'none')}
        />
        {b.school !== 'pier' && (
          <ChoiceField
            label="Fixed at"
            value={base.model}
            choices={[
              { value: 'fixed', label: 'their pivot' },
              { value: 'springs', label: 'soil springs' },
            ]}
            onChange={setBase('model', 'post base')}
          />
        )}
        {base.model === 'springs' && b.school !== 'pier' && (
          <NumberField
            label="Soil stiffness, a foot deep"
            unit="psi/ft"
            value={base.soilPsiPerFt}
            onChange={setBase('soilPsiPerFt', 'soil stiffness')}
            onDone={done}
            hint="From a soil report; an engineer’s input."
          />
        )}
        <ChoiceField
          wide
          label="Tops held by"
          name="tops"
          value={b.diaphragm}
          choices={TOPS.map((value) => ({ value, label: TOP[value] }))}
          onChange={put('diaphragm', 'what holds the post tops')}
          hint={d.lateral?.why}
        />
        <ChoiceField
          label="Sag limit, height over"
          value={String(b.postSag) as '120'}
          choices={(['90', '120', '180', '240'] as const).map((value) => ({ value: value as '120', label: value }))}
          onChange={(v) => put('postSag', 'post sag limit')(Number(v) as 120)}
        />
      </section>
      <section className="grp" aria-label="Walls">
        <h3>Walls</h3>
        <ChoiceField
          label="Girts"
          value={girts.style}
          choices={GIRT_STYLES.map((value) => ({ value, label: GIRT_STYLE[value] }))}
          onChange={setGirts('style', 'girt style')}
          wide
        />
        <ChoiceField
          label="Size"
          value={girts.size}
          choices={GIRT_SIZES.map((value) => ({ value, label: value.replace('x', '×') }))}
          onChange={setGirts('size', 'girt size')}
        />
        <ChoiceField
          label="Carry"
          value={b.wallFinish}
          choices={FINISHES.map((value) => ({ value, label: FINISH[value] }))}
          onChange={put('wallFinish', 'wall finish')}
        />
        {SIDES.map((side) => (
          <ToggleField
            key={side}
            label={`${d.wallNames[side]} open, no skin`}
            value={b.openSides.includes(side)}
            onChange={(v) =>
              put('openSides', 'open walls')(v ? [...b.openSides, side] : b.openSides.filter((s) => s !== side))
            }
          />
        ))}
        <LengthField
          label="Skirt top above grade"
          value={b.skirt.topIn}
          feet={false}
          onChange={(v, g) => put('skirt', 'skirt top')({ ...b.skirt, topIn: v }, g)}
          onDone={done}
        />
        <LengthField
          label="Skirt board depth"
          value={b.skirt.depthIn}
          feet={false}
          onChange={(v, g) => put('skirt', 'skirt depth')({ ...b.skirt, depthIn: v }, g)}
          onDone={done}
        />
      </section>
      <div className="caution">{RAISE_CAUTION}</div>
    </>
  )
}
