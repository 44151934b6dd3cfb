export { HoldsMain } from './HoldsMain'
export { HoldsSide } from './HoldsSide'
