import { useEffect, useState } from 'react'

/** Whether the screen stays on while a page is looked at: it does, it cannot in this browser, or that is not known yet. */
export type Awake = 'awake' | 'cannot' | 'asking'

/** Keeps the screen on as long as the page that uses this is there; a page that comes to the front again asks anew. */
export function useAwake(): Awake {
  const [awake, setAwake] = useState<Awake>('asking')
  useEffect(() => {
    let lock: WakeLockSentinel | null = null
    let on = true
    const keep = async () => {
      if (!('wakeLock' in navigator)) return setAwake('cannot')
      if (document.visibilityState !== 'visible') return
      try {
        const got = await navigator.wakeLock.request('screen')
        if (!on) return void got.release()
        lock = got
        setAwake('awake')
      } catch {
        // A battery that is nearly empty is a reason too.
        if (on) setAwake('cannot')
      }
    }
    const again = () => void keep()
    void keep()
    document.addEventListener('visibilitychange', again)
    return () => {
      on = false
      document.removeEventListener('visibilitychange', again)
      lock?.release().catch(() => undefined)
    }
  }, [])
  return awake
}
