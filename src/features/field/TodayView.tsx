'use client'
import { POST_STATES, reached } from '@/core/field'
import { Measure } from '@/ui'
import type { FieldPage } from './page'
import { useLog, useMeasured } from './useField'

/** What is next: reading, hole, card; and every post with its state. */
export function TodayView({ job, derived: d, go }: FieldPage) {
  const state = useLog((s) => s.state)
  const levels = useLog((s) => s.levels)
  const who = useLog((s) => s.who)
  const setWho = useLog((s) => s.setWho)
  const refused = useLog((s) => s.refused)
  const { rods, asBuilt, rows, office } = useMeasured(job, d)
  const order = d.posts.map((p) => p.id)
  // Rows are walked one after another, as the page of readings does.
  const nextRead = [...new Set(rows.flat())].find((id) => !rods.offsets[id])
  const nextHole = order.find((id) => !reached(state.states[id], 'hole dug'))
  const nextCard = order.find((id) => !reached(state.states[id], 'cut'))
  const misfit = asBuilt.filter((p) => p.fit && p.fit.kind !== 'fits')
  const deep = (id: string) => d.holes.find((h) => h.postIds.includes(id))
  return (
    <>
      <label className="who">
        Who is writing
        <input value={who} placeholder="crew lead" onChange={(e) => setWho(e.target.value.slice(0, 60))} />
      </label>
      {refused.length > 0 && (
        <div className="fwarn" role="alert">
          <b>The server refused a record.</b>
          <p>
            It stays here. Tell the office: {refused[0].path.join('.')} {refused[0].code}.
          </p>
        </div>
      )}
      {state.troubles.map((t, i) => (
        <div className="fwarn" role="alert" key={i}>
          {t.kind === 'two-readings' && (
            <>
              <b>{t.target} was read twice</b>
              <p>
                <Measure inches={t.a.body.inches} feet={false} /> by {t.a.who || t.a.device},{' '}
                <Measure inches={t.b.body.inches} feet={false} /> by {t.b.who || t.b.device}. Both are kept; the later
                one stands. Read it again.
              </p>
            </>
          )}
          {t.kind === 'clock' && (
            <>
              <b>A phone’s clock is {Math.round(t.hours)} hours ahead</b>
              <p>{t.record.who || t.record.device}: set its clock. Its records are kept as they came.</p>
            </>
          )}
          {t.kind === 'no-setup' && (
            <>
              <b>A reading belongs to no set-up</b>
              <p>{t.reading.body.target}: it is kept but not used. Read it again in this set-up.</p>
            </>
          )}
        </div>
      ))}
      {levels.setups
        .filter((s) => s.state === 'refused')
        .map((s) => (
          <div className="fwarn" role="alert" key={s.setup}>
            <b>Set-up {s.place || s.setup} does not close</b>
            <p>
              It misses the benchmark by <Measure inches={s.closingIn ?? 0} feet={false} />: the laser was bumped. None
              of its {s.count} readings is used. Set up anew and read again.
            </p>
          </div>
        ))}
      {office.state === 'untied' && office.count > 0 && (
        <div className="fwarn" role="alert">
          <b>{office.count} readings typed in the office are not used</b>
          <p>
            They were taken from another place. The office must say, under Posts, what its rod read on the benchmark.
          </p>
        </div>
      )}
      {misfit.map((p) => (
        <div className="fwarn" role="alert" key={p.id}>
          <b>{p.id} no longer fits</b>
          <p>{p.fit?.say}</p>
        </div>
      ))}
      <div className="next">
        <button type="button" className="do" onClick={() => go(['read'])}>
          <span>Next reading</span>
          <b>{nextRead ?? 'all read'}</b>
        </button>
        <button type="button" className="do" onClick={() => go(['hole', nextHole ?? order[0]])}>
          <span>Next hole</span>
          <b>{nextHole ?? 'all dug'}</b>
          {nextHole && (
            <i>
              <Measure inches={deep(nextHole)?.digIn ?? 0} /> deep
            </i>
          )}
        </button>
        <button type="button" className="do" onClick={() => go(['post', nextCard ?? order[0]])}>
          <span>Next card</span>
          <b>{nextCard ?? 'all cut'}</b>
        </button>
      </div>
      <h2>Posts</h2>
      <ul className="plist">
        {asBuilt.map((p) => (
          <li key={p.id}>
            <button type="button" onClick={() => go(['post', p.id])}>
              <b>{p.id}</b>
              <span>{p.state}</span>
              <span className="m">
                {p.upFromRodIn !== null ? (
                  <>
                    <Measure inches={Math.abs(p.upFromRodIn)} feet={false} /> {p.upFromRodIn >= 0 ? 'up' : 'down'}
                  </>
                ) : (
                  'not read'
                )}
              </span>
              <progress
                max={POST_STATES.length - 1}
                value={POST_STATES.indexOf(p.state)}
                aria-label={`${p.id}: ${p.state}`}
              />
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}
