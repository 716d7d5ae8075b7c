import '../ui/theme/fonts.css'
import Box from '@mui/material/Box'
import CssBaseline from '@mui/material/CssBaseline'
import { ThemeProvider } from '@mui/material/styles'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { lazy, StrictMode, Suspense, useMemo, type ReactNode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter, Navigate, Route, Routes } from 'react-router'
import { Board } from '../rooms/board/Board'
import { DayBoard } from '../rooms/board/DayBoard'
import { Fallen } from '../ui/Fallen'
import { PreferencesProvider, usePreferences } from '../ui/preferences'
import { Styles } from '../ui/theme/Styles'
import { themeOf } from '../ui/theme/theme'
import { PlanScreen } from '../rooms/plan/PlanScreen'
import { useWho, WhoProvider } from '../ui/who'

// Rooms that few open come when they are opened.
const EntryRoom = lazy(async () => ({
  default: (await import('../rooms/charts/entry/EntryRoom')).EntryRoom,
}))
const PaperRoom = lazy(async () => ({
  default: (await import('../rooms/charts/paper/PaperRoom')).PaperRoom,
}))
const CraneRoom = lazy(async () => ({ default: (await import('../rooms/charts/CraneRoom')).CraneRoom }))
const SignIn = lazy(async () => ({ default: (await import('../rooms/door/SignIn')).SignIn }))
const SetPassword = lazy(async () => ({ default: (await import('../rooms/door/SetPassword')).SetPassword }))
const Account = lazy(async () => ({ default: (await import('../rooms/door/Account')).Account }))
const Licences = lazy(async () => ({ default: (await import('../rooms/door/Licences')).Licences }))
const PeopleRoom = lazy(async () => ({ default: (await import('../rooms/people/PeopleRoom')).PeopleRoom }))
const PracticeRoom = lazy(async () => ({
  default: (await import('../rooms/practice/PracticeRoom')).PracticeRoom,
}))
const TradeTables = lazy(async () => ({
  default: (await import('../rooms/rules/TradeTables')).TradeTables,
}))
const RulesRoom = lazy(async () => ({ default: (await import('../rooms/rules/RulesRoom')).RulesRoom }))
const SitesRoom = lazy(async () => ({ default: (await import('../rooms/sites/SitesRoom')).SitesRoom }))
const StoreRoom = lazy(async () => ({ default: (await import('../rooms/store/StoreRoom')).StoreRoom }))
const DayRoom = lazy(async () => ({ default: (await import('../rooms/day/DayRoom')).DayRoom }))
const TodayRoom = lazy(async () => ({ default: (await import('../rooms/today/TodayRoom')).TodayRoom }))
const later = (room: ReactNode) => (
  <Suspense
    fallback={
      <Box component="main" role="status" sx={{ p: 4, typography: 'heading' }}>
        Reading
      </Box>
    }
  >
    {room}
  </Suspense>
)

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } })

function Screens() {
  const { night } = usePreferences().preferences
  const theme = useMemo(() => themeOf(night ? 'night' : 'day'), [night])
  const { who, gone } = useWho()
  // Whoever comes by a link is nobody yet.
  const atDoor = window.location.pathname.startsWith('/door/')
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <BrowserRouter>
        <Fallen>
          {atDoor && (
            <Routes>
              <Route path="/door/:link" element={later(<SetPassword />)} />
            </Routes>
          )}
          {who && !atDoor && (
            <Routes>
              <Route path="/" element={<DayBoard />} />
              <Route path="/all" element={<Board />} />
              <Route path="/today" element={later(<TodayRoom />)} />
              <Route path="/practice" element={later(<PracticeRoom />)} />
              <Route path="/people" element={later(<PeopleRoom />)} />
              <Route path="/account" element={later(<Account />)} />
              <Route path="/licences" element={later(<Licences />)} />
              <Route path="/rules/:id/tables" element={later(<TradeTables />)} />
              <Route path="/rules/:id?" element={later(<RulesRoom />)} />
              <Route path="/store/:id?" element={later(<StoreRoom />)} />
              <Route path="/sites/:id?" element={later(<SitesRoom />)} />
              <Route path="/cranes/new" element={<Navigate to="/cranes/drafts/new" replace />} />
              <Route path="/cranes/drafts/:draft" element={later(<EntryRoom />)} />
              <Route path="/cranes/:id/paper" element={later(<PaperRoom />)} />
              <Route path="/cranes/:id?" element={later(<CraneRoom />)} />
              <Route path="/plans/:id/day" element={later(<DayRoom />)} />
              <Route path="/plans/:id/:room?" element={<PlanScreen />} />
            </Routes>
          )}
          {(!who || gone) && !atDoor && later(<SignIn />)}
        </Fallen>
      </BrowserRouter>
    </ThemeProvider>
  )
}

createRoot(document.getElementById('app')!).render(
  <StrictMode>
    <Styles>
      <QueryClientProvider client={queries}>
        <PreferencesProvider>
          <WhoProvider>
            <Screens />
          </WhoProvider>
        </PreferencesProvider>
      </QueryClientProvider>
    </Styles>
  </StrictMode>,
)
