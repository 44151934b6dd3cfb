import { registerSentence } from '../register'
import { relianceWords, summaryOf, titleOf, traceOf } from '../words/checks'
import type { Derived } from '@/core/derive'
import type { Job } from '@/core/model'
import { shownRatio, sig, written } from '@/core/result'
import { type Check, worstFirst } from '@/core/rules'
import { about, formatLength, stated } from '@/core/units'
import { postSize } from '@/core/wood'
import type { Block, CrewBook, Sheet } from '../crewbook'
import { table } from '../crewbook/paper'
import { plain } from '../plain'
import { DIG_CAUTION, RAISE_CAUTION, FOUNDATION, SOIL, standingNote, THERMAL } from '../words'

const HELD = {
  tied: 'and held at grade by a tied slab',
  none: 'and not held at grade: the envelope of fixity at grade and a third of the depth down is used',
} as const
const dim = (lengthIn: number) => formatLength(lengthIn, { ascii: true })
const STATE: Readonly<Record<Check['state'], string>> = {
  holds: 'holds',
  close: 'close',
  fails: 'FAILS',
  'cannot-stand': 'CANNOT STAND',
  'not-checked': 'not checked',
}

function inputs(job: Job): Sheet {
  const { site, building } = job
  return {
    title: 'Inputs',
    sub: 'as entered; nothing is assumed for snow, wind, frost or soil',
    blocks: [
      table(
        ['building', ''],
        [
          [
            'size',
            `${dim(building.widthIn)} x ${dim(building.lengthIn)}, heel ${dim(building.heelIn)}, pitch ` +
              `${building.pitchPer12}:12`,
          ],
          ['posts', `${postSize(building.post).label}, ${building.post.lumber}; ${FOUNDATION[building.school]}`],
          [
            'girts',
            `${building.girts.size} ${building.girts.lumber}, ${building.girts.style}, at most ` +
              `${dim(building.girts.maxGapIn)}`,
          ],
          [
            'trusses',
            building.roof.truss.set === 'posts' ? 'on the posts' : `on carriers at ${dim(building.roof.truss.spaceIn)}`,
          ],
          [
            'purlins',
            `${building.roof.purlins.size} ${building.roof.purlins.lumber} at ` +
              `${dim(building.roof.purlins.spaceIn)}, ${building.roof.purlins.style}`,
          ],
          ['lean-tos', building.leanTos.map((leanTo) => `${leanTo.side} ${dim(leanTo.depthIn)}`).join(', ') || 'none'],
        ],
      ),
      table(
        ['site', ''],
        [
          ['loads standard', site.edition],
          [
            'ground snow',
            `${stated(site.groundSnowPsf ?? NaN, 'psf')}; roof ${site.snowExposure} exposed; ${THERMAL[site.thermal]}`,
          ],
          [
            'wind',
            `${stated(site.windMph ?? NaN, 'mph')}, exposure ${site.exposure}, Kzt ${site.kzt}, risk category ${site.risk}`,
          ],
          ['elevation', stated(site.elevationFt, 'ft')],
          ['frost', site.frostIn === null ? 'not entered' : dim(site.frostIn)],
          [
            'soil',
            site.soil === null
              ? 'not entered'
              : `${SOIL[site.soil]}${site.doubleLateral ? '; lateral value doubled (IBC 1806.3.4)' : ''}`,
          ],
          [
            'roof dead load',
            site.dead.by === 'total'
              ? `${stated(site.dead.psf, 'psf')}; least ${stated(site.deadMinPsf, 'psf')}`
              : `by parts; least ${stated(site.deadMinPsf, 'psf')}`,
          ],
        ],
      ),
    ],
  }
}

function assumptions(job: Job, derived: Derived): Sheet {
  const verify = [
    ...new Set(
      derived.checks.flatMap((check) =>
        traceOf(check, derived.wallNames).flatMap((line) => (line.verify ? [line.verify] : [])),
      ),
    ),
  ].sort()
  return {
    title: 'Assumptions and cautions',
    sub: 'what these figures rest on',
    blocks: [
      {
        kind: 'text',
        text: plain(
          derived.lateral ? relianceWords(derived.lateral) : 'The site is not complete: nothing was computed.',
        ),
      },
      {
        kind: 'text',
        text:
          'Enclosure for wind: ' +
          `${derived.site?.enclosure.class ?? 'not judged'}${derived.site ? `, ${derived.site.enclosure.why}` : ''}. ` +
          `Posts embedded ${HELD[job.building.slab]}. ` +
          'Trusses pinned to the posts; small deflections; flat ground unless Kzt says otherwise.',
      },
      {
        kind: 'text',
        text:
          'Values recalled rather than read off the standard, to be compared before building (register): ' +
          `${verify.join(', ') || 'none'}.`,
      },
      ...verify.map((code): Block => ({ kind: 'text', text: plain(registerSentence(code)) })),
      {
        kind: 'text',
        text: `Not checked: ${
          derived.checks
            .filter((check) => check.state === 'not-checked')
            .map((check) => titleOf(check, derived.wallNames))
            .join('; ') || 'nothing'
        }.`,
      },
      { kind: 'caution', text: DIG_CAUTION.replace(/′/g, "'") },
      { kind: 'caution', text: RAISE_CAUTION.replace(/′/g, "'") },
      {
        kind: 'caution',
        text:
          'Knee braces push on trusses: add none that the truss maker has not designed for. Keep temporary braces ' +
          'until skin, truss bracing and diaphragm are done. A door moved or a post left out voids these figures.',
      },
      { kind: 'box', text: 'Engineer of record: seal, signature, date', heightPt: 150 },
    ],
  }
}

