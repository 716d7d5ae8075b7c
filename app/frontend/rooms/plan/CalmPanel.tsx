import { memo, useEffect, useRef, useState, type ComponentProps } from 'react'
import { RungPanel } from './RungPanel'

type Props = ComponentProps<typeof RungPanel>

// While a hand moves a grip the fields of the panel follow this often; the ladder and the drawing follow at
// once.
const FOLLOW_MS = 160
const Panel = memo(RungPanel)

// The panel, calmer than the hand: drawing its fields again at every move would take the time that the
// figures need.
export function CalmPanel({ moving, ...props }: Props & { moving: boolean }) {
  const [shown, setShown] = useState(props)
  const since = useRef(0)
  useEffect(() => {
    const take = () => {
      since.current = performance.now()
      setShown(props)
    }
    if (!moving) return take()
    const timer = setTimeout(take, Math.max(0, FOLLOW_MS - (performance.now() - since.current)))
    return () => clearTimeout(timer)
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [moving, props.editor, props.rung, props.ladder, props.working, props.id, props.crane])
  return <Panel {...(moving && shown.id === props.id && shown.crane === props.crane ? shown : props)} />
}
