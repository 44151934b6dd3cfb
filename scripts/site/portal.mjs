// Another network that answers for the office, with a certificate that the phone takes: every address is its own page.
import { readFileSync } from 'node:fs'
import { createServer } from 'node:https'

const [host, port, cert, key] = process.argv.slice(2)
createServer({ cert: readFileSync(cert), key: readFileSync(key) }, (_, answer) => {
  answer.setHeader('content-type', 'text/html')
  answer.end('<!doctype html><title>Network</title><h1>Sign in to this network</h1>')
}).listen(Number(port), host)
