'use client'
import { releasePost, useDoc } from '../job'

/** Posts that were kept where they stood when the plan changed, with a way back into their rows. */
export function KeptPosts() {
  const { job, derived, edit } = useDoc()
  const kept = job.building.posts.filter((post) => post.pinned !== null)
  if (kept.length === 0) return null
  return (
    <section className="grp" aria-label="Kept posts">
      <h3>Kept where they stand</h3>
      <p className="note mb-1">Their rows are spaced about them.</p>
      <div className="d-flex flex-wrap gap-1">
        {kept.map(({ id }) => (
          <button
            key={id}
            type="button"
            className="btn btn-light btn-sm"
            onClick={() => releasePost({ edit, derived }, id)}
          >
            Let {derived.names[id]} go back
          </button>
        ))}
      </div>
    </section>
  )
}
