export { AfterFrame } from './AfterFrame'
export { Measure } from './Measure'
export { measureWidth, SvgMeasure } from './SvgMeasure'
export { LoadBar } from './LoadBar'
export { BurrSign, FailSign, HoldSign, SavedSign, SavingSign, UncheckedSign } from './signs'

export {
  ChoiceField,
  LengthField,
  NumberField,
  OptionalNumberField,
  OptionalLengthField,
  Segments,
  TextField,
  ToggleField,
} from './fields'
export { About, Length, Quantity, Stated, UnitsProvider, useUnits, useWriter } from './Units'
export { PickSome } from './PickSome'
export { toTenth } from './px'
export { Tabs } from './Tabs'
export { EntryHost, EntryScope } from './EntryScope'
export { IssueWords } from './words'
export { DataTable } from './DataTable'
export type { DataColumn } from './DataTable'
export { dayShort, dayTime, dayWords, timeWords } from './dates'
export { useOwnUnits } from './ownUnits'
