'use client'
import OverlayTrigger from 'react-bootstrap/OverlayTrigger'
import Popover from 'react-bootstrap/Popover'
import { shownRatio, sig, type TraceLine, written } from '@/core/result'
import { fails as isFailing } from '@/core/rules/check'
import { DIRECTION, REGISTER } from '@/formats/register'
import { STANDING_NOTE } from '@/formats/words'
import { FailSign, LoadBar, UncheckedSign } from '@/ui'
import { Awaited, sortChecks, useAnswer, useDoc, useJob } from '../job'
import { DiagramView } from './DiagramView'
import { FixTable } from './FixTable'
import { Materials } from '../drawing'
import type { CheckSummary } from '@/formats/words/checks'

/** The mark of a recalled value; it opens its line of the register. */
function Verify({ code }: { readonly code: string }) {
  const line = REGISTER[code]
  const said = (
    <Popover id={`register-${code}`}>
      <Popover.Header as="h3">{code}, to be verified</Popover.Header>
      <Popover.Body>
        {line ? (
          <>
            <p className="mb-1">
              <b>{line.what}.</b> Used: {line.used}.
            </p>
            <p className="mb-1">Source: {line.source}.</p>
            <p className="mb-0">
              If the memory is wrong: {DIRECTION[line.direction]}; {line.otherwise}.
            </p>
          </>
        ) : (
          'This value is not in the register.'
        )}
      </Popover.Body>
    </Popover>
  )
  return (
    <OverlayTrigger trigger="click" placement="auto" rootClose overlay={said}>
      <button type="button" className="verify">
        verify {code}
      </button>
    </OverlayTrigger>
  )
}

/** The check's arithmetic, line by line. */
function Arithmetic({
  lines,
  check,
  fails,
}: {
  readonly lines: readonly TraceLine[]
  readonly check: CheckSummary
  readonly fails: boolean
}) {
  return (
    <ol className="trace" aria-label="Arithmetic">
      {lines.map((line, i) => (
        <li key={i}>
          <div>
            <div className="w">
              <span>
                {line.label}
                {line.verify && (
                  <>
                    {' '}
                    <Verify code={line.verify} />
                  </>
                )}
              </span>
              <i>{line.clause}</i>
            </div>
            <div className="x">{written(line)}</div>
          </div>
          <div className="val">
            {sig(line.value)} <small>{line.unit}</small>
          </div>
        </li>
      ))}
      {check.ratio !== null && (
        <li style={fails ? { background: 'var(--keel-wash)' } : undefined}>
          <div>
            <div className="w">
              <span>Ratio</span>
              <i>1.00 or less</i>
            </div>
            <div className="x">
              {sig(check.demand)} ÷ {sig(check.capacity)} {check.unit}
            </div>
          </div>
          <div className="val">
            {shownRatio(check.ratio)} {fails && <small>fails</small>}
          </div>
        </li>
      )}
    </ol>
  )
}

/** Title, place and ratio of the check. */
function CheckHead({ fails, check }: { readonly fails: boolean; readonly check: CheckSummary }) {
  return (
    <div className="d-flex align-items-start gap-3 mb-2">
      {fails && <FailSign size={34} />}
      {check.state === 'not-checked' && <UncheckedSign size={30} />}
      <div className="flex-grow-1">
        <h2 style={{ fontSize: 21 }}>{check.title}</h2>
        <p className="mb-0" style={{ fontSize: 14, color: 'var(--ink-2)' }}>
          {check.governs}
        </p>
      </div>
      {check.state !== 'not-checked' && (
        <div style={{ textAlign: 'right' }}>
          <b
            style={{
              fontSize: check.ratio === null ? 24 : 34,
              lineHeight: 1,
              color: fails ? 'var(--keel-ink)' : 'var(--ink)',
            }}
          >
            {check.ratio === null ? 'cannot stand' : shownRatio(check.ratio)}
          </b>
          <div className="note">{check.ratio === null ? 'worse than any ratio' : 'of what it can take'}</div>
        </div>
      )}
    </div>
  )
}

/**
 * One check in full: the arithmetic line by line, its diagrams, what governs and where, and what would fix it most
 * cheaply.
 */
export function CheckMain() {
  const { derived } = useDoc()
  const judged = useJob((state) => state.judged)
  const id = useJob((state) => state.picked.check)
  const check = derived.checks.find((check) => check.id === id) ?? sortChecks(derived.checks)[0]
  const told = useAnswer(
    'explain',
    { job: judged, checkId: check.id },
    `${check.id}|${check.ratio}|${check.demand}|${check.capacity}`,
  )
  const lines = told.fresh ? (told.value?.trace ?? []) : []
  const diagram = told.fresh ? told.value?.diagram : null
  const fails = isFailing(check)
  const verify = [...new Set(lines.flatMap((line) => (line.verify ? [line.verify] : [])))]
  const fixWords = () => {
    if (fails) return 'What would fix it: '
    if (check.state === 'not-checked') return 'What to do: '
    return 'To hold more: '
  }
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px 18px' }}>
      <svg width={0} height={0} className="position-absolute" aria-hidden>
        <Materials />
      </svg>
      <CheckHead fails={fails} check={check} />
      {check.state !== 'not-checked' && (
        <p className="note mb-2">
          Under <b>{check.combination}</b>: <b>{check.place}</b>.
        </p>
      )}
      {check.state !== 'not-checked' && <LoadBar ratio={check.ratio} width={520} height={18} />}
      <div className="d-flex gap-3 mt-3 align-items-start">
        <div style={{ flex: '1 1 0', minWidth: 0 }}>
          {lines.length > 0 && <Arithmetic lines={lines} check={check} fails={fails} />}
          <Awaited answer={told} saying="Working out the arithmetic…" />
          {verify.length > 0 && (
            <p className="note mt-2">
              Values marked “verify” are recalled, not read off the standard: compare them before building; the mark
              opens what is used and which way an error would go. Defaults are on the safe side where that is known.
            </p>
          )}
        </div>
        {diagram && <DiagramView diagram={diagram} title={check.title} />}
      </div>
      <div className="my-2">
        <b>{fixWords()}</b>
        {check.fix}
      </div>
      {check.state !== 'not-checked' && <FixTable check={check} />}
      <p className="note mt-2">{STANDING_NOTE}</p>
    </div>
  )
}
