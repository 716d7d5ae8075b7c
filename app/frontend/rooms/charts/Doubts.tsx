import TextField from '@mui/material/TextField'
import type { ChartReading } from '../../api/client'

// What was said of a chart's figures that do not go with those beside them, by the words of the doubt.
export type Answers = Record<string, string>

// What is to be looked at again in a chart, and answered where whoever enters it has to.
export const Doubts = ({
  warnings,
  label,
  answers,
  answer,
}: {
  warnings: ChartReading['warnings']
  label: string
  answers: Answers
  answer: (what: string, word: string) => void
}) => (
  <ul className="looks" aria-label="To look at again">
    {warnings.map(({ text, answer: asked }) => (
      <li key={text}>
        {text}
        {asked && (
          <TextField
            variant="filled"
            fullWidth
            label={label}
            value={answers[text] ?? ''}
            onChange={(event) => answer(text, event.target.value)}
            slotProps={{ htmlInput: { maxLength: 400, 'aria-label': `It stands: ${text}` } }}
          />
        )}
      </li>
    ))}
  </ul>
)
