/**
 * Colours, sizes, radii and breakpoints, once. The theme of the component library takes them, and every style sheet reads them as CSS
 * variables: `lineStrong` is `var(--line-strong)`. Paper and ink by day; dark and low in blue by night. Figures in one tabular face.
 */
export const colours = {
  light: {
    page: '#f1ece3',
    paper: '#faf7ef',
    card: '#fdfcf7',
    ink: '#20242b',
    muted: '#66615a',
    line: '#ddd6c6',
    lineStrong: '#a9a191',
    copper: '#a3502a',
    copperInk: '#ffffff',
    copperSoft: '#f0e0d2',
    copperWash: '#fdf4ec',
    fits: '#1b7350',
    fitsSoft: '#cfe3d8',
    check: '#8a5a08',
    checkFill: '#d99a24',
    fails: '#a12c2c',
    unknown: '#5e6570',
    note: '#1f5f8b',
    plate: 'linear-gradient(135deg, #d9d6cc, #c9c6ba 45%, #d6d3c9)',
    plateLine: '#a9a69a',
    plateInk: '#23262b',
    plateMuted: '#55534c',
    rail: '#b9b4a5',
    railLine: '#8e897b',
    cabinet: '#d9d6cc',
    cabinetLine: '#84806f',
    hatch: 'rgba(70, 65, 55, 0.26)',
    failsOnPlate: '#8c1d1d',
    overPlain: '#c9c2b4',
    overFound: '#2f9e6e',
    overLit: '#d6783c',
    screwLight: '#99958a',
    screwDark: '#57544b',
  },
  dark: {
    page: '#151210',
    paper: '#1c1815',
    card: '#231e19',
    ink: '#ecdfcc',
    muted: '#b5a58e',
    line: '#3b322a',
    lineStrong: '#75675a',
    copper: '#dd9460',
    copperInk: '#1c1108',
    copperSoft: '#3d2a1c',
    copperWash: '#2c2018',
    fits: '#93c08a',
    fitsSoft: '#2f4230',
    check: '#e3ad55',
    checkFill: '#e3ad55',
    fails: '#ec8672',
    unknown: '#b5a58e',
    note: '#d2b98f',
    plate: 'linear-gradient(135deg, #38322b, #2e2923 45%, #352f29)',
    plateLine: '#5b5147',
    plateInk: '#efe3d0',
    plateMuted: '#bcae99',
    rail: '#4a4138',
    railLine: '#63574b',
    cabinet: '#26211c',
    cabinetLine: '#6a5e51',
    hatch: 'rgba(230, 210, 180, 0.2)',
    failsOnPlate: '#ec8672',
    overPlain: '#c9c2b4',
    overFound: '#2f9e6e',
    overLit: '#d6783c',
    screwLight: '#99958a',
    screwDark: '#57544b',
  },
} as const;

export const fonts = {
  sans: "'Archivo Variable', 'Liberation Sans', sans-serif",
  figures: "'JetBrains Mono Variable', 'DejaVu Sans Mono', monospace",
} as const;

/** Heights of what is touched, for gloves; corners; px. */
export const sizes = {
  touch: 44,
  go: 58,
  radius: 7,
  radiusSmall: 6,
  radiusLarge: 8,
} as const;

/** Widths below which a view changes, px; style sheets write these figures and no others, held by a test. */
export const breakpoints = { phone: 600, tablet: 900, desk: 1180 } as const;

const dashed = (name: string) => `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`;
const variables = (values: Readonly<Record<string, string | number>>): Record<string, string> =>
  Object.fromEntries(Object.entries(values).map(([name, value]) => [dashed(name), typeof value === 'number' ? `${value}px` : value]));

/** The variables as the style sheets read them: those of the day, and over them those of the night. */
export const cssVariables = {
  ':root': variables({ ...colours.light, ...fonts, ...sizes }),
  "[data-theme='dark']": variables(colours.dark),
};
