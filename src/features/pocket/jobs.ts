import { nanoid } from 'nanoid'
import type { FigureName } from '@/core/pocket'

/** A job that a figure can be kept with. */
export interface JobLine {
  readonly id: string
  readonly name: string
}
/** What is kept: the figure, what went into it, and what it is for. */
export interface FigureToKeep {
  readonly figure: FigureName
  readonly given: Readonly<Record<string, unknown>>
  readonly words: string
  /** The kept figure that it was opened from: it takes its place, where the job still has it. */
  readonly instead: string | null
}

type KeptFigure = Omit<FigureToKeep, 'instead'> & { readonly id: string }

interface Stored {
  readonly id: string
  readonly revision: number
  readonly archived?: boolean
  readonly deleted?: boolean
  readonly doc: { readonly name: string; readonly figures?: readonly KeptFigure[] } & Readonly<Record<string, unknown>>
}

const at = (id: string): string => `/api/jobs/${encodeURIComponent(id)}`

/** The jobs there are, or null where the office machine does not answer. */
export async function jobsToKeepWith(): Promise<readonly JobLine[] | null> {
  try {
    const response = await fetch('/api/jobs', { cache: 'no-store' })
    if (!response.ok) return null
    const jobs = (await response.json()) as readonly Stored[]
    return jobs.filter((job) => !job.archived && !job.deleted).map(({ id, doc }) => ({ id, name: doc.name }))
  } catch {
    return null
  }
}

/** A job as it stands now. */
async function jobNow(id: string): Promise<Stored | 'gone' | 'away'> {
  const response = await fetch(at(id), { cache: 'no-store' })
  if (response.status === 404) return 'gone'
  return response.ok ? ((await response.json()) as Stored) : 'away'
}

/** Times that it is tried while others save the same job. */
const TRIES = 4

/** A job's list with one more, or with one changed in its place; what it is for stays where nothing new is said. */
function withKept(figures: readonly KeptFigure[], { instead, ...kept }: FigureToKeep): readonly KeptFigure[] {
  if (!figures.some(({ id }) => id === instead)) return [...figures, { id: nanoid(), ...kept }]
  return figures.map((each) =>
    each.id === instead ? { id: each.id, ...kept, words: kept.words === '' ? each.words : kept.words } : each,
  )
}

/** Adds a figure to a job's list, after whatever others have saved of it in the meantime. */
export async function keepWithJob(id: string, kept: FigureToKeep): Promise<'kept' | 'away' | 'refused' | 'gone'> {
  try {
    for (let time = 0; time < TRIES; time++) {
      const job = await jobNow(id)
      if (job === 'gone' || job === 'away') return job
      const response = await fetch(at(id), {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          baseRevision: job.revision,
          label: 'a figure kept from the pocket',
          doc: { ...job.doc, figures: withKept(job.doc.figures ?? [], kept) },
        }),
      })
      if (response.ok) return 'kept'
      if (response.status === 404) return 'gone'
      if (response.status !== 409) return response.status >= 500 ? 'away' : 'refused'
    }
    return 'refused'
  } catch {
    return 'away'
  }
}
