'use client'
import type { Building, Job } from '@/core/model'
import type { Issue } from '@/core/result'
import { useDoc } from './store'

export type PutPart<P> = <F extends keyof P & string>(
  field: F,
  label: string,
) => (value: P[F], gesture?: string) => readonly Issue[]

/** Parts of a job beside its building that have fields of their own. */
type JobPart = 'site' | 'sizing' | 'buying' | 'plot' | 'ground'

/** One part of a job, and how it is changed: a field of it by itself, or all of it by a function. */
export interface PartInHand<P> {
  readonly part: P
  readonly put: PutPart<P>
  readonly change: (label: string, change: (part: P) => P, gesture?: string) => readonly Issue[]
  readonly done: () => void
}

export function useJobPart<K extends JobPart>(key: K): PartInHand<Job[K]> {
  const { job, edit, done } = useDoc()
  const change: PartInHand<Job[K]>['change'] = (label, change, gesture) =>
    edit(label, (now) => ({ ...now, [key]: change(now[key]) }), gesture)
  const put: PutPart<Job[K]> = (field, label) => (value, gesture) =>
    change(label, (part) => ({ ...part, [field]: value }), gesture && `${key}-${field}-${gesture}`)
  return { part: job[key], put, change, done }
}

/** A list with some fields of one of its entries changed. */
export const changedAt = <E>(list: readonly E[], i: number, to: Partial<E>): E[] =>
  list.map((each, k) => (k === i ? { ...each, ...to } : each))

/** One part of the building and a way to set its fields, each field's typing one undo. */
export function usePart<K extends keyof Building>(key: K): readonly [Building[K], PutPart<Building[K]>] {
  const { job, edit } = useDoc()
  const put: PutPart<Building[K]> = (field, label) => (value, gesture) =>
    edit(
      label,
      (job) => ({
        ...job,
        building: { ...job.building, [key]: { ...(job.building[key] as object), [field]: value } },
      }),
      gesture && `${key}-${field}-${gesture}`,
    )
  return [job.building[key], put]
}

/** A part of a part: `roof.purlins`, `joints.truss`. */
export function useSubPart<K extends 'roof' | 'joints', S extends keyof Building[K] & string>(
  key: K,
  sub: S,
): readonly [Building[K][S], PutPart<Building[K][S]>] {
  const { job, edit } = useDoc()
  const put: PutPart<Building[K][S]> = (field, label) => (value, gesture) =>
    edit(
      label,
      (job) => ({
        ...job,
        building: {
          ...job.building,
          [key]: {
            ...(job.building[key] as object),
            [sub]: { ...(job.building[key][sub] as object), [field]: value },
          },
        },
      }),
      gesture && `${key}-${sub}-${field}-${gesture}`,
    )
  return [job.building[key][sub], put]
}
