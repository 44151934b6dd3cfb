const AS_SAID: Intl.DateTimeFormatOptions = { month: 'short', day: 'numeric', year: 'numeric' }

/**
 * A day of the site, 2026-11-26, as it is said: Nov 26, 2026. It is that day whatever the hour here. The browser's own
 * words: a package for dates would weigh a tenth of what a phone waits for on its first visit.
 */
export const dayText = (day: string): string => new Date(`${day}T12:00:00`).toLocaleDateString('en-US', AS_SAID)
