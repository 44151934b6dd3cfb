import { format } from 'date-fns'

/** A day of the site, 2026-11-26, as it is said: Nov 26, 2026. It is that day whatever the hour here. */
export const dayText = (day: string): string => format(`${day}T12:00:00`, 'MMM d, yyyy')
