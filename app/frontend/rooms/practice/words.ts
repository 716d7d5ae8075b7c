import type { DrillAsked } from '../../api/answers.generated'

export type Drill = DrillAsked['drill']
export type Kind = Drill['kind']
export const KIND: Record<Kind, string> = {
  read_angle: 'Read the angle',
  which_leg: 'Which leg pulls most',
  find_row: 'Find the row',
  on_the_hook: 'What hangs on the hook',
  stays_out: 'Which piece stays out',
  wrong_plan: 'What is wrong with this plan',
  level_it: 'Level it',
  tag_line: 'Tie the tag line',
}
export const KINDS = Object.keys(KIND) as Kind[]
