'use client'
import { LengthField } from '@/ui'

interface Place {
  readonly xIn: number
  readonly yIn: number
}

/** Two cells of a table that say where something lies: east and north of the first corner's strings. */
export function EastNorth({
  label,
  place,
  onChange,
  onDone,
}: {
  readonly label: string
  readonly place: Place
  readonly onChange: (to: Partial<Place>) => ReturnType<Parameters<typeof LengthField>[0]['onChange']>
  readonly onDone: () => void
}) {
  const ways = [
    ['east', 'xIn'],
    ['north', 'yIn'],
  ] as const
  return ways.map(([way, key]) => (
    <td key={key} className="n">
      <LengthField
        bare
        label={way}
        ariaLabel={`${label} ${way}`}
        value={place[key]}
        onChange={(value) => onChange({ [key]: value })}
        onDone={onDone}
      />
    </td>
  ))
}
