import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';

const light = {
  background: '#f4f1e8',
  surface: '#fffdf7',
  'on-surface': '#1f2c2b',
  primary: '#19715f',
  secondary: '#55645f',
  error: '#ae4226',
  warning: '#8a5a06',
  info: '#55645f',
  success: '#19715f',
};

const dark = {
  background: '#18211f',
  surface: '#202b29',
  'on-surface': '#efece2',
  primary: '#74c6b1',
  'on-primary': '#10201c',
  secondary: '#a9b7b1',
  error: '#ee8a6c',
  'on-error': '#2a0f07',
  warning: '#e3b052',
  info: '#a9b7b1',
  success: '#74c6b1',
};

/** Vuetify dressed once: square-shouldered controls, no shadows, the workshop's colors. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'light',
    themes: { light: { dark: false, colors: light }, dark: { dark: true, colors: dark } },
    variations: false,
  },
  defaults: {
    VBtn: { variant: 'outlined', rounded: 'sm', color: 'primary', elevation: 0 },
    VTextField: { variant: 'outlined', density: 'compact', hideDetails: 'auto', color: 'primary' },
    VTextarea: { variant: 'outlined', hideDetails: 'auto', color: 'primary' },
    VSelect: { variant: 'outlined', density: 'compact', hideDetails: 'auto', color: 'primary' },
    VCombobox: { variant: 'outlined', density: 'compact', hideDetails: 'auto', color: 'primary' },
    VAutocomplete: {
      variant: 'outlined',
      density: 'compact',
      hideDetails: 'auto',
      color: 'primary',
    },
    VCard: { elevation: 0, rounded: 'sm', border: true },
    VList: { density: 'compact' },
    VDialog: { maxWidth: 720, scrollable: true },
    VRadioGroup: { hideDetails: 'auto', color: 'primary' },
    VSwitch: { color: 'primary', hideDetails: true },
  },
});
