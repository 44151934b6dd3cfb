'use client'
import { useState } from 'react'
import { cutText } from '@/core/result'

/** A line or some lines of words, with a label over them. */
export function Words({
  label,
  value,
  placeholder,
  most,
  lines = 1,
  type = 'text',
  onChange,
}: {
  readonly label: string
  readonly value: string
  readonly placeholder?: string
  readonly most: number
  readonly lines?: number
  readonly type?: 'text' | 'date' | 'number'
  readonly onChange: (value: string) => void
}) {
  return (
    <label className="who">
      {label}
      {lines > 1 ? (
        <textarea
          value={value}
          rows={lines}
          placeholder={placeholder}
          onChange={(event) => onChange(cutText(event.target.value, most))}
        />
      ) : (
        <input
          type={type}
          inputMode={type === 'number' ? 'decimal' : undefined}
          value={value}
          placeholder={placeholder}
          onChange={(event) => onChange(cutText(event.target.value, most))}
        />
      )}
    </label>
  )
}

/** This day by this device’s clock, as records have it. */
function today(): string {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
}
export const useToday = (): readonly [string, (day: string) => void] => useState(today)
