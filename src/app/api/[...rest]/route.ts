import { fromSave } from '@/server'

/** An address that the application does not have. */
const gone = () => fromSave({ kind: 'gone' })
export { gone as DELETE, gone as GET, gone as PATCH, gone as POST, gone as PUT }
