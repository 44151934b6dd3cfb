import type { JobSummary } from '../job'

/** Where a job is: at work, put away, or thrown away with a way back. */
export type Shelf = 'work' | 'away' | 'thrown'
export const SORTS = ['changed', 'made', 'name'] as const
export type Sort = (typeof SORTS)[number]

export function shelfOf({ archived, deleted }: Pick<JobSummary, 'archived' | 'deleted'>): Shelf {
  if (deleted) return 'thrown'
  return archived ? 'away' : 'work'
}

const byText = (one: string, other: string) => one.localeCompare(other, 'en', { numeric: true, sensitivity: 'base' })
const ORDER: Readonly<Record<Sort, (one: JobSummary, other: JobSummary) => number>> = {
  changed: (one, other) => Date.parse(other.updatedAt) - Date.parse(one.updatedAt),
  made: (one, other) => Date.parse(other.createdAt) - Date.parse(one.createdAt),
  name: (one, other) => byText(one.name, other.name),
}

/** The jobs of a shelf whose name or note holds every word looked for, in order. */
export function shownJobs(
  jobs: readonly JobSummary[],
  { shelf, find, sort }: { readonly shelf: Shelf; readonly find: string; readonly sort: Sort },
): readonly JobSummary[] {
  const words = find.toLowerCase().split(/\s+/).filter(Boolean)
  return jobs
    .filter((job) => shelfOf(job) === shelf)
    .filter(({ name, note }) => words.every((word) => `${name} ${note}`.toLowerCase().includes(word)))
    .sort(ORDER[sort])
}
