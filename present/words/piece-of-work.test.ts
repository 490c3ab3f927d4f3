import { describe, expect, it } from 'vitest';
import { stepIdIn } from '@/core/basics/ids';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { inSentence, pieceOfWork, workOfStep, workSentence } from './piece-of-work';

describe('a piece of work in words', () => {
  it('is the job, then the manner', () => {
    const method = CATALOGUE.method('tile-walls-wash')!;
    expect(pieceOfWork({ method }, 'wash')).toEqual({
      job: 'Wash the tiled walls',
      manner: 'From the bottom up, rinse from the top',
    });
    expect(workOfStep({ method }, stepIdIn('wall:tile-walls-wash', 'wash'))).toBe(
      'Wash the tiled walls · from the bottom up, rinse from the top',
    );
  });

  it('names the place where each place is a job, and is the job alone where nothing more is known', () => {
    const method = CATALOGUE.method('wardrobe-sort')!;
    const part = { number: 2, of: 2, name: 'by the window' };
    expect(workSentence(pieceOfWork({ method, part }, undefined))).toBe(
      'Sort and clean the wardrobe: by the window',
    );
    expect(workSentence({ job: 'Clean the hob', manner: '' })).toBe('Clean the hob');
  });

  it.each(CATALOGUE.all().map((method) => [method.id, method] as const))(
    'never shows the manner of %s alone, nor a job without its thing',
    (_id, method) => {
      for (const step of [...method.steps, ...(method.steam ?? [])]) {
        const said = workSentence(pieceOfWork({ method: { ...method, steps: [step] } }, step.key));
        expect(said.startsWith(method.title), said).toBe(true);
        expect(said).toBe(`${method.title} · ${inSentence(step.title)}`);
      }
      // A verb and what it is done to: two words at the least, and none of them stands for the thing.
      expect(method.title.split(' ').length, method.title).toBeGreaterThan(1);
      expect(method.title, method.title).not.toMatch(/^\w+ (it|them|this|that)$/);
      expect(FIXTURE_KINDS, method.id).toHaveProperty([method.fixture]);
    },
  );

  it('keeps names in capitals', () => {
    expect(inSentence('CO alarm tested')).toBe('CO alarm tested');
    expect(inSentence('A thin coat')).toBe('a thin coat');
  });
});
