export { DESIGN_FORMAT, DESIGN_VERSION, designOf, designSchema } from './design'
export type { Design } from './design'
