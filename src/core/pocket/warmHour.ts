/** Temperature at which concrete stops gaining, and the span to the one at which an hour counts as an hour, °F. */
const STOPS_F = 14
const SPAN_F = 51

/** What an hour at a temperature counts, hours at 65 °F (ASTM C1074, straight line from 14 °F). */
export const warmHour = (tempF: number): number => Math.max(0, (tempF - STOPS_F) / SPAN_F)
