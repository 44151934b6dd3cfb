import { format } from 'date-fns'

/** A day as it is printed on papers: Nov 26, 2026. */
export const dayWords = (at: string | Date): string => format(at, 'MMM d, yyyy')

/** A day in a list: 11/26/2026. */
export const dayShort = (at: string | Date): string => format(at, 'M/d/yyyy')

/** A time of the day: 9:36 AM. */
export const timeWords = (at: string | Date): string => format(at, 'h:mm a')

/** A day and time in a log: 11/26/26, 9:36 AM. */
export const dayTime = (at: string | Date): string => format(at, 'M/d/yy, h:mm a')
