import { benchBrowser } from './bench/browser.mjs'
await benchBrowser()
