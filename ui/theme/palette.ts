/** Ice, water and first light. Pairs that carry text keep a contrast of at least 4.5 to 1. */
export const LIGHT = {
  page: '#f2f5f3',
  paper: '#fdfefc',
  ink: '#15303a',
  quiet: '#4a6068',
  line: '#c9d6d8',
  ice: '#dbe7ec',
  iceEdge: '#8fabb6',
  water: '#0f6674',
  waterSoft: '#cfe8ea',
  sun: '#f3c86a',
  sunSoft: '#fbeccb',
  sunInk: '#7a4b00',
  alarm: '#a3321f',
  /** Round what has the focus: at least 3 to 1 on everything that it lies on. */
  ring: '#0b4a5e',
  /** Words on water. */
  onWater: '#ffffff',
  /** Under the pointer. */
  hover: 'rgb(21 48 58 / 0.05)',
};

export const DARK: typeof LIGHT = {
  page: '#0d181d',
  paper: '#132229',
  ink: '#e4eef0',
  quiet: '#a3b8bf',
  line: '#2c424b',
  ice: '#22363f',
  iceEdge: '#5f7f8c',
  water: '#86cfd8',
  waterSoft: '#17444d',
  sun: '#e9b955',
  sunSoft: '#3b3117',
  sunInk: '#f1cf87',
  alarm: '#f2a292',
  ring: '#e9b955',
  onWater: '#0d181d',
  hover: 'rgb(228 238 240 / 0.08)',
};
