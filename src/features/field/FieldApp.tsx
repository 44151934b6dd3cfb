'use client'
import { lazy, Suspense, useCallback, useEffect, useState } from 'react'
import { IssueWords } from '@/ui'
import { issueText } from '@/formats/words'
import type { FieldLogStore } from './logState'
import { bearersOf, postOf, spotTarget } from '@/core/field'
import { leads } from '@/core/people'
import { ok, type Result } from '@/core/result'
import { Head } from './Head'
import { CannotKeep } from './Keeping'
import { NewerBuild } from './NewerBuild'
import { UnknownPost } from './UnknownPost'
import { onceOnly } from './onceOnly'
import type { FieldPage } from './page'
import { Plain } from './Plain'
import { PlanAge, usePlanAge } from './PlanLines'
import { TodayView } from './TodayView'
import { useMe } from './useMe'
import { type NoPlan, usePlan } from './usePlan'
import { FieldContext, useFieldLog } from './useField'
import { useSheetsKept } from './useSheets'
import { fetchViews, useMore, useViews } from './useViews'

const TITLE: Readonly<Record<string, string>> = {
  read: 'Laser readings',
  hole: 'Hole',
  post: 'Post card',
  piece: 'Piece',
  entered: 'What was entered',
  more: 'More to enter',
  lines: 'Buried lines',
  square: 'Strings',
  inspect: 'Inspections',
  temps: 'Temperatures',
  gaps: 'Gaps between posts',
  span: 'Span at the top',
  delivered: 'As delivered',
  short: 'Came short',
  here: 'Who is here',
  note: 'Note',
  stand: 'As it stands',
  pieces: 'Boards',
  sheets: 'Sheets',
}

const titleOf = (view: string, post: string | null, names: Readonly<Record<string, string>>): string =>
  [TITLE[view] ?? 'Today', post === null ? '' : (names[post] ?? '')].join(' ').trim()

/** Pages that are of one post, and show another when it is picked. */
const isPicked = (view: string): view is 'read' | 'hole' | 'post' => view === 'read' || isPostView(view)
const isPostView = (view: string): boolean => view === 'hole' || view === 'post'

/** The post that the address means: an identity, a name of before, or the first post where it says none. */
function postAt(text: string | undefined, { job, derived }: FieldPage): Result<string> {
  if (text === undefined) return ok(derived.posts[0].id)
  return postOf(text, new Set(Object.keys(derived.names)), bearersOf(job.building, derived.names))
}

/** Pages that are opened now and then: kept on the phone like the others, and read when they are asked for. */
const PieceView = lazy(() => import('./PieceView').then(({ PieceView }) => ({ default: PieceView })))
const GonePost = lazy(() => import('./GonePost').then(({ GonePost }) => ({ default: GonePost })))

const MORE_VIEWS = [
  'more',
  'lines',
  'square',
  'inspect',
  'temps',
  'gaps',
  'span',
  'delivered',
  'short',
  'here',
  'note',
  'stand',
  'pieces',
  'sheets',
] as const
type MoreOf = (typeof MORE_VIEWS)[number]
const isMore = (view: string): view is MoreOf => (MORE_VIEWS as readonly string[]).includes(view)

/** A page on which more is entered than rods, holes and posts. */
function MorePage({
  view,
  post,
  page,
}: {
  readonly view: MoreOf
  readonly post: string | undefined
  readonly page: FieldPage
}) {
  const more = useMore()
  if (!more) return <Coming />
  const found = post === undefined ? null : postAt(post, page)
  const known = found?.ok ? found.value : null
  if (view === 'note') return <more.NoteView {...page} post={known} key={known} />
  if (view === 'sheets') {
    const at = Number(post ?? Number.NaN)
    return <more.SheetsView {...page} at={Number.isSafeInteger(at) ? at : null} key={at} />
  }
  if (view === 'pieces') return <more.PiecesView {...page} post={known} key={known} />
  if (view === 'stand')
    return known === null ? <TodayView {...page} /> : <more.StandView {...page} post={known} key={known} />
  const Page = more.OF_JOB[view]
  return <Page {...page} />
}

/** Whether a reading can be of this: a post of the plan, or a spot of its ground. */
const isPlace = ({ job, derived }: FieldPage, id: string): boolean =>
  id in derived.names || job.ground.spots.some((spot) => spotTarget(spot.id) === id)

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
  const views = useViews()
  if (view === 'read') {
    const post = piece !== undefined && isPlace(page, piece) ? piece : null
    return views ? <views.ReadView {...page} post={post} key={post} /> : <Coming />
  }
  if (view === 'entered') return views ? <views.EnteredView {...page} /> : <Coming />
  if (isMore(view)) return <MorePage view={view} post={piece} page={page} />
  if (view === 'piece' && piece !== undefined) return <PieceView {...page} id={piece} key={piece} />
  if (!found) return <TodayView {...page} />
  if (!found.ok) return <UnknownPost issues={found.issues} go={page.go} />
  const post = found.value
  if (!page.derived.posts.some(({ id }) => id === post)) return <GonePost {...page} post={post} />
  if (!views) return <Coming />
  const Page = view === 'hole' ? views.HoleView : views.PostView
  return <Page {...page} post={post} key={post} />
}

/** Stands while a page is still on its way. */
const Coming = () => <p className="fnote">One moment.</p>

