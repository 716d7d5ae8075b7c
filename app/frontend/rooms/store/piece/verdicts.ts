import type { Inspection, InspectionLook } from '../../../api/client'
import type { Verdict } from '../../../ladder/verdict'

// How a look's verdict is drawn as a rung, and its word.
export const RUNG: Record<InspectionLook['verdict'], Verdict> = {
  stays: 'holds',
  out: 'stop',
  doubt: 'stop',
  not_looked: 'not_known',
  not_known: 'not_known',
}
export const SAYS: Record<InspectionLook['verdict'], string> = {
  stays: 'stays',
  out: 'out',
  doubt: 'out, in doubt',
  not_looked: 'not looked at',
  not_known: 'not known',
}
export const RESULT: Record<Inspection['result'], Verdict> = {
  stays: 'holds',
  out: 'stop',
  not_whole: 'not_known',
}
export const PASSED = ['stays', 'passed']
