import { Button, createTheme, type CSSVariablesResolver, type MantineColorsTuple } from '@mantine/core'

const copper: MantineColorsTuple = [
  '#f7ebe2',
  '#f0d9c8',
  '#ebc4a8',
  '#e7b08b',
  '#e39b6d',
  '#cf7f4d',
  '#b96636',
  '#a9562a',
  '#9c4a1f',
  '#823c17',
]

export const theme = createTheme({
  primaryColor: 'copper',
  primaryShade: { light: 8, dark: 4 },
  colors: { copper },
  defaultRadius: 6,
  fontFamily: "'IBM Plex Sans', system-ui, sans-serif",
  fontFamilyMonospace: "'IBM Plex Mono', ui-monospace, monospace",
  fontSizes: { xs: '13px', sm: '15px', md: '15px', lg: '18px', xl: '22px' },
  lineHeights: { sm: '1.45', md: '1.45' },
  headings: { fontWeight: '600', sizes: { h1: { fontSize: '18px' }, h2: { fontSize: '15px' } } },
  spacing: { xs: '8px', sm: '12px', md: '16px', lg: '24px', xl: '32px' },
  respectReducedMotion: true,
  components: {
    Button: Button.extend({
      defaultProps: { size: 'sm' },
      styles: { root: { minHeight: 40 } },
      vars: (_, { variant = 'filled' }) => ({
        root: variant === 'filled' ? { '--button-color': 'var(--on-copper)' } : {},
      }),
    }),
    // What is wrong with a field is said when it comes, and not only found by who goes there.
    InputError: { defaultProps: { role: 'alert' } },
    Input: { vars: () => ({ wrapper: { '--input-bg': 'var(--sheet)', '--input-bd': 'var(--hair)' } }) },
    TextInput: { styles: { input: { minHeight: 44 } } },
    PasswordInput: { styles: { input: { minHeight: 44 } } },
    NativeSelect: { styles: { input: { minHeight: 44 } } },
    // Of a dialog's head no landmark is made: there is one banner, the bar at the top.
    ModalHeader: { defaultProps: { role: 'presentation' } },
    DrawerHeader: { defaultProps: { role: 'presentation' } },
    // The first thing in a menu has the focus, not the menu, which has no name.
    Menu: { defaultProps: { withInitialFocusPlaceholder: false } },
    Modal: {
      defaultProps: { transitionProps: { duration: 120 }, centered: true },
      styles: { title: { fontWeight: 600 } },
    },
  },
})

/** The paper, ink and copper of the house, by name, in both schemes. */
export const tokens: CSSVariablesResolver = () => ({
  variables: {},
  light: {
    '--paper': '#fbfaf5',
    '--sheet': '#fffefb',
    '--grid': '#e4ebee',
    '--ink': '#1d2733',
    '--soft': '#56626f',
    '--hair': '#cfd6da',
    '--copper': '#9c4a1f',
    '--tint': '#f7ebe2',
    '--wash': '#f1f3ef',
    '--ok': '#2f6a4a',
    '--on-copper': '#ffffff',
    '--mantine-color-body': '#fbfaf5',
    '--mantine-color-text': '#1d2733',
    '--mantine-color-dimmed': '#56626f',
    '--mantine-color-default': '#fffefb',
    '--mantine-color-default-color': '#1d2733',
    '--mantine-color-default-border': '#cfd6da',
    '--mantine-color-error': '#a12b1d',
    '--mantine-color-placeholder': '#66717d',
  },
  dark: {
    '--paper': '#12181e',
    '--sheet': '#161d24',
    '--grid': '#202a33',
    '--ink': '#ece7db',
    '--soft': '#a3adb6',
    '--hair': '#33404b',
    '--copper': '#e39b6d',
    '--tint': '#2d221c',
    '--wash': '#1a222a',
    '--ok': '#7fc29b',
    '--on-copper': '#12181e',
    '--mantine-color-body': '#12181e',
    '--mantine-color-text': '#ece7db',
    '--mantine-color-dimmed': '#a3adb6',
    '--mantine-color-default': '#161d24',
    '--mantine-color-default-color': '#ece7db',
    '--mantine-color-default-border': '#33404b',
    '--mantine-color-error': '#f0907f',
    '--mantine-color-placeholder': '#98a3ad',
  },
})
