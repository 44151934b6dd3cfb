import { Archive, ArchiveRestore, Copy, Pencil, Trash2, Undo2 } from 'lucide-react'
import Link from 'next/link'
import { type Dispatch, type ReactNode, type SetStateAction, useMemo } from 'react'
import { planJob } from '@/core/derive'
import type { Building } from '@/core/model'
import { formatLength, upTo } from '@/core/units'
import { dayShort } from '@/ui'
import { api, type Reply, type StoredJob } from '../job'
import { shelfOf } from './yardList'

/** A small plan of a job, straight from its posts. */
function MiniPlan({ job }: { readonly job: StoredJob }) {
  const drawn = useMemo(() => {
    const result = planJob(job.doc)
    return result.ok ? result.value : null
  }, [job.doc])
  if (!drawn) return <div className="pic" />
  const leans = job.doc.building.leanTos
  const depth = (side: string) => leans.find((lean) => lean.side === side)?.depthIn ?? 0
  const [y0, y1] = [-depth('south'), drawn.grid.widthIn + depth('north')]
  const scale = Math.min(300 / drawn.grid.lengthIn, 112 / (y1 - y0))
  const ox = (340 - drawn.grid.lengthIn * scale) / 2
  const oy = 75 + ((y1 + y0) / 2) * scale
  return (
    <svg className="pic" viewBox="0 0 340 150" width="100%" aria-hidden>
      <rect
        x={ox}
        y={oy - drawn.grid.widthIn * scale}
        width={drawn.grid.lengthIn * scale}
        height={drawn.grid.widthIn * scale}
        fill="var(--sheet)"
      />
      {drawn.strings.map((stringLine) => {
        const alongY = stringLine.from.y === stringLine.to.y
        return (
          <line
            key={stringLine.id}
            x1={ox + stringLine.from.x * scale - (alongY ? 14 : 0)}
            x2={ox + stringLine.to.x * scale + (alongY ? 14 : 0)}
            y1={oy - (alongY ? stringLine.from.y : y0) * scale + (alongY ? 0 : 14)}
            y2={oy - (alongY ? stringLine.to.y : y1) * scale - (alongY ? 0 : 14)}
            stroke="var(--chalk)"
            strokeWidth={1.4}
          />
        )
      })}
      {drawn.posts.map((post) => (
        <rect
          key={post.id}
          x={ox + post.x * scale - 2.5}
          y={oy - post.y * scale - 2.5}
          width={5}
          height={5}
          fill="var(--lumber-3)"
          stroke="var(--ink)"
          strokeWidth={0.8}
        />
      ))}
    </svg>
  )
}

export type Settle = (reply: Reply<StoredJob>, what: string) => Promise<StoredJob | null>

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
function ShelfActs({ stored, settle }: { readonly stored: StoredJob; readonly settle: Settle }) {
  const { id, doc } = stored
  const archive = (archived: boolean) => void api.archive(id, archived).then((reply) => settle(reply, 'That'))
  const remove = (deleted: boolean) => void api.remove(id, deleted).then((reply) => settle(reply, 'That'))
  switch (shelfOf(stored)) {
    case 'work':
      return <CardAct what="Put away" name={doc.name} icon={<Archive size={16} />} onClick={() => archive(true)} />
    case 'away':
      return (
        <>
          <CardAct what="Take out" name={doc.name} icon={<ArchiveRestore size={16} />} onClick={() => archive(false)} />
          <CardAct what="Throw away" name={doc.name} icon={<Trash2 size={16} />} onClick={() => remove(true)} />
        </>
      )
    case 'thrown':
      return <CardAct what="Bring back" name={doc.name} icon={<Undo2 size={16} />} onClick={() => remove(false)} />
  }
}

/** A job in the yard. */
export function JobCard({
  stored,
  building,
  setAsk,
  settle,
}: {
  readonly stored: StoredJob
  readonly building: Building
  readonly setAsk: Dispatch<
    SetStateAction<{ readonly kind: 'new' } | { readonly kind: 'rename'; readonly job: StoredJob } | null>
  >
  readonly settle: Settle
}) {
  const { name, units } = stored.doc
  const length = (lengthIn: number) => formatLength(lengthIn, { system: units })
  return (
    <article className="jobcard">
      <Link className="open" href={`/jobs/${stored.id}`}>
        <MiniPlan job={stored} />
        <div className="txt">
          <h2>{stored.doc.name}</h2>
          <div className="note">
            {length(building.widthIn)} × {length(building.lengthIn)}, heel {length(building.heelIn)},{' '}
            {upTo(building.pitchPer12, 2)}:12
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
          </>
        )}
        <ShelfActs stored={stored} settle={settle} />
      </div>
    </article>
  )
}
