import { Archive, ArchiveRestore, Copy, GraduationCap, Pencil, Trash2, Undo2 } from 'lucide-react'
import Link from 'next/link'
import type { Dispatch, ReactNode, SetStateAction } from 'react'
import { formatLength, upTo } from '@/core/units'
import { dayShort } from '@/ui'
import { api, type JobSummary, type Reply } from '../job'
import { MiniPlan } from './MiniPlan'
import { shelfOf } from './yardList'

export type Settle = (reply: Reply<{ readonly id: string }>, what: string) => Promise<{ readonly id: string } | null>

/** One thing that can be done with a job, as a small sign. */
function CardAct({
  what,
  name,
  icon,
  onClick,
}: {
  readonly what: string
  readonly name: string
  readonly icon: ReactNode
  readonly onClick: () => void
}) {
  return (
    <button type="button" className="icb" aria-label={`${what} ${name}`} title={what} onClick={onClick}>
      {icon}
    </button>
  )
}

/** From one shelf to the other, each with the way back. */
function ShelfActs({ stored, settle }: { readonly stored: JobSummary; readonly settle: Settle }) {
  const { id, name } = stored
  const archive = (archived: boolean) => void api.archive(id, archived).then((reply) => settle(reply, 'That'))
  const remove = (deleted: boolean) => void api.remove(id, deleted).then((reply) => settle(reply, 'That'))
  switch (shelfOf(stored)) {
    case 'work':
      return <CardAct what="Put away" name={name} icon={<Archive size={16} />} onClick={() => archive(true)} />
    case 'away':
      return (
        <>
          <CardAct what="Take out" name={name} icon={<ArchiveRestore size={16} />} onClick={() => archive(false)} />
          <CardAct what="Throw away" name={name} icon={<Trash2 size={16} />} onClick={() => remove(true)} />
        </>
      )
    case 'thrown':
      return <CardAct what="Bring back" name={name} icon={<Undo2 size={16} />} onClick={() => remove(false)} />
  }
}

/** A job in the yard. */
export function JobCard({
  stored,
  setAsk,
  settle,
}: {
  readonly stored: JobSummary
  readonly setAsk: Dispatch<
    SetStateAction<{ readonly kind: 'new' } | { readonly kind: 'rename'; readonly job: JobSummary } | null>
  >
  readonly settle: Settle
}) {
  const { name, units } = stored
  const length = (lengthIn: number | null) => (lengthIn === null ? '–' : formatLength(lengthIn, { system: units }))
  return (
    <article className="jobcard">
      <Link className="open" href={`/jobs/${stored.id}`}>
        <MiniPlan job={stored} />
        <div className="txt">
          <h2>{name || 'without a name'}</h2>
          <div className="note">
            {length(stored.widthIn)} × {length(stored.lengthIn)}, heel {length(stored.heelIn)},{' '}
            {stored.pitchPer12 === null ? '–' : upTo(stored.pitchPer12, 2)}:12
          </div>
          <div className="lab">
            revision {stored.revision}, {dayShort(stored.updatedAt)}
          </div>
        </div>
      </Link>
      <div className="acts">
        {shelfOf(stored) !== 'thrown' && (
          <>
            <CardAct
              what="Rename"
              name={name}
              icon={<Pencil size={16} />}
              onClick={() => setAsk({ kind: 'rename', job: stored })}
            />
            <CardAct
              what="Copy"
              name={name}
              icon={<Copy size={16} />}
              onClick={() => void api.duplicate(stored.id).then((reply) => settle(reply, 'The copy'))}
            />
            <CardAct
              what="Practice copy"
              name={name}
              icon={<GraduationCap size={16} />}
              onClick={() => void api.duplicate(stored.id, true).then((reply) => settle(reply, 'The practice copy'))}
            />
          </>
        )}
        <ShelfActs stored={stored} settle={settle} />
      </div>
    </article>
  )
}
