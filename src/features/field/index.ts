export { FieldApp } from './FieldApp'
export { FieldContext, useFieldLog, useLog, useMeasured } from './useField'
