'use client'
import { useEffect, useRef, useState } from 'react'
import { ask } from '@/workers/client'
import type { CallName, Calls, Progress } from '@/workers/protocol'

/** An answer that may be on its way, have come, or have failed. */
export interface Answer<Value, Asked> {
  readonly value: Value | null
  /** Whether `value` answers what is asked now. */
  readonly fresh: boolean
  readonly asked: Asked | null
  /** Why no answer came to what is asked now. */
  readonly fault: string | null
}

/**
 * The answer to a call that follows its request, and what was asked; the one before stays until the new one comes,
 * marked as old. A call that fails is told in `fault`.
 */
export function useAnswer<K extends CallName>(
  call: K,
  request: Calls[K][0] | null,
  key: unknown,
): Answer<Calls[K][1], Calls[K][0]> {
  const [held, setHeld] = useState<{
    readonly value: Calls[K][1]
    readonly key: unknown
    readonly asked: Calls[K][0]
  } | null>(null)
  const [failed, setFailed] = useState<{ readonly key: unknown; readonly why: string } | null>(null)
  const latest = useRef(request)
  useEffect(() => {
    latest.current = request
  })
  useEffect(() => {
    if (latest.current === null) return
    const asked = latest.current
    const run = ask(call, asked)
    let on = true
    run.answer.then(
      (value) => {
        if (on && value !== null) setHeld({ value, key, asked })
      },
      (error: Error) => {
        if (on) setFailed({ key, why: error.message })
      },
    )
    return () => {
      on = false
      run.cancel()
    }
  }, [call, key])
  return {
    value: held?.value ?? null,
    fresh: held !== null && held.key === key,
    asked: held?.asked ?? null,
    fault: failed !== null && failed.key === key ? failed.why : null,
  }
}

/** A long call that is started and stopped by hand, with its progress and what was asked. */
export function useRun<K extends CallName>(call: K) {
  const [state, setState] = useState<{
    readonly progress: Progress | null
    readonly value: Calls[K][1] | null
    readonly fault: string | null
    readonly asked: Calls[K][0] | null
  }>({ progress: null, value: null, fault: null, asked: null })
  const running = useRef<(() => void) | null>(null)
  useEffect(() => () => running.current?.(), [])
  const start = (request: Calls[K][0]) => {
    running.current?.()
    setState({ progress: { done: 0, of: 1, saying: 'starting' }, value: null, fault: null, asked: request })
    const run = ask(call, request, (progress) => setState((now) => ({ ...now, progress })))
    running.current = run.cancel
    run.answer.then(
      (value) => {
        running.current = null
        setState({ progress: null, value, fault: null, asked: request })
      },
      (error: Error) => {
        running.current = null
        setState({ progress: null, value: null, fault: error.message, asked: request })
      },
    )
  }
  const stop = () => {
    running.current?.()
    running.current = null
    setState((now) => ({ ...now, progress: null }))
  }
  return { ...state, start, stop, clear: () => setState({ progress: null, value: null, fault: null, asked: null }) }
}
