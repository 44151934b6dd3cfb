'use client'
import type { Building } from '@/core/model'
import type { Issue } from '@/core/result'
import { useDoc } from './store'

export type PutPart<P> = <F extends keyof P & string>(
  field: F,
  label: string,
) => (value: P[F], gesture?: string) => readonly Issue[]

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
