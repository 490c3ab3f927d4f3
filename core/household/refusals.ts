/** Why a change could not be made, and what the person is told of it. */
export const REFUSALS = {
  gone: 'That is no longer there. The page shows what is.',
  'unknown-kind': 'The catalogue does not know this kind of fixture.',
  'forbidden-mix': 'These products must not be used together. Nothing was kept; take one of them out.',
  'within-itself': 'What this would be made of must not come together. Nothing was kept.',
  'known-product': 'There is one of the same name and make already. Nothing was kept.',
  'own-name': 'Only rules of your own can be changed. Those that ship can be switched off.',
  'too-much': 'A household can’t hold more of these. Nothing was changed; remove some first.',
  'many-together':
    'Eight rooms can be gone through together. For the whole house, choose high work first under Aim. Nothing was changed.',
  shell: 'The room itself stays on the strip: ceiling, walls and floor belong to it.',
} as const;
export type Refusal = keyof typeof REFUSALS;
