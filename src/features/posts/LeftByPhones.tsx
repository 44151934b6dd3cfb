'use client'
import type { LeftEntries } from '@/core/people'
import { counted } from '@/core/units'
import { dayTime } from '@/ui'
import { useLog } from '../field'
import { ask } from '../job'
import { useAsked } from './useAsked'

/** How often the office looks, ms. */
const LOOK_MS = 10_000

/** Entries of phones that were signed out: they count once somebody here takes them. */
export function LeftByPhones() {
  const jobId = useLog((log) => log.jobId)
  const path = `/api/jobs/${encodeURIComponent(jobId)}/left`
  const { list: left, look } = useAsked<LeftEntries>(path, LOOK_MS)
  const settle = async (id: string, take: boolean) => {
    await ask(`${path}/${id}`, 'POST', { take })
    await look()
  }
  return left.map(({ id, who, phone, at, count }) => (
    <div className="caution" role="alert" key={id}>
      <b>
        {counted(count, 'entry', 'entries')} left by {who || 'a phone'}
      </b>{' '}
      ({phone}, {dayTime(at)}), which was signed out. They count only when they are taken.{' '}
      <button type="button" className="btn btn-light btn-sm" onClick={() => void settle(id, true)}>
        Take them
      </button>{' '}
      <button type="button" className="btn btn-light btn-sm" onClick={() => void settle(id, false)}>
        Refuse them
      </button>
    </div>
  ))
}
