'use client'
import { useState } from 'react'
import { cardCode, type PostAsBuilt, type Said } from '@/core/field'
import { buyingOf, sawnLongIn } from '@/core/sticks'
import { footUnreadText, headWords, RAISE_CAUTION } from '@/formats/words'
import { AfterFrame, Measure, useWriter } from '@/ui'
import { Big } from './Big'
import { Doubted, WhereToWrite } from './Doubted'
import { PostSteps } from './PostSteps'
import type { PostPage } from './page'
import { CardChanges, useChanges } from './PlanLines'
import { CutPlan, OwnMarks } from './PostParts'
import { useLog, useMeasured } from './useField'

/** Whether what was cut fits. */
function FitNote({
  built,
  cut,
  undo,
}: {
  readonly built: PostAsBuilt
  readonly cut: Said<'cut'>
  readonly undo: (id: string) => void
}) {
  const { fit } = built
  if (!fit) return null
  return (
    <div className={fit.kind === 'fits' ? 'fok' : 'fwarn'} role={fit.kind === 'fits' ? 'status' : 'alert'}>
      <div>
        <b>{fit.say}</b>
        {fit.kind !== 'fits' && (
          <p>
            It needs <Measure inches={built.needIn} /> now.
          </p>
        )}
      </div>
      {cut && (
        <button type="button" onClick={() => undo(cut.id)}>
          Undo
        </button>
      )}
    </div>
  )
}

/** What the address of a card's code says of the card; null where the page was opened otherwise. */
const cardInAddress = (): string | null =>
  typeof window === 'undefined' ? null : new URLSearchParams(window.location.search).get('card')

/** Says so where the page was opened by the code of a card that no longer reads like it. */
function CardAge({ built }: { readonly built: PostAsBuilt }) {
  const [code] = useState(cardInAddress)
  if (code === null || code === cardCode(built.signature)) return null
  return (
    <div className="caution" role="alert">
      The card you came from is superseded: reprint it. What stands here is newer.
    </div>
  )
}

const readWords = ({ readingIn }: PostAsBuilt): string => (readingIn === null ? 'Read it' : 'Read it again')

/** One post’s card on the phone: its cut, its marks from its own bottom, its state. */
export function PostView(page: PostPage) {
  const { job, derived, post: id, go, before, see } = page
  const state = useLog((log) => log.state)
  const undo = useLog((log) => log.undo)
  const { asBuilt } = useMeasured(job, derived)
  const changed = useChanges({ before }, asBuilt)
  const built = asBuilt.find((built) => built.id === id)
  if (!built) return null
  const cut = state.cuts[id]
  const longIn = sawnLongIn(buyingOf(job))
  return (
    <>
      <CardChanges changes={changed.find((each) => each.built.id === id)?.changes ?? []} see={see} />
      <CardAge built={built} />
      <Doubted {...page} />
      <CutPlan built={built} />
      <p className="fnote">{built.cutIn === null ? 'Cut this post' : 'This post was cut at'}</p>
      <Big inches={built.cutIn ?? built.needIn} feet words={false} />
      <p className="fnote">
        Its seat is <Measure inches={built.seatIn} /> from the foot.
      </p>
      {built.cutIn === null && longIn > 0 && (
        <p className="fnote">
          Saw it to <Measure inches={built.needIn + longIn} /> and set it long: it is cut to the laser’s line where it
          stands.
        </p>
      )}
      {built.fit && <FitNote built={built} cut={cut} undo={undo} />}
      {built.upFromRodIn !== null && job.building.school !== 'pier' && (
        <p className="fnote">
          From the stake {built.upFromRodIn >= 0 ? 'up' : 'down'} to the grade line:{' '}
          <b>
            <Measure inches={Math.abs(built.upFromRodIn)} feet={false} />
          </b>
        </p>
      )}
      {!built.measured && (
        <p className="fnote">
          {footUnreadText(built)} Read the rod on the {job.building.school === 'pier' ? 'bracket' : 'pad'} before
          cutting.
        </p>
      )}
      <PostSteps page={page} built={built} />
      <h2>Marks from its own bottom</h2>
      <AfterFrame>
        <OwnMarks built={built} wallNames={derived.wallNames} />
        <WhereToWrite built={built} />
        <p className="fnote">Girt marks are the {job.fieldwork.boardEdge} of the board.</p>
        <HeadLines page={page} />
        <div className="caution">{RAISE_CAUTION}</div>
        <Elsewhere built={built} go={go} />
      </AfterFrame>
    </>
  )
}

/** What is cut and bored at its head, as the paper card says it. */
function HeadLines({ page: { derived, post } }: { readonly page: PostPage }) {
  const { length } = useWriter()
  const lines = headWords(derived.columns[post].head, derived.wallNames, (lengthIn) => length(lengthIn, false))
  if (lines.length === 0) return null
  return (
    <>
      <h2>At its head</h2>
      {lines.map((line) => (
        <p key={line} className="fnote">
          {line}
        </p>
      ))}
    </>
  )
}

/** The other pages of a post. */
function Elsewhere({ built, go }: { readonly built: PostAsBuilt; readonly go: PostPage['go'] }) {
  const { id } = built
  return (
    <div className="acts small">
      <button type="button" onClick={() => go(['hole', id])}>
        Hole of {built.name}
      </button>
      <button type="button" onClick={() => go(['stand', id])}>
        As it stands
      </button>
      <button type="button" onClick={() => go(['note', id])}>
        Note
      </button>
      <button type="button" onClick={() => go(['pieces', id])}>
        Its boards
      </button>
      <button type="button" onClick={() => go(['read', id])}>
        {readWords(built)}
      </button>
    </div>
  )
}
