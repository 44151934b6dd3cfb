'use client'
import { hookedMarks } from '@/core/layout'
import { roundIn } from '@/core/units'
import { DIG_CAUTION } from '@/formats/words'
import { ChoiceField, LengthField, Measure } from '@/ui'
import { useDoc, useJob } from '../job'

/** Running marks of the picked string from the chosen hook, faces and centres, and the diagonals to tape. */
export function RunningPanel() {
  const { job, derived: d, edit, done } = useDoc()
  const picked = useJob((s) => s.picked)
  const pick = useJob((s) => s.pick)
  const line = d.strings.find((s) => s.id === picked.string) ?? d.strings[0]
  const st = job.strings
  const h = hookedMarks(line, st.hook, st.hookPost)
  const onLine = line.marks.filter((m) => m.kind !== 'face' && m.kind !== 'edge')
  const put = (label: string, change: Partial<typeof st>, key?: string) =>
    edit(label, (j) => ({ ...j, strings: { ...j.strings, ...change } }), key)
  const marks = [...h.marks].sort((a, b) => a.fromHookIn - b.fromHookIn)
  const ends = [onLine[0]?.name ?? 'low end', onLine[onLine.length - 1]?.name ?? 'high end']
  return (
    <>
      <ChoiceField
        label="String"
        value={line.id}
        choices={d.strings.map((s) => ({ value: s.id, label: s.name }))}
        onChange={(v) => pick({ string: v, mark: null })}
      />
      <ChoiceField
        label="Hook the tape on"
        name="hook"
        value={st.hookPost && onLine.some((m) => m.key === st.hookPost) ? st.hookPost : st.hook}
        choices={[
          { value: 'low', label: `face of ${ends[0]}` },
          { value: 'high', label: `face of ${ends[1]}` },
          ...onLine.map((m) => ({ value: m.key, label: `centre of ${m.name}` })),
        ]}
        onChange={(v) => put('tape hook', v === 'low' || v === 'high' ? { hook: v, hookPost: null } : { hookPost: v })}
        hint={st.hookPost ? 'Running both ways from it; a minus is behind the hook.' : undefined}
      />
      <LengthField
        label="Strings run past by"
        value={st.runPastIn}
        onChange={(v, g) => put('batter boards', { runPastIn: v }, `past-${g}`)}
        onDone={done}
      />
      <table className="tb mt-2">
        <thead>
          <tr>
            <th>mark</th>
            <th></th>
            <th className="n">from the hook</th>
            <th className="n">space</th>
          </tr>
        </thead>
        <tbody>
          {marks.map((m, i) => {
            const centre = m.kind !== 'face' && m.kind !== 'edge'
            const before = marks
              .slice(0, i)
              .reverse()
              .find((x) => x.kind !== 'face' && x.kind !== 'edge')
            return (
              <tr
                key={m.key}
                className={picked.mark === m.key ? 'sel' : centre ? 'pick' : ''}
                onClick={() => centre && pick({ mark: m.key, post: m.postId })}
              >
                <td style={{ fontWeight: centre ? 700 : 400 }}>{centre ? m.name : ''}</td>
                <td className="lab" style={{ color: 'inherit' }}>
                  {m.kind === 'edge' ? 'opening edge' : m.kind === 'face' ? 'face' : 'centre'}
                </td>
                <td className="n" style={{ fontWeight: centre ? 700 : 500 }}>
                  <Measure inches={m.shownIn} />
                </td>
                <td className="n" style={{ fontWeight: 500 }}>
                  {centre && before ? <Measure inches={m.shownIn - roundIn(before.fromHookIn)} /> : ''}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <h3 className="mt-3 mb-1">Diagonals</h3>
      <table className="tb">
        <tbody>
          {d.diagonals.map((g, i) => (
            <tr key={i}>
              <td style={{ fontWeight: 600 }}>{g.name}</td>
              <td className="lab">{g.of}</td>
              <td className="n">
                <Measure inches={g.lengthIn} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="caution">{DIG_CAUTION}</div>
    </>
  )
}
