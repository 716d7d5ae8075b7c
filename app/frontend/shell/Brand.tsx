import Box from '@mui/material/Box'
import { Link } from 'react-router'

export const Brand = () => (
  <Box
    component={Link}
    to="/"
    aria-label="Dust Ladder, to the board"
    sx={{
      display: 'flex',
      alignItems: 'center',
      gap: '12px',
      px: '16px',
      height: '100%',
      color: 'inherit',
      textDecoration: 'none',
      fontWeight: 600,
      typography: 'lead',
      whiteSpace: 'nowrap',
    }}
  >
    <svg
      width={26}
      height={34}
      viewBox="0 0 26 34"
      fill="none"
      stroke="currentColor"
      strokeWidth={2.6}
      aria-hidden
    >
      <path d="M6 1V32M20 1V32M6 7H20M6 15H20M6 23H20M0 32H10M16 32H26" />
    </svg>
    <Box component="span" sx={{ display: { xs: 'none', lg: 'inline' } }}>
      Dust Ladder
    </Box>
  </Box>
)
