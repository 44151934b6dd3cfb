'use client'
import { checkJob } from '@/core/derive'
import type { Job } from '@/core/model'
import { issueText } from '@/formats/words'
import { EntryHost, EntryScope, IssueWords } from '@/ui'
import { Component, type ComponentType, type MouseEvent, type ReactNode, useEffect, useState } from 'react'
import { BookMain, BookSide } from '../book'
import { BracingMain, BracingSide } from '../bracing'
import { BuildingMain, BuildingSide } from '../building'
import { FieldContext, type FieldLogStore, useFieldLog } from '../field'
import { HoldsMain, HoldsSide } from '../holds'
import { HolesMain, HolesSide } from '../holes'
import {
  api,
  createJobStore,
  type Draft,
  findDraft,
  findSteps,
  holdTab,
  JobContext,
  type JobStore,
  knownRevision,
  placeOf,
  removeOpening,
  type Stage,
  STAGES,
  type StoredJob,
  useJob,
  warmUp,
  watchAndSave,
} from '../job'
import { PostsMain, PostsSide } from '../posts'
import { RoofMain, RoofSide } from '../roof'
import { SiteMain, SiteSide } from '../site'
import { StringsMain, StringsSide } from '../strings'
import { WallsMain, WallsSide } from '../walls'
import { ClashDialog, HistoryDialog, RefusedDialog } from './Dialogs'
import { HelpDialog } from './HelpDialog'
import { Hints } from './Hints'
import { RecordedDialog } from './RecordedDialog'
import { Pole } from './Pole'
import { TapeBar, useTape } from './TapeBar'
import { TopBar } from './TopBar'
import { type NotOpen, notOpenOf, NotOpenPage, Plain } from './NotOpen'
import { OwnUnits } from './OwnUnits'
import { useAddress, useTitle } from './useAddress'

const VIEWS: Readonly<Record<Stage, readonly [ComponentType, ComponentType]>> = {
  site: [SiteMain, SiteSide],
  building: [BuildingMain, BuildingSide],
  strings: [StringsMain, StringsSide],
  holes: [HolesMain, HolesSide],
  posts: [PostsMain, PostsSide],
  walls: [WallsMain, WallsSide],
  roof: [RoofMain, RoofSide],
  bracing: [BracingMain, BracingSide],
  holds: [HoldsMain, HoldsSide],
  book: [BookMain, BookSide],
}

/** A fault in one panel says so and leaves the rest, and every entry, standing. */
class Shelter extends Component<{ readonly children: ReactNode }, { readonly broken: boolean }> {
  override state = { broken: false }
  static getDerivedStateFromError = () => ({ broken: true })
  override render() {
    return this.state.broken ? (
      <div className="p-4">
        <h2>This part could not be drawn</h2>
        <p className="note mt-2">
          Your entries are safe.{' '}
          <button type="button" className="btn btn-light btn-sm" onClick={() => this.setState({ broken: false })}>
            Try again
          </button>
        </p>
      </div>
    ) : (
      this.props.children
    )
  }
}

/** To the fields at once, past the stages and the drawing; the address stays. */
function toDetails(event: MouseEvent): void {
  event.preventDefault()
  document.getElementById('details')?.focus()
}

/** On a tablet the details stand aside where the work itself needs the width; a button in the top bar brings them. */
const SHUT_ON_TABLETS: Partial<Record<Stage, boolean>> = { posts: true, holes: true }

/** Undo belongs to the model everywhere; a field being typed in takes it first, to give up its text. */
function undoKey(event: KeyboardEvent, store: JobStore): void {
  event.preventDefault()
  if (document.activeElement instanceof HTMLInputElement) document.activeElement.blur()
  const { redo, undo } = store.getState()
  if (event.key === 'y' || event.shiftKey) redo()
  else undo()
}

/** Takes the picked opening out; undo brings it back. */
function deletePicked(store: JobStore): void {
  const { picked, history } = store.getState()
  const opening = history.present.building.openings.find(({ id }) => id === picked.opening)
  if (opening) removeOpening(store.getState(), opening)
}

