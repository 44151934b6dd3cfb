import { readFileSync } from 'node:fs'

const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms))

/** When a process began, in the kernel's own count: a number that is given out again tells another. Null: no such process. */
function beganAt(pid) {
  try {
    // The name in brackets may hold spaces: what follows it is counted from its end.
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    const [state, ...rest] = stat.slice(stat.lastIndexOf(')') + 2).split(' ')
    return state === 'Z' ? null : rest[18]
  } catch {
    return null
  }
}

/** The words that a process was started with; none where there is no such process. */
export function wordsOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0')
  } catch {
    return []
  }
}

/** A process by number and beginning. */
export const named = (pid) => ({ pid, began: beganAt(pid) })

/** Whether this very process still lives. */
export const lives = ({ pid, began }) => began !== null && beganAt(pid) === began

/** Ends a process that may not be a child of ours: asked first, then made to. */
export async function endProcess(process_, patienceMs) {
  const kill = (signal) => {
    try {
      process.kill(process_.pid, signal)
    } catch {
      /* it has gone by itself */
    }
  }
  if (!lives(process_)) return
  kill('SIGTERM')
  for (let waited = 0; waited < patienceMs && lives(process_); waited += 50) await wait(50)
  if (lives(process_)) kill('SIGKILL')
  while (lives(process_)) await wait(20)
}
