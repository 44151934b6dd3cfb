'use client'
import type { CheckSummary } from '@/formats/words/checks'
import { shownRatio } from '@/core/result'
import { fails as isFailing, worstFirst } from '@/core/rules/check'
import { FailSign, LoadBar, UncheckedSign } from '@/ui'
import { useJob } from './store'

/** One check: name, ratio, load bar, what governs. Opens its arithmetic. */
export function CheckRow({ check, width = 288 }: { readonly check: CheckSummary; readonly width?: number }) {
  const go = useJob((state) => state.go)
  const pick = useJob((state) => state.pick)
  const on = useJob((state) => state.stage === 'holds' && state.picked.check === check.id)
  const open = () => {
    go('holds')
    pick({ check: check.id, post: check.subjects[0] ?? null })
  }
  if (check.state === 'not-checked')
    return (
      <button type="button" className="chk un" aria-pressed={on} onClick={open}>
        <div className="r">
          <UncheckedSign size={14} />
          <b>{check.title}</b>
          <span className="lab" style={{ marginLeft: 'auto', whiteSpace: 'nowrap' }}>
            not checked
          </span>
        </div>
        <p>{check.governs}</p>
      </button>
    )
  const fails = isFailing(check)
  const verdict = () => {
    if (check.state === 'cannot-stand') return <b>cannot stand</b>
    if (fails) return <b>fails</b>
    if (check.state === 'close')
      return (
        <span className="lab" style={{ color: 'var(--ink)', fontWeight: 650 }}>
          close
        </span>
      )
    return null
  }
  return (
    <button type="button" className={fails ? 'chk bad' : 'chk'} aria-pressed={on} onClick={open}>
      <div className="r">
        {fails && <FailSign size={15} />}
        <b>{check.title}</b>
        {check.ratio !== null && <span className="v">{shownRatio(check.ratio)}</span>}
        {verdict()}
      </div>
      <LoadBar ratio={check.ratio} width={width} />
      <p>
        {check.governs} <u>show the arithmetic</u>
      </p>
    </button>
  )
}

/** Checks with the worst first; what could not be checked stands at the end and is never left out. */
export const sortChecks = <C extends CheckSummary>(checks: readonly C[]): C[] => [...checks].sort(worstFirst)
