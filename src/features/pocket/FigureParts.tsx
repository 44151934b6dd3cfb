'use client'
'use no memo'
import { useSyncExternalStore } from 'react'
import type { Issue } from '@/core/result'
import { entryText } from '@/formats/words/entryText'
import { FIGURE_WORDS } from '@/formats/words/pocket/catalog'
import { SceneView } from './scene/SceneView'
import type { Caution, Out, Sheet, Shown, Step } from './sheet'
import { Stacked } from './Stacked'

const watchWidth = (changed: () => void) => {
  window.addEventListener('resize', changed)
  return () => window.removeEventListener('resize', changed)
}
/** From these widths of the window on, px, arithmetic and card stand beside the figure, and the index too. */
const BESIDE_PX = 900
const INDEX_PX = 1180
/** What stands beside the figure, and the air around it, px; src/app/(pocket)/pocket.scss says the same. */
const INDEX_WIDE_PX = 392
const BESIDE_WIDE_PX = 316
const AIR_PX = 30

/** Room for a drawing, px: its letters are as large everywhere, the drawing as there is room. */
function useRoom() {
  const acrossPx = useSyncExternalStore(
    watchWidth,
    () => window.innerWidth,
    () => 412,
  )
  const beside = acrossPx >= BESIDE_PX ? BESIDE_WIDE_PX : 0
  const index = acrossPx >= INDEX_PX ? INDEX_WIDE_PX : 0
  const widthPx = Math.max(320, Math.min(900, acrossPx - beside - index - AIR_PX))
  return beside > 0 ? { widthPx, stands: 195, lies: 180 } : { widthPx, stands: 250, lies: 190 }
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
export function Wrong({
  issues,
  labelOf,
}: {
  readonly issues: readonly Issue[]
  readonly labelOf: (key: string) => string
}) {
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

export function Answer({ outs, sample }: { readonly outs: readonly [Out, ...Out[]]; readonly sample: boolean }) {
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

export function Arithmetic({ steps }: { readonly steps: readonly Step[] }) {
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

/** Both drawings, with what must be minded. */
export function Drawn({
  shown,
  sheet,
  stale,
}: {
  readonly shown: Shown
  readonly sheet: Sheet
  readonly stale: boolean
}) {
  const room = useRoom()
  const { title } = FIGURE_WORDS[sheet.name]
  return (
    <div className={stale ? 'drawn stale' : 'drawn'}>
      <Cautions cautions={shown.cautions} />
      <figure>
        <figcaption>Where it stands</figcaption>
        <SceneView
          scene={shown.stands}
          label={`${title}, where it stands`}
          widthPx={room.widthPx}
          mostHeightPx={room.stands}
        />
      </figure>
      <figure>
        <figcaption>{sheet.liesTitle}</figcaption>
        <SceneView
          scene={shown.lies}
          label={`${title}: ${sheet.liesTitle}`}
          widthPx={room.widthPx}
          mostHeightPx={room.lies}
        />
      </figure>
    </div>
  )
}
