'use client'
import { type KeyboardEvent, useRef } from 'react'

/** Where an arrow leads from a tab among `count`, round the ends; null for a key that leads nowhere. */
function ledTo(key: string, from: number, count: number): number | null {
  switch (key) {
    case 'ArrowRight':
      return (from + 1) % count
    case 'ArrowLeft':
      return (from + count - 1) % count
    case 'Home':
      return 0
    case 'End':
      return count - 1
    default:
      return null
  }
}

/** Tabs over the details: one stop of the Tab key, arrows move between them. */
export function Tabs<T extends string>({
  label,
  value,
  choices,
  onChange,
}: {
  readonly label: string
  readonly value: T
  readonly choices: readonly { readonly value: T; readonly label: string }[]
  readonly onChange: (value: T) => void
}) {
  const list = useRef<HTMLDivElement>(null)
  const onKeyDown = (event: KeyboardEvent) => {
    const to = ledTo(
      event.key,
      choices.findIndex((choice) => choice.value === value),
      choices.length,
    )
    if (to === null) return
    event.preventDefault()
    onChange(choices[to].value)
    list.current?.querySelectorAll('button')[to]?.focus()
  }
  return (
    <div ref={list} className="tabs" role="tablist" aria-label={label} onKeyDown={onKeyDown}>
      {choices.map((choice) => (
        <button
          key={choice.value}
          type="button"
          role="tab"
          aria-selected={choice.value === value}
          tabIndex={choice.value === value ? 0 : -1}
          onClick={() => onChange(choice.value)}
        >
          {choice.label}
        </button>
      ))}
    </div>
  )
}
