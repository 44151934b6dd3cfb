import { useEffect, useMemo, useRef, useState } from 'react'
import { planJob } from '@/core/derive'
import { issuePath, issueText } from '@/formats/words'
import { api, type JobSummary, type Reply, type StoredJob } from '../job'

/** Documents of cards that were looked at, by job and revision: scrolled back to, they are there. */
const seen = new Map<string, Reply<StoredJob>>()
const MOST_SEEN = 200

async function docOf(id: string, revision: number): Promise<Reply<StoredJob>> {
  const key = `${id}:${revision}`
  const had = seen.get(key)
  if (had) return had
  const reply = await api.get(id)
  if (reply.kind === 'ok' || reply.kind === 'unreadable') seen.set(key, reply)
  for (const oldest of seen.keys()) if (seen.size > MOST_SEEN) seen.delete(oldest)
  return reply
}

/** The document of a job, fetched when its card is first in sight: a list of many jobs comes without them. */
function useDocInSight(job: JobSummary) {
  const place = useRef<HTMLDivElement>(null)
  const [reply, setReply] = useState<Reply<StoredJob> | null>(null)
  useEffect(() => {
    let here = true
    const watch = new IntersectionObserver((entries) => {
      if (!entries.some((entry) => entry.isIntersecting)) return
      watch.disconnect()
      void docOf(job.id, job.revision).then((got) => {
        if (here) setReply(got)
      })
    })
    if (place.current) watch.observe(place.current)
    return () => {
      here = false
      watch.disconnect()
    }
  }, [job.id, job.revision])
  return { place, reply }
}

/** A small plan of a job, straight from its posts; a document that does not read says why in its place. */
export function MiniPlan({ job }: { readonly job: JobSummary }) {
  const { place, reply } = useDocInSight(job)
  const [issue] = reply?.kind === 'unreadable' ? reply.issues : []
  return (
    <div ref={place} className="pic">
      {reply?.kind === 'ok' && <Drawn stored={reply.value} />}
      {reply?.kind === 'unreadable' && (
        <p className="unread">
          <b>This job cannot be read.</b>{' '}
          {issue && (
            <>
              <code>{issuePath(issue)}</code> {issueText(issue)}
            </>
          )}
        </p>
      )}
    </div>
  )
}

function Drawn({ stored }: { readonly stored: StoredJob }) {
  const drawn = useMemo(() => {
    const result = planJob(stored.doc)
    return result.ok ? result.value : null
  }, [stored.doc])
  if (!drawn) return null
  const leans = stored.doc.building.leanTos
  const depth = (side: string) => leans.find((lean) => lean.side === side)?.depthIn ?? 0
  const [y0, y1] = [-depth('south'), drawn.grid.widthIn + depth('north')]
  const scale = Math.min(300 / drawn.grid.lengthIn, 112 / (y1 - y0))
  const ox = (340 - drawn.grid.lengthIn * scale) / 2
  const oy = 75 + ((y1 + y0) / 2) * scale
  return (
    <svg viewBox="0 0 340 150" width="100%" aria-hidden>
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
