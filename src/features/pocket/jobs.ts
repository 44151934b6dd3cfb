import { nanoid } from 'nanoid'
import type { Job } from '@/core/model'
// The calls alone: all else of a job stays on the desk.
import { api } from '../job/api'

type KeptFigure = Job['figures'][number]

/** A job that a figure can be kept with. */
export interface JobLine {
  readonly id: string
  readonly name: string
}
/** What is kept: the figure, what went into it, and what it is for. */
export interface FigureToKeep extends Omit<KeptFigure, 'id' | 'given'> {
  readonly given: Readonly<Record<string, unknown>>
  /** The kept figure that it was opened from: it takes its place, where the job still has it. */
  readonly instead: string | null
}

/** The jobs there are, or null where the office machine does not answer. */
export async function jobsToKeepWith(): Promise<readonly JobLine[] | null> {
  const jobs = await api.list()
  if (jobs.kind !== 'ok') return null
  return jobs.value.filter((job) => !job.archived && !job.deleted).map(({ id, name }) => ({ id, name }))
}

/** Times that it is tried while others save the same job. */
const TRIES = 4

/** A job's list with one more, or with one changed in its place; what it is for stays where nothing new is said. */
function withKept(figures: readonly KeptFigure[], { instead, given, ...said }: FigureToKeep): KeptFigure[] {
  // Texts, numbers and lists of them, as they were read; the server reads them against the job's own schema.
  const kept = { ...said, given: given as KeptFigure['given'] }
  if (!figures.some(({ id }) => id === instead)) return [...figures, { id: nanoid(), ...kept }]
  return figures.map((each) =>
    each.id === instead ? { id: each.id, ...kept, words: kept.words === '' ? each.words : kept.words } : each,
  )
}

/** Adds a figure to a job's list, after whatever others have saved of it in the meantime. */
export async function keepWithJob(id: string, kept: FigureToKeep): Promise<'kept' | 'away' | 'refused' | 'gone'> {
  const saveId = nanoid()
  for (let time = 0; time < TRIES; time++) {
    const now = await api.get(id)
    if (now.kind !== 'ok') return now.kind === 'gone' ? 'gone' : 'away'
    const { revision, doc } = now.value
    const figures = withKept(doc.figures, kept)
    const saved = await api.save(id, {
      baseRevision: revision,
      doc: { ...doc, figures },
      label: 'a figure kept from the pocket',
      saveId,
    })
    if (saved.kind === 'ok') return 'kept'
    if (saved.kind === 'gone' || saved.kind === 'refused') return saved.kind
    if (saved.kind !== 'clash') return 'away'
  }
  return 'refused'
}
