'use client'
'use no memo'
import { lazy, Suspense, useEffect, useState, useSyncExternalStore } from 'react'
import type { FigureName } from '@/core/pocket'
import type { Issue } from '@/core/result'
import type { UnitSystem } from '@/core/units'
import { entryText } from '@/formats/words/entryText'
import { FIGURE_WORDS } from '@/formats/words/pocket/catalog'
import { Blade } from './Blade'
import { Card, inputsOf, PrintSheet } from './Card'
import { FieldInput, type Picked } from './FieldInput'
import { CARDS_ON_A_SHEET, keepCards, noteUsed, waitingCards } from './kept'
import { SceneView } from './scene/SceneView'
import type { Caution, Out, Sheet, Step } from './sheet'
import { SHEETS } from './sheets'
import { Stacked } from './Stacked'
import type { Pair, Typed } from './typed'
import { type Open, useFigure } from './useFigure'

/** Fetched when it is asked for. */
const KeepDialog = lazy(() => import('./KeepDialog').then(({ KeepDialog: dialog }) => ({ default: dialog })))

/** A figure's sheet, when it is there. */
function useSheet(name: FigureName): Sheet | 'away' | null {
  const [loaded, setLoaded] = useState<Sheet | 'away' | null>(null)
  useEffect(() => {
    let here = true
    SHEETS[name]().then(
      (module) => here && setLoaded(module.default),
      () => here && setLoaded('away'),
    )
    return () => {
      here = false
    }
  }, [name])
  return loaded
}

const DESK = '(min-width: 900px)'
const watchDesk = (changed: () => void) => {
  const query = window.matchMedia(DESK)
  query.addEventListener('change', changed)
  return () => query.removeEventListener('change', changed)
}
/** Drawings are as large as there is room, their letters the same everywhere. */
const useRoom = () =>
  useSyncExternalStore(
    watchDesk,
    () => window.matchMedia(DESK).matches,
    () => false,
  )
    ? { widthPx: 540, stands: 190, lies: 180 }
    : { widthPx: 372, stands: 250, lies: 190 }

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

/** Large answers of many letters are written smaller. */
const LONG = 14
const WIDE = 7

/** How large an answer is written: by its letters, a stacked fraction as one. */
function sizeOf(text: string): string {
  const letters = text.replace(/\d+\/\d+/, '0').length
  if (letters > LONG) return 'shout long'
  return letters > WIDE ? 'shout wide' : 'shout'
}

/** What is wrong, and with which field. */
function Wrong({ issues, labelOf }: { readonly issues: readonly Issue[]; readonly labelOf: (key: string) => string }) {
  return (
    <div className="answer none" role="alert" id="wrong">
      {issues.slice(0, 2).map((issue, k) => {
        const label = labelOf(String(issue.path[0] ?? ''))
        return (
          <p key={k}>
            {label !== '' && <b>{label}: </b>}
            {entryText(issue)}
          </p>
        )
      })}
    </div>
  )
}

function Answer({ outs, sample }: { readonly outs: readonly [Out, ...Out[]]; readonly sample: boolean }) {
  const [first, ...others] = outs
  return (
    <div className="answer" role="status">
      <div className={sizeOf(first.text)}>
        <span>
          {first.label}
          {sample && <em> · sample numbers</em>}
        </span>
        <b>
          <Stacked text={first.text} />
        </b>
      </div>
      <dl>
        {others.map(({ label, text }) => (
          <div key={label + text}>
            <dt>{label}</dt>
            <dd className={text.length > LONG ? 'long' : undefined}>{text}</dd>
          </div>
        ))}
      </dl>
    </div>
  )
}

function Cautions({ cautions }: { readonly cautions: readonly Caution[] }) {
  return cautions.map(({ title, lines }) => (
    <aside key={title} className="caution">
      <h3>
        <span aria-hidden>⚠</span> {title}
      </h3>
      {lines.map((words) => (
        <p key={words}>{words}</p>
      ))}
    </aside>
  ))
}

