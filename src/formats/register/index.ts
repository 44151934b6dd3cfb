export { DIRECTION, REGISTER, registerSentence } from './register'
