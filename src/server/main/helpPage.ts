import { createServer } from 'node:http'
import { readFileSync } from 'node:fs'

/** Where the certificate of the yard's own authority is taken from. */
const FILE = '/burdock-yard.crt'

const page = (address: string): string => `<!doctype html><html lang="en"><meta charset="utf-8">
<meta name="viewport" content="width=device-width,initial-scale=1"><title>Burdock: this phone, once</title>
<style>body{font:18px/1.5 sans-serif;max-width:34em;margin:0 auto;padding:20px;background:#f5f0e7;color:#10272b}
a.do{display:block;background:#7a2c8b;color:#fff;padding:14px 18px;border-radius:4px;text-decoration:none;font-weight:700}
li{margin:.5em 0}h1{font-size:26px}h2{font-size:20px}.care{border-left:5px solid #10272b;padding-left:12px}</style>
<main><h1>This phone, once</h1>
<p>The office has a certificate of its own. A phone that knows it opens Burdock over a line that nobody else reads.</p>
<ol><li><a class="do" href="${FILE}">Take the certificate</a></li>
<li>The phone says that it has been loaded, or asks for its lock code. It is not in force yet.</li>
<li><b>Where the phone speaks of a profile:</b> open Settings, the line about the loaded profile at the top, Install. Then
Settings, General, About, at the very end the list of trusted certificates: switch on “Burdock, this yard”.</li>
<li><b>Where the phone only has the file:</b> open Settings, search for “certificate”, Install a certificate, CA
certificate, and choose burdock-yard.crt. The phone warns that whoever made it could read its lines: that is this office.</li>
<li><b>On a computer:</b> open the settings of the browser, search for “certificate”, Authorities, Import.</li>
<li><a class="do" href="${address}">Open Burdock</a></li></ol>
<p class="care">Take it only in the yard’s own network, from a machine you know: its key stays in the data folder of the
office machine. Take it off the phone in the same place when you leave.</p>
</main></html>`

/** Serves nothing but the way to the certificate, over a plain line: before a phone has it, no other line is trusted. */
export function serveHelp(port: number, host: string, authority: string, address: string): void {
  const certificate = readFileSync(authority)
  createServer((request, response) => {
    response.setHeader('x-content-type-options', 'nosniff')
    response.setHeader('cache-control', 'no-store')
    if (request.method !== 'GET' && request.method !== 'HEAD') {
      response.statusCode = 405
      response.end()
      return
    }
    if (request.url === FILE) {
      response.setHeader('content-type', 'application/x-x509-ca-cert')
      response.end(certificate)
      return
    }
    response.setHeader(
      'content-security-policy',
      "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'",
    )
    response.setHeader('content-type', 'text/html; charset=utf-8')
    response.end(page(address))
  }).listen(port, host)
}
