import { type DBSchema, type IDBPDatabase, openDB, type OpenDBCallbacks } from 'idb'

/**
 * A store of this browser, opened when it is first used. One that would not open is tried again at its next use; one that
 * a newer page needs to change, or that the browser has closed, is let go. So is that of a page that is left: a browser
 * may put it aside as it is, and what it holds open would keep the next page waiting for ever.
 */
export function storeOf<S extends DBSchema>(
  name: string,
  version: number,
  upgrade: NonNullable<OpenDBCallbacks<S>['upgrade']>,
): () => Promise<IDBPDatabase<S>> {
  let opened: Promise<IDBPDatabase<S>> | null = null
  const letGo = () => {
    opened = null
  }
  const open = async (): Promise<IDBPDatabase<S>> => {
    const db = await openDB<S>(name, version, { upgrade })
    db.addEventListener('close', letGo)
    db.addEventListener('versionchange', () => {
      letGo()
      db.close()
    })
    return db
  }
  const leave = () => {
    const left = opened
    letGo()
    left?.then((db) => db.close()).catch(() => undefined)
  }
  if (typeof addEventListener !== 'undefined') addEventListener('pagehide', leave)
  return () => {
    opened ??= open().catch((error: unknown) => {
      letGo()
      throw error
    })
    return opened
  }
}
