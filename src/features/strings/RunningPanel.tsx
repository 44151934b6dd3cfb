'use client'
import { hookedMarks } from '@/core/layout'
import { roundIn } from '@/core/units'
import { DIG_CAUTION } from '@/formats/words'
import { ChoiceField, LengthField, Measure } from '@/ui'
import { useDoc, useJob } from '../job'

/** Running marks of the picked string from the chosen hook, faces and centres, and the diagonals to tape. */
export function RunningPanel() {
  const { job, derived, edit, done } = useDoc()
  const picked = useJob((state) => state.picked)
  const pick = useJob((state) => state.pick)
  const line = derived.strings.find((stringLine) => stringLine.id === picked.string) ?? derived.strings[0]
  const st = job.strings
  const run = hookedMarks(line, st.hook, st.hookPost)
  const onLine = line.marks.filter((mark) => mark.kind !== 'face' && mark.kind !== 'edge')
  const put = (label: string, change: Partial<typeof st>, key?: string) =>
    edit(label, (job) => ({ ...job, strings: { ...job.strings, ...change } }), key)
  const marks = [...run.marks].sort((one, other) => one.fromHookIn - other.fromHookIn)
  const ends = [onLine[0]?.name ?? 'low end', onLine[onLine.length - 1]?.name ?? 'high end']
  return (
    <>
      <ChoiceField
        label="String"
        value={line.id}
        choices={derived.strings.map((stringLine) => ({ value: stringLine.id, label: stringLine.name }))}
        onChange={(value) => pick({ string: value, mark: null })}
      />
      <ChoiceField
        label="Hook the tape on"
        name="hook"
        value={st.hookPost && onLine.some((mark) => mark.key === st.hookPost) ? st.hookPost : st.hook}
        choices={[
          { value: 'low', label: `face of ${ends[0]}` },
          { value: 'high', label: `face of ${ends[1]}` },
          ...onLine.map((mark) => ({ value: mark.key, label: `center of ${mark.name}` })),
        ]}
        onChange={(value) =>
          put('tape hook', value === 'low' || value === 'high' ? { hook: value, hookPost: null } : { hookPost: value })
        }
        hint={st.hookPost ? 'Running both ways from it; a minus is behind the hook.' : undefined}
      />
      <LengthField
        label="Strings run past by"
        value={st.runPastIn}
        onChange={(value, gesture) => put('batter boards', { runPastIn: value }, `past-${gesture}`)}
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
          {marks.map((mark, i) => {
            const centre = mark.kind !== 'face' && mark.kind !== 'edge'
            const before = marks
              .slice(0, i)
              .reverse()
              .find((mark) => mark.kind !== 'face' && mark.kind !== 'edge')
            const kindWords = () => {
              if (mark.kind === 'edge') return 'opening edge'
              if (mark.kind === 'face') return 'face'
              return 'center'
            }
            const rowClass = () => {
              if (picked.mark === mark.key) return 'sel'
              if (centre) return 'pick'
              return ''
            }
            return (
              <tr
                key={mark.key}
                className={rowClass()}
                onClick={() => centre && pick({ mark: mark.key, post: mark.postId })}
              >
                <td style={{ fontWeight: centre ? 700 : 400 }}>{centre ? mark.name : ''}</td>
                <td className="lab" style={{ color: 'inherit' }}>
                  {kindWords()}
                </td>
                <td className="n" style={{ fontWeight: centre ? 700 : 500 }}>
                  <Measure inches={mark.shownIn} />
                </td>
                <td className="n" style={{ fontWeight: 500 }}>
                  {centre && before ? <Measure inches={mark.shownIn - roundIn(before.fromHookIn)} /> : ''}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <h3 className="mt-3 mb-1">Diagonals</h3>
      <table className="tb">
        <tbody>
          {derived.diagonals.map((diagonal, i) => (
            <tr key={i}>
              <td style={{ fontWeight: 600 }}>{diagonal.name}</td>
              <td className="lab">{diagonal.of}</td>
              <td className="n">
                <Measure inches={diagonal.lengthIn} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="caution">{DIG_CAUTION}</div>
    </>
  )
}
