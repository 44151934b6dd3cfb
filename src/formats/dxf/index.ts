export { planDxf } from './planDxf'
