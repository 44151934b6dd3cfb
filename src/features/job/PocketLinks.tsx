'use client'
import type { Side } from '@/core/model'
import { pocketAddress } from '@/formats/pocket/address'
import { figuresFor, type FigureTopic, type FilledFigure } from '@/formats/pocket/fromJob'
import { FIGURE_WORDS } from '@/formats/words/pocket/catalog'
import { useDoc, useJob } from './store'

const titleOf = ({ figure, of }: FilledFigure): string =>
  of === '' ? FIGURE_WORDS[figure].title : `${FIGURE_WORDS[figure].title}, ${of}`

/** Figures of the pocket, each filled in from this job. */
export function FilledLinks({ figures }: { readonly figures: readonly FilledFigure[] }) {
  const job = useJob((state) => state.id)
  if (figures.length === 0) return null
  return (
    <p className="note mt-2 pocket-links">
      By itself, in the pocket:{' '}
      {figures.map((each, k) => (
        <span key={titleOf(each) + k}>
          {k > 0 && ' · '}
          <a href={pocketAddress(each.figure, { given: each.given, job })}>{titleOf(each)}</a>
        </span>
      ))}
    </p>
  )
}

/** The figures that belong to one topic of the job. */
export function PocketLinks({ topic, side }: { readonly topic: FigureTopic; readonly side?: Side }) {
  const { job, derived } = useDoc()
  return <FilledLinks figures={figuresFor(topic, job, derived, side)} />
}
