'use client'
import { useSyncExternalStore } from 'react'
import { FieldApp } from './FieldApp'
import { FieldJobs } from './FieldJobs'
import { openStores } from './kept'
import { NewerBuild } from './NewerBuild'
import { Plain } from './Plain'

// Before React has taken the page over: a slow phone is busy with that for a third of a second, and its store is not.
if (typeof indexedDB !== 'undefined') openStores()

const never = () => () => undefined
/** The address that was opened; null while the build makes the page. */
const usePath = (): string | null =>
  useSyncExternalStore(
    never,
    () => window.location.pathname,
    () => null,
  )

/** Every page of the field: one page made by the build, which reads from its address what it shows. */
export function FieldSite() {
  const path = usePath()
  if (path === null)
    return (
      <Plain title="Field" waiting>
        One moment.
      </Plain>
    )
  const [, , id, ...rest] = path.split('/').map(decodeURIComponent)
  if (id) return <FieldApp id={id} path={rest} />
  return (
    <>
      <NewerBuild />
      <FieldJobs />
    </>
  )
}
