import type { FigureName } from '@/core/pocket'

/** A figure that is opened: its name, what it is filled in with, and the job it came from or is kept with. */
export interface Opened {
  readonly name: string
  readonly given: Readonly<Record<string, unknown>> | null
  readonly job: string | null
  readonly kept: string | null
}

/** Where the pocket is. */
export const POCKET = '/pocket'

interface With {
  readonly given?: Readonly<Record<string, unknown>>
  /** The job it is opened from. */
  readonly job?: string
  /** The figure kept with that job that it was opened from. */
  readonly kept?: string
}

/** The address of a figure, filled in where `given` is there. All behind the hash: one page serves them all, without a server too. */
export function pocketAddress(name: FigureName | '', { given, job, kept }: With = {}): string {
  const query = new URLSearchParams()
  if (given) query.set('given', JSON.stringify(given))
  if (job !== undefined) query.set('job', job)
  if (kept !== undefined) query.set('kept', kept)
  const asked = query.toString()
  return `${POCKET}#${name}${asked === '' ? '' : `?${asked}`}`
}

function givenOf(text: string | null): Opened['given'] {
  if (text === null) return null
  try {
    const value: unknown = JSON.parse(text)
    return typeof value === 'object' && value !== null && !Array.isArray(value)
      ? (value as Record<string, unknown>)
      : null
  } catch {
    return null
  }
}

/** What the part of an address behind the hash opens. */
export function openedBy(hash: string): Opened {
  const [name = '', asked = ''] = hash.replace(/^#/, '').split('?', 2)
  const query = new URLSearchParams(asked)
  return { name, given: givenOf(query.get('given')), job: query.get('job'), kept: query.get('kept') }
}
