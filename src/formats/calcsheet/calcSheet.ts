import type { Derived } from '@/core/derive'
import type { Job } from '@/core/model'
import { shownRatio, sig, written, type Check } from '@/core/result'
import { formatLength } from '@/core/units'
import { postSize } from '@/core/wood'
import type { Block, CrewBook, Sheet } from '../crewbook'
import { table } from '../crewbook/paper'
import { plain } from '../plain'
import { DIG_CAUTION, RAISE_CAUTION, SCHOOL, SOIL, standingNote, THERMAL } from '../words'

const dim = (v: number) => formatLength(v, { ascii: true })
const STATE: Readonly<Record<Check['state'], string>> = {
  holds: 'holds',
  close: 'close',
  fails: 'FAILS',
  'not-checked': 'not checked',
}

function inputs(job: Job): Sheet {
  const { site: s, building: b } = job
  return {
    title: 'Inputs',
    sub: 'as entered; nothing is assumed for snow, wind, frost or soil',
    blocks: [
      table(
        ['building', ''],
        [
          ['size', `${dim(b.widthIn)} x ${dim(b.lengthIn)}, heel ${dim(b.heelIn)}, pitch ${b.pitchPer12}:12`],
          ['posts', `${postSize(b.post).label}, ${b.post.lumber}; ${SCHOOL[b.school]}`],
          ['girts', `${b.girts.size} ${b.girts.lumber}, ${b.girts.style}, at most ${dim(b.girts.maxGapIn)}`],
          ['trusses', b.roof.truss.set === 'posts' ? 'on the posts' : `on carriers at ${dim(b.roof.truss.spaceIn)}`],
          [
            'purlins',
            `${b.roof.purlins.size} ${b.roof.purlins.lumber} at ${dim(b.roof.purlins.spaceIn)}, ${b.roof.purlins.style}`,
          ],
          ['lean-tos', b.leanTos.map((l) => `${l.side} ${dim(l.depthIn)}`).join(', ') || 'none'],
        ],
      ),
      table(
        ['site', ''],
        [
          ['loads standard', s.edition],
          ['ground snow', `${s.groundSnowPsf} psf; roof ${s.snowExposure} exposed; ${THERMAL[s.thermal]}`],
          ['wind', `${s.windMph} mph, exposure ${s.exposure}, Kzt ${s.kzt}, risk category ${s.risk}`],
          ['elevation', `${s.elevationFt} ft`],
          ['frost', s.frostIn === null ? 'not entered' : dim(s.frostIn)],
          [
            'soil',
            s.soil === null
              ? 'not entered'
              : `${SOIL[s.soil]}${s.doubleLateral ? '; lateral value doubled (IBC 1806.3.4)' : ''}`,
          ],
          [
            'roof dead load',
            s.dead.by === 'total'
              ? `${s.dead.psf} psf; least ${s.deadMinPsf} psf`
              : `by parts; least ${s.deadMinPsf} psf`,
          ],
        ],
      ),
    ],
  }
}

function assumptions(job: Job, d: Derived): Sheet {
  const verify = [...new Set(d.checks.flatMap((c) => c.trace().flatMap((l) => (l.verify ? [l.verify] : []))))].sort()
  return {
    title: 'Assumptions and cautions',
    sub: 'what these figures rest on',
    blocks: [
      { kind: 'text', text: plain(d.lateral?.why ?? 'The site is not complete: nothing was computed.') },
      {
        kind: 'text',
        text: `Enclosure for wind: ${d.site?.enclosure.class ?? 'not judged'}${d.site ? `, ${d.site.enclosure.why}` : ''}. Posts embedded ${job.building.slab === 'tied' ? 'and held at grade by a tied slab' : 'and not held at grade: the envelope of fixity at grade and a third of the depth down is used'}. Trusses pinned to the posts; small deflections; flat ground unless Kzt says otherwise.`,
      },
      {
        kind: 'text',
        text: `Values recalled rather than read off the standard, to be compared before building (register): ${verify.join(', ') || 'none'}.`,
      },
      {
        kind: 'text',
        text: `Not checked: ${
          d.checks
            .filter((c) => c.state === 'not-checked')
            .map((c) => c.title)
            .join('; ') || 'nothing'
        }.`,
      },
      { kind: 'caution', text: DIG_CAUTION.replace(/′/g, "'") },
      { kind: 'caution', text: RAISE_CAUTION.replace(/′/g, "'") },
      {
        kind: 'caution',
        text: 'Knee braces push on trusses: add none that the truss maker has not designed for. Keep temporary braces until skin, truss bracing and diaphragm are done. A door moved or a post left out voids these figures.',
      },
      { kind: 'box', text: 'Engineer of record: seal, signature, date', heightPt: 150 },
    ],
  }
}