/** The desk's own keys: undo and redo, the stages by number, help. */
function deskKey(event: KeyboardEvent, store: JobStore, onHelp: () => void): void {
  const withControl = event.ctrlKey || event.metaKey
  const undoing = withControl && !event.altKey && ['z', 'Z', 'y'].includes(event.key)
  const typing = (event.target as HTMLElement).closest('input, select, textarea') !== null
  if (!undoing && (withControl || event.altKey || typing)) return
  if (document.querySelector('[role=dialog]')) return
  if (undoing) return undoKey(event, store)
  if (event.key === 'Delete' || event.key === 'Backspace') return deletePicked(store)
  // 1 to 9, then 0 for the tenth.
  const stage = STAGES[event.key === '0' ? 9 : Number(event.key) - 1]
  if (stage) store.getState().go(stage)
  else if (event.key === '?') onHelp()
}

/** The tape of the open stage, where it has one. By itself, since every edit changes it. */
function Tape() {
  const tape = useTape()
  return tape && <TapeBar model={tape} />
}

/** What to choose where someone else has changed the job; why an edit was refused, once that is asked. */
function SaveDialog({ open, onClose }: { readonly open: boolean | null; readonly onClose: () => void }) {
  const save = useJob((state) => state.save)
  if (save.kind === 'clash' && open !== false) return <ClashDialog current={save.current} onClose={onClose} />
  if (save.kind === 'refused' && open) return <RefusedDialog issues={save.issues} onClose={onClose} />
  return null
}

function Desk({ store }: { readonly store: JobStore }) {
  useAddress(store)
  const stage = useJob((state) => state.stage)
  const id = useJob((state) => state.id)
  const [open, setOpen] = useState<'help' | 'history' | null>(null)
  // A clash asks by itself until it is put off; a refusal waits to be asked.
  const [saveOpen, setSaveOpen] = useState<boolean | null>(null)
  const [shut, setShut] = useState<Partial<Record<Stage, boolean>>>(SHUT_ON_TABLETS)
  useEffect(() => {
    const key = (event: KeyboardEvent) => deskKey(event, store, () => setOpen('help'))
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  }, [store])
  useTitle()
  const [Main, Side] = VIEWS[stage]
  return (
    <div className="desk" data-side={shut[stage] ? 'shut' : 'open'}>
      <a className="skip" href="#details" onClick={toDetails}>
        Skip to the fields
      </a>
      <TopBar
        onHelp={() => setOpen('help')}
        onHistory={() => setOpen('history')}
        onClash={() => setSaveOpen(true)}
        side={!shut[stage]}
        onSide={() => setShut({ ...shut, [stage]: !shut[stage] })}
      />
      <Pole />
      <main className="work">
        <Shelter key={`m-${stage}`}>
          <EntryScope of={`${stage}-main`}>
            <Main />
          </EntryScope>
        </Shelter>
      </main>
      <aside className="side" id="details" aria-label="Details" tabIndex={-1}>
        <Hints />
        <Shelter key={`s-${stage}`}>
          <EntryScope of={stage}>
            <Side />
          </EntryScope>
        </Shelter>
      </aside>
      <Tape />
      <HelpDialog show={open === 'help'} onHide={() => setOpen(null)} />
      <HistoryDialog id={id} show={open === 'history'} onHide={() => setOpen(null)} />
      <RecordedDialog />
      <SaveDialog open={saveOpen} onClose={() => setSaveOpen(false)} />
    </div>
  )
}

/** A new store, at the place that the address asks for. */
function storeAtAddress(stored: StoredJob, present: Job): JobStore {
  const store = createJobStore(stored, present, 'building')
  store.getState().look(placeOf(window.location.search, store.getState()))
  return store
}

