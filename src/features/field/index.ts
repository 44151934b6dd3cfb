export { cureOf } from './cure'
export { FieldApp } from './FieldApp'
export type { FieldLog } from './log'
export { FieldContext, useFieldLog, useLog, useMeasured } from './useField'
