'use client'
import { kindName } from '@/core/derive'
import { HOLE_WASTE } from '@/core/quantities'
import { LengthField, Measure, OptionalLengthField } from '@/ui'
import { CheckRow, sortChecks, useDoc, useJob } from '../job'

/** What sizes the picked kind of hole, its checks, and the concrete for all. */
export function HolesSide() {
  const { job, derived: d, edit, done } = useDoc()
  const picked = useJob((s) => s.picked.post)
  const post = d.posts.find((p) => p.id === picked) ?? d.posts[0]
  const hole = d.holes.find((h) => h.kind === post.kind)
  const b = job.building
  const checks = sortChecks(
    d.checks.filter((c) => c.stage === 'holes' && (c.id.endsWith(`-${post.kind}`) || c.id.startsWith('site-'))),
  )
  const t = d.takeoff
  return (
    <>
      <h2>{kindName(post.kind)}</h2>
      <p className="note mt-1 mb-2">
        {hole?.postIds.length} holes, <Measure inches={hole?.diameterIn ?? 0} feet={false} /> across,{' '}
        <Measure inches={hole?.depthIn ?? 0} /> deep to the bottom of the concrete
        {hole && hole.gravelIn > 0 && (
          <>
            , <Measure inches={hole.digIn} /> dug
          </>
        )}
        .{' '}
        {d.site === null
          ? 'Not sized: the site is not complete.'
          : b.holeDiameterIn === null && checks.every((c) => c.state !== 'fails')
            ? 'The least concrete that holds.'
            : ''}
      </p>
      <OptionalLengthField
        label="Hole and pad across"
        name="holeDiameterIn"
        feet={false}
        empty="chosen"
        value={b.holeDiameterIn}
        onChange={(v, g) =>
          edit('hole diameter', (j) => ({ ...j, building: { ...j.building, holeDiameterIn: v } }), `dia-${g}`)
        }
        onDone={done}
        hint={
          b.holeDiameterIn === null
            ? 'Chosen from stock sizes; type one to fix it for all.'
            : 'The same for all; clear it to let Burdock choose.'
        }
      />
      <LengthField
        label="Least depth"
        name="minimumDepthIn"
        value={b.minimumDepthIn}
        onChange={(v, g) =>
          edit('least depth', (j) => ({ ...j, building: { ...j.building, minimumDepthIn: v } }), `min-${g}`)
        }
        onDone={done}
      />
      {b.school !== 'pier' && (
        <LengthField
          label="Pad thickness"
          name="padThicknessIn"
          feet={false}
          value={b.padThicknessIn}
          onChange={(v, g) =>
            edit('pad thickness', (j) => ({ ...j, building: { ...j.building, padThicknessIn: v } }), `pad-${g}`)
          }
          onDone={done}
        />
      )}
      <LengthField
        label="Gravel under it"
        name="gravelIn"
        feet={false}
        value={b.gravelIn}
        onChange={(v, g) => edit('gravel', (j) => ({ ...j, building: { ...j.building, gravelIn: v } }), `gravel-${g}`)}
        onDone={done}
        hint={
          b.gravelIn > 0 ? 'Dug besides the depth and tamped; it counts for nothing in bearing or frost.' : undefined
        }
      />
      <div className="rule" />
      <h2 className="mb-1">What holds</h2>
      {checks.map((c) => (
        <CheckRow key={c.id} check={c} />
      ))}
      <div className="rule" />
      <h2 className="mb-1">Concrete, all holes</h2>
      <table className="tb">
        <tbody>
          <tr>
            <td>Volume, {HOLE_WASTE * 100}% over-dig</td>
            <td className="n">{t.concreteYd3.toFixed(2)} yd³</td>
          </tr>
          <tr>
            <td>80 lb bags</td>
            <td className="n">{t.bags[80]}</td>
          </tr>
          <tr>
            <td>60 lb bags</td>
            <td className="n">{t.bags[60]}</td>
          </tr>
          {t.gravelYd3 > 0 && (
            <tr>
              <td>Gravel, loose</td>
              <td className="n">{t.gravelYd3.toFixed(2)} yd³</td>
            </tr>
          )}
          <tr>
            <td>Backfill</td>
            <td className="n">{(t.backfillFt3 / 27).toFixed(1)} yd³</td>
          </tr>
        </tbody>
      </table>
      <p className="note mt-1">Dry-set bags are no pad or collar: only mixed concrete counts.</p>
    </>
  )
}
