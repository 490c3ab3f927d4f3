import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { type ActionResult, WHOLE_FORM } from '@/present/forms/result';
import { NO_ANSWER } from '../state/command';

type Words = { readonly email: string; readonly passphrase: string };

/** In with what was typed a moment ago, once the codes have been read: the page with them stays until then. */
export function useFirstSignIn(signIn: (input: unknown) => Promise<ActionResult>, to: string) {
  const router = useRouter();
  const words = useRef<Words>(undefined);
  const [fault, setFault] = useState<string>();
  return {
    fault,
    remember: (typed: Words) => {
      words.current = typed;
    },
    enter: async () => {
      const result = await signIn(words.current).catch(() => undefined);
      if (result?.ok) router.push(to);
      else setFault(result?.faults.find(({ field }) => field === WHOLE_FORM)?.sentence ?? NO_ANSWER.form);
    },
  };
}