/** Where one is within a job, and the way to elsewhere: each step is one of the browser's own. */
function useRest(id: string, path: readonly string[]) {
  const [rest, setRest] = useState(path)
  useEffect(() => {
    const back = () => setRest(window.location.pathname.split('/').slice(3).map(decodeURIComponent))
    window.addEventListener('popstate', back)
    return () => window.removeEventListener('popstate', back)
  }, [])
  const go = useCallback(
    (to: readonly string[]) => {
      const address = `/field/${id}${to.map((text) => `/${encodeURIComponent(text)}`).join('')}`
      // The browser's own: the one that Next puts in its place draws its router anew before the tap is answered.
      History.prototype.pushState.call(window.history, null, '', address)
      setRest(to)
      window.scrollTo(0, 0)
    },
    [id],
  )
  return { rest, go }
}

const NO_PLAN: Readonly<Record<NoPlan, readonly [title: string, text: string]>> = {
  opening: ['Opening the job', 'One moment.'],
  'not-here': ['This job is not on this phone', 'Open it once with a signal: after that it is kept here.'],
  gone: ['No such job', 'The office has no job at this address. The code may be of a job that was deleted.'],
  'signed-out': ['Signed out', 'Sign in with a signal to open this job here.'],
  broken: ['The plan contradicts itself', 'The office must mend it: no card can be worked out until then.'],
  'other-build': ['This page is of another Burdock', 'The office has a newer one. Load this page again with a signal.'],
}

/** Pages with keys for a thumb: what is said of the phone stands under them, and in the head. */
const KEYED: readonly string[] = ['read', 'hole', 'square', 'gaps', 'span', 'delivered', 'stand']
const hasKeys = (view: string): boolean => KEYED.includes(view)

/** When the rest of the pages is fetched after the first one has been made, ms. */
const AFTER_FIRST_MS = 200

/** The page that the address asks for, with its head. */
function Pages({
  page,
  log,
  rest,
  gone,
}: {
  readonly page: FieldPage
  readonly log: FieldLogStore
  readonly rest: readonly string[]
  readonly gone: boolean
}) {
  const { job, derived, go, plan } = page
  const view = rest[0] ?? 'today'
  const found = isPostView(view) ? postAt(rest[1], page) : null
  const post = found?.ok ? found.value : null
  // The pages that this one leads to come once it stands.
  useEffect(() => {
    const later = setTimeout(() => void fetchViews(), AFTER_FIRST_MS)
    return () => clearTimeout(later)
  }, [])
  const views = useViews()
  const [picking, setPicking] = useState(false)
  const [guard] = useState(onceOnly)
  const age = usePlanAge(log, plan)
  useSheetsKept(log, plan.revision, views !== null)
  return (
    <div className={job.practice ? 'field practice' : 'field'}>
      <Head
        log={log}
        title={titleOf(view, post, derived.names)}
        sub={age === null ? job.name : `Plan ${plan.revision}, as of ${age}`}
        onBack={view === 'today' ? null : () => go([])}
        onPosts={() => setPicking(true)}
      />
      <div className="stick" aria-hidden />
      <main className="fmain" onClickCapture={guard}>
        {job.practice && <div className="fpractice">Practice copy: no building is set out by it.</div>}
        {!hasKeys(view) && <CannotKeep />}
        {gone && (
          <div className="fwarn" role="alert">
            <b>The office no longer has this job: what is kept here is all there is.</b>
          </div>
        )}
        <Suspense fallback={<Coming />}>
          <View {...page} view={view} found={found} piece={rest[1]} />
        </Suspense>
        {hasKeys(view) && <CannotKeep />}
        <PlanAge revision={plan.revision} age={age} />
        {picking && views && (
          <views.PostPicker
            page={page}
            view={isPicked(view) ? view : 'post'}
            here={post}
            onClose={() => setPicking(false)}
          />
        )}
      </main>
    </div>
  )
}

/** The field pages of one job. They work on from what this device last saw when there is no server. */
export function FieldApp({ id, path }: { readonly id: string; readonly path: readonly string[] }) {
  const { rest, go } = useRest(id, path)
  const log = useFieldLog(id, true)
  const { plan, none, gone, before, see } = usePlan(id, log)
  const me = useMe()
  const isFirst = rest.length === 0
  useEffect(() => {
    if (!isFirst) void fetchViews()
  }, [isFirst])
  const signedIn = me?.kind === 'person' ? me.name : null
  const isLead = me?.kind !== 'person' || leads(me.role)
  useEffect(() => {
    if (signedIn !== null) log?.getState().setWho(signedIn)
  }, [log, signedIn])
  if (plan === null) {
    const [title, text] = NO_PLAN[none]
    return (
      <>
        <NewerBuild />
        <Plain title={title}>
          {text} {none === 'signed-out' && <SignInLink />}
        </Plain>
      </>
    )
  }
  if (!log) return <Plain title="Opening the job">One moment.</Plain>
  const { job, derived } = plan.plan
  const page: FieldPage = { job, derived, before: before?.plan ?? null, see, go, signedIn, isLead, plan }
  return (
    <IssueWords.Provider value={issueText}>
      <FieldContext.Provider value={log}>
        <Pages page={page} log={log} rest={rest} gone={gone} />
      </FieldContext.Provider>
    </IssueWords.Provider>
  )
}

const SignInLink = () => <a href={`/sign-in?to=${encodeURIComponent(window.location.pathname)}`}>Sign in</a>
