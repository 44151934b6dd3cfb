import type { Derived } from '@/core/derive'
import { shearStrips } from '@/core/frame'
import { type Job, SIDES } from '@/core/model'
import { about, counted } from '@/core/units'
import { sig } from '@/core/result'
import type { Sheet } from '../crewbook'
import { mark } from '../crewbook/paper'
import { plain } from '../plain'
import { KIND } from '../words'
import { lengthOfWall, openingName } from './drawings'
import { tight } from './paper'

const openings = (derived: Derived) =>
  tight(
    ['opening', 'wall', 'from its low corner', 'wide', 'high', 'sill', 'door weight'],
    derived.placed.map(({ opening, fromIn }) => [
      openingName(opening),
      derived.wallNames[opening.side],
      mark(fromIn),
      mark(opening.widthIn),
      mark(opening.heightIn),
      mark(opening.sillIn),
      opening.weightLb === null ? 'not entered' : about(opening.weightLb, 'lb'),
    ]),
    [2, 3, 4, 5],
  )

/** Posts one by one, what holes they stand in, beams, trusses, walls and what joins the parts. */
export function schedules(job: Job, derived: Derived): Sheet[] {
  const { building } = job
  const { schedule, holes, trusses, takeoff, grid } = derived
  return [
    {
      title: 'Schedule of openings and walls',
      sub: 'as laid out; lengths along a wall from its west or south corner',
      blocks: [
        openings(derived),
        tight(
          ['wall', 'length', 'skin', 'strips that work in shear'],
          SIDES.map((side) => [
            derived.wallNames[side],
            mark(lengthOfWall(derived, side)),
            building.openSides.includes(side) ? 'open' : 'skin',
            shearStrips(building, grid, side)
              .map(
                ({ fromIn, toIn, share }) =>
                  `${mark(toIn - fromIn)}${share < 1 ? ` (counts ${sig(share)} of it)` : ''}`,
              )
              .join(', ') || 'none',
          ]),
          [1],
        ),
      ],
    },
    {
      title: 'Schedule of holes',
      sub: 'one size for each kind of post; depth from the grade line to the bottom of pad or pier',
      blocks: [
        tight(
          ['posts', 'count', 'diameter', 'depth', 'post in the ground', 'gravel under it'],
          holes.map((hole) => [
            KIND[hole.kind],
            String(hole.postIds.length),
            mark(hole.diameterIn),
            mark(hole.depthIn),
            mark(hole.embedIn),
            mark(hole.gravelIn),
          ]),
          [1, 2, 3, 4, 5],
        ),
      ],
      follows: true,
    },
    {
      title: 'Schedule of posts',
      sub: `${counted(schedule.length, 'post')}, ${schedule[0]?.section ?? ''}; places from the south-west corner to their centers`,
      blocks: [
        tight(
          ['post', 'kind', 'along', 'across', 'heel', 'in the ground', 'whole length'],
          schedule.map((row) => [
            row.name,
            KIND[row.kind],
            mark(row.xIn),
            mark(row.yIn),
            mark(row.heightIn),
            mark(row.embedIn),
            mark(row.totalIn),
          ]),
          [2, 3, 4, 5, 6],
        ),
      ],
    },
    {
      title: 'Schedule of trusses and beams',
      sub: `trusses ${building.roof.truss.set === 'posts' ? 'on the posts' : 'on carriers'}, ${mark(trusses.spaceIn)} apart at most`,
      blocks: [
        tight(
          ['truss', 'from the west string'],
          trusses.trusses.map((truss, i) => [String(i + 1), mark(truss.xIn)]),
          [1],
        ),
        ...(trusses.beams.length > 0
          ? [
              tight(
                ['beam', 'wall', 'from', 'to', 'span', 'trusses on it at'],
                trusses.beams.map((beam) => [
                  beam.kind,
                  derived.wallNames[beam.side],
                  beam.from.name,
                  beam.to.name,
                  mark(beam.spanIn),
                  beam.trusses.map(({ atIn }) => mark(atIn)).join(', ') || 'none',
                ]),
                [4],
              ),
            ]
          : []),
      ],
    },
    {
      title: 'Schedule of joints',
      sub: 'what joins the parts, how many to a joint and in all',
      blocks: [
        tight(
          ['joint', 'fastener', 'each', 'joints', 'in all'],
          takeoff.joints.map((line) => [
            plain(line.joint),
            plain(line.fastener),
            String(line.each),
            String(line.joints),
            String(line.total),
          ]),
          [2, 3, 4],
        ),
      ],
      follows: true,
    },
  ]
}
