import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

interface Props {
  query: { isPending: boolean; isError: boolean; error: Error | null; refetch: () => unknown }
  what: string
  pad: { p: number } | { py: number }
}

// What stands in a list's place while it is read, and when it could not be, with the way to try again.
export function Reading({ query, what, pad }: Props) {
  if (query.isPending)
    return (
      <Box role="status" sx={{ ...pad, typography: 'heading' }}>
        Reading the {what}
      </Box>
    )
  if (!query.isError) return null
  return (
    <Box role="alert" sx={{ ...pad, typography: 'lead' }}>
      The {what} could not be read: {query.error?.message}.{' '}
      <Button variant="outlined" onClick={() => void query.refetch()}>
        Read again
      </Button>
    </Box>
  )
}
