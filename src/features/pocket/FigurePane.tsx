'use client'
'use no memo'
import { lazy, Suspense, useEffect, useState } from 'react'
import type { FigureName } from '@/core/pocket'
import type { Issue } from '@/core/result'
import type { UnitSystem } from '@/core/units'
import { FIGURE_WORDS } from '@/formats/words/pocket/catalog'
import { Blade } from './Blade'
import { Card, type CardProps as Printable, inputsOf, PrintSheet } from './Card'
import { FieldInput, type Picked } from './FieldInput'
import { Answer, Arithmetic, Drawn, Wrong } from './FigureParts'
import { CARDS_ON_A_SHEET, keepCards, noteUsed, waitingCards } from './kept'
import type { Sheet } from './sheet'
import { goodsOf, type Pair, type Typed } from './typed'
import { type Open, useFigure } from './useFigure'
import { useSheet } from './useSheet'

/** Fetched when it is asked for. */
const KeepDialog = lazy(() => import('./KeepDialog').then(({ KeepDialog: dialog }) => ({ default: dialog })))

/** Wait before a half-typed text is called wrong, ms. */
const PATIENCE_MS = 600

/** Whether what is wrong has stood long enough to be said. */
function useLate(issues: readonly Issue[]): boolean {
  const [late, setLate] = useState(issues)
  useEffect(() => {
    if (issues.length === 0) return
    const timer = setTimeout(() => setLate(issues), PATIENCE_MS)
    return () => clearTimeout(timer)
  }, [issues])
  return issues.length > 0 && late === issues
}

/** The text of one length, in a field, in a row of them or beside a name, put back. */
function nudged(typed: Typed, path: string, text: string): readonly [key: string, text: Typed[string]] {
  const [key = '', at] = path.split('.')
  if (at === undefined) return [key, text]
  const rows = typed[key] as readonly (string | Pair)[]
  const moved = rows.map((row, k) => {
    if (k !== Number(at)) return row
    return typeof row === 'string' ? text : ([row[0], text] as const)
  })
  return [key, moved as Typed[string]]
}

/** The sheet of cards that is printed: those that wait, with buttons to add and take away. */
function useCards(name: FigureName, open: Open) {
  const [waiting, setWaiting] = useState(waitingCards)
  const put = (cards: typeof waiting) => {
    setWaiting(cards)
    keepCards(cards)
  }
  return {
    waiting,
    full: waiting.length >= CARDS_ON_A_SHEET - 1,
    add: () => put([...waiting, { name, given: open.given }]),
    clear: () => put([]),
  }
}

type Cards = ReturnType<typeof useCards>

interface PaneProps {
  readonly name: FigureName
  readonly given: Readonly<Record<string, unknown>> | null
  readonly job: string | null
  readonly kept: string | null
  readonly system: UnitSystem
}

/** What is printed and kept of an open figure: nothing where it has no answer. */
const printableOf = (sheet: Sheet, { given, shown }: Open, system: UnitSystem): Printable | null =>
  given && shown && { name: sheet.name, shown, liesTitle: sheet.liesTitle, inputs: inputsOf(sheet, given, system) }

/** The text of a length, in a field, in a row of them or beside a name. */
function lengthAt(typed: Typed, path: string): string {
  const [key = '', at] = path.split('.')
  const text = typed[key]
  const own = at === undefined ? text : (text as readonly (string | Pair)[] | undefined)?.[Number(at)]
  if (typeof own === 'string') return own
  return Array.isArray(own) && typeof own[1] === 'string' ? own[1] : ''
}

type Figure = ReturnType<typeof useFigure>

