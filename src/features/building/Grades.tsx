'use client'
import { Plus, Trash2 } from 'lucide-react'
import type { OwnGrade } from '@/core/model'
import { OptionalNumberField, TextField, EntryScope } from '@/ui'
import { useDoc } from '../job'

const FIELDS: readonly (readonly [keyof OwnGrade, string, string])[] = [
  ['fbPsi', 'Bending Fb', 'psi'],
  ['ftPsi', 'Tension Ft', 'psi'],
  ['fvPsi', 'Shear Fv', 'psi'],
  ['fcPerpPsi', 'Across the grain Fc⊥', 'psi'],
  ['fcPsi', 'Compression Fc', 'psi'],
  ['ePsi', 'Stiffness E', 'psi'],
  ['eMinPsi', 'Stiffness Emin', 'psi'],
  ['g', 'Specific gravity G', ''],
]

/** Grades of the user's own: values off a stamp or a maker's report. */
export function Grades() {
  const { job, edit, done } = useDoc()
  const list = job.building.grades
  const set = (grades: readonly OwnGrade[], gesture?: string) =>
    edit(
      'own grades',
      (job) => ({ ...job, building: { ...job.building, grades: [...grades] } }),
      gesture && `grade-${gesture}`,
    )
  const add = () =>
    set([
      ...list,
      {
        id: `own-${list.length + 1}`,
        name: `Own grade ${list.length + 1}`,
        source: '',
        fbPsi: null,
        ftPsi: null,
        fvPsi: null,
        fcPerpPsi: null,
        fcPsi: null,
        ePsi: null,
        eMinPsi: null,
        g: null,
      },
    ])
  return (
    <section className="grp" aria-label="Own grades">
      <h3>Own grades</h3>
      <p className="note mb-1">
        Glue-laminated, LVL, imported or stamped lumber: every value with its size factor in it. Until all are entered,
        nothing of that grade is checked.
      </p>
      {list.map((grade, i) => (
        <details key={grade.id} className="mb-2">
          <summary>
            <b>{grade.name}</b>{' '}
            <button
              type="button"
              className="icb float-end"
              style={{ height: 24 }}
              aria-label={`Remove ${grade.name}`}
              onClick={() => set(list.filter((each) => each !== grade))}
            >
              <Trash2 size={14} />
            </button>
          </summary>
          <EntryScope of={grade.id}>
            <TextField
              label="Name"
              value={grade.name}
              onChange={(value, gesture) =>
                set(
                  list.map((grade, k) => (k === i ? { ...grade, name: value } : grade)),
                  `${i}-name-${gesture}`,
                )
              }
              onDone={done}
            />
            <TextField
              label="Where from"
              value={grade.source}
              onChange={(value, gesture) =>
                set(
                  list.map((grade, k) => (k === i ? { ...grade, source: value } : grade)),
                  `${i}-source-${gesture}`,
                )
              }
              onDone={done}
            />
            {FIELDS.map(([key, label, unit]) => (
              <OptionalNumberField
                key={key}
                label={label}
                unit={unit}
                value={typeof grade[key] === 'number' ? grade[key] : null}
                onChange={(value, gesture) =>
                  set(
                    list.map((grade, k) => (k === i ? { ...grade, [key]: value } : grade)),
                    `${i}-${key}-${gesture}`,
                  )
                }
                onDone={done}
              />
            ))}
          </EntryScope>
        </details>
      ))}
      <button type="button" className="btn btn-light btn-sm" onClick={add}>
        <Plus size={14} />
        Add a grade
      </button>
    </section>
  )
}
