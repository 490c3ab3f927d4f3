import { defineConfig } from '@pandacss/dev';
import { DARK, LIGHT } from './ui/theme/palette';
import { TEXT_STYLES } from './ui/theme/text-styles';

/** One step of room between things, in pixels; half and quarter steps have tokens of their own. */
const STEP = 8;
const STEPS = Array.from({ length: 49 }, (_, quarters) => quarters / 4);
const CORNER = 3;

const spacing = Object.fromEntries(STEPS.map((steps) => [`${steps}`, { value: `${steps * STEP}px` }]));
const radii = Object.fromEntries([0, 1, 2, 4].map((times) => [`${times}`, { value: `${times * CORNER}px` }]));
const colors = Object.fromEntries(
  (Object.keys(LIGHT) as (keyof typeof LIGHT)[]).map((name) => [
    name,
    { value: { base: LIGHT[name], _dark: DARK[name] } },
  ]),
);

const ROOM = {
  margin: 'm',
  marginTop: 'mt',
  marginBottom: 'mb',
  marginLeft: 'ml',
  marginRight: 'mr',
  marginInline: 'mx',
  marginBlock: 'my',
  padding: 'p',
  paddingTop: 'pt',
  paddingBottom: 'pb',
  paddingLeft: 'pl',
  paddingRight: 'pr',
  paddingInline: 'px',
  paddingBlock: 'py',
} as const;
const GAPS = ['gap', 'rowGap', 'columnGap'] as const;
const COLOURED = [
  'color',
  'borderColor',
  'borderTopColor',
  'borderBottomColor',
  'outlineColor',
  'fill',
  'stroke',
] as const;

const byValues = (values: string, names: readonly string[]) =>
  Object.fromEntries(names.map((name) => [name, { className: name, values }]));

/** Styles are taken out of the sources when the application is built; nothing is made of them in the browser. */
export default defineConfig({
  eject: true,
  presets: [],
  preflight: false,
  include: ['./ui/**/*.tsx', './app/**/*.tsx'],
  outdir: 'ui/theme/made',
  outExtension: 'js',
  conditions: { extend: { dark: '[data-scheme=dark] &' } },
  theme: {
    breakpoints: { sm: '600px', md: '900px', lg: '1200px', xl: '1536px' },
    tokens: { spacing, radii },
    semanticTokens: { colors },
    textStyles: TEXT_STYLES,
  },
  utilities: {
    ...Object.fromEntries(
      Object.entries(ROOM).map(([name, shorthand]) => [
        name,
        { className: shorthand, shorthand, values: 'spacing' },
      ]),
    ),
    ...byValues('spacing', GAPS),
    ...byValues('colors', COLOURED),
    backgroundColor: { className: 'bg', shorthand: 'bgcolor', values: 'colors' },
    borderRadius: { className: 'rounded', values: 'radii' },
  },
});
