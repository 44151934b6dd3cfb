'use client'

/** Choices of which several may be taken: pressed is one that is. The last `least` of them stay. */
export function PickSome<T extends string | number>({
  label,
  choices,
  on,
  onChange,
  least = 0,
}: {
  readonly label: string
  readonly choices: readonly (readonly [T, string])[]
  readonly on: readonly T[]
  readonly onChange: (list: T[]) => void
  readonly least?: number
}) {
  const flip = (key: T) => onChange(on.includes(key) ? on.filter((each) => each !== key) : [...on, key])
  return (
    <>
      <p className="note mb-1" aria-hidden>
        {label}:
      </p>
      <div className="d-flex flex-wrap gap-1 mb-2" role="group" aria-label={label}>
        {choices.map(([key, name]) => {
          const pressed = on.includes(key)
          return (
            <button
              key={key}
              type="button"
              className="btn btn-light btn-sm"
              aria-pressed={pressed}
              disabled={pressed && on.length <= least}
              style={pressed ? { background: 'var(--burr-wash)', borderColor: 'var(--burr)' } : undefined}
              onClick={() => flip(key)}
            >
              {name}
            </button>
          )
        })}
      </div>
    </>
  )
}
