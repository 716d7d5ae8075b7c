import FormControl from '@mui/material/FormControl'
import InputLabel from '@mui/material/InputLabel'
import NativeSelect from '@mui/material/NativeSelect'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useQuery } from '@tanstack/react-query'
import { memo } from 'react'
import { api } from '../api/client'
import type { Editor } from '../plan/usePlanEditor'
import { usePreferences } from '../ui/preferences'

// Which rule set judges the plan.
export const RuleSetChoice = memo(function RuleSetChoice({
  current,
  change,
}: {
  current: string
  change: Editor['change']
}) {
  const rules = useQuery({ queryKey: ['rule_sets'], queryFn: api.ruleSets })
  const take = (id: string) => {
    const chosen = rules.data?.find((set) => set.data.id === id)
    if (chosen) change({ '/rules': id, '/snapshots/rule_sets': { [id]: chosen } }, 'rule set')
  }
  const ids = [...new Set([current, ...(rules.data ?? []).map((set) => set.data.id)])]
  return (
    <FormControl className="bar-choice" sx={{ display: { xs: 'none', sm: 'flex' } }}>
      <InputLabel htmlFor="rule-set" shrink>
        rules
      </InputLabel>
      <NativeSelect
        id="rule-set"
        disableUnderline
        value={current}
        onChange={(event) => take(event.target.value)}
      >
        {ids.map((id) => (
          <option key={id} value={id}>
            {id}
          </option>
        ))}
      </NativeSelect>
    </FormControl>
  )
})

// In which units figures are shown.
export const UnitsChoice = memo(function UnitsChoice() {
  const { preferences, prefer } = usePreferences()
  return (
    <ToggleButtonGroup
      exclusive
      className="bar-units"
      aria-label="units"
      value={preferences.system}
      onChange={(_, system) => system && prefer({ system })}
    >
      <ToggleButton value="metric">kg m</ToggleButton>
      <ToggleButton value="us">lb ft</ToggleButton>
    </ToggleButtonGroup>
  )
})
