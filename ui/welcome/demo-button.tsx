'use client';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { ActionResult } from '@/present/forms/result';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';

/** One press into the demo household. */
export function DemoButton({ action }: { action: () => Promise<ActionResult> }) {
  const router = useRouter();
  const [sentence, setSentence] = useState<string>();
  const [pending, start] = useTransition();
  const enter = () =>
    start(async () => {
      const result = await action();
      if (result.ok) router.push('/aim');
      else setSentence(result.faults[0]?.sentence);
    });
  return (
    <>
      <Sentence>{sentence}</Sentence>
      <Button variant="outlined" size="large" onClick={enter} loading={pending}>
        Look round the demo household
      </Button>
    </>
  );
}
