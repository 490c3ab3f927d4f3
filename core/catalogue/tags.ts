/** Words for hazards and demands; a person who must not do one of them is never given such a step. */
export const TAGS = {
  ladder: 'on a ladder',
  fumes: 'fumes or spray',
  chemical: 'strong products',
  bleach: 'chlorine bleach',
  heat: 'hot surfaces or water',
  electric: 'electrical parts',
  heavy: 'heavy lifting',
  noise: 'noise',
  vacuum: 'vacuuming',
  kneeling: 'on the knees',
} as const;
export type Tag = keyof typeof TAGS;
