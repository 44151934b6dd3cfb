'use client'
import { useState } from 'react'
import { dayText } from '@/formats/words'
import { dayTime } from '@/ui'
import { photoUrl, useLog } from '../field'
import { useJob } from '../job'

/** How many are shown of what came short, the newest. */
const SHOWN = 12
const PICTURE_PX = 84

/** A picture of a note; it follows its entry when the phone has a signal. */
function NotePicture({ id }: { readonly id: string }) {
  const jobId = useJob((state) => state.id)
  const [missing, setMissing] = useState(false)
  if (missing) return <span className="note">A picture is not here yet: the phone sends it when it has a signal.</span>
  return (
    <a href={photoUrl(jobId, id)} target="_blank" rel="noreferrer" aria-label="Picture of the note, in full">
      {/* eslint-disable-next-line @next/next/no-img-element -- the office's own picture, small already */}
      <img
        src={photoUrl(jobId, id)}
        alt=""
        width={PICTURE_PX}
        height={PICTURE_PX}
        style={{ objectFit: 'cover', borderRadius: 4 }}
        onError={() => setMissing(true)}
      />
    </a>
  )
}

/** What a crew noted of a post, or with null of the whole job: newest first, with pictures. */
export function NotesFromSite({ post }: { readonly post: string | null }) {
  const notes = useLog((log) => log.state.notes)
  const own = notes.filter(({ body }) => body.post === post).reverse()
  if (own.length === 0) return null
  return (
    <section aria-label="Notes from the site">
      <h3 className="mt-3 mb-1">Notes from the site</h3>
      {own.map(({ id, body, who, device, at }) => (
        <div key={id} className="mb-2">
          <p className="mb-0" style={{ whiteSpace: 'pre-line', overflowWrap: 'anywhere' }}>
            {body.text}
          </p>
          <p className="note mb-1">
            {who || device}, {dayTime(at)}
          </p>
          <div className="d-flex gap-1 flex-wrap">
            {body.photos.map((photo) => (
              <NotePicture key={photo} id={photo} />
            ))}
          </div>
        </div>
      ))}
    </section>
  )
}

/** Who was on the site on the last day that somebody said so. */
export function HereFromSite() {
  const here = useLog((log) => log.state.here)
  const last = here.at(-1)
  if (!last) return null
  return (
    <p className="mt-2 mb-0">
      Here on {dayText(last.body.day)}: <b>{last.body.names.join(', ')}</b>{' '}
      <span className="note">said by {last.who || last.device}</span>
    </p>
  )
}

/** What a crew said has come short, newest first. */
export function ShortFromSite() {
  const short = useLog((log) => log.state.short)
  if (short.length === 0) return null
  return (
    <section className="grp" aria-label="Came short">
      <h3>Came short</h3>
      <ul className="list-unstyled mb-1">
        {short
          .slice(-SHOWN)
          .reverse()
          .map(({ id, body, who, device, at }) => (
            <li key={id}>
              <b>
                {body.quantity} × {body.item}
              </b>{' '}
              <span className="note">
                {who || device}, {dayTime(at)}
              </span>
            </li>
          ))}
      </ul>
      <p className="note mb-0">Taken back under Set-ups, it leaves this list.</p>
    </section>
  )
}
