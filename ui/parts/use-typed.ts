'use client';
import { useState } from 'react';

/** What is typed in a field, until what is kept becomes something else: then the field shows that. */
export function useTyped(kept: string): readonly [string, (text: string) => void] {
  const [seen, setSeen] = useState(kept);
  const [text, setText] = useState(kept);
  if (seen === kept) return [text, setText];
  setSeen(kept);
  setText(kept);
  return [kept, setText];
}
