export { designOf, designSchema } from './design'
