'use client'
import { useEffect, useState } from 'react'
import { useLog } from '../useField'
import { photoAt } from './photos'

/** One picture: from this device where it is kept here, else from the office. */
function Picture({ id }: { readonly id: string }) {
  const jobId = useLog((log) => log.jobId)
  const [shown, setShown] = useState<string | null>(null)
  useEffect(() => {
    let on = true
    let made: string | null = null
    photoAt(jobId, id)
      .then((found) => {
        made = typeof found === 'string' ? null : URL.createObjectURL(found)
        if (on) setShown(made ?? (found as string))
      })
      .catch(() => undefined)
    return () => {
      on = false
      if (made !== null) URL.revokeObjectURL(made)
    }
  }, [jobId, id])
  if (shown === null) return <span className="photo" />
  return (
    <span className="photo" role="img" aria-label="Picture of the note" style={{ backgroundImage: `url(${shown})` }} />
  )
}

/** Pictures beside each other. */
export const Pictures = ({ ids }: { readonly ids: readonly string[] }) =>
  ids.length === 0 ? null : (
    <div className="photos">
      {ids.map((id) => (
        <Picture key={id} id={id} />
      ))}
    </div>
  )
