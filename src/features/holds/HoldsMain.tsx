'use client'
import { shownRatio, sig } from '@/core/result'
import { STANDING_NOTE } from '@/formats/words'
import { FailSign, LoadBar, UncheckedSign } from '@/ui'
import { sortChecks, useDoc, useJob } from '../job'

/** One check in full: the arithmetic line by line, what governs, what would fix it. */
export function HoldsMain() {
  const { derived: d } = useDoc()
  const id = useJob((s) => s.picked.check)
  const c = d.checks.find((x) => x.id === id) ?? sortChecks(d.checks)[0]
  const lines = c.trace()
  const fails = c.state === 'fails'
  const verify = [...new Set(lines.flatMap((l) => (l.verify ? [l.verify] : [])))]
  return (
    <div className="scroll" style={{ inset: 0, padding: '14px 22px 20px 18px' }}>
      <div className="d-flex align-items-start gap-3 mb-3">
        {fails && <FailSign size={34} />}{c.state === 'not-checked' && <UncheckedSign size={30} />}
        <div className="flex-grow-1"><h2 style={{ fontSize: 21 }}>{c.title}</h2><p className="mb-1" style={{ fontSize: 14, color: 'var(--ink-2)' }}>{c.governs}</p></div>
        {c.state !== 'not-checked' && <div style={{ textAlign: 'right' }}><b style={{ fontSize: 34, lineHeight: 1, color: fails ? 'var(--keel-ink)' : 'var(--ink)' }}>{shownRatio(c.ratio)}</b><div className="note">of what it can take</div></div>}
      </div>
      {c.state !== 'not-checked' && <LoadBar ratio={c.ratio} width={520} height={20} />}
      <div className="my-3" style={{ maxWidth: 640 }}><b>{fails ? 'What would fix it: ' : c.state === 'not-checked' ? 'What to do: ' : 'To hold more: '}</b>{c.fix}</div>
      {lines.length > 0 && (
        <ol className="trace" style={{ maxWidth: 700 }} aria-label="Arithmetic">
          {lines.map((l, i) => (
            <li key={i}>
              <div><div className="w"><span>{l.label}{l.verify && <> <span className="verify" title={`Register item ${l.verify}: a recalled value, to be compared with the standard`}>verify {l.verify}</span></>}</span><i>{l.clause}</i></div><div className="x">{l.formula}{l.numbers && l.numbers !== l.formula ? ` = ${l.numbers}` : ''}</div></div>
              <div className="val">{sig(l.value)} <small>{l.unit}</small></div>
            </li>
          ))}
          {c.state !== 'not-checked' && <li style={fails ? { background: 'var(--keel-wash)' } : undefined}><div><div className="w"><span>Ratio</span><i>1.00 or less</i></div><div className="x">{sig(c.demand)} ÷ {sig(c.capacity)}</div></div><div className="val">{shownRatio(c.ratio)} {fails && <small>fails</small>}</div></li>}
        </ol>
      )}
      {verify.length > 0 && <p className="note mt-2" style={{ maxWidth: 640 }}>Values marked “verify” are recalled, not read off the standard: compare them before building. Defaults are on the safe side where that is known.</p>}
      <p className="note mt-2">{STANDING_NOTE}</p>
    </div>
  )
}
