import { createTheme } from '@mui/material/styles';

/** MUI in the clothes of the house: every colour comes from the tokens, so that day and night are one theme. */
export const theme = createTheme({
  cssVariables: false,
  palette: {
    primary: { main: '#1B556B', contrastText: '#FFFDF8' },
    error: { main: '#93291C' },
    text: { primary: '#1B2227', secondary: '#3C4A55' },
  },
  shape: { borderRadius: 6 },
  typography: { fontFamily: 'var(--sans)', fontSize: 14, button: { textTransform: 'none', fontWeight: 600 } },
  transitions: { create: () => 'none' },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: {
          minHeight: 40,
          padding: '6px 14px',
          borderRadius: 6,
          color: 'var(--sea)',
          '&:hover': { backgroundColor: 'var(--quiet)' },
          '&.Mui-focusVisible': { outline: '2px solid var(--sea)', outlineOffset: 2 },
          '&.Mui-disabled': { color: 'var(--tin-2)' },
        },
        contained: {
          backgroundColor: 'var(--lamp)',
          color: 'var(--on-lamp)',
          '&:hover': { backgroundColor: 'var(--lamp)', filter: 'brightness(1.06)' },
          '&.Mui-disabled': { backgroundColor: 'var(--fill)' },
        },
        outlined: { borderColor: 'var(--line)', backgroundColor: 'var(--sheet)', '&:hover': { borderColor: 'var(--sea)' } },
      },
    },
    MuiInputLabel: {
      styleOverrides: {
        shrink: { backgroundColor: 'var(--sheet)', paddingInline: 5, marginLeft: -3 },
        root: { color: 'var(--tin)', '&.Mui-focused': { color: 'var(--sea)' }, '&.Mui-error': { color: 'var(--brick)' } },
      },
    },
    MuiOutlinedInput: {
      styleOverrides: {
        root: {
          backgroundColor: 'var(--sheet)',
          color: 'var(--ink)',
          fontSize: 'inherit',
          '& .MuiOutlinedInput-notchedOutline': { borderColor: 'var(--line)' },
          '&:hover .MuiOutlinedInput-notchedOutline': { borderColor: 'var(--tin)' },
          '&.Mui-focused .MuiOutlinedInput-notchedOutline': { borderColor: 'var(--sea)' },
          '&.Mui-error .MuiOutlinedInput-notchedOutline': { borderColor: 'var(--brick)' },
        },
        input: { '&::placeholder': { color: 'var(--tin-2)', opacity: 1 } },
      },
    },
    MuiSelect: { styleOverrides: { icon: { color: 'var(--tin)' } } },
    MuiFormHelperText: {
      styleOverrides: { root: { color: 'var(--tin-2)', fontSize: 13, marginInline: 2, '&.Mui-error': { color: 'var(--brick)' } } },
    },
    MuiCheckbox: { styleOverrides: { root: { color: 'var(--tin)', '&.Mui-checked': { color: 'var(--sea)' } } } },
    MuiPaper: {
      styleOverrides: {
        root: {
          backgroundColor: 'var(--sheet)',
          backgroundImage: 'none',
          color: 'var(--ink)',
          border: '1px solid var(--line)',
          boxShadow: 'var(--shadow)',
        },
      },
    },
    MuiMenuItem: {
      styleOverrides: {
        root: {
          minHeight: 40,
          fontSize: 'inherit',
          '&:hover, &.Mui-focusVisible': { backgroundColor: 'var(--quiet)' },
          '&.Mui-selected, &.Mui-selected:hover': { backgroundColor: 'var(--fill)' },
        },
      },
    },
    MuiDialogTitle: { styleOverrides: { root: { fontSize: 17, fontWeight: 650 } } },
  },
});
