'use client'
import { takeNewer, useOffline } from '@/devices/offline'

/** Says that a newer build lies ready. It is taken when it is asked for: nothing that is half typed is lost. */
export function NewerBuild() {
  const { newer } = useOffline()
  if (!newer) return null
  return (
    <div className="fnewer" role="status">
      <span>A newer Burdock is on this phone.</span>
      <button type="button" onClick={takeNewer}>
        Load it
      </button>
    </div>
  )
}
