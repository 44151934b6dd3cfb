import { SAME_IN } from '../units'
import type { Fieldwork } from '../model'

/** What one post's heights are, inches: foot to grade line, its seat and its highest point above the grade line. */
export interface PostHeights {
  readonly footToGradeIn: number
  readonly seatUpIn: number
  readonly topUpIn: number
  /** Left on it where it is set long and cut where it stands. */
  readonly setLongIn: number
  /** Level strings: how high the string of this post's row stands above the grade line. */ readonly stringIn?: number
}

export interface LevelStep {
  readonly key: string
  readonly say: string
  readonly inches: number
}

/**
 * One post's heights in the crew's own way of carrying them. High pier: marks are made on the ground from the foot up,
 * the foot being this
 * post's own reading below the grade line. Cut to a laser line: the post is set long, the line struck on it, and its
 * cut measured up from the
 * line. Level strings: the foot is measured down and the seat up from the string of the post's own row. Lengths in
 * inches, exact.
 */
export function levelSteps(
  school: Fieldwork['levelSchool'],
  laserLineIn: number,
  postHeights: PostHeights,
): LevelStep[] {
  const string = postHeights.stringIn ?? 0
  if (school === 'cut-to-laser')
    return [
      { key: 'line', say: 'laser line above the grade line', inches: laserLineIn },
      ...(postHeights.seatUpIn > laserLineIn
        ? [{ key: 'seat', say: 'seat up from the laser line', inches: postHeights.seatUpIn - laserLineIn }]
        : [{ key: 'seat', say: 'seat down from the laser line', inches: laserLineIn - postHeights.seatUpIn }]),
      {
        key: 'rough',
        say: 'set long: rough length',
        inches: postHeights.footToGradeIn + postHeights.topUpIn + postHeights.setLongIn,
      },
    ]
  if (school === 'level-strings')
    return [
      {
        key: 'down',
        say: postHeights.footToGradeIn + string >= 0 ? 'string down to the foot' : 'string up to the foot',
        inches: Math.abs(postHeights.footToGradeIn + string),
      },
      ...(Math.abs(string) > SAME_IN
        ? [
            {
              key: 'grade',
              say: string > 0 ? 'string down to the grade line' : 'string up to the grade line',
              inches: Math.abs(string),
            },
          ]
        : []),
      {
        key: 'seat',
        say: postHeights.seatUpIn >= string ? 'string up to the seat' : 'string down to the seat',
        inches: Math.abs(postHeights.seatUpIn - string),
      },
      { key: 'cut', say: 'cut', inches: postHeights.footToGradeIn + postHeights.topUpIn },
    ]
  return [
    {
      key: 'grade',
      say: postHeights.footToGradeIn >= 0 ? 'foot up to the grade line' : 'grade line under the foot',
      inches: Math.abs(postHeights.footToGradeIn),
    },
    { key: 'seat', say: 'foot up to the seat', inches: postHeights.footToGradeIn + postHeights.seatUpIn },
    { key: 'cut', say: 'cut', inches: postHeights.footToGradeIn + postHeights.topUpIn },
  ]
}
