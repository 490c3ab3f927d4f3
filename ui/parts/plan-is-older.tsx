'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { Sentence } from './sentence';

/** The page is asked for anew until the plan is made; after so long a person has to. */
const LOOK_MS = 1_500;
const MOST_LOOKS = 20;

/** Said on every page while the plan is older than the house, the hours or the aim that it rests on. */
export function PlanIsOlder({ isOlder }: { isOlder: boolean }) {
  const router = useRouter();
  const [looks, setLooks] = useState(0);
  useEffect(() => {
    if (!isOlder) {
      setLooks(0);
      return;
    }
    if (looks >= MOST_LOOKS) return;
    const timer = setTimeout(() => {
      setLooks(looks + 1);
      router.refresh();
    }, LOOK_MS);
    return () => clearTimeout(timer);
  }, [isOlder, looks, router]);
  return (
    <Sentence tone="note">
      {isOlder &&
        (looks < MOST_LOOKS
          ? 'What is planned is older than the last changes. It is being made to fit.'
          : 'What is planned is older than the last changes, and making it fit takes unusually long. The page Spread makes it anew.')}
    </Sentence>
  );
}
