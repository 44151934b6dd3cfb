export { designOf, designSchema } from './design'
export { inUnits } from './inUnits'
