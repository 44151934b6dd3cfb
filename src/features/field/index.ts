export { cureOf, tempsSince } from './cure'
export { FieldApp } from './FieldApp'
export type { FieldLog, FieldLogStore } from './log'
export { FieldContext, useFieldLog, useLog, useMeasured } from './useField'
