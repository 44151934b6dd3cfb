import type { Issue } from '@/core/result'
import { issueText } from '@/formats/words'
import type { FieldPage } from './page'

/** The way on from a page that has nothing to enter. */
export function AllPosts({ go }: Pick<FieldPage, 'go'>) {
  return (
    <div className="acts">
      <button type="button" className="main" onClick={() => go([])}>
        All posts
      </button>
    </div>
  )
}

/** A code or link that names no post of this job, or more than one. */
export function UnknownPost({ issues, go }: { readonly issues: readonly Issue[]; readonly go: FieldPage['go'] }) {
  return (
    <>
      <div className="fwarn" role="alert">
        <div>
          <b>This page is of no one post</b>
          {issues.map((issue, i) => (
            <p key={i}>{issueText(issue)}</p>
          ))}
        </div>
      </div>
      <AllPosts go={go} />
    </>
  )
}
