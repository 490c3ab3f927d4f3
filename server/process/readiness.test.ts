import { describe, expect, it, vi } from 'vitest';
import { isReady, watchReadiness } from './readiness';

describe('readiness', () => {
  it('follows what answers, and asks on its own beat alone', async () => {
    let isUp = true;
    let asked = 0;
    const stop = watchReadiness(async () => {
      asked += 1;
      if (!isUp) throw new Error('gone');
    }, 5);
    await vi.waitFor(() => expect(isReady()).toBe(true));
    isUp = false;
    await vi.waitFor(() => expect(isReady()).toBe(false));
    isUp = true;
    await vi.waitFor(() => expect(isReady()).toBe(true));
    stop();
    const before = asked;
    for (let i = 0; i < 1_000; i++) isReady();
    expect(asked).toBe(before);
  });
});
