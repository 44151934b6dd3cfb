/** What a browser notes under: the revision of the plan that it keeps of a job. */
const NOTE = 'burdock-plan:'

/** What an office has said: how an answer went, and what it holds. */
interface Said {
  readonly status: number
  readonly said: unknown
}
/** What the head of a page has asked for, and the answer where it has come. */
interface Asked {
  readonly answer: Promise<Said | null>
  readonly now: Said | null
}
type Early = Window & {
  burdockPlan?: Asked | undefined
}

/** Where a job's plan is asked for, by a device that has the one of revision `has`, or none. */
export const planPath = (jobId: string, has: number | undefined): string =>
  `/api/jobs/${encodeURIComponent(jobId)}/plan${has === undefined ? '' : `?has=${has}`}`

/** Notes the revision that is kept here where the head of the next page reads it at once. */
export function notePlan(jobId: string, revision: number): void {
  try {
    localStorage.setItem(NOTE + jobId, String(revision))
  } catch {
    /* Then the head of a page asks for the whole plan. */
  }
}

/** What a browser notes once something of the field was kept in it. */
const KEPT = 'burdock-kept'

/** Notes that something is kept here. */
export function noteKept(): void {
  try {
    localStorage.setItem(KEPT, 'yes')
  } catch {
    /* Then each page waits for what may be kept. */
  }
}

/** Whether nothing of the field was ever kept in this browser: then no page waits for its store. False where it cannot say. */
export function isFirstEver(): boolean {
  try {
    return !Object.keys(localStorage).some((key) => key === KEPT || key.startsWith(NOTE))
  } catch {
    return false
  }
}

/**
 * Runs in a page's head, before any script of ours has come: the plan is on its way while they are, and read by then. What
 * is no answer of the office's counts as none.
 */
export const ASK_PLAN = `(() => {
  const id = /^\\/field\\/([^/]+)/.exec(location.pathname)
  if (!id) return
  let has = null
  try { has = localStorage.getItem('${NOTE}' + decodeURIComponent(id[1])) } catch {}
  const path = '/api/jobs/' + id[1] + '/plan' + (has ? '?has=' + has : '')
  const asked = { now: null }
  asked.answer = fetch(path, { cache: 'no-store' })
    .then(async (answer) => (asked.now = { status: answer.status, said: await answer.json() }))
    .catch(() => null)
  window.burdockPlan = asked
})()`

/** The answer that the head of this page has asked for; null where there is none, or it was taken before. */
export async function earlyPlan(): Promise<Said | null> {
  const early = window as Early
  const asked = early.burdockPlan
  early.burdockPlan = undefined
  return (await asked?.answer) ?? null
}

/** The same where it has come by now; it may still be taken. */
export const earlyNow = (): Said | null => (window as Early).burdockPlan?.now ?? null
