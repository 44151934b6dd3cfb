'use client'
import { pocketAddress } from '@/formats/pocket/address'
import { keptFigureName } from '@/formats/words'
import { useDoc, useJob } from '../job'

/** Figures of the pocket that are kept with this job: each opens with what went in, or goes. */
export function KeptFigures() {
  const { job, edit } = useDoc()
  const id = useJob((state) => state.id)
  const drop = (kept: string, title: string) =>
    edit(`take out ${title}`, (now) => ({ ...now, figures: now.figures.filter((each) => each.id !== kept) }))
  return (
    <section className="grp" aria-label="Figures kept with the job">
      <h3>Figures of the pocket</h3>
      {job.figures.length === 0 && (
        <p className="note mb-1">
          None kept. In <a href={pocketAddress('', { job: id })}>the pocket</a> each figure can be kept with this job.
        </p>
      )}
      {job.figures.map((each) => {
        const called = keptFigureName(each)
        return (
          <div className="d-flex align-items-center gap-2 kept-figure" key={each.id}>
            <a className="flex-fill" href={pocketAddress(each.figure, { given: each.given, job: id, kept: each.id })}>
              {called}
            </a>
            <button type="button" className="btn btn-light btn-sm" onClick={() => drop(each.id, called)}>
              Take out
            </button>
          </div>
        )
      })}
    </section>
  )
}
