'use client'
'use no memo'
import type { FigureName } from '@/core/pocket'
import type { UnitSystem } from '@/core/units'
import { FIGURE_WORDS } from '@/formats/words/pocket/catalog'
import type { Field } from './fields'
import { CARDS_ON_A_SHEET, type WaitingCard } from './kept'
import { SceneView } from './scene/SceneView'
import { type Sheet, type Shown } from './sheet'
import { Stacked } from './Stacked'
import { type Text, typedOf, unitOf } from './typed'
import { useSheet } from './useSheet'

/** What a card shows. */
export interface CardProps {
  readonly name: FigureName
  readonly inputs: readonly (readonly [label: string, text: string])[]
  readonly shown: Shown
  readonly liesTitle: string
}

/** What stands in one field, in words; empty where nothing does. */
function inputText(field: Field, text: Text, system: UnitSystem): string {
  if (typeof text === 'string') {
    const unit = field.kind === 'number' ? unitOf(field, system) : ''
    return text === '' || unit === '' ? text : `${text} ${unit}`
  }
  return text
    .map((row) => {
      if (typeof row === 'string') return row
      return 'name' in row ? row.name : row.join(' ')
    })
    .join(', ')
}

/** What went into a figure, in words. */
export function inputsOf(sheet: Sheet, given: Record<string, unknown>, system: UnitSystem): CardProps['inputs'] {
  const typed = typedOf(sheet.fields, given, system)
  return Object.entries(sheet.fields).flatMap(([key, field]) => {
    const text = inputText(field, typed[key] ?? '', system)
    return text === '' ? [] : [[field.label, text] as const]
  })
}

/** One card: the answer first, the wood, what went in, and room for what was measured and by whom. */
export function Card({ name, inputs, shown, liesTitle }: CardProps) {
  const [first, ...others] = shown.outs
  return (
    <article className="card">
      <header>
        <h3>{FIGURE_WORDS[name].title}</h3>
        <span>for ______________</span>
      </header>
      <p className="big">
        <span>{first.label}</span>
        <b>
          <Stacked text={first.text} />
        </b>
      </p>
      <dl>
        {others.map(({ label, text }) => (
          <div key={label + text}>
            <dt>{label}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
      <SceneView scene={shown.lies} label={liesTitle} widthPx={400} mostHeightPx={170} />
      <SceneView scene={shown.stands} label="where it stands" widthPx={400} mostHeightPx={150} />
      {shown.cautions.slice(0, 1).map((caution) => (
        <p className="warn" key={caution.title}>
          ⚠ {caution.title}
        </p>
      ))}
      <p className="in">{inputs.map(([label, text]) => `${label} ${text}`).join(' · ')}</p>
      <footer>
        <span>measured</span>
        <i />
        <span>by</span>
        <i />
      </footer>
      <p className="rights">For planning. Local codes, the building department and an engineer decide.</p>
    </article>
  )
}

/** A card that waits, worked out anew. */
function Waiting({ card, system }: { readonly card: WaitingCard; readonly system: UnitSystem }) {
  const sheet = useSheet(card.name)
  if (!sheet || sheet === 'away') return null
  const result = sheet.show(card.given, system)
  if (!result.ok) return null
  const inputs = inputsOf(sheet, card.given as Record<string, unknown>, system)
  return <Card name={card.name} inputs={inputs} shown={result.value} liesTitle={sheet.liesTitle} />
}

/** The sheet that is printed: the cards that wait, and the one that is open, four in all. */
export function PrintSheet({
  waiting,
  system,
  open,
}: {
  readonly waiting: readonly WaitingCard[]
  readonly system: UnitSystem
  readonly open: CardProps
}) {
  return (
    <div className="print-sheet" aria-hidden>
      {waiting.slice(0, CARDS_ON_A_SHEET - 1).map((card, k) => (
        <Waiting key={k} card={card} system={system} />
      ))}
      <Card {...open} />
    </div>
  )
}
