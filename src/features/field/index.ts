export { FieldApp } from './FieldApp'
export { createFieldLog } from './log'
export type { FieldLogStore } from './log'
export { FieldContext, useLog, useMeasured } from './useField'
