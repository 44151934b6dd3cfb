'use client'
import { cutText } from '@/core/result'
import { dollars } from '@/core/units'
import { useState } from 'react'
import { Awaited, useAnswer, useDoc } from '../job'

/** Ways round one obstruction with what each does; one click takes it, the reason is kept. */
export function Ways({ index }: { readonly index: number }) {
  const { job, edit } = useDoc()
  const [why, setWhy] = useState('')
  const told = useAnswer('ways', job, JSON.stringify([job.ground.obstructions, job.building]))
  const obstruction = job.ground.obstructions[index]
  const met = told.value?.find((met) => met.obstruction.id === obstruction.id)
  if (!told.fresh || !met) return <Awaited answer={told} saying="Looking at the holes beside it…" />
  if (met.posts.length === 0)
    return (
      <p className="note">
        No hole comes near it.
        {obstruction.decided && ` Done: ${obstruction.decided}${obstruction.why ? `, ${obstruction.why}` : ''}.`}
      </p>
    )
  return (
    <>
      <p className="mb-1">
        <b>In the hole of {met.posts.map(({ name }) => name).join(', ')}.</b>
        {obstruction.decided && ` Decided: ${obstruction.decided}${obstruction.why ? `, ${obstruction.why}` : ''}.`}
      </p>
      <label className="note d-block">
        Why
        <input
          className="form-control form-control-sm"
          aria-label={`reason for obstruction ${index + 1}`}
          value={why}
          maxLength={300}
          onChange={(event) => setWhy(event.target.value)}
        />
      </label>
      <ul className="list-unstyled mb-1">
        {met.ways.map((way) => (
          <li
            key={way.key}
            className="d-flex gap-2 align-items-start py-1"
            style={{ borderBottom: '1px solid var(--paper-line)' }}
          >
            <div style={{ flex: 1, fontSize: 13.5 }}>
              <b>{way.label}</b>
              <div className="note">
                {way.detail}
                {way.job ? `; ${way.more >= 0 ? '+' : ''}${dollars(way.more)}` : ''}.
              </div>
              {way.newFails.length > 0 && (
                <div style={{ color: 'var(--keel-ink)' }}>
                  Breaks: {way.newFails.slice(0, 3).join('; ')}
                  {way.newFails.length > 3 ? ` and ${way.newFails.length - 3} more` : ''}.
                </div>
              )}
            </div>
            <button
              type="button"
              className={way.newFails.length ? 'btn btn-light btn-sm' : 'btn btn-primary btn-sm'}
              onClick={() => {
                edit(way.label.toLowerCase(), (job) => ({
                  ...job,
                  building: way.job?.building ?? job.building,
                  ground: {
                    ...job.ground,
                    obstructions: job.ground.obstructions.map((each) =>
                      each.id === obstruction.id ? { ...each, decided: cutText(way.label, 60), why: why.trim() } : each,
                    ),
                  },
                }))
              }}
            >
              Take it
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}
