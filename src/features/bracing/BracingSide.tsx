'use client'
import { relianceWords } from '@/formats/words/checks'
import { NAILS } from '@/core/joints'
import { type Building, TOPS, WALL_BRACES } from '@/core/model'
import { shortWall, TOP, WALL_BRACE } from '@/formats/words'
import { ChoiceField, LengthField, NumberField, OptionalNumberField, Quantity, ToggleField } from '@/ui'
import { boardChoices, CheckRow, lumberChoices, PocketLinks, type PutPart, sortChecks, useDoc, usePart } from '../job'
import type { Issue } from '@/core/result'
import type { ShownDerived } from '@/formats/shown'

/** Knee braces. */
function KneeFields({
  knee,
  setKnee,
  done,
}: {
  readonly knee: NonNullable<Building['knee']> | null
  readonly setKnee: (
    value: {
      downIn: number
      outIn: number
      size: '2x4' | '2x6' | '2x8' | '2x10' | '2x12'
      lumber: string
      plies: number
      trussDesigned: boolean
    } | null,
    gesture?: string,
  ) => readonly Issue[]
  readonly done: () => void
}) {
  return (
    <section className="grp" aria-label="Knee braces">
      <h3>Knee braces</h3>
      <ToggleField
        label="Knee braces at the eave posts"
        value={knee !== null}
        onChange={(value) =>
          setKnee(
            value ? { downIn: 36, outIn: 36, size: '2x6', lumber: 'SP-No.2', plies: 2, trussDesigned: false } : null,
          )
        }
      />
      {knee && (
        <>
          <LengthField
            label="Foot below the heel"
            value={knee.downIn}
            onChange={(value, gesture) => setKnee({ ...knee, downIn: value }, `down-${gesture}`)}
            onDone={done}
          />
          <LengthField
            label="Head in from the post"
            value={knee.outIn}
            onChange={(value, gesture) => setKnee({ ...knee, outIn: value }, `out-${gesture}`)}
            onDone={done}
          />
          <ChoiceField
            label="Board"
            value={knee.size}
            choices={boardChoices}
            onChange={(value) => setKnee({ ...knee, size: value })}
          />
          <ChoiceField
            label="Plies"
            value={String(knee.plies) as '1'}
            choices={
              [
                { value: '1', label: 'one' },
                { value: '2', label: 'two' },
              ] as { value: '1'; label: string }[]
            }
            onChange={(value) => setKnee({ ...knee, plies: Number(value) })}
          />
          <ToggleField
            label="Truss maker designed for them"
            value={knee.trussDesigned}
            onChange={(value) => setKnee({ ...knee, trussDesigned: value })}
          />
          <div className="caution">
            Knee braces push and pull on the truss’s bottom chord and bend the posts. Add none that the truss maker has
            not designed for.
          </div>
        </>
      )}
    </section>
  )
}

