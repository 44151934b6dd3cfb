import {
  accessSync,
  constants,
  existsSync,
  closeSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  statfsSync,
  writeFileSync,
  writeSync,
} from 'node:fs'
import path from 'node:path'
import { endProcess, lives, named } from './processes.mjs'
import { say, stop } from './say.mjs'

/** Room that a start needs, bytes. */
const LEAST_BYTES = 64 * 1024 * 1024
const WORDS = {
  EROFS: 'its disk is read-only',
  EACCES: 'this user may not write there',
  EPERM: 'this user may not write there',
  ENOSPC: 'its disk is full',
  EDQUOT: 'this user has used up its share of the disk',
  ENOTDIR: 'there is a file in its place',
}

/** The folder itself, or the nearest above it that is there. */
const nearest = (folder) => (existsSync(folder) ? folder : nearest(path.dirname(folder)))

/** Makes the data folder and sees that it can be written; what is in the way is said in words. */
export function openFolder(folder) {
  const full = path.resolve(folder)
  try {
    // Asked for first: making several folders on a read-only disk says that there is none.
    accessSync(nearest(full), constants.W_OK)
    mkdirSync(full, { recursive: true })
    const probe = path.join(full, '.probe')
    writeFileSync(probe, 'x')
    rmSync(probe)
  } catch (e) {
    stop(`cannot keep data in ${folder}: ${WORDS[e.code] ?? e.message}`)
  }
  const { bavail, bsize } = statfsSync(full)
  if (bavail * bsize < LEAST_BYTES)
    stop(`cannot keep data in ${folder}: its disk has ${Math.round((bavail * bsize) / 1e6)} MB left`)
  return full
}

const read = (file) => {
  try {
    return JSON.parse(readFileSync(file, 'utf8'))
  } catch {
    return null
  }
}

/**
 * Takes a data folder for this process. Where another start already has it, `others` gets the word of it; what a start
 * that is dead has left running is ended first.
 */
export async function claim(folder, others) {
  const file = path.join(folder, 'running.json')
  const own = { owner: named(process.pid), base: null, databasePort: null, children: [] }
  const write = () => {
    writeFileSync(`${file}.new`, JSON.stringify(own))
    renameSync(`${file}.new`, file)
  }
  for (;;) {
    try {
      const opened = openSync(file, 'wx')
      writeSync(opened, JSON.stringify(own))
      closeSync(opened)
      break
    } catch (e) {
      if (e.code !== 'EEXIST') throw e
    }
    const left = read(file)
    if (left?.owner && lives(left.owner)) return others(left)
    for (const child of left?.children ?? [])
      if (lives(child)) {
        say(`ending what an earlier start left running (${child.what}, process ${child.pid})`)
        await endProcess(child, 30_000)
      }
    rmSync(file, { force: true })
  }
  return {
    /** Where the application is served, for whoever starts it a second time. */
    serves: (base, databasePort) => {
      own.base = base
      own.databasePort = databasePort
      write()
    },
    /** A process that must not outlive this one, or the next start ends it. */
    has: (what, pid) => {
      own.children = [...own.children.filter((child) => child.what !== what), { what, ...named(pid) }]
      write()
    },
    release: () => rmSync(file, { force: true }),
  }
}
