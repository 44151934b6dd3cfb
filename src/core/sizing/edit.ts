import type { Building, Job } from '../model'

/** One change to a job that might remedy a check: what a builder would call it and the job after it. */
export interface Edit {
  readonly key: string
  readonly label: string
  readonly detail: string
  readonly job: Job
}

export const onBuilding = (job: Job, change: Partial<Building>): Job => ({
  ...job,
  building: { ...job.building, ...change },
})
export const after = <T>(list: readonly T[], at: T, most: number): T[] =>
  list.slice(list.indexOf(at) + 1).slice(0, most)
/** Lumber on the job's list other than the one in use. */
export const others = (job: Job, now: string): string[] => job.sizing.lumbers.filter((lumber) => lumber !== now)
