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
  overhead: 'reaching overhead',
  standing: 'standing work',
} as const;
export type Tag = keyof typeof TAGS;

/** The age from which anybody may do what has a hazard; whatever else is said of a job, nobody younger is given it. */
export const LEAST_AGES: Readonly<Record<Tag, number>> = {
  ladder: 16,
  fumes: 16,
  chemical: 16,
  bleach: 18,
  heat: 12,
  electric: 16,
  heavy: 12,
  noise: 0,
  vacuum: 8,
  kneeling: 0,
  overhead: 0,
  standing: 0,
};

/** Mild things that still want gloves: soda, citric acid, oxygen bleach. */
export const GLOVES_LEAST_AGE = 12;

/** What work asks of a body rather than what it risks: it matters where somebody has said that they can't. */
export const DEMANDS: readonly Tag[] = ['overhead', 'standing'];