/** A job as it was when its draft began, for the time the server is away. */
const fromDraft = (id: string, draft: Draft | null): StoredJob => ({
  id,
  revision: draft?.baseRevision ?? 1,
  doc: draft?.base ?? (draft?.doc as StoredJob['doc']),
  archived: false,
  deleted: false,
  createdAt: '',
  updatedAt: new Date().toISOString(),
})

/** The open job: the server's, with the draft kept here on top where it differs and can be laid out. */
function storeOf(id: string, served: StoredJob | null, draft: Draft | null): JobStore {
  const base = served ?? fromDraft(id, draft)
  const usable = draft && checkJob(draft.doc).length === 0 ? draft : null
  const changed = usable && JSON.stringify(usable.doc) !== JSON.stringify(base.doc) ? usable : null
  if (!changed) {
    const store = storeAtAddress(base, base.doc)
    if (!served) store.getState().set({ save: { kind: 'kept', why: 'away' } })
    return store
  }
  const began = changed.baseRevision === base.revision ? base.doc : changed.base
  const store = storeAtAddress({ ...base, revision: changed.baseRevision, doc: began }, changed.doc)
  if (!served) store.getState().set({ save: { kind: 'kept', why: 'away' } })
  return store
}

/** Tells the job what is recorded of its posts, so that a change asks about them. */
function useRecorded(store: JobStore | null, log: FieldLogStore | null): void {
  useEffect(() => {
    if (!store || !log) return
    const tell = () => {
      const { all, voided } = log.getState().state
      if (store.getState().field.all !== all) store.getState().set({ field: { all, voided } })
    }
    const shows = () => log.getState().setShows(store.getState().revision)
    tell()
    shows()
    const [unlog, unstore] = [log.subscribe(tell), store.subscribe(shows)]
    return () => {
      unlog()
      unstore()
    }
  }, [store, log])
}

/** One open job: loads it, or the draft kept here, and keeps saving it. */
export function JobDesk({ id, initial: served }: { readonly id: string; readonly initial: StoredJob | null }) {
  // What the page came with counts once: going back and forth brings it again, older than the edits since.
  const [initial] = useState(served)
  const [store, setStore] = useState<JobStore | null>(null)
  const log = useFieldLog(id)
  const [trouble, setTrouble] = useState<NotOpen | null>(null)
  const [attempt, setAttempt] = useState(0)

  useEffect(() => {
    let dropped = false
    let retry: ReturnType<typeof setTimeout> | undefined
    let stop: (() => void) | undefined
    holdTab()
    void (async () => {
      const draft = await findDraft(id)
      const fresh = initial && attempt === 0 && initial.revision >= knownRevision(id) ? initial : null
      const reply = fresh ? { kind: 'ok' as const, value: fresh } : await api.get(id)
      if (dropped) return
      if (reply.kind !== 'ok' && !draft) {
        const met = notOpenOf(reply)
        setTrouble(met)
        if (met.passes) retry = setTimeout(() => setAttempt((times) => times + 1), 3000)
        return
      }
      const next = storeOf(id, reply.kind === 'ok' ? reply.value : null, draft)
      const steps = await findSteps(id, next.getState().history.present)
      if (dropped) return
      if (steps) next.getState().resume(steps)
      const [unwatch, rest] = [watchAndSave(next), warmUp(next.getState)]
      stop = () => {
        unwatch()
        rest()
      }
      setTrouble(null)
      setStore(next)
    })()
    return () => {
      dropped = true
      clearTimeout(retry)
      stop?.()
    }
  }, [id, initial, attempt])

  useRecorded(store, log)

  if (trouble) return <NotOpenPage met={trouble} />
  if (!store || !log) return <Plain title="Opening the job">One moment.</Plain>
  return (
    <IssueWords.Provider value={issueText}>
      <JobContext.Provider value={store}>
        <FieldContext.Provider value={log}>
          <EntryHost onDone={store.getState().done}>
            <OwnUnits>
              <Desk store={store} />
            </OwnUnits>
          </EntryHost>
        </FieldContext.Provider>
      </JobContext.Provider>
    </IssueWords.Provider>
  )
}
