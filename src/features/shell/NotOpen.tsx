import Link from 'next/link'
import type { ReactNode } from 'react'
import type { Issue } from '@/core/result'
import { issuePath, issueText } from '@/formats/words'
import { type Reply, type StoredJob, TROUBLE_WORDS, troubleOf } from '../job'

/** Why a job is not open, and whether that may pass. */
export interface NotOpen {
  readonly passes: boolean
  readonly title: string
  readonly text: string
  readonly issues: readonly Issue[]
}

const sentence = (words: string): string => words.slice(0, 1).toUpperCase() + words.slice(1)

/** What a reply that is no job means to somebody who opened one. */
export function notOpenOf(reply: Exclude<Reply<StoredJob>, { kind: 'ok' }>): NotOpen {
  switch (reply.kind) {
    case 'gone':
      return {
        passes: false,
        title: 'There is no such job',
        text: 'It may have been opened from an old link.',
        issues: [],
      }
    case 'unreadable':
      return {
        passes: false,
        title: 'This job cannot be read',
        text: 'What is stored of it does not fit together. Its history or a backup may have it whole; no other job is touched.',
        issues: reply.issues,
      }
    case 'signed-out':
    case 'not-allowed':
      return { passes: false, title: sentence(TROUBLE_WORDS[reply.kind]), text: 'Nothing is lost here.', issues: [] }
    default:
      return trying(TROUBLE_WORDS[troubleOf(reply)])
  }
}

const trying = (words: string): NotOpen => ({
  passes: true,
  title: sentence(words),
  text: 'Nothing is lost. Burdock tries again every few seconds.',
  issues: [],
})

/** The page of a job that is not open. */
export const NotOpenPage = ({ met }: { readonly met: NotOpen }) => (
  <Plain title={met.title}>
    {met.text}
    {met.issues.slice(0, 8).map((issue, k) => (
      <span key={k} className="d-block mt-2">
        {issuePath(issue) && <code>{issuePath(issue)}</code>} {issueText(issue)}
      </span>
    ))}
  </Plain>
)

export function Plain({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <main className="yard">
      <h1 style={{ fontSize: 24 }}>{title}</h1>
      <p className="mt-2">{children}</p>
      <Link className="btn btn-light mt-2" href="/">
        All jobs
      </Link>
    </main>
  )
}
