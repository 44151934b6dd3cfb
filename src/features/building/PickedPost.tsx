'use client'
import { movePost, whyHeld } from '@/core/layout'
import { LengthField, Measure } from '@/ui'
import { releasePost, useDoc, useJob } from '../job'

/** The post that is picked: where it stands in its row, which moves it as dragging does, and how tall it is. */
export function PickedPost() {
  const { job, derived, edit, done } = useDoc()
  const id = useJob((state) => state.picked.post)
  const post = derived.posts.find((each) => each.id === id)
  if (!post) return null
  const { building } = job
  const row = derived.schedule.find((each) => each.id === id)
  const moved = (atIn: number, gesture: string) => {
    const to = movePost(building, derived.grid, post, atIn - post.atIn)
    if (!to) return [whyHeld(post)]
    return edit(`move post ${post.name}`, (now) => ({ ...now, building: to }), `at-${post.id}-${gesture}`)
  }
  return (
    <section className="grp" aria-label={`Post ${post.name}`}>
      <h3>Post {post.name}</h3>
      <LengthField
        label="Center along its row"
        name="postAtIn"
        value={post.atIn}
        onChange={moved}
        onDone={done}
        hint={post.pinned ? 'Kept where it stands; its row is spaced about it.' : undefined}
      />
      <div className="f">
        <span>Above grade, in the ground</span>
        <span>
          <Measure inches={row?.topUpIn ?? post.heightIn} />,{' '}
          {row ? <Measure inches={row.embedIn} feet={false} /> : '–'}
        </span>
      </div>
      {building.posts.some((kept) => kept.id === post.id && kept.pinned !== null) && (
        <button type="button" className="btn btn-light btn-sm" onClick={() => releasePost({ edit, derived }, post.id)}>
          Let {post.name} go back
        </button>
      )}
    </section>
  )
}