function loads(d: Derived): Sheet[] {
  const r = d.site
  if (!r) return []
  const w = r.wind
  return [
    {
      title: 'Loads',
      sub: `${r.site.edition}; wind at strength level, pressures toward the surface positive`,
      blocks: [
        table(
          ['step', 'formula', 'result', 'clause'],
          [...r.snow.trace, ...r.dead.trace, ...w.trace, ...r.enclosure.trace].map((l) => [
            plain(l.label),
            plain(written(l)),
            `${sig(l.value)} ${l.unit}`,
            l.clause,
          ]),
          [2],
        ),
        table(
          ['main system, psf', ''],
          [
            ['windward wall', sig(w.windwardPsf)],
            ['leeward wall', sig(w.leewardPsf)],
            ['side walls', sig(w.sidePsf)],
            ['roof, wind across, windward half', `${sig(w.roofWindwardAPsf)} or ${sig(w.roofWindwardBPsf)}`],
            ['roof, wind across, leeward half', sig(w.roofLeewardPsf)],
            ['roof, wind along, first strip', sig(w.roofAlong[0].psf)],
            ['inside', `+/- ${sig(w.internalPsf)}`],
          ],
          [1],
        ),
        ...(r.roofCladding
          ? [
              table(
                ['roof cladding by zone, psf', ''],
                [
                  ...Object.entries(r.roofCladding.zonePsf).map(([z, v]) => [`zone ${z}`, sig(v)]),
                  ['inward', sig(r.roofCladding.inwardPsf)],
                ],
                [1],
              ),
            ]
          : []),
        ...r.leanTos.map((l) =>
          table(
            [`${l.leanTo.side} lean-to`, ''],
            [
              ...l.snow.map((c) => [
                `snow, ${c.governs}`,
                `${sig(c.uniformPsf)} psf${c.peakPsf ? ` + ${sig(c.peakPsf)} psf at the wall over ${sig(c.peakWidthFt)} ft` : ''}`,
              ]),
              ['wind down, up', `${sig(l.wind.downPsf)}, ${sig(l.wind.upPsf)} psf`],
            ],
            [1],
          ),
        ),
      ],
    },
  ]
}

const ORDER = { fails: 0, close: 1, holds: 2, 'not-checked': 3 } as const
function checks(d: Derived): Sheet[] {
  const sorted = [...d.checks].sort((a, b) => ORDER[a.state] - ORDER[b.state] || b.ratio - a.ratio)
  const summary: Sheet = {
    title: 'Every check',
    sub: `${d.tally.holds} hold, ${d.tally.close} close, ${d.tally.fails} fail, ${d.tally.notChecked} not checked`,
    blocks: [
      table(
        ['check', 'demand', 'capacity', 'ratio', '', 'governed by'],
        sorted.map((c) => [
          plain(c.title),
          c.state === 'not-checked' ? '' : `${sig(c.demand)} ${c.unit}`,
          c.state === 'not-checked' ? '' : `${sig(c.capacity)} ${c.unit}`,
          c.state === 'not-checked' ? '' : shownRatio(c.ratio),
          STATE[c.state],
          plain(c.state === 'not-checked' ? c.governs : `${c.combination ?? ''}${c.place ? `, ${c.place}` : ''}`),
        ]),
        [1, 2, 3],
      ),
    ],
  }
  const full: Sheet = {
    title: 'Arithmetic',
    sub: 'every check line by line, worst first',
    blocks: sorted
      .filter((c) => c.state !== 'not-checked')
      .flatMap((c): Block[] => [
        { kind: 'text', strong: true, text: plain(`${c.title}: ${shownRatio(c.ratio)}, ${STATE[c.state]}`) },
        { kind: 'text', text: plain(`${c.governs} Under ${c.combination}: ${c.place}.`) },
        table(
          ['', 'formula and numbers', 'result', 'clause'],
          c
            .trace()
            .map((l) => [
              plain(l.label) + (l.verify ? ` (verify ${l.verify})` : ''),
              plain(written(l)),
              `${sig(l.value)} ${plain(l.unit)}`,
              plain(l.clause),
            ]),
          [2],
        ),
      ]),
  }
  return [summary, full]
}

/** Calculation sheet of a derived job: inputs, assumptions, cautions and a blank for the seal, loads, every check, all arithmetic. */
export function calcSheet(job: Job, d: Derived, p: { readonly date: string; readonly revision: string }): CrewBook {
  return {
    job: job.name,
    ...p,
    note: standingNote(d.site !== null),
    sheets: [inputs(job), assumptions(job, d), ...loads(d), ...checks(d)],
  }
}