/** Fields, answer and drawings. */
function FigureMain({
  sheet,
  figure: { open, type, samples },
  system,
  onPick,
}: {
  readonly sheet: Sheet
  readonly figure: Figure
  readonly system: UnitSystem
  readonly onPick: (picked: Picked | null) => void
}) {
  const { title, says } = FIGURE_WORDS[sheet.name]
  const late = useLate(open.issues)
  const items = goodsOf(sheet.fields, open.typed)
  return (
    <main className="figure" id="figure" tabIndex={-1}>
      <header className="named">
        <h1>{title}</h1>
        <p>{says}</p>
        {!open.sample && (
          <button type="button" className="plain" onClick={samples}>
            Samples again
          </button>
        )}
      </header>
      <div className="fields">
        {Object.entries(sheet.fields).map(([key, field]) => (
          <FieldInput
            key={key}
            name={key}
            field={field}
            text={open.typed[key] ?? ''}
            system={system}
            items={items}
            issues={late ? open.issues.filter((issue) => issue.path[0] === key) : []}
            onType={(text) => type(key, text)}
            onPick={onPick}
          />
        ))}
      </div>
      {late || !open.shown ? (
        <Wrong issues={open.issues} labelOf={(key) => sheet.fields[key]?.label ?? ''} />
      ) : (
        <Answer outs={open.shown.outs} sample={open.sample} />
      )}
      {open.shown && <Drawn shown={open.shown} sheet={sheet} stale={open.given === null} />}
    </main>
  )
}

const NO_ANSWER = <p>As soon as there is an answer.</p>

/** Arithmetic, and the card as it prints. */
function Beside({ printable, cards }: { readonly printable: Printable | null; readonly cards: Cards }) {
  const titles = cards.waiting.map((card) => FIGURE_WORDS[card.name].title)
  return (
    <aside className="beside" aria-label="Arithmetic and card">
      <details open>
        <summary>Arithmetic</summary>
        {printable ? <Arithmetic steps={printable.shown.arithmetic} /> : NO_ANSWER}
      </details>
      <section>
        <h2>
          Card <small>as it prints, four to a sheet</small>
        </h2>
        {printable ? <Card {...printable} /> : NO_ANSWER}
        <p className="tray">
          {titles.length > 0 && `${titles.length} more on the sheet: ${titles.join(', ')}. `}
          <button type="button" className="plain" disabled={!printable || cards.full} onClick={cards.add}>
            Put it on the sheet and go on
          </button>
          {titles.length > 0 && (
            <button type="button" className="plain" onClick={cards.clear}>
              Empty the sheet
            </button>
          )}
        </p>
      </section>
      <p className="rights">
        Results are for planning: local codes, the building department and a licensed engineer decide.
      </p>
    </aside>
  )
}

function OpenFigure({ sheet, name, given, job, kept, system }: PaneProps & { readonly sheet: Sheet }) {
  const figure = useFigure(sheet, given, system)
  const { open, type } = figure
  const [picked, setPicked] = useState<Picked | null>(null)
  const [keeping, setKeeping] = useState(false)
  const [said, setSaid] = useState<string | null>(null)
  const cards = useCards(name, open)
  const printable = printableOf(sheet, open, system)
  return (
    <>
      <FigureMain sheet={sheet} figure={figure} system={system} onPick={setPicked} />
      <Beside printable={printable} cards={cards} />
      <footer className="hand">
        {picked && (
          <Blade
            picked={{ ...picked, text: lengthAt(open.typed, picked.path) }}
            system={system}
            onMove={(text) => type(...nudged(open.typed, picked.path, text))}
          />
        )}
        <p className="acts">
          {said && <span role="status">{said}</span>}
          <button type="button" disabled={!printable} onClick={() => window.print()}>
            Print this card
          </button>
          <button type="button" className="primary" disabled={!printable} onClick={() => setKeeping(true)}>
            Keep with a job
          </button>
        </p>
      </footer>
      {keeping && open.given && (
        <Suspense>
          <KeepDialog
            name={name}
            given={open.given}
            job={job}
            kept={kept}
            onClose={(title) => {
              setKeeping(false)
              setSaid(title === null ? null : `Kept with ${title}.`)
            }}
          />
        </Suspense>
      )}
      {printable && <PrintSheet waiting={cards.waiting} system={system} open={printable} />}
    </>
  )
}

/** The figure that is open. */
export function FigurePane(props: PaneProps) {
  const sheet = useSheet(props.name)
  useEffect(() => noteUsed(props.name), [props.name])
  if (sheet === 'away')
    return (
      <main className="figure" role="alert">
        <p>
          This figure has not been fetched yet and the office machine does not answer. Open it once with a signal; then
          it works without.
        </p>
      </main>
    )
  if (!sheet) return <main className="figure" aria-busy />
  return <OpenFigure {...props} sheet={sheet} />
}
