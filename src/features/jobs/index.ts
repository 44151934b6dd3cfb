export { JobYard } from './JobYard'
