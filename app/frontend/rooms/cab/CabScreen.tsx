import Box from '@mui/material/Box'

import { useTitle } from '../../ui/useTitle'
import { useRef, useState } from 'react'
import { api, Refused } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'
import { useDevice } from '../../ui/useDevice'
import { TailingSheet } from '../../drawing/tailing/TailingSheet'
import { CraneSheet } from '../../drawing/views/CraneSheet'
import { craneScale } from '../../drawing/scale/craneScale'
import { Label } from '../../drawing/figures/figures'

import { PlanBar } from '../../shell/PlanBar'
import type { Editor } from '../../plan/usePlanEditor'
import '../../ui/charts.css'

import { CabFace } from './CabFace'

// The plan played along its way, with what the operator would see on a load indicator. The device is a
// stand-in.
export function CabScreen({ editor }: { editor: Editor }) {
  const said = useDevice('indicator', api.indicator)
  const { ladder } = editor.checked
  const [ref, size] = useSize({ width: 800, height: 700 })
  const [error, setError] = useState<string | null>(null)
  const [followed, setFollowed] = useState(false)
  const [rate, setRate] = useState(5)
  const [trouble, setTrouble] = useState('')
  const [offset, setOffset] = useState(0)
  const shown = useShown()
  useTitle(`${editor.document.title}, in the cab`)
  // One command after the other, in the order in which they were given.
  const last = useRef(Promise.resolve(true))
  const tell = (words: Record<string, unknown>) => {
    const told = async () => {
      setError(null)
      try {
        await api.tellIndicator(words)
        return true
      } catch (fault) {
        setError(
          fault instanceof Refused
            ? fault.faults.map(({ message }) => message).join('. ')
            : 'the indicator was not told',
        )
        return false
      }
    }
    return (last.current = last.current.then(told))
  }
  const follow = async () => {
    const done =
      (await tell({ do: 'follow', document: editor.document })) &&
      (await tell({ do: 'set', rate, offset, trouble: trouble || null }))
    setFollowed(done)
    return done
  }
  const play = async () => (followed || (await follow())) && tell({ do: 'play' })
  const reading = 'reading' in said ? said.reading : undefined
  const view = ladder?.crane ?? null
  const mine = reading && reading.plan === editor.document.title
  const starts = view?.starts ?? []
  const along = reading
    ? (starts[reading.between] ?? 0) +
      ((starts[reading.between + 1] ?? 1) - (starts[reading.between] ?? 0)) * reading.share
    : 0
  const scale =
    view &&
    craneScale(view, { left: 40, right: size.width - 24, top: 24, bottom: Math.max(480, size.height) - 16 })
  return (
    <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <PlanBar editor={editor} room="cab" />
      <Box component="main" className="cab" sx={{ flex: 1 }}>
        <Box component="h1" className="hush">
          {editor.document.title}, in the cab
        </Box>
        <Box ref={ref} sx={{ position: 'relative', minHeight: 520, minWidth: 0 }}>
          <svg
            width={size.width}
            height={Math.max(480, size.height)}
            role="group"
            aria-label="The crane and the way of the load"
            style={{ position: 'absolute', inset: 0 }}
          >
            {ladder?.tailing ? (
              <TailingSheet
                view={ladder.tailing}
                ladder={ladder}
                plan={editor.document}
                editor={null}
                width={size.width}
                height={Math.max(560, size.height)}
                select={() => {}}
                live={mine ? (reading.at ?? null) : null}
              />
            ) : view && scale ? (
              <CraneSheet
                view={view}
                plan={editor.document}
                scale={scale}
                editor={null}
                working={editor.checked.working}
                onSelect={() => {}}
                live={
                  mine
                    ? { radius: reading.radius_m, slew: reading.slew_deg, hook: reading.hook_m, along }
                    : null
                }
              />
            ) : (
              <Label x={36} y={60} size={17}>
                The crane is drawn once its chart matches it and its way is known.
              </Label>
            )}
          </svg>
        </Box>
        <CabFace
          said={said}
          mine={mine}
          reading={reading}
          play={play}
          tell={tell}
          follow={follow}
          error={error}
          view={view}
          shown={shown}
          rate={rate}
          setRate={setRate}
          trouble={trouble}
          setTrouble={setTrouble}
          offset={offset}
          setOffset={setOffset}
          editor={editor}
        />
      </Box>
    </Box>
  )
}
