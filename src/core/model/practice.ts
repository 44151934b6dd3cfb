import { cutText } from '../result'

/** Letters in the name of a job. */
export const NAME_MOST_LETTERS = 120
/** What the name of a practice copy ends with. */
const PRACTICE = ' (practice)'

/** A name with a mark at its end, within the letters that a job's name has. */
export const markedName = (name: string, mark: string): string =>
  `${cutText(name, NAME_MOST_LETTERS - mark.length)}${mark}`

/**
 * A job's name as it is kept. That of a practice copy says what it is, whatever it is renamed to: every list and every
 * paper goes by the name, and no building is set out by such a copy.
 */
export const nameKept = (name: string, isPractice: boolean): string =>
  isPractice && !name.includes(PRACTICE.trim()) ? markedName(name, PRACTICE) : name
