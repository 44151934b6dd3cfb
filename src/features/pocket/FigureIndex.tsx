'use client'
'use no memo'
import { type ReactNode, useState, useSyncExternalStore } from 'react'
import type { FigureName } from '@/core/pocket'
import { pocketAddress } from '@/formats/pocket/address'
import { FIGURE_WORDS } from '@/formats/words/pocket/catalog'
import { lastUsed, USED_CHANGED } from './kept'
import { found, GROUPS } from './search'

export type Thumbs = Readonly<Record<FigureName, ReactNode>>

/** What was used last, read when the page is there and when another is opened. */
const watch = (changed: () => void) => {
  window.addEventListener(USED_CHANGED, changed)
  return () => window.removeEventListener(USED_CHANGED, changed)
}
const usedNow = (): string => lastUsed().join(' ')

function FigureLink({
  name,
  thumb,
  open,
  hit,
}: {
  readonly name: FigureName
  readonly thumb: ReactNode
  readonly open: boolean
  readonly hit: boolean
}) {
  const { title, says } = FIGURE_WORDS[name]
  return (
    <a
      href={pocketAddress(name)}
      className={hit ? 'fig hit' : 'fig'}
      aria-current={open ? 'page' : undefined}
      title={says}
    >
      {thumb}
      <span>{title}</span>
      {hit && <i aria-label="does that">✓</i>}
    </a>
  )
}

/** Figures side by side. */
function Figures({
  names,
  thumbs,
  open,
  hits,
}: {
  readonly names: readonly FigureName[]
  readonly thumbs: Thumbs
  readonly open: FigureName | null
  readonly hits: ReadonlySet<FigureName> | null
}) {
  return (
    <div className="figs">
      {names.map((name) => (
        <FigureLink key={name} name={name} thumb={thumbs[name]} open={open === name} hit={hits?.has(name) ?? false} />
      ))}
    </div>
  )
}

/** All figures in their groups, each in its place; what is sought is marked where it lies. */
export function FigureIndex({ thumbs, open }: { readonly thumbs: Thumbs; readonly open: FigureName | null }) {
  const [query, setQuery] = useState('')
  const used = useSyncExternalStore(watch, usedNow, () => '')
    .split(' ')
    .filter((name): name is FigureName => name in thumbs)
  const { names, alsoSaid } = found(query)
  const first = names && [...names][0]
  return (
    <nav className="index" aria-label="Figures">
      <div className="say">
        <label htmlFor="say">say it</label>
        <input
          id="say"
          type="search"
          autoComplete="off"
          placeholder="split the difference, how long a brace…"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Escape') setQuery('')
            if (event.key === 'Enter' && first) window.location.assign(pocketAddress(first))
          }}
        />
      </div>
      <p className="count" role="status">
        {names === null && 'By what people say; Enter opens the first.'}
        {names?.size === 0 && 'No figure is called that. Try another word: brace, square, gap, lift, bags.'}
        {names !== null && names.size > 0 && (
          <>
            <b>{names.size === 1 ? '1 figure does that.' : `${names.size} figures do that.`}</b>
            {alsoSaid.length > 0 && ` Also said: ${alsoSaid.join(', ')}.`}
          </>
        )}
      </p>
      <section>
        <h2>Used last</h2>
        {used.length === 0 && <p className="none">Figures you open lie here, the latest first.</p>}
        <Figures names={used} thumbs={thumbs} open={open} hits={names} />
      </section>
      {GROUPS.map(({ title, names: inGroup }) => (
        <section key={title}>
          <h2>{title}</h2>
          <Figures names={inGroup} thumbs={thumbs} open={open} hits={names} />
        </section>
      ))}
    </nav>
  )
}
