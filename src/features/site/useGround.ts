'use client'
import type { Ground } from '@/core/model'
import type { Issue } from '@/core/result'
import { useDoc } from '../job'

/** Writes a changed ground; what is refused comes back with its reasons. */
export type PutGround = (name: string, change: (ground: Ground) => Ground, gesture?: string) => readonly Issue[]

/** The ground of the open job, and how it is changed. */
export function useGround(): { readonly ground: Ground; readonly put: PutGround; readonly done: () => void } {
  const { job, edit, done } = useDoc()
  const put: PutGround = (name, change, gesture) =>
    edit(name, (job) => ({ ...job, ground: change(job.ground) }), gesture)
  return { ground: job.ground, put, done }
}
