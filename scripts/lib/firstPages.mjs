import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { PAGES } from './siteWorker.mjs'

// The pages that a phone opens first, on a slow signal and with a slow processor: what they ask for is put in the order
// in which it is needed. Each page works without any of this, only later.

const SCRIPT = /<script src="(\/_next\/static\/[\w./~-]+\.js)" async=""><\/script>/g
/** How Next names the scripts of a page itself, beside those of every page. */
const OWN = /\{\\"src\\":\\"(\/_next\/static\/[\w./~-]+\.js)\\",\\"async\\":true/g

const namesIn = (html, pattern) => [...new Set([...html.matchAll(pattern)].map(([, name]) => name))]

// A browser that knows the words compiles all of a script while it comes, aside from the page's own thread; else each
// part is read twice, the second time when the page should already stand. Other browsers take it for a remark.
const COMPILE_AT_ONCE = '//# allFunctionsCalledOnLoad\n'

// Runs in a page's head: asks for the page's own scripts and letters once one of the framework's scripts has come, or the
// plan. Where this does not run, the framework asks for them itself when it stands.
const ASK_OWN = `((own, letters, after) => {
  let asked = false
  const ask = () => {
    if (asked) return
    asked = true
    const add = (what, so) => document.head.append(Object.assign(document.createElement(what), so))
    for (const src of own) add('script', { src, async: true })
    for (const href of letters) add('link', { rel: 'preload', as: 'font', type: 'font/woff2', crossOrigin: '', href })
  }
  const first = document.querySelector('script[src="' + after + '"]')
  const come = performance.getEntriesByName(new URL(after, location.href).href).some((entry) => entry.responseEnd > 0)
  if (!first || come) return ask()
  first.addEventListener('load', ask)
  first.addEventListener('error', ask)
  window.burdockPlan?.answer.then(ask)
})`

/**
 * A page that asks for the framework before its own scripts: the framework is made ready while those come. All at once
 * they would share the signal, and be there at the same late moment. Unmarked, the framework would wait for the styles.
 */
function frameworkFirst(html, letters, sizeOf) {
  const own = namesIn(html, OWN)
  const framework = namesIn(html, SCRIPT).filter((name) => !own.includes(name))
  const [, second] = [...framework].sort((one, other) => sizeOf(other) - sizeOf(one))
  if (own.length === 0 || second === undefined) throw new Error('a first page names its scripts in another way')
  const given = [own, letters, second].map((each) => JSON.stringify(each)).join(', ')
  const asking = `<script>${ASK_OWN}(${given})</script>`
  const ordered = html.replace(SCRIPT, (tag, name) =>
    own.includes(name) ? '' : tag.replace(' async', ' fetchPriority="high" async'),
  )
  return ordered.replace('</head>', `${asking}</head>`)
}

/** Our own letters, as the build has named them. */
function lettersOf(dist) {
  const faces = readdirSync('src/app/fonts').map((name) => path.parse(name).name)
  const media = readdirSync(path.join(dist, 'static/media'))
  return media
    .filter((name) => faces.some((face) => name.startsWith(`${face}.`)))
    .map((name) => `/_next/static/media/${name}`)
}

/** Every copy of a page that the build has made. */
const copiesOf = (dist, page) =>
  readdirSync(path.join(dist, 'server'), { recursive: true })
    .filter((name) => path.basename(name) === `${page}.html`)
    .map((name) => path.join(dist, 'server', name))

/** Orders what the first pages of a build ask for. */
export function firstPages(dist) {
  const fileOf = (name) => path.join(dist, name.slice('/_next/'.length))
  const sizeOf = (name) => statSync(fileOf(name)).size
  const letters = lettersOf(dist)
  const compiled = new Set()
  for (const page of PAGES)
    for (const copy of copiesOf(dist, page)) {
      const html = readFileSync(copy, 'utf8')
      for (const name of namesIn(html, SCRIPT)) compiled.add(fileOf(name))
      writeFileSync(copy, frameworkFirst(html, letters, sizeOf))
    }
  for (const file of compiled) writeFileSync(file, COMPILE_AT_ONCE + readFileSync(file, 'utf8'))
}
