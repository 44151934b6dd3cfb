import { byClock, type RefusedRecord, type Stored } from '@/core/field'
import { issue } from '@/core/result'
import { absorb, type Answer, batchOf, exchange, leaveWithOffice, RETRY_MS } from './exchange'
import { keepAside, keepRecords, type SetAside } from './kept'
import { listen } from './live'
import { derivedAfter, derivedOf, type FieldLog, type FieldLogStore, NO_NAME } from './logState'

// How what was entered on a phone comes to the office: kept first, sent in the device's order, one exchange at a time;
// what the office does not take is set aside with its reason, and the rest goes on.

/** Writes to the device's own store, and says it when the browser refuses. */
export type Keep = (write: () => PromiseLike<unknown>) => void

/** How often is asked though news comes by itself, ms: a stream can die without a word. */
const LIVE_RETRY_MS = 30_000

/** Why an entry no longer waits that was left with the office. */
const LEFT = issue('left-with-office', [])

/** What is still to be sent, in the order it was made: what waits, but for what the server has turned away. */
function waitingOf({ stored, refused }: Pick<FieldLog, 'stored' | 'refused'>): readonly Stored[] {
  const turned = new Set(refused.map(({ id }) => id))
  return stored
    .filter(({ record, receivedAt }) => receivedAt === null && !turned.has(record.id))
    .sort((one, other) => byClock(one.record, other.record))
}

/** The log after the server's answer: what it has is received, what it turned away is set aside. */
function afterTaken(before: FieldLog, answer: Extract<Answer, { kind: 'taken' }>, sent: readonly Stored[]) {
  const turned = new Set(answer.refused.map(({ id }) => id))
  const stored = absorb(
    before.stored,
    sent.filter(({ record }) => !turned.has(record.id)),
    answer.records,
  )
  const has = new Set(stored.flatMap(({ record, receivedAt }) => (receivedAt === null ? [] : [record.id])))
  return { stored, refused: asideWith(before.refused, answer.refused).filter(({ id }) => !has.has(id)) }
}

/** What is set aside, each with its newest reason. */
function asideWith(before: readonly SetAside[], told: readonly RefusedRecord[]): readonly SetAside[] {
  const now = new Set(told.map(({ id }) => id))
  return [...before.filter(({ id }) => !now.has(id)), ...told]
}

/** Sends and asks, one exchange at a time, again while more waits, at news and every few seconds after. */
export function syncing(log: FieldLogStore, keep: Keep) {
  const { jobId } = log.getState()
  let after = 0
  let busy = false
  let again = false
  let stopped = false
  /** Whether records go one by one: the server refused a whole request, and one of them is why. */
  let single = false
  let timer: ReturnType<typeof setTimeout> | undefined
  const setAside = (refused: readonly SetAside[], told: readonly SetAside[]): void => {
    log.setState(derivedOf(log.getState().stored, refused))
    if (told.length > 0) keep(() => keepAside(jobId, told))
  }
  const takeRefusal = (answer: Extract<Answer, { kind: 'refused' }>, sent: readonly Stored[]): void => {
    log.setState({ link: 'online', aheadMs: answer.aheadMs })
    if (sent.length === 1) {
      const told = [{ id: sent[0].record.id, issues: answer.issues }]
      setAside(asideWith(log.getState().refused, told), told)
    } else single = true
  }
  const take = (answer: Answer, sent: readonly Stored[]): void => {
    switch (answer.kind) {
      case 'away':
      case 'busy':
      case 'full':
      case 'signed-out':
        return log.setState({ link: answer.kind })
      case 'refused':
        return takeRefusal(answer, sent)
      case 'taken': {
        after = answer.last
        if (waitingOf(log.getState()).length <= sent.length) single = false
        const before = log.getState()
        if (answer.records.length > 0 || sent.length > 0) {
          const now = afterTaken(before, answer, sent)
          log.setState(derivedAfter(before, now.stored, now.refused))
          // Only what this answer has changed: a long log is not written anew for each entry.
          const had = new Set(before.stored)
          const changed = now.stored.filter((each) => !had.has(each))
          keep(() => keepRecords(jobId, changed).then(() => keepAside(jobId, now.refused)))
        }
        log.setState({
          link: 'online',
          lastTouch: new Date().toISOString(),
          newest: answer.revision ?? before.newest,
          aheadMs: answer.aheadMs ?? before.aheadMs,
        })
      }
    }
  }
  const sync = async (): Promise<void> => {
    if (stopped) return
    if (busy) {
      again = true
      return
    }
    busy = true
    clearTimeout(timer)
    const { device, who, shows, waiting, isPhone, ...rest } = log.getState()
    const all = waitingOf(rest)
    const sent = single ? all.slice(0, 1) : batchOf(all)
    // A page that has not read yet what its phone is called does not speak for it.
    const phone = isPhone && device !== NO_NAME ? { device, who, shows, waiting, clock: Date.now() } : null
    const answer = await exchange(jobId, sent, after, phone)
    take(answer, sent)
    busy = false
    if (stopped) return
    // More waits than was sent at once, or has come than was told: on with it.
    const goesOn = answer.kind === 'taken' || answer.kind === 'refused'
    const more = answer.kind === 'taken' && answer.more
    if (again || (goesOn && (more || waitingOf(log.getState()).length > 0))) {
      again = false
      void sync()
    } else timer = setTimeout(() => void sync(), restMs(answer))
  }
  const restMs = (answer: Answer): number => {
    if ('againInMs' in answer) return answer.againInMs
    return live.on() ? LIVE_RETRY_MS : RETRY_MS
  }
  /** News that follow on what is here are taken as they are; all else is asked by the cursor. */
  const live = listen(jobId, (news) => {
    if (news?.records && news.after === after && !busy)
      take({ kind: 'taken', ...news, records: news.records, more: false, refused: [], aheadMs: null }, [])
    else if (!news || news.last !== after || news.revision !== log.getState().newest) void sync()
  })
  const leave = async (): Promise<boolean> => {
    const waiting = batchOf(waitingOf(log.getState()))
    if (!(await leaveWithOffice(jobId, waiting))) return false
    const told = waiting.map(({ record }) => ({ id: record.id, issues: [LEFT] }))
    setAside(asideWith(log.getState().refused, told), told)
    return true
  }
  const stop = () => {
    stopped = true
    live.stop()
    clearTimeout(timer)
  }
  return { sync, leave, stop }
}
