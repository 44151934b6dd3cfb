import { createServer } from 'node:net'

/** A port nobody listens on, from the system, or `wanted` when that is free. */
export const freePort = (wanted = 0) =>
  new Promise((resolve, reject) => {
    const s = createServer()
    s.on('error', () => (wanted ? resolve(freePort()) : reject(new Error('no free port'))))
    s.listen(wanted, '127.0.0.1', () => {
      const { port } = s.address()
      s.close(() => resolve(port))
    })
  })
/** Whether a port is free on loopback. */
export const isFree = (port) =>
  new Promise((resolve) => {
    const s = createServer()
    s.on('error', () => resolve(false))
    s.listen(port, '127.0.0.1', () => s.close(() => resolve(true)))
  })
