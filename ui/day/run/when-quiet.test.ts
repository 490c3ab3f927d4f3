import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { whenQuiet } from './when-quiet';

describe('whenQuiet', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  function watched() {
    const watchers = new Set<() => void>();
    const then = vi.fn();
    const callOff = whenQuiet((happened) => {
      watchers.add(happened);
      return () => watchers.delete(happened);
    }, then);
    const press = () => {
      for (const watcher of watchers) watcher();
    };
    return { watchers, then, callOff, press };
  }

  it('waits for a moment without a press, and then comes once', () => {
    const { then, press, watchers } = watched();
    vi.advanceTimersByTime(1_400);
    press();
    vi.advanceTimersByTime(1_400);
    expect(then).not.toHaveBeenCalled();
    vi.advanceTimersByTime(100);
    expect(then).toHaveBeenCalledTimes(1);
    expect(watchers.size).toBe(0);
    vi.advanceTimersByTime(60_000);
    expect(then).toHaveBeenCalledTimes(1);
  });

  it('does not wait for ever where somebody presses on and on', () => {
    const { then, press } = watched();
    for (let i = 0; i < 20; i++) {
      press();
      vi.advanceTimersByTime(500);
    }
    expect(then).toHaveBeenCalledTimes(1);
  });

  it('never comes once it is called off', () => {
    const { then, callOff } = watched();
    callOff();
    vi.advanceTimersByTime(60_000);
    expect(then).not.toHaveBeenCalled();
  });
});