/** Braces of the walls, and the pull in each. */
function BraceFields({
  brace,
  putBrace,
  building,
  done,
  derived,
}: {
  readonly brace: Building['bracing']
  readonly putBrace: PutPart<Building['bracing']>
  readonly building: Building
  readonly done: () => void
  readonly derived: ShownDerived
}) {
  return (
    <section className="grp" aria-label="Wall braces">
      <h3>Wall braces</h3>
      <ChoiceField
        label="Walls held by"
        name="wallBraces"
        value={brace.walls}
        choices={WALL_BRACES.map((value) => ({ value, label: WALL_BRACE[value] }))}
        onChange={putBrace('walls', 'wall braces')}
      />
      {(brace.walls === 'x-boards' || brace.walls === 'single-boards') && (
        <>
          <ChoiceField
            label="Board"
            value={brace.size}
            choices={boardChoices}
            onChange={putBrace('size', 'brace size')}
          />
          <ChoiceField
            label="Lumber"
            value={brace.lumber}
            choices={lumberChoices(building)}
            onChange={putBrace('lumber', 'brace lumber')}
          />
          <ChoiceField
            wide
            label="Nail"
            value={brace.nail}
            choices={NAILS.map((nail) => ({ value: nail.id, label: nail.name }))}
            onChange={putBrace('nail', 'brace nail')}
          />
          <NumberField
            label="Nails at each end"
            whole
            value={brace.nails}
            onChange={putBrace('nails', 'brace nails')}
            onDone={done}
          />
        </>
      )}
      {brace.walls === 'straps' && (
        <OptionalNumberField
          label="Strap with fixings"
          unit="lb"
          value={brace.strapLb}
          placeholder="rating"
          onChange={putBrace('strapLb', 'strap rating')}
          onDone={done}
        />
      )}
      {brace.walls !== 'skin' && brace.walls !== 'none' && (
        <NumberField
          label="Braced bays in each wall"
          whole
          value={brace.baysPerWall}
          onChange={putBrace('baysPerWall', 'braced bays')}
          onDone={done}
        />
      )}
      <OptionalNumberField
        label="Eave may move, height over"
        name="swayOver"
        value={brace.swayOver}
        placeholder="not limited"
        onChange={putBrace('swayOver', 'limit of sway')}
        onDone={done}
        hint="No code sets one for wind. Steel skin bears height over 60; a door that must close, 120 or more."
      />
      {derived.braces.length > 0 && (
        <table className="tb mt-1">
          <thead>
            <tr>
              <th>wall, bays</th>
              <th className="n">angle</th>
              <th className="n">pull</th>
            </tr>
          </thead>
          <tbody>
            {derived.braces.map((line) => (
              <tr key={line.side}>
                <td style={{ whiteSpace: 'normal' }}>
                  {shortWall(derived.wallNames, line.side)}, {line.between}
                </td>
                <td className="n">
                  <Quantity value={line.alphaDeg} kind="deg" />
                </td>
                <td className="n">
                  <Quantity value={line.forceLb} kind="lb" />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {derived.braces.length > 0 && (
        <p className="note mt-1">
          Both ends cut plumb between the posts. Set each with its mirror before leaving the site: wind turns.
        </p>
      )}
      <PocketLinks topic="braces" />
    </section>
  )
}

/** Tested values of the skin. */
function SkinFields({
  skin,
  putSkin,
  done,
}: {
  readonly skin: Building['skin']
  readonly putSkin: PutPart<Building['skin']>
  readonly done: () => void
}) {
  return (
    <section className="grp" aria-label="Skin">
      <h3>Tested skin</h3>
      <OptionalNumberField
        label="Roof stiffness G"
        name="roofStiffnessLbPerIn"
        unit="lb/in"
        value={skin.roofStiffnessLbPerIn}
        placeholder="from the test"
        onChange={putSkin('roofStiffnessLbPerIn', 'roof stiffness')}
        onDone={done}
      />
      <OptionalNumberField
        label="Roof allowable"
        name="roofAllowPlf"
        unit="plf"
        value={skin.roofAllowPlf}
        placeholder="from the test"
        onChange={putSkin('roofAllowPlf', 'roof allowable')}
        onDone={done}
      />
      <OptionalNumberField
        label="Wall stiffness G"
        unit="lb/in"
        value={skin.wallStiffnessLbPerIn}
        placeholder="from the test"
        onChange={putSkin('wallStiffnessLbPerIn', 'wall stiffness')}
        onDone={done}
      />
      <OptionalNumberField
        label="Wall allowable"
        unit="plf"
        value={skin.wallAllowPlf}
        placeholder="from the test"
        onChange={putSkin('wallAllowPlf', 'wall allowable')}
        onDone={done}
        hint="For this very assembly, at allowable stress. None is assumed."
      />
      <ToggleField
        label="Values hold for narrow strips"
        hint="Else a strip narrower than its height over 3.5 counts for nothing, and to height over 2 in part."
        value={skin.narrowStrips}
        onChange={(value) => putSkin('narrowStrips', 'narrow strips')(value)}
      />
    </section>
  )
}

/** What the building stands by: tested skin, wall braces, knee braces, or nothing but its posts. */
export function BracingSide() {
  const { job, derived, edit, done } = useDoc()
  const building = job.building
  const [skin, putSkin] = usePart('skin')
  const [brace, putBrace] = usePart('bracing')
  const knee = building.knee
  const setKnee = (value: typeof knee, gesture?: string) =>
    edit('knee braces', (job) => ({ ...job, building: { ...job.building, knee: value } }), gesture && `knee-${gesture}`)
  return (
    <>
      <h2 className="mb-2">What it stands by</h2>
      <ChoiceField
        wide
        label="Tops held by"
        name="topsHeld"
        value={building.diaphragm}
        choices={TOPS.map((value) => ({ value, label: TOP[value] }))}
        onChange={(value) =>
          edit('what holds the post tops', (job) => ({ ...job, building: { ...job.building, diaphragm: value } }))
        }
      />
      {derived.lateral && (
        <p className="note mb-2" role="status">
          {relianceWords(derived.lateral)}
        </p>
      )}
      <SkinFields skin={skin} putSkin={putSkin} done={done} />
      <BraceFields brace={brace} putBrace={putBrace} building={building} done={done} derived={derived} />
      <KneeFields knee={knee} setKnee={setKnee} done={done} />
      <div className="caution">
        The frame is most dangerous before its braces are in. Temporary braces stay until skin, truss bracing and
        diaphragm are done; brace the first truss to the ground before the second is set.
      </div>
      <h2>What holds</h2>
      {sortChecks(derived.checks.filter((check) => check.stage === 'bracing')).map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
    </>
  )
}
