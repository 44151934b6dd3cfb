'use client'
import { useCallback, useEffect, useState } from 'react'
import { ask } from '../job'

/** A list that the office has at an address: asked for at once, again every so often where that is said, and by `look`. */
export function useAsked<T>(path: string, everyMs: number | null = null) {
  const [list, setList] = useState<readonly T[]>([])
  const look = useCallback(async () => {
    const reply = await ask<readonly T[]>(path)
    if (reply.kind === 'ok') setList(reply.value)
  }, [path])
  useEffect(() => {
    const begin = setTimeout(() => void look())
    const timer = everyMs === null ? undefined : setInterval(() => void look(), everyMs)
    return () => {
      clearTimeout(begin)
      clearInterval(timer)
    }
  }, [look, everyMs])
  return { list, look }
}
