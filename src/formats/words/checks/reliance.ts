import type { Lateral } from '@/core/frame'
import { unreachable } from '@/core/result'

type Reliance = Pick<Lateral, 'relied' | 'lacks' | 'knee'>

/** Why the roof diaphragm cannot be counted on with what has been entered. */
function lackWords(lacks: NonNullable<Reliance['lacks']>): string {
  switch (lacks) {
    case 'roof skin values':
      return 'the roof skin’s tested stiffness and strength are not entered'
    case 'wall skin values':
      return 'the wall skin’s tested stiffness and strength are not entered'
    case 'end walls':
      return 'nothing holds the end walls in their own plane'
    default:
      return unreachable(lacks)
  }
}

/** What the building stands by under wind, and why. */
export function relianceWords({ relied, lacks, knee }: Reliance): string {
  const frames = `The building stands by its frames${knee ? ' and knee braces' : ''}`
  switch (relied) {
    case 'roof trusted':
      return 'The tops of the posts are taken as held by the roof; its strength was not computed.'
    case 'roof checked':
      return 'The roof diaphragm and end walls were computed with the skin values entered.'
    case 'frames alone':
      return lacks === null ? `${frames} alone.` : `The roof diaphragm was not counted: ${lackWords(lacks)}. ${frames}.`
  }
}
