/** Whole pounds with thousands set apart: 1,985. */
export const pounds = (lb: number): string => Math.round(lb).toLocaleString('en-US')