function Arithmetic({ steps }: { readonly steps: readonly Step[] }) {
  return (
    <table>
      <tbody>
        {steps.map(({ label, formula, numbers, result }, k) => (
          <tr key={k}>
            <th scope="row">{label}</th>
            <td>
              {numbers}
              <small>{formula}</small>
            </td>
            <td>{result}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** The text of one length, in a field or in a row of them, put back. */
function nudged(typed: Typed, path: string, text: string): readonly [key: string, text: Typed[string]] {
  const [key = '', at] = path.split('.')
  if (at === undefined) return [key, text]
  return [key, (typed[key] as readonly string[]).map((old, k) => (k === Number(at) ? text : old))]
}

const isPrintable = (
  open: Open,
): open is Open & { readonly given: Record<string, unknown>; readonly shown: NonNullable<Open['shown']> } =>
  open.given !== null && open.shown !== null

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

interface PaneProps {
  readonly name: FigureName
  readonly given: Readonly<Record<string, unknown>> | null
  readonly job: string | null
  readonly system: UnitSystem
}

function OpenFigure({ sheet, name, given, job, system }: PaneProps & { readonly sheet: Sheet }) {
  const { open, type, samples } = useFigure(sheet, given, system)
  const [picked, setPicked] = useState<Picked | null>(null)
  const [keeping, setKeeping] = useState(false)
  const [said, setSaid] = useState<string | null>(null)
  const cards = useCards(name, open)
  const room = useRoom()
  const { title, says } = FIGURE_WORDS[name]
  const items = Object.entries(sheet.fields).flatMap(([key, field]) =>
    field.kind === 'counts'
      ? (open.typed[key] as readonly Pair[]).map(([item]) => item).filter((item) => item !== '')
      : [],
  )
  const late = useLate(open.issues)
  const textOf = (path: string): string => {
    const [key = '', at] = path.split('.')
    const text = open.typed[key]
    return String((at === undefined ? text : (text as readonly string[] | undefined)?.[Number(at)]) ?? '')
  }
  const readable = open.issues.length === 0
  const printable = isPrintable(open)
    ? { name, shown: open.shown, liesTitle: sheet.liesTitle, inputs: inputsOf(sheet, open.given, system) }
    : null
  return (
    <>
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
              onPick={setPicked}
            />
          ))}
        </div>
        {late || !open.shown ? (
          <Wrong issues={open.issues} labelOf={(key) => sheet.fields[key]?.label ?? ''} />
        ) : (
          <Answer outs={open.shown.outs} sample={open.sample} />
        )}
        {open.shown && (
          <div className={readable ? 'drawn' : 'drawn stale'}>
            <Cautions cautions={open.shown.cautions} />
            <figure>
              <figcaption>Where it stands</figcaption>
              <SceneView
                scene={open.shown.stands}
                label={`${title}, where it stands`}
                widthPx={room.widthPx}
                mostHeightPx={room.stands}
              />
            </figure>
            <figure>
              <figcaption>{sheet.liesTitle}</figcaption>
              <SceneView
                scene={open.shown.lies}
                label={`${title}: ${sheet.liesTitle}`}
                widthPx={room.widthPx}
                mostHeightPx={room.lies}
              />
            </figure>
          </div>
        )}
      </main>
      <aside className="beside" aria-label="Arithmetic and card">
        <details open>
          <summary>Arithmetic</summary>
          {open.shown && readable ? (
            <Arithmetic steps={open.shown.arithmetic} />
          ) : (
            <p>As soon as there is an answer.</p>
          )}
        </details>
        <section>
          <h2>
            Card <small>as it prints, four to a sheet</small>
          </h2>
          {printable && readable ? <Card {...printable} /> : <p>As soon as there is an answer.</p>}
          <p className="tray">
            {cards.waiting.length > 0 &&
              `${cards.waiting.length} more on the sheet: ${cards.waiting.map((card) => FIGURE_WORDS[card.name].title).join(', ')}. `}
            <button type="button" className="plain" disabled={!printable || cards.full} onClick={cards.add}>
              Put it on the sheet and go on
            </button>
            {cards.waiting.length > 0 && (
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
      <footer className="hand">
        {picked && (
          <Blade
            picked={{ ...picked, text: textOf(picked.path) }}
            system={system}
            onMove={(text) => type(...nudged(open.typed, picked.path, text))}
          />
        )}
        <p className="acts">
          {said && <span role="status">{said}</span>}
          <button type="button" disabled={!printable || !readable} onClick={() => window.print()}>
            Print this card
          </button>
          <button type="button" className="primary" disabled={!printable || !readable} onClick={() => setKeeping(true)}>
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
            onClose={(kept) => {
              setKeeping(false)
              setSaid(kept === null ? null : `Kept with ${kept}.`)
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
