'use client';
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import { type Answer, type Question, READY } from '@/core/what-if/protocol';

type Asked =
  | Omit<Extract<Question, { ask: 'what-if' }>, 'key'>
  | Omit<Extract<Question, { ask: 'smallest' }>, 'key'>;

export type Planner = {
  /** The last word on each question, by its key. */
  readonly answers: ReadonlyMap<string, Answer>;
  /** How many questions are still open. */
  readonly open: number;
  readonly ask: (key: string, question: Asked) => void;
  /** Leaves what is still open unanswered. */
  readonly stop: () => void;
};

/** A worker that plans beside the page; it is started when it is first asked, and ended with the page. */
export function usePlanner(): Planner {
  const planning = useRef<Planning | undefined>(undefined);
  const [answers, setAnswers] = useState<ReadonlyMap<string, Answer>>(new Map());
  const [asked, setAsked] = useState<readonly string[]>([]);
  const end = useCallback(() => {
    planning.current?.end();
    planning.current = undefined;
  }, []);
  useEffect(() => end, [end]);
  const ask = useCallback((key: string, question: Asked) => {
    planning.current ??= new Planning((answer) => {
      // What a person does comes before what is told meanwhile.
      startTransition(() => {
        setAnswers((known) => new Map(known).set(answer.key, answer));
        if (answer.state !== 'working') setAsked((open) => open.filter((other) => other !== answer.key));
      });
    });
    setAsked((open) => [...open.filter((other) => other !== key), key]);
    planning.current.ask({ ...question, key });
  }, []);
  const stop = useCallback(() => {
    end();
    setAsked([]);
  }, [end]);
  return { answers, open: asked.length, ask, stop };
}

/** The worker and what it has been asked: nothing is sent before it listens, and if it fails all that is open has. */
class Planning {
  private readonly worker = new Worker(new URL('../../workers/what-if.worker.ts', import.meta.url), {
    type: 'module',
  });
  private early: Question[] | undefined = [];
  private readonly open = new Set<string>();

  constructor(private readonly hear: (answer: Answer) => void) {
    this.worker.onmessage = ({ data }: MessageEvent<Answer | typeof READY>) => {
      if (data === READY) this.begin();
      else this.answer(data);
    };
    this.worker.onerror = () => {
      for (const key of this.open) this.hear({ key, state: 'failed' });
    };
  }

  ask(question: Question): void {
    this.open.add(question.key);
    if (this.early) this.early.push(question);
    else this.worker.postMessage(question);
  }

  end(): void {
    // One that is ended while it still loads may call that an error.
    this.worker.onerror = null;
    this.worker.onmessage = null;
    this.worker.terminate();
  }

  private begin(): void {
    const early = this.early ?? [];
    this.early = undefined;
    for (const question of early) this.worker.postMessage(question);
  }

  private answer(answer: Answer): void {
    if (answer.state !== 'working') this.open.delete(answer.key);
    this.hear(answer);
  }
}
