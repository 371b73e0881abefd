import { createTheme } from '@mui/material/styles';
import { breakpoints, colours, cssVariables, fonts, sizes } from './tokens';

const palette = ({ copper, copperInk, fails, page, paper, ink, muted, line }: { [Name in keyof typeof colours.light]: string }) => ({
  primary: { main: copper, contrastText: copperInk },
  error: { main: fails },
  background: { default: page, paper },
  text: { primary: ink, secondary: muted },
  divider: line,
});
const inlineFlex = { display: 'inline-flex', alignItems: 'center', justifyContent: 'center' };

/** The component library in the house's own colours, sizes and shapes: `tokens.ts`. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: { light: { palette: palette(colours.light) }, dark: { palette: palette(colours.dark) } },
  breakpoints: { values: { xs: 0, sm: breakpoints.phone, md: breakpoints.tablet, lg: breakpoints.desk, xl: 1600 } },
  typography: {
    fontFamily: fonts.sans,
    fontSize: 14,
    body1: { fontSize: 14, lineHeight: 1.45 },
    button: { textTransform: 'none', fontWeight: 620 },
  },
  shape: { borderRadius: sizes.radius },
  components: {
    MuiCssBaseline: { styleOverrides: cssVariables },
    // What is pressed and drawn by the house itself lies as its own style sheet says.
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: { root: { display: 'inline-block', alignItems: 'normal', justifyContent: 'normal', font: 'inherit' } },
    },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: 'outlined', color: 'inherit' },
      styleOverrides: {
        root: {
          ...inlineFlex,
          minHeight: sizes.touch,
          padding: '6px 14px',
          fontSize: 14,
          fontWeight: 620,
          lineHeight: 1.3,
          borderRadius: sizes.radius,
          '&.Mui-disabled': { opacity: 0.5, color: 'inherit' },
          '& small': { display: 'block', fontWeight: 450, fontSize: 12 },
          '&[aria-current]': { background: 'var(--ink)', color: 'var(--paper)' },
        },
        outlined: {
          borderColor: 'var(--ink)',
          '&:hover': { background: 'var(--copper-wash)' },
          '&.Mui-disabled': { borderColor: 'var(--ink)' },
        },
        contained: {
          minHeight: sizes.go,
          flexDirection: 'column',
          background: 'var(--copper)',
          color: 'var(--copper-ink)',
          fontWeight: 680,
          fontSize: 14.5,
          borderRadius: sizes.radiusLarge,
          padding: '8px 12px',
          '&:hover': { background: 'var(--copper)' },
          '&.Mui-disabled': { opacity: 0.55, background: 'var(--copper)', color: 'var(--copper-ink)' },
        },
        text: { padding: 0, minWidth: 0, fontWeight: 'inherit', textDecoration: 'underline' },
      },
    },
    MuiIconButton: {
      defaultProps: { color: 'inherit' },
      styleOverrides: { root: { ...inlineFlex, width: sizes.touch, height: sizes.touch } },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          ...inlineFlex,
          minHeight: sizes.touch,
          padding: '0 16px',
          borderRadius: sizes.touch / 2,
          border: '1px solid var(--line-strong)',
          background: 'var(--card)',
          color: 'var(--ink)',
          fontSize: 14,
          fontWeight: 400,
          lineHeight: 1.3,
          '&:hover': { background: 'var(--copper-wash)' },
          '&.Mui-selected, &.Mui-selected:hover': { background: 'var(--ink)', color: 'var(--paper)', borderColor: 'var(--ink)' },
        },
      },
    },
    MuiCheckbox: { styleOverrides: { root: { ...inlineFlex, width: sizes.touch, height: sizes.touch } } },
    MuiOutlinedInput: {
      defaultProps: { size: 'small' },
      styleOverrides: {
        root: {
          minHeight: sizes.touch,
          background: 'var(--paper)',
          borderRadius: sizes.radiusSmall,
          fontFamily: 'var(--figures)',
          fontSize: 14,
          '& fieldset': { borderColor: 'var(--line-strong)' },
        },
        input: { padding: '4px 10px', height: 'auto' },
        multiline: { padding: '8px 0' },
      },
    },
    MuiNativeSelect: { styleOverrides: { select: { minHeight: 0, paddingRight: '30px !important' } } },
    MuiTableCell: {
      styleOverrides: {
        root: {
          padding: '8px 10px',
          borderColor: 'var(--line)',
          verticalAlign: 'top',
          color: 'inherit',
          fontSize: 'inherit',
          lineHeight: 'inherit',
        },
        head: { fontSize: 12, color: 'var(--muted)', fontWeight: 600 },
      },
    },
    MuiAlert: {
      defaultProps: { icon: false },
      styleOverrides: {
        root: {
          display: 'block',
          padding: '0 0 0 11px',
          background: 'none',
          color: 'inherit',
          borderRadius: 0,
          borderLeft: '3px solid var(--line-strong)',
          fontSize: 'inherit',
          lineHeight: 'inherit',
        },
        message: { padding: 0, overflow: 'visible' },
      },
    },
    MuiDialog: { styleOverrides: { paper: { backgroundImage: 'none' } } },
  },
});
