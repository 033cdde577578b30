import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import { DARK, LIGHT, paletteCss, type ColorName } from '@/ui/palette';

const themeOf = (colors: Readonly<Record<ColorName, string>>) => ({
  background: colors.chalk,
  surface: colors.paper,
  'on-surface': colors.ink,
  primary: colors.verdigris,
  secondary: colors.mid,
  error: colors.rust,
  warning: colors.ochre,
  info: colors.mid,
  success: colors.verdigris,
});

/** What stands on a light accent in the dark. */
const ON_LIGHT = { 'on-primary': '#10201c', 'on-error': '#2a0f07' };

/** Vuetify dressed once: square-shouldered controls, no shadows, the workshop's colors. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    cspNonce: document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.nonce ?? '',
    defaultTheme: 'light',
    themes: {
      light: { dark: false, colors: themeOf(LIGHT) },
      dark: { dark: true, colors: { ...themeOf(DARK), ...ON_LIGHT } },
    },
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

/** The palette goes into the page as a sheet of its own, before anything is drawn. */
export function usePalette(): void {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(paletteCss());
  document.adoptedStyleSheets.push(sheet);
}
