'use client'
import { shownOf } from '@/formats/shown'
import { ChevronLeft } from 'lucide-react'
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react'
import { useStore } from 'zustand'
import { deriveJob } from '@/core/derive'
import { parseJob } from '@/core/files'
import { IssueWords } from '@/ui'
import { issueText } from '@/formats/words'
import type { KeptPlan } from './kept'
import { type FieldLog, type FieldLogStore, keepJob, keptJob } from './log'
import { bearersOf, postOf } from '@/core/field'
import { ok, type Result } from '@/core/result'
import { GonePost, UnknownPost } from './GonePost'
import { HoleView } from './HoleView'
import { PieceView } from './PieceView'
import { PostView } from './PostView'
import { ReadView } from './ReadView'
import type { FieldPage } from './page'
import { TodayView } from './TodayView'
import { FieldContext, useFieldLog } from './useField'

/** How the link to the office is called, in trouble and when all is well. */
const LINK: Readonly<Record<FieldLog['link'], { readonly trouble: string | null; readonly well: string }>> = {
  starting: { trouble: null, well: 'Starting' },
  online: { trouble: null, well: 'Sent' },
  away: { trouble: 'Offline', well: 'Offline' },
  busy: { trouble: 'Office busy', well: 'Office busy' },
  full: { trouble: 'Office disk full', well: 'Office disk full' },
  'signed-out': { trouble: 'Signed out', well: '' },
}

/** Colors of the head and the count of what waits on this phone. */
function Head({
  log,
  title,
  sub,
  onBack,
}: {
  readonly log: FieldLogStore
  readonly title: string
  readonly sub: string
  readonly onBack: (() => void) | null
}) {
  const link = useStore(log, (log) => log.link)
  const waiting = useStore(log, (log) => log.waiting)
  const keeps = useStore(log, (log) => log.keeps)
  return (
    <header className="fhead">
      {onBack ? (
        <button type="button" className="back" onClick={onBack} aria-label="Back">
          <ChevronLeft size={30} />
        </button>
      ) : (
        <span className="back" />
      )}
      <div className="t">
        <b>{title}</b>
        <span>{sub}</span>
      </div>
      {LINK[link].trouble || waiting > 0 ? (
        <div className="away" role="status">
          <b>{LINK[link].trouble ?? 'Sending'}</b>
          <span>
            {waiting} {keeps ? 'kept here' : 'not kept: leave this page open'}
          </span>
        </div>
      ) : (
        <div className="ok" role="status">
          {LINK[link].well}
        </div>
      )}
    </header>
  )
}

const TITLE: Readonly<Record<string, string>> = {
  read: 'Laser readings',
  hole: 'Hole',
  post: 'Post card',
  piece: 'Piece',
}

const isPostView = (view: string): boolean => view === 'hole' || view === 'post'

/** The post that the address means: an identity, a name of before, or the first post where it says none. */
function postAt(text: string | undefined, { job, derived }: FieldPage): Result<string> {
  if (text === undefined) return ok(derived.posts[0].id)
  return postOf(text, new Set(Object.keys(derived.names)), bearersOf(job.building, derived.names))
}

/** The page that the address asks for. A post that is no more, or that nobody can tell, takes no entry. */
function View({
  view,
  found,
  piece,
  ...page
}: FieldPage & {
  readonly view: string
  readonly found: Result<string> | null
  readonly piece: string | undefined
}) {
  if (view === 'read') return <ReadView {...page} />
  if (view === 'piece' && piece !== undefined) return <PieceView {...page} id={piece} key={piece} />
  if (!found) return <TodayView {...page} />
  if (!found.ok) return <UnknownPost issues={found.issues} go={page.go} />
  const post = found.value
  if (!page.derived.posts.some(({ id }) => id === post)) return <GonePost {...page} post={post} />
  return view === 'hole' ? <HoleView {...page} post={post} key={post} /> : <PostView {...page} post={post} key={post} />
}

/** The field pages of one job. They work on from what this device last saw when there is no server. */
export function FieldApp({
  id,
  initial,
  path,
  signedIn = null,
}: {
  readonly id: string
  readonly initial: KeptPlan | null
  readonly path: readonly string[]
  /** Whose session this is: every record says so. Null where nobody signs in: whoever writes says it. */
  readonly signedIn?: string | null
}) {
  const [rest, setRest] = useState(path)
  const [plan, setPlan] = useState(initial)
  const [missing, setMissing] = useState(false)
  const log = useFieldLog(id)
  useEffect(() => {
    if (initial !== null) {
      void keepJob(id, initial)
      return
    }
    void keptJob(id).then((value) => {
      if (value) setPlan(value)
      else setMissing(true)
    })
  }, [id, initial])
  useEffect(() => {
    const back = () => setRest(window.location.pathname.split('/').slice(3).map(decodeURIComponent))
    window.addEventListener('popstate', back)
    void navigator.serviceWorker?.register('/field-sw.js').catch(() => undefined)
    return () => window.removeEventListener('popstate', back)
  }, [])
  const go = useCallback(
    (to: readonly string[]) => {
      window.history.pushState(null, '', `/field/${id}${to.map((text) => `/${encodeURIComponent(text)}`).join('')}`)
      setRest(to)
      window.scrollTo(0, 0)
    },
    [id],
  )
  const job = useMemo(() => {
    const result = plan && parseJob(plan.doc)
    return result?.ok ? result.value : null
  }, [plan])
  useEffect(() => log?.getState().setShows(plan?.revision ?? null), [log, plan])
  useEffect(() => {
    if (signedIn !== null) log?.getState().setWho(signedIn)
  }, [log, signedIn])
  const derived = useMemo(() => {
    const result = job && deriveJob(job)
    return result?.ok ? shownOf(result.value) : null
  }, [job])
  if (missing)
    return <Plain title="This job is not on this phone">Open it once with a signal: after that it is kept here.</Plain>
  if (!job || !derived || !log) return <Plain title="Opening the job">One moment.</Plain>
  const page: FieldPage = { job, derived, go, signedIn }
  const view = rest[0] ?? 'today'
  const found = isPostView(view) ? postAt(rest[1], page) : null
  const name = found?.ok ? ` ${derived.names[found.value] ?? ''}` : ''
  return (
    <IssueWords.Provider value={issueText}>
      <FieldContext.Provider value={log}>
        <div className="field">
          <Head
            log={log}
            title={`${TITLE[view] ?? 'Today'}${name}`}
            sub={job.name}
            onBack={view === 'today' ? null : () => go([])}
          />
          <div className="stick" aria-hidden />
          <main className="fmain">
            <View {...page} view={view} found={found} piece={rest[1]} />
          </main>
        </div>
      </FieldContext.Provider>
    </IssueWords.Provider>
  )
}

function Plain({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <main className="field bare">
      <div className="fmain" style={{ paddingTop: 40 }}>
        <h1 style={{ fontSize: 24 }}>{title}</h1>
        <p>{children}</p>
      </div>
    </main>
  )
}
