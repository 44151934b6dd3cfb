export { GuestPost, NoGuest } from './GuestPost'
