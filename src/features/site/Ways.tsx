'use client'
import { useState } from 'react'
import { useAnswer, useDoc } from '../job'

/** Ways round one obstruction with what each does; one click takes it, the reason is kept. */
export function Ways({ index }: { readonly index: number }) {
  const { job, edit } = useDoc()
  const [why, setWhy] = useState('')
  const told = useAnswer('ways', job, JSON.stringify([job.ground.obstructions, job.building]))
  const o = job.ground.obstructions[index]
  const met = told.value?.find((m) => m.obstruction.id === o.id)
  if (!told.fresh || !met) return <p className="note">Looking at the holes beside it…</p>
  if (met.posts.length === 0)
    return (
      <p className="note">No hole comes near it.{o.decided && ` Done: ${o.decided}${o.why ? `, ${o.why}` : ''}.`}</p>
    )
  return (
    <>
      <p className="mb-1">
        <b>In the hole of {met.posts.join(', ')}.</b>
        {o.decided && ` Decided: ${o.decided}${o.why ? `, ${o.why}` : ''}.`}
      </p>
      <label className="note d-block">
        Why
        <input
          className="form-control form-control-sm"
          aria-label={`reason for obstruction ${index + 1}`}
          value={why}
          maxLength={300}
          onChange={(e) => setWhy(e.target.value)}
        />
      </label>
      <ul className="list-unstyled mb-1">
        {met.ways.map((w) => (
          <li
            key={w.key}
            className="d-flex gap-2 align-items-start py-1"
            style={{ borderBottom: '1px solid var(--paper-line)' }}
          >
            <div style={{ flex: 1, fontSize: 13.5 }}>
              <b>{w.label}</b>
              <div className="note">
                {w.detail}
                {w.job ? `; ${w.more >= 0 ? '+' : '−'}$${Math.abs(w.more).toFixed(0)}` : ''}.
              </div>
              {w.newFails.length > 0 && (
                <div style={{ color: 'var(--keel-ink)' }}>
                  Breaks: {w.newFails.slice(0, 3).join('; ')}
                  {w.newFails.length > 3 ? ` and ${w.newFails.length - 3} more` : ''}.
                </div>
              )}
            </div>
            <button
              type="button"
              className={w.newFails.length ? 'btn btn-light btn-sm' : 'btn btn-primary btn-sm'}
              onClick={() => {
                edit(w.label.toLowerCase(), (j) => ({
                  ...j,
                  building: w.job?.building ?? j.building,
                  ground: {
                    ...j.ground,
                    obstructions: j.ground.obstructions.map((q) =>
                      q.id === o.id ? { ...q, decided: w.label.slice(0, 60), why: why.trim() } : q,
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
