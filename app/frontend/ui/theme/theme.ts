import { createTheme } from '@mui/material/styles'
import { day, figures, night, paper, text, type Tokens } from './tokens'

const cssVariables = (tokens: Tokens) => ({
  ...Object.fromEntries(Object.entries(tokens).map(([name, colour]) => [`--${name}`, colour])),
  '--text': text,
  '--figures': figures,
})

// Sizes of type, px, for sx={{ typography: 'lead' }}.
const SIZES = {
  note: { fontSize: 14 },
  small: { fontSize: 15 },
  plain: { fontSize: 16 },
  field: { fontSize: 17 },
  lead: { fontSize: 18 },
  heading: { fontSize: 20 },
  verdict: { fontSize: 25 },
  figure: { fontSize: 29 },
}

// Choices that stand on the bar.
const onBar = {
  '.bar-choice': {
    height: '100%',
    justifyContent: 'flex-end',
    borderRight: '1px solid var(--line)',
    '& .MuiInputLabel-root': {
      color: 'inherit !important',
      fontFamily: figures,
      fontSize: 15,
      transform: 'translate(10px, 8px)',
    },
    '& .MuiNativeSelect-root': { color: 'inherit', fontFamily: figures, margin: 0 },
    '& .MuiNativeSelect-select': { padding: '0 26px 8px 10px !important', fontWeight: 600, fontSize: 15 },
    '& .MuiNativeSelect-icon': { color: 'inherit', top: 'auto', bottom: 5 },
    '& option': { color: 'var(--ink)', background: 'var(--chalk)' },
  },
  '.bar-units .MuiToggleButton-root': {
    color: 'inherit',
    border: 0,
    padding: '0 11px',
    fontFamily: figures,
    fontSize: 17,
    fontWeight: 600,
    '&.Mui-selected, &.Mui-selected:hover': {
      backgroundColor: 'var(--barSelected)',
      color: 'var(--onBarSelected)',
    },
  },
}

export const themeOf = (mode: 'day' | 'night') => {
  const tokens = mode === 'day' ? day : night
  const box = { borderRadius: 0, border: '1.5px solid var(--ink)', backgroundColor: 'var(--chalk)' }
  return createTheme({
    palette: {
      mode: mode === 'day' ? 'light' : 'dark',
      primary: { main: tokens.mark, contrastText: tokens.onMark },
      error: { main: tokens.stop },
      warning: { main: tokens.tight },
      background: { default: tokens.bone, paper: tokens.chalk },
      text: { primary: tokens.ink, secondary: tokens.ink2 },
      divider: tokens.line,
    },
    shape: { borderRadius: 0 },
    shadows: Array(25).fill('none') as never,
    // Below sm all stands in one column: on a phone, and on a page that is shown at twice its size.
    breakpoints: { values: { xs: 0, sm: 700, md: 1000, lg: 1280, xl: 1700 } },
    typography: {
      fontFamily: text,
      fontSize: 16,
      fontWeightRegular: 500,
      fontWeightMedium: 500,
      fontWeightBold: 600,
      button: { textTransform: 'none', fontWeight: 600, fontSize: 16 },
      ...SIZES,
    },
    components: {
      MuiCssBaseline: {
        styleOverrides: {
          ':root': { ...cssVariables(tokens), colorScheme: mode === 'day' ? 'light' : 'dark' },
          body: {
            backgroundColor: 'var(--dust)',
            color: 'var(--ink)',
            fontFamily: text,
            fontWeight: 500,
            fontVariantNumeric: 'tabular-nums',
            fontSize: 16,
          },
          'a:where(:not([class]))': { color: 'var(--mark)' },
          ':focus-visible': { outline: '3px solid var(--mark)', outlineOffset: '1px' },
          '.on-bar :focus-visible, .on-bar:focus-visible': { outlineColor: 'var(--onBar)' },
          '.figures': { fontFamily: figures },
          ...onBar,
          '.hush': {
            position: 'absolute',
            width: 1,
            height: 1,
            overflow: 'hidden',
            clipPath: 'inset(50%)',
            whiteSpace: 'nowrap',
          },
          // Paper is white, whatever the screen was.
          '@media print': {
            ':root': { ...cssVariables({ ...day, ...paper }), colorScheme: 'light' },
            '.MuiButton-root': { display: 'none !important' },
          },
          '@media (prefers-reduced-motion: reduce)': {
            '*': { transition: 'none !important', animation: 'none !important' },
          },
        },
      },
      MuiButtonBase: { defaultProps: { disableRipple: true } },
      MuiButton: {
        defaultProps: { disableElevation: true },
        styleOverrides: {
          root: { borderRadius: 0, minHeight: 40, padding: '4px 14px', lineHeight: 1.2 },
          outlined: { border: '1.5px solid currentColor', '&:hover': { border: '1.5px solid currentColor' } },
        },
      },
      MuiFilledInput: {
        defaultProps: { disableUnderline: true },
        styleOverrides: {
          root: {
            ...box,
            fontSize: 17,
            fontFamily: figures,
            fontWeight: 600,
            '&:hover, &.Mui-focused': { backgroundColor: 'var(--chalk)' },
            '&.Mui-focused': { outline: '3px solid var(--mark)', outlineOffset: '-1px' },
            '&.Mui-error': { borderColor: 'var(--stop)' },
          },
          input: { padding: '21px 9px 4px', height: 24, textOverflow: 'ellipsis' },
        },
      },
      MuiInputLabel: {
        defaultProps: { shrink: true },
        styleOverrides: {
          root: { color: 'var(--ink2)', fontWeight: 500 },
          filled: {
            transform: 'translate(10px, 4px)',
            fontSize: 14,
            lineHeight: 1.2,
            maxWidth: 'calc(100% - 14px)',
            '&.Mui-focused': { color: 'var(--ink2)' },
            '&.Mui-error': { color: 'var(--stop)' },
          },
        },
      },
      MuiFormHelperText: {
        styleOverrides: {
          root: {
            fontFamily: figures,
            fontSize: 14,
            margin: '2px 0 0',
            lineHeight: 1.25,
            color: 'var(--ink2)',
            '&.Mui-error': { color: 'var(--stop)' },
          },
        },
      },
      MuiNativeSelect: { styleOverrides: { icon: { color: 'var(--mark)' } } },
      MuiToggleButton: { styleOverrides: { root: { borderRadius: 0, textTransform: 'none' } } },
      MuiDialog: { styleOverrides: { paper: { border: '2px solid var(--ink)', backgroundImage: 'none' } } },
      MuiMenu: { styleOverrides: { paper: { border: '1.5px solid var(--ink)', backgroundImage: 'none' } } },
    },
  })
}
