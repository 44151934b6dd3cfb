'use client'
import { relianceWords } from '@/formats/words/checks'
import {
  FINISHES,
  GIRT_SIZES,
  GIRT_STYLES,
  POST_SECTIONS,
  FOUNDATION_TYPES,
  SIDES,
  TOPS,
  type Building,
} from '@/core/model'
import type { Issue } from '@/core/result'
import { postSize } from '@/core/wood'
import { FINISH, GIRT_STYLE, RAISE_CAUTION, FOUNDATION, TOP } from '@/formats/words'
import { ChoiceField, LengthField, NumberField, OptionalNumberField, ToggleField } from '@/ui'
import { lumberChoices, type PutPart, useDoc, usePart } from '../job'
import type { ShownDerived } from '@/formats/shown'

/** Ratings of brackets and anchors, each by the field that holds it. */
const RATINGS = [
  ['upliftLb', 'Bracket against uplift'],
  ['acrossLb', 'Bracket square to the wall'],
  ['alongLb', 'Bracket along the wall'],
  ['anchorLb', 'Anchorage against uplift'],
] as const

/** What is known of the brackets, anchors and steel of piers; what is not entered is not checked. */
function PierFields({
  building: { pier },
  put,
  done,
}: {
  readonly building: Building
  readonly put: Put
  readonly done: () => void
}) {
  const set = <K extends keyof Building['pier']>(key: K, value: Building['pier'][K], gesture?: string) =>
    put('pier', 'pier ratings')({ ...pier, [key]: value }, gesture && `${key}-${gesture}`)
  return (
    <>
      {RATINGS.map(([key, label]) => (
        <OptionalNumberField
          key={key}
          label={label}
          unit="lb"
          value={pier[key]}
          placeholder="rated, for wind"
          onChange={(value, gesture) => set(key, value, gesture)}
          onDone={done}
        />
      ))}
      <NumberField
        label="Upright bars in a pier"
        unit=""
        whole
        value={pier.bars}
        onChange={(value, gesture) => set('bars', value, gesture)}
        onDone={done}
        hint="0 where none are known: a pulled pier is then not checked."
      />
      <ChoiceField
        label="Bar"
        value={String(pier.bar)}
        choices={[3, 4, 5, 6, 7, 8].map((number) => ({ value: String(number), label: `no. ${number}` }))}
        onChange={(value) => set('bar', Number(value) as Building['pier']['bar'])}
      />
    </>
  )
}

export type Put = <K extends keyof Building>(
  key: K,
  label: string,
) => (value: Building[K], gesture?: string) => readonly Issue[]

/** Finish, open sides and skirt of the walls. */
function WallFields({
  girts,
  setGirts,
  building,
  put,
  derived,
  done,
}: {
  readonly girts: Building['girts']
  readonly setGirts: PutPart<Building['girts']>
  readonly building: Building
  readonly put: Put
  readonly derived: ShownDerived
  readonly done: () => void
}) {
  return (
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
        value={building.wallFinish}
        choices={FINISHES.map((value) => ({ value, label: FINISH[value] }))}
        onChange={put('wallFinish', 'wall finish')}
      />
      {SIDES.map((side) => (
        <ToggleField
          key={side}
          label={`${derived.wallNames[side]} open, no skin`}
          value={building.openSides.includes(side)}
          onChange={(value) =>
            put(
              'openSides',
              'open walls',
            )(value ? [...building.openSides, side] : building.openSides.filter((openSide) => openSide !== side))
          }
        />
      ))}
      <LengthField
        label="Skirt top above grade"
        value={building.skirt.topIn}
        feet={false}
        onChange={(value, gesture) => put('skirt', 'skirt top')({ ...building.skirt, topIn: value }, gesture)}
        onDone={done}
      />
      <LengthField
        label="Skirt board depth"
        value={building.skirt.depthIn}
        feet={false}
        onChange={(value, gesture) => put('skirt', 'skirt depth')({ ...building.skirt, depthIn: value }, gesture)}
        onDone={done}
      />
    </section>
  )
}

