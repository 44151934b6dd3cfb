export { JobDesk } from './JobDesk'
