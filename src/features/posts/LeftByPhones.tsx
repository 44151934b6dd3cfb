'use client'
import { useCallback, useEffect, useState } from 'react'
import type { LeftEntries } from '@/core/people'
import { counted } from '@/core/units'
import { dayTime } from '@/ui'
import { useLog } from '../field'
import { ask } from '../job'

/** How often the office looks, ms. */
const LOOK_MS = 10_000

/** Entries of phones that were signed out: they count once somebody here takes them. */
export function LeftByPhones() {
  const jobId = useLog((log) => log.jobId)
  const [left, setLeft] = useState<readonly LeftEntries[]>([])
  const path = `/api/jobs/${encodeURIComponent(jobId)}/left`
  const look = useCallback(async () => {
    const reply = await ask<readonly LeftEntries[]>(path)
    if (reply.kind === 'ok') setLeft(reply.value)
  }, [path])
  useEffect(() => {
    const begin = setTimeout(() => void look())
    const timer = setInterval(() => void look(), LOOK_MS)
    return () => {
      clearTimeout(begin)
      clearInterval(timer)
    }
  }, [look])
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
