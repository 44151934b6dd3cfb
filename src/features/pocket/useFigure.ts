'use client'
import { useReducer } from 'react'
import type { Issue } from '@/core/result'
import type { UnitSystem } from '@/core/units'
import { keepTyped, lastTyped } from './kept'
import type { Sheet, Shown } from './sheet'
import { fits, readTyped, type Text, type Typed, typedIn, typedOf } from './typed'

/** A figure that is open: what stands in its fields, what came of it, and what came of it last where it does not read now. */
export interface Open {
  readonly system: UnitSystem
  readonly typed: Typed
  /** The samples stand in the fields: nobody has typed anything. */
  readonly sample: boolean
  readonly given: Record<string, unknown> | null
  readonly shown: Shown | null
  readonly issues: readonly Issue[]
}

function worked(sheet: Sheet, typed: Typed, system: UnitSystem): Pick<Open, 'given' | 'shown' | 'issues'> {
  const read = readTyped(sheet.fields, typed, system)
  if (!read.ok) return { given: null, shown: null, issues: read.issues }
  const result = sheet.show(read.value, system)
  if (!result.ok) return { given: null, shown: null, issues: result.issues }
  return { given: read.value, shown: result.value, issues: [] }
}

/** Opens a figure with what it is given, or what was typed last, or its samples. */
export function opened(sheet: Sheet, given: Readonly<Record<string, unknown>> | null, system: UnitSystem): Open {
  const last = given === null ? lastTyped(sheet.name) : null
  const kept = last && fits(sheet.fields, last.typed) ? last : null
  const typed = kept
    ? typedIn(sheet.fields, kept.typed as Typed, kept.system, system)
    : typedOf(sheet.fields, given, system)
  return { system, typed, sample: given === null && kept === null, ...worked(sheet, typed, system) }
}

type Act = { readonly kind: 'type'; readonly key: string; readonly text: Text } | { readonly kind: 'samples' }

/** What comes of typing: the drawing stays as it was while the text does not read. */
export function acted(sheet: Sheet, open: Open, act: Act): Open {
  if (act.kind === 'samples') {
    const typed = typedOf(sheet.fields, null, open.system)
    return { system: open.system, typed, sample: true, ...worked(sheet, typed, open.system) }
  }
  const typed = { ...open.typed, [act.key]: act.text }
  const next = worked(sheet, typed, open.system)
  return { system: open.system, typed, sample: false, ...next, shown: next.shown ?? open.shown }
}

/** A figure's fields and what comes of them. */
export function useFigure(sheet: Sheet, given: Readonly<Record<string, unknown>> | null, system: UnitSystem) {
  const [open, act] = useReducer(
    (state: Open, next: Act) => acted(sheet, state, next),
    null,
    () => opened(sheet, given, system),
  )
  return {
    open,
    type: (key: string, text: Text) => {
      act({ kind: 'type', key, text })
      keepTyped(sheet.name, system, { ...open.typed, [key]: text })
    },
    samples: () => {
      const samples = typedOf(sheet.fields, null, system)
      act({ kind: 'samples' })
      keepTyped(sheet.name, system, samples)
    },
  }
}
