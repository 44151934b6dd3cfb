'use client'
import { useState } from 'react'
import { answer } from '@/devices/answer'
import { newId } from '@/formats/ids'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { KeptList } from './KeptList'
import { Pictures } from './Pictures'
import { keepPhoto, scaled } from './photos'
import { Words } from './Words'

const MOST_PHOTOS = 6

/** A note with pictures, of a post or of the whole job; without a signal it is kept here like every entry. */
export function NoteView({ post, ...page }: FieldPage & { readonly post: string | null }) {
  const add = useLog((log) => log.add)
  const jobId = useLog((log) => log.jobId)
  const [text, setText] = useState('')
  const [photos, setPhotos] = useState<readonly string[]>([])
  const [trouble, setTrouble] = useState<string | null>(null)
  const take = async (files: readonly File[]) => {
    setTrouble(null)
    for (const file of files.slice(0, MOST_PHOTOS - photos.length)) {
      try {
        const id = newId(16)
        await keepPhoto(jobId, id, await scaled(file))
        setPhotos((before) => [...before, id])
      } catch {
        setTrouble(
          `${file.name} could not be kept: it is no picture that this browser reads, or there is no room for it.`,
        )
      }
    }
  }
  const keep = () => {
    add({ kind: 'note', post, text: text.trim(), photos: [...photos] })
    answer('kept', 'Note kept')
    setText('')
    setPhotos([])
  }
  return (
    <>
      <Words
        label={post === null ? 'Note on this job' : `Note on ${page.derived.names[post] ?? ''}`}
        value={text}
        placeholder="what is worth keeping"
        most={1000}
        lines={4}
        onChange={setText}
      />
      <label className="who">
        Pictures (up to {MOST_PHOTOS}; made small, and the place where they were taken is left out)
        <input
          type="file"
          accept="image/*"
          multiple
          disabled={photos.length >= MOST_PHOTOS}
          onChange={(event) => {
            void take([...(event.target.files ?? [])])
            event.target.value = ''
          }}
        />
      </label>
      {trouble !== null && (
        <div className="fwarn" role="alert">
          <b>{trouble}</b>
        </div>
      )}
      <Pictures ids={photos} />
      <div className="acts">
        <button type="button" className="main" disabled={text.trim() === '' && photos.length === 0} onClick={keep}>
          Keep this note
        </button>
      </div>
      <Notes page={page} post={post} />
      <KeptList page={page} of={({ body }) => body.kind === 'note' && body.post === post} />
    </>
  )
}

/** The pictures of what was noted before. */
function Notes({ post }: { readonly page: FieldPage; readonly post: string | null }) {
  const notes = useLog((log) => log.state.notes)
  const own = notes.filter(({ body }) => body.post === post && body.photos.length > 0)
  return (
    <>
      {own.slice(-4).map(({ id, body }) => (
        <Pictures key={id} ids={body.photos} />
      ))}
    </>
  )
}
