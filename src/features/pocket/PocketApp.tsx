'use client'
'use no memo'
import { useSyncExternalStore } from 'react'
import type { FigureName } from '@/core/pocket/names'
import { UNIT_SYSTEMS, type UnitSystem } from '@/core/units'
import { openedBy, POCKET, pocketAddress } from '@/formats/pocket/address'
import { FIGURE_WORDS } from '@/formats/words/pocket/catalog'
import { useOwnUnits } from '@/ui/ownUnits'
import { BurrSign, SavedSign, SavingSign } from '@/ui/signs'
import { FigureIndex, type Thumbs } from './FigureIndex'
import { FigurePane } from './FigurePane'
import { type Away, useAway } from './offline'
import { FIGURE_COUNT } from './search'
import { isFigure } from './sheets'

const watchHash = (changed: () => void) => {
  window.addEventListener('hashchange', changed)
  return () => window.removeEventListener('hashchange', changed)
}
/** What the address opens; nothing until the page is in a browser. */
const useHash = (): string =>
  useSyncExternalStore(
    watchHash,
    () => window.location.hash,
    () => '',
  )

const AWAY_WORDS: Readonly<Record<Away, string>> = {
  asking: '',
  fetching: 'being kept for no signal…',
  ready: 'works without a signal',
  partly: 'not all of it is kept here: open it with a signal',
  never: 'this browser works with a signal only',
}

const UNIT_WORDS: Readonly<Record<UnitSystem, string>> = { us: 'ft in', mm: 'mm', m: 'm' }

function Top({ title, open }: { readonly title: string; readonly open: boolean }) {
  const away = useAway()
  const [own, setOwn] = useOwnUnits()
  return (
    <header className="bar">
      <a className="home" href={open ? `${POCKET}#` : '/'} aria-label={open ? 'All figures' : 'All jobs'}>
        <BurrSign size={40} />
        <span aria-hidden>‹</span>
      </a>
      <div className="who">
        <b>{title}</b>
        <span>{open ? 'Pocket, no job needed' : `${FIGURE_COUNT} figures, each by itself`}</span>
      </div>
      <p className={`away ${away}`} role="status">
        {away === 'ready' && <SavedSign />}
        {(away === 'never' || away === 'partly') && <SavingSign off />}
        {AWAY_WORDS[away]}
      </p>
      <div className="units" role="group" aria-label="Units">
        {UNIT_SYSTEMS.map((system) => (
          <button key={system} type="button" aria-pressed={(own ?? 'us') === system} onClick={() => setOwn(system)}>
            {UNIT_WORDS[system]}
          </button>
        ))}
      </div>
    </header>
  )
}

/** What people ask first. */
const ASKED: readonly (readonly [said: string, figure: FigureName])[] = [
  ['is it square', 'diagonal'],
  ['even it out', 'equal-spaces'],
  ['how long a brace', 'knee-brace'],
  ['seat cut', 'rafter'],
  ['how many bags', 'bags'],
  ['will it fit', 'vehicle'],
]

/** The pocket: all figures, and the one that is open. */
export function PocketApp({ thumbs }: { readonly thumbs: Thumbs }) {
  const hash = useHash()
  const [own] = useOwnUnits()
  const system = own ?? 'us'
  const { name, given, job, kept } = openedBy(hash)
  const open = isFigure(name) ? name : null
  const title = open ? FIGURE_WORDS[open].title : 'Pocket'
  return (
    <div className={open ? 'pocket opened' : 'pocket'}>
      <title>{open ? `${title} · Pocket` : 'Pocket'}</title>
      <a
        className="skip"
        href="#figure"
        onClick={(event) => {
          event.preventDefault()
          document.getElementById('figure')?.focus()
        }}
      >
        To the figure
      </a>
      <Top title={title} open={open !== null} />
      <FigureIndex thumbs={thumbs} open={open} />
      {open ? (
        <FigurePane key={`${hash} ${system}`} name={open} given={given} job={job} kept={kept} system={system} />
      ) : (
        <main className="figure empty">
          <h1>{name === '' ? 'Every figure of the trade, by itself' : 'No figure of that name'}</h1>
          <p>
            Choose one at the side, or say what you are after. Nothing here needs a job or a signal; what you typed last
            is still there next time.
          </p>
          <ul>
            {ASKED.map(([said, figure]) => (
              <li key={said}>
                <a href={pocketAddress(figure)}>{said}</a> <span>{FIGURE_WORDS[figure].title}</span>
              </li>
            ))}
          </ul>
        </main>
      )}
    </div>
  )
}
