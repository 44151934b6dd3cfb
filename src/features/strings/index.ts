export { StringsMain } from './StringsMain'
export { StringsSide } from './StringsSide'
