import Button from '@mui/material/Button'
import { useEffect } from 'react'
import type { DrillChoice } from '../../api/answers.generated'
import { useShown } from '../../ui/preferences'

const TYPED = 'input, textarea, select, [role=listbox], [role=combobox], [role=menu], [role=dialog]'

// The answers to choose from, each with its number, which is its key too. given: what was answered; right:
// what would have been, once that is known.
export function Choices({
  choices,
  given,
  right,
  onAnswer,
}: {
  choices: DrillChoice[]
  given: string | null
  right: string | null
  onAnswer: (id: string) => void
}) {
  const shown = useShown()
  useEffect(() => {
    if (given !== null) return
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return
      // A number that is typed elsewhere is no answer.
      if ((event.target as HTMLElement).closest(TYPED)) return
      const choice = choices[Number(event.key) - 1]
      if (choice) onAnswer(choice.id)
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [choices, given, onAnswer])
  return (
    <ol className="choices">
      {choices.map((choice, index) => {
        // Nothing is said of an answer before it was judged.
        const mark =
          right === null ? null : right === choice.id ? 'right' : given === choice.id ? 'wrong' : null
        return (
          <li key={choice.id}>
            <Button
              variant={given === choice.id ? 'contained' : 'outlined'}
              disabled={given !== null && mark === null && given !== choice.id}
              data-mark={mark ?? undefined}
              onClick={() => given === null && onAnswer(choice.id)}
            >
              <span className="key">{index + 1}</span>
              {shown(choice.words)}
              {given !== null && mark === 'right' && <strong>, right</strong>}
              {given !== null && mark === 'wrong' && <strong>, not it</strong>}
            </Button>
          </li>
        )
      })}
    </ol>
  )
}