function loads(derived: Derived): Sheet[] {
  const site = derived.site
  if (!site) return []
  const wind = site.wind
  return [
    {
      title: 'Loads',
      sub: `${site.site.edition}; wind at strength level, pressures toward the surface positive`,
      blocks: [
        table(
          ['step', 'formula', 'result', 'clause'],
          [...site.snow.trace, ...site.dead.trace, ...wind.trace, ...site.enclosure.trace].map((line) => [
            plain(line.label),
            plain(written(line)),
            `${sig(line.value)} ${line.unit}`,
            line.clause,
          ]),
          [2],
        ),
        table(
          ['main system, psf', ''],
          [
            ['windward wall', sig(wind.windwardPsf)],
            ['leeward wall', sig(wind.leewardPsf)],
            ['side walls', sig(wind.sidePsf)],
            ['roof, wind across, windward half', `${sig(wind.roofWindwardAPsf)} or ${sig(wind.roofWindwardBPsf)}`],
            ['roof, wind across, leeward half', sig(wind.roofLeewardPsf)],
            ['roof, wind along, first strip', sig(wind.roofAlong[0].psf)],
            ['inside', `+/- ${sig(wind.internalPsf)}`],
          ],
          [1],
        ),
        ...(site.roofCladding
          ? [
              table(
                ['roof cladding by zone, psf', ''],
                [
                  ...Object.entries(site.roofCladding.zonePsf).map(([key, value]) => [`zone ${key}`, sig(value)]),
                  ['inward', sig(site.roofCladding.inwardPsf)],
                ],
                [1],
              ),
            ]
          : []),
        ...site.leanTos.map((leanTo) =>
          table(
            [`${leanTo.leanTo.side} lean-to`, ''],
            [
              ...leanTo.snow.map((low) => [
                `snow, ${low.governs}`,
                `${sig(low.uniformPsf)} ` +
                  `psf${low.peakPsf ? ` + ${about(low.peakPsf, 'psf')} at the wall over ${about(low.peakWidthFt, 'ft')}` : ''}`,
              ]),
              ['wind down, up', `${sig(leanTo.wind.downPsf)}, ${about(leanTo.wind.upPsf, 'psf')}`],
            ],
            [1],
          ),
        ),
      ],
    },
  ]
}

function checks(derived: Derived): Sheet[] {
  const worded = derived.checks.map((check) => ({
    ...summaryOf(check, derived.wallNames),
    trace: traceOf(check, derived.wallNames),
  }))
  const sorted = worded.sort(worstFirst)
  const summary: Sheet = {
    title: 'Every check',
    sub:
      `${derived.tally.holds} hold, ${derived.tally.close} close, ${derived.tally.fails} fail, ` +
      `${derived.tally.notChecked} not checked`,
    blocks: [
      table(
        ['check', 'demand', 'capacity', 'ratio', '', 'governed by'],
        sorted.map((check) => [
          plain(check.title),
          check.ratio === null ? '' : `${sig(check.demand)} ${check.unit}`,
          check.ratio === null ? '' : `${sig(check.capacity)} ${check.unit}`,
          check.ratio === null ? '' : shownRatio(check.ratio),
          STATE[check.state],
          plain(
            check.state === 'not-checked'
              ? check.governs
              : `${check.combination ?? ''}${check.place ? `, ${check.place}` : ''}`,
          ),
        ]),
        [1, 2, 3],
      ),
    ],
  }
  const full: Sheet = {
    title: 'Arithmetic',
    sub: 'every check line by line, worst first',
    blocks: sorted
      .filter((check) => check.state !== 'not-checked')
      .flatMap((check): Block[] => [
        {
          kind: 'text',
          strong: true,
          text: plain(
            `${check.title}: ${check.ratio === null ? '' : `${shownRatio(check.ratio)}, `}${STATE[check.state]}`,
          ),
        },
        { kind: 'text', text: plain(`${check.governs} Under ${check.combination}: ${check.place}.`) },
        table(
          ['', 'formula and numbers', 'result', 'clause'],
          check.trace.map((line) => [
            plain(line.label) + (line.verify ? ` (verify ${line.verify})` : ''),
            plain(written(line)),
            `${sig(line.value)} ${plain(line.unit)}`,
            plain(line.clause),
          ]),
          [2],
        ),
      ]),
  }
  return [summary, full]
}

/**
 * Calculation sheet of a derived job: inputs, assumptions, cautions and a blank for the seal, loads, every check, all
 * arithmetic.
 */
export function calcSheet(
  job: Job,
  derived: Derived,
  dated: { readonly date: string; readonly revision: string },
): CrewBook {
  return {
    job: job.name,
    ...dated,
    note: standingNote(derived.site !== null),
    sheets: [inputs(job), assumptions(job, derived), ...loads(derived), ...checks(derived)],
  }
}
