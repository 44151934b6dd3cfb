import type { Derived } from '@/core/derive'
import type { Job } from '@/core/model'
import type { Block, CrewBook, Sheet } from '../crewbook'
import { plain } from '../plain'
import { registerSentence } from '../register'
import { DIG_CAUTION, RAISE_CAUTION, sheetNote } from '../words'
import { relianceWords, titleOf, traceOf } from '../words/checks'
import { checkSheets } from './checks'
import { keyPlan, section } from './drawings'
import { frameSheets } from './frame'
import { inputs } from './inputs'
import { loads } from './loads'
import { text } from './paper'
import { schedules } from './schedules'

const HELD = {
  tied: 'and held at grade by a tied slab',
  none: 'and not held at grade: the envelope of fixity at grade and a third of the depth down is used',
} as const
const STANDARDS =
  'ASCE/SEI 7-16 (loads), IBC 2021 (soil, embedment, deflection), NDS 2018 with its Supplement (wood and fasteners), ' +
  'ASABE EP484, EP486 and EP559 (diaphragms, posts in the ground, laminated columns), SDPWS 2021 (narrow walls), ' +
  'ACI 318-19 (concrete).'

const caution = (words: string): Block => ({ kind: 'caution', text: plain(words) })

/** The first sheet: what it is, how it comes out, where things are, and room for the seal. */
function cover(job: Job, derived: Derived): Sheet {
  const { tally } = derived
  return {
    title: 'Calculation sheet',
    sub: plain(job.name),
    blocks: [
      text(
        `${tally.holds} checks hold, ${tally.close} are close to their limit, ${tally.fails} fail` +
          `${tally.cannotStand > 0 ? `, ${tally.cannotStand} of them cannot stand` : ''}, ${tally.notChecked} are not ` +
          `checked and named below. Standards: ${STANDARDS}`,
      ),
      keyPlan(job, derived),
      section(job, derived),
      { kind: 'box', text: 'Engineer of record: seal, signature, date', heightPt: 64 },
    ],
  }
}

/** Numbers of the register that some line of arithmetic here rests on. */
const registerUsed = ({ checks, wallNames, site }: Derived): readonly string[] => [
  ...new Set(
    [
      ...checks.flatMap((check) => traceOf(check, wallNames)),
      ...(site ? [...site.snow.trace, ...site.dead.trace, ...site.wind.trace] : []),
    ].flatMap(({ verify }) => (verify ? verify.split(/,\s*/) : [])),
  ),
]

function assumptions(job: Job, derived: Derived): Sheet {
  const used = [...registerUsed(derived)].sort()
  const unchecked = derived.checks.filter((check) => check.state === 'not-checked')
  return {
    title: 'Assumptions and cautions',
    sub: 'what these figures rest on',
    blocks: [
      text(derived.lateral ? relianceWords(derived.lateral) : 'The site is not complete: nothing was computed.'),
      text(
        'Enclosure for wind: ' +
          `${derived.site?.enclosure.class ?? 'not judged'}${derived.site ? `, ${derived.site.enclosure.why}` : ''}. ` +
          `Posts embedded ${HELD[job.building.slab]}. ` +
          'Trusses pinned to the posts; small deflections; flat ground unless Kzt says otherwise.',
      ),
      text(`Not checked: ${unchecked.map((check) => titleOf(check, derived.wallNames)).join('; ') || 'nothing'}.`),
      text(
        'Values recalled rather than read off the standard, to be compared before building (register): ' +
          `${used.join(', ') || 'none'}.`,
      ),
      ...used.map((code) => text(registerSentence(code))),
      caution(DIG_CAUTION),
      caution(RAISE_CAUTION),
      caution(
        'Knee braces push on trusses: add none that the truss maker has not designed for. Keep temporary braces until ' +
          'skin, truss bracing and diaphragm are done. A door moved or a post left out voids these figures.',
      ),
    ],
  }
}

/**
 * Calculation sheet of a derived job, for a reader who has nothing else: key plan and section, inputs, schedules,
 * assumptions and register, loads, frame, every check in the order of the load path, and a blank for the seal.
 */
export function calcSheet(
  job: Job,
  derived: Derived,
  dated: { readonly date: string; readonly revision: string },
): CrewBook {
  return {
    job: job.name,
    what: 'calculation sheet',
    contents: true,
    ...dated,
    note: sheetNote(derived, job),
    sheets: [
      cover(job, derived),
      ...inputs(job),
      ...schedules(job, derived),
      assumptions(job, derived),
      ...loads(derived),
      ...frameSheets(job, derived),
      ...checkSheets(derived),
    ],
  }
}
