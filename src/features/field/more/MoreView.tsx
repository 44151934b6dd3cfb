'use client'
import { useEffect, useState } from 'react'
import { counted } from '@/core/units'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { photosWaiting, sendPhotos } from './photos'

const WAYS: readonly (readonly [path: string, words: string, say: string])[] = [
  ['lines', 'Buried lines', 'before the first hole'],
  ['square', 'Strings', 'sides and diagonals'],
  ['inspect', 'Inspections', 'what was seen, and who signs'],
  ['temps', 'Temperatures', 'for the concrete'],
  ['gaps', 'Gaps between posts', 'and the girts between them'],
  ['span', 'Span at the top', 'against the truss'],
  ['delivered', 'As delivered', 'heels, spans, boards'],
  ['short', 'Came short', 'what is missing'],
  ['here', 'Who is here', 'today'],
  ['note', 'Note and pictures', 'of the job'],
  ['sheets', 'Sheets', 'strings, girts, roof, rafters, braces'],
  ['pieces', 'Boards', 'every one by its kind'],
  ['entered', 'What was entered', 'and undo'],
]

/** Pictures that wait on this device, and sending them. */
function PhotosWaiting() {
  const jobId = useLog((log) => log.jobId)
  const link = useLog((log) => log.link)
  const [waiting, setWaiting] = useState(0)
  useEffect(() => {
    let on = true
    const look = async () => {
      if (link === 'online') await sendPhotos(jobId)
      const left = await photosWaiting(jobId)
      if (on) setWaiting(left)
    }
    look().catch(() => undefined)
    return () => {
      on = false
    }
  }, [jobId, link])
  return waiting > 0 ? <p className="fnote">{counted(waiting, 'picture')} kept here, to be sent.</p> : null
}

/** What else a crew measures, says and signs. */
export function MoreView({ go }: FieldPage) {
  return (
    <>
      <PhotosWaiting />
      <div className="next more">
        {WAYS.map(([path, words, say]) => (
          <button key={path} type="button" className="do" onClick={() => go([path])}>
            <span>{words}</span>
            <i>{say}</i>
          </button>
        ))}
      </div>
    </>
  )
}
