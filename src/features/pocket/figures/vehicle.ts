import { vehicle } from '@/core/pocket/vehicle'
import { length, share } from '../fields'
import { area, box, dot, ground, line, measure, text } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: vehicle,
  fields: {
    openWidthIn: length('opening, wide', 120),
    openHeightIn: length('opening, high', 120),
    widthIn: length('machine, wide', 96),
    heightIn: length('machine, high', 114),
    marginIn: length('room all round', 3),
    rampShare: share('ramp rises', 0.1),
    rampIn: length('ramp, level', 60),
    wheelbaseIn: length('axle to axle', 100),
    frontIn: length('before front axle', 40),
  },
  outs: ({ found, say }) => [
    { label: found.fits ? 'room over it; it fits' : 'room over it; it does not fit', text: say('overIn') },
    { label: 'room at each side', text: say('sideIn') },
    { label: 'nose lifts', text: say('noseIn') },
  ],
  stands: ({ given, found, say, length: written }) => {
    const { openWidthIn, openHeightIn, widthIn, heightIn } = given
    const [leftIn, topIn] = [(openWidthIn - widthIn) / 2, heightIn + found.noseIn]
    return [
      ground(-18, openWidthIn + 18, 8),
      box('dark', [-8, 0], [0, openHeightIn]),
      box('dark', [openWidthIn, 0], [openWidthIn + 8, openHeightIn]),
      box('pale', [-18, openHeightIn], [openWidthIn + 18, openHeightIn + 11]),
      box('machine', [leftIn, heightIn * 0.12], [leftIn + widthIn, topIn]),
      box('steel', [leftIn, 0], [leftIn + widthIn * 0.18, heightIn * 0.22]),
      box('steel', [leftIn + widthIn * 0.82, 0], [leftIn + widthIn, heightIn * 0.22]),
      text([openWidthIn / 2, topIn], `over ${say('overIn')}`, { strong: true, offPx: [0, 20] }),
      measure([0, -8], [openWidthIn, -8], written(openWidthIn), -12),
      measure([openWidthIn + 18, 0], [openWidthIn + 18, openHeightIn], written(openHeightIn), -10),
      measure([0, openHeightIn + 11], [leftIn, openHeightIn + 11], say('sideIn'), 10),
    ]
  },
  liesTitle: 'From the side, front wheels at the top of the ramp',
  lies: ({ given, say }) => {
    const { rampIn, rampShare, wheelbaseIn, frontIn, heightIn } = given
    const upIn = rampShare * Math.min(rampIn, wheelbaseIn)
    const wheelIn = Math.max(6, wheelbaseIn * 0.12)
    const slope = upIn / wheelbaseIn
    const at = (xIn: number) => upIn + slope * xIn
    return [
      area(
        'earth',
        [-wheelbaseIn * 1.4, -10],
        [-rampIn, 0],
        [0, rampShare * rampIn],
        [frontIn * 1.6, rampShare * rampIn],
        [frontIn * 1.6, -10],
      ),
      area(
        'machine',
        [-wheelbaseIn - wheelIn, at(-wheelbaseIn) + wheelIn],
        [frontIn, at(frontIn) + wheelIn],
        [frontIn, at(frontIn) + heightIn * 0.6],
        [-wheelbaseIn - wheelIn, at(-wheelbaseIn) + heightIn * 0.6],
      ),
      dot([-wheelbaseIn, wheelIn], wheelIn, 'steel'),
      dot([0, upIn + wheelIn], wheelIn, 'steel'),
      line('ghost', [0, upIn], [frontIn, upIn]),
      measure([frontIn, upIn], [frontIn, at(frontIn)], ['nose lifts', say('noseIn')], -10),
    ]
  },
})
