import { createServer, request as ask } from 'node:http'

const REST_MS = 65_000

/** One address before several servers, which take requests in turn: what a small balancer does, for the tests. */
export const front = (port, ports) =>
  new Promise((resolve) => {
    let turn = 0
    const server = createServer((request, response) => {
      const to = ports[turn++ % ports.length]
      const { method, url: path, headers } = request
      const passed = ask({ host: '127.0.0.1', port: to, method, path, headers }, (answer) => {
        response.writeHead(answer.statusCode ?? 502, answer.headers)
        answer.pipe(response)
      })
      passed.on('error', () => {
        if (response.headersSent) response.destroy()
        else response.writeHead(502).end()
      })
      response.on('close', () => passed.destroy())
      request.pipe(passed)
    })
    // Longer than a busy test rests between two requests: none is sent into a connection that is just being closed.
    server.keepAliveTimeout = REST_MS
    server.listen(port, '127.0.0.1', () => resolve(server))
  })
