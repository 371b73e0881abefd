import { createTheme } from '@mui/material/styles';

/** Paper by day, low blue by night; the same values as styles/base.css, for the components of the library. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#a3502a', contrastText: '#ffffff' },
        error: { main: '#a12c2c' },
        background: { default: '#f1ece3', paper: '#faf7ef' },
        text: { primary: '#20242b', secondary: '#66615a' },
        divider: '#ddd6c6',
      },
    },
    dark: {
      palette: {
        primary: { main: '#dd9460', contrastText: '#1c1108' },
        error: { main: '#ec8672' },
        background: { default: '#151210', paper: '#1c1815' },
        text: { primary: '#ecdfcc', secondary: '#b5a58e' },
        divider: '#3b322a',
      },
    },
  },
  typography: {
    fontFamily: 'var(--sans)',
    fontSize: 14,
    body1: { fontSize: 14, lineHeight: 1.45 },
    button: { textTransform: 'none', fontWeight: 620 },
  },
  shape: { borderRadius: 7 },
  components: {
    MuiButton: { defaultProps: { disableElevation: true }, styleOverrides: { root: { minHeight: 44 } } },
    MuiCheckbox: { styleOverrides: { root: { width: 44, height: 44 } } },
    MuiDialog: { styleOverrides: { paper: { backgroundImage: 'none' } } },
  },
});