/** How the feet stand and the tops are held. */
function FootFields({
  building,
  put,
  done,
  base,
  setBase,
  derived,
}: {
  readonly building: Building
  readonly put: Put
  readonly done: () => void
  readonly base: { model: 'fixed' | 'springs'; soilPsiPerFt: number | null }
  readonly setBase: PutPart<Building['base']>
  readonly derived: ShownDerived
}) {
  return (
    <section className="grp" aria-label="Feet and tops">
      <h3>Feet and tops</h3>
      <ChoiceField
        wide
        label="Foundation"
        name="school"
        value={building.school}
        choices={FOUNDATION_TYPES.map((value) => ({ value, label: FOUNDATION[value] }))}
        onChange={put('school', 'foundation')}
      />
      {building.school !== 'pier' && (
        <LengthField
          label="Pad thickness"
          name="padThicknessIn"
          value={building.padThicknessIn}
          feet={false}
          onChange={put('padThicknessIn', 'pad thickness')}
          onDone={done}
        />
      )}
      {building.school === 'collar' && (
        <LengthField
          label="Collar height"
          value={building.collarHeightIn}
          feet={false}
          onChange={put('collarHeightIn', 'collar height')}
          onDone={done}
        />
      )}
      {building.school === 'pad' && (
        <ToggleField
          label="Cleats bolted to the foot"
          value={building.cleat !== null}
          onChange={(value) => put('cleat', 'cleats')(value ? { widthIn: 7.5, lengthIn: 24 } : null)}
        />
      )}
      {(building.school === 'collar' || building.cleat) && (
        <NumberField
          label="Soil cone over it"
          unit="°"
          value={building.coneAngleDeg}
          onChange={put('coneAngleDeg', 'soil cone')}
          onDone={done}
          hint="0 for loose fill; up to 15 only with tested, tamped backfill."
        />
      )}
      {building.school === 'pier' && (
        <LengthField
          label="Bracket above grade"
          value={building.bracketIn}
          feet={false}
          onChange={put('bracketIn', 'bracket height')}
          onDone={done}
        />
      )}
      {building.school === 'pier' && <PierFields building={building} put={put} done={done} />}
      <ToggleField
        label="Slab tied to the posts"
        hint="A slab only poured against them holds one way: leave this off."
        value={building.slab === 'tied'}
        onChange={(value) => put('slab', 'slab at grade')(value ? 'tied' : 'none')}
      />
      {building.slab === 'tied' && (
        <OptionalNumberField
          label="One tie, rated"
          unit="lb"
          value={building.slabTieLb}
          placeholder="from its maker"
          onChange={put('slabTieLb', 'slab tie')}
          onDone={done}
        />
      )}
      {building.school !== 'pier' && (
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
      {base.model === 'springs' && building.school !== 'pier' && (
        <OptionalNumberField
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
        value={building.diaphragm}
        choices={TOPS.map((value) => ({ value, label: TOP[value] }))}
        onChange={put('diaphragm', 'what holds the post tops')}
        hint={derived.lateral ? relianceWords(derived.lateral) : undefined}
      />
      <ChoiceField
        label="Sag limit, height over"
        value={String(building.postSag) as '120'}
        choices={(['90', '120', '180', '240'] as const).map((value) => ({ value: value as '120', label: value }))}
        onChange={(value) => put('postSag', 'post sag limit')(Number(value) as 120)}
      />
    </section>
  )
}

/** What the posts are made of. */
function PostSection({
  post,
  setPost,
  done,
  building,
}: {
  readonly post: Building['post']
  readonly setPost: PutPart<Building['post']>
  readonly done: () => void
  readonly building: Building
}) {
  return (
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
            onChange={(value, gesture) =>
              setPost('glulam', 'column width')({ ...post.glulam, widthIn: value }, gesture)
            }
            onDone={done}
          />
          <LengthField
            label="Depth"
            feet={false}
            value={post.glulam.depthIn}
            onChange={(value, gesture) =>
              setPost('glulam', 'column depth')({ ...post.glulam, depthIn: value }, gesture)
            }
            onDone={done}
          />
        </>
      )}
      <ChoiceField
        label="Lumber"
        name="postLumber"
        value={post.lumber}
        choices={lumberChoices(building)}
        onChange={setPost('lumber', 'post lumber')}
      />
      <ToggleField
        label="Treated fir and spruce is incised"
        hint="Its cuts take a fifth of its strength (NDS 4.3.8). Southern pine is not incised."
        value={post.incised}
        onChange={(value) => setPost('incised', 'incised posts')(value)}
      />
      <ToggleField
        label="EP559 fastening confirmed"
        hint="Its bending factors replace 1.15. Enter the interlayer shear it asks for under Roof, Joints."
        value={post.ep559}
        onChange={(value) => setPost('ep559', 'EP559')(value)}
      />
      <ToggleField
        label="Plies have butt joints"
        value={post.splice !== null}
        onChange={(value) =>
          setPost('splice', 'spliced plies')(value ? { fromIn: 24, toIn: 72, efficiency: null } : null)
        }
      />
      {post.splice && (
        <>
          <LengthField
            label="Lowest joint above grade"
            value={post.splice.fromIn}
            onChange={(value, gesture) =>
              setPost('splice', 'splice zone')(post.splice && { ...post.splice, fromIn: value }, gesture)
            }
            onDone={done}
          />
          <LengthField
            label="Highest joint"
            value={post.splice.toIn}
            onChange={(value, gesture) =>
              setPost('splice', 'splice zone')(post.splice && { ...post.splice, toIn: value }, gesture)
            }
            onDone={done}
            hint="Unreinforced joints keep 0.42 of the section (C08)."
          />
        </>
      )}
    </section>
  )
}

/** Posts, how they stand, what holds their tops, and what the walls are made of. */
export function PostFields({
  building,
  put,
  done,
}: {
  readonly building: Building
  readonly put: Put
  readonly done: () => void
}) {
  const { derived } = useDoc()
  const [post, setPost] = usePart('post')
  const [girts, setGirts] = usePart('girts')
  const [base, setBase] = usePart('base')
  return (
    <>
      <PostSection post={post} setPost={setPost} done={done} building={building} />
      <FootFields building={building} put={put} done={done} base={base} setBase={setBase} derived={derived} />
      <WallFields girts={girts} setGirts={setGirts} building={building} put={put} derived={derived} done={done} />
      <div className="caution">{RAISE_CAUTION}</div>
    </>
  )
}
