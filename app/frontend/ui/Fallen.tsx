import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Component, type ReactNode } from 'react'

// Says so where a screen fails by a fault of its own, instead of a white page.
export class Fallen extends Component<{ children: ReactNode }, { fault: string | null }> {
  state = { fault: null }

  static getDerivedStateFromError = (error: unknown) => ({
    fault: error instanceof Error ? error.message : String(error),
  })

  render() {
    if (this.state.fault === null) return this.props.children

    return (
      <Box component="main" role="alert" sx={{ p: 4, maxWidth: 720 }}>
        <Box component="h1" sx={{ typography: 'heading' }}>
          This screen failed: a fault of Dust Ladder
        </Box>
        <p>
          What was saved is safe, and changes to a plan that were not yet saved are kept in this browser. No
          figure that was on the screen is to be trusted now.
        </p>
        <p>{`The fault: ${this.state.fault}`}</p>
        <Button variant="contained" onClick={() => location.reload()}>
          Open it again
        </Button>{' '}
        <Button href="/">To the board</Button>
      </Box>
    )
  }
}
