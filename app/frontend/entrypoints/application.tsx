import '../ui/theme/fonts.css'
import CssBaseline from '@mui/material/CssBaseline'
import { ThemeProvider } from '@mui/material/styles'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { lazy, StrictMode, Suspense, useMemo } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter, Route, Routes } from 'react-router'
import { Board } from '../rooms/board/Board'
import { CraneRoom } from '../rooms/charts/CraneRoom'
import { Fallen } from '../ui/Fallen'
import { PreferencesProvider, usePreferences } from '../ui/preferences'
import { themeOf } from '../ui/theme/theme'
import { StoreRoom } from '../rooms/store/StoreRoom'
import { PlanScreen } from '../rooms/plan/PlanScreen'

// Rooms that few open come when they are opened.
const EntryRoom = lazy(async () => ({
  default: (await import('../rooms/charts/entry/EntryRoom')).EntryRoom,
}))

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } })

function Screens() {
  const { night } = usePreferences().preferences
  const theme = useMemo(() => themeOf(night ? 'night' : 'day'), [night])
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <BrowserRouter>
        <Fallen>
          <Routes>
            <Route path="/" element={<Board />} />
            <Route path="/store" element={<StoreRoom />} />
            <Route
              path="/cranes/new"
              element={
                <Suspense fallback={<main role="status">reading</main>}>
                  <EntryRoom />
                </Suspense>
              }
            />
            <Route path="/cranes/:id?" element={<CraneRoom />} />
            <Route path="/plans/:id/:room?" element={<PlanScreen />} />
          </Routes>
        </Fallen>
      </BrowserRouter>
    </ThemeProvider>
  )
}

createRoot(document.getElementById('app')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <PreferencesProvider>
        <Screens />
      </PreferencesProvider>
    </QueryClientProvider>
  </StrictMode>,
)
