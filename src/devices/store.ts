import {
  type DBSchema,
  type IDBPDatabase,
  type IDBPObjectStore,
  openDB,
  type OpenDBCallbacks,
  type StoreNames,
  unwrap,
  wrap,
} from 'idb'

/** A store of this browser, opened when it is first used. */
export type BrowserStore<S extends DBSchema> = () => Promise<IDBPDatabase<S>>

/** After this long a transaction is given up, ms: what waits for it is told, and the page stands. */
const LONGEST_MS = 10_000

/** What a page has begun in its stores and not handed over. */
const running = new Set<IDBTransaction>()
let broken = false

function giveUp(transaction: IDBTransaction): void {
  running.delete(transaction)
  try {
    transaction.abort()
    broken = true
  } catch {
    // It has ended, or it was handed over and ends by itself.
  }
}

/** Notes each transaction of a store until its end. */
function watched(db: IDBDatabase): void {
  const begin = db.transaction.bind(db)
  db.transaction = (...asked) => {
    const transaction = begin(...asked)
    const limit = setTimeout(() => giveUp(transaction), LONGEST_MS)
    const end = () => {
      clearTimeout(limit)
      running.delete(transaction)
    }
    running.add(transaction)
    transaction.addEventListener('complete', end)
    transaction.addEventListener('abort', end)
    // Whoever asked for something in it is told by what was asked.
    wrap(transaction).done.catch(() => undefined)
    return transaction
  }
}

/**
 * Leaves no transaction behind with the page: in WebKit one that was neither handed over nor given up then never ends, and
 * whatever comes after it in that store waits for ever. Nothing of a person's is lost: what is written is handed over as it
 * is asked (`write`), and what else was begun only reads.
 */
function leaveNothing(): void {
  for (const transaction of running) giveUp(transaction)
}

if (typeof addEventListener !== 'undefined') {
  addEventListener('pagehide', leaveNothing)
  // A page that comes back as it was put aside would go on without what was given up.
  addEventListener('pageshow', ({ persisted }) => {
    if (persisted && broken) location.reload()
  })
}

/**
 * A store of this browser. One that would not open is tried again at its next use; one that a newer page needs to change,
 * or that the browser has closed, is let go. So is that of a page that is left: a browser may put it aside as it is, and
 * what it holds open would keep the next page waiting for ever.
 */
export function storeOf<S extends DBSchema>(
  name: string,
  version: number,
  upgrade: NonNullable<OpenDBCallbacks<S>['upgrade']>,
): BrowserStore<S> {
  let opened: Promise<IDBPDatabase<S>> | null = null
  const letGo = () => {
    opened = null
  }
  const open = async (): Promise<IDBPDatabase<S>> => {
    const db = await openDB<S>(name, version, { upgrade })
    watched(unwrap(db))
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

/** What is asked of a part of a store: begun, not waited for. */
type Asked = readonly Promise<unknown>[]

/**
 * Writes into one part of a store: all of it or nothing. What is asked is handed to the browser at once, so that it is kept
 * though the page is left in the same moment.
 *
 * @param ask asks for the writes, and may read before it does
 */
export async function write<S extends DBSchema, N extends StoreNames<S>>(
  store: BrowserStore<S>,
  part: N,
  ask: (part: IDBPObjectStore<S, [N], N, 'readwrite'>) => Asked | Promise<Asked>,
): Promise<void> {
  const writing = (await store()).transaction(part, 'readwrite')
  const asked = await ask(writing.store)
  writing.commit()
  await Promise.all([...asked, writing.done])
}
