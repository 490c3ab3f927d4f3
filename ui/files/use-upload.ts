'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { MOST_FILE_BYTES } from '@/core/basics/limits';
import type { FileReport } from '@/present/files/file-report';
import { newId } from '../state/new-id';

const NO_ANSWER: FileReport = {
  taken: false,
  sentence: 'The server did not answer. Nothing was changed; try again in a moment.',
  faults: [],
};

/** Hands a file to the server and shows what became of it. */
export function useUpload(): {
  readonly report: FileReport | undefined;
  readonly busy: boolean;
  readonly send: (address: string, file?: File | string, mostBytes?: number) => Promise<void>;
} {
  const router = useRouter();
  const [report, setReport] = useState<FileReport>();
  const [busy, setBusy] = useState(false);
  const send = async (address: string, file?: File | string, mostBytes = MOST_FILE_BYTES) => {
    if (file instanceof File && file.size > mostBytes) {
      const sentence = `This file is larger than ${mostBytes / 1e6} MB. Nothing was read.`;
      setReport({ taken: false, sentence, faults: [] });
      return;
    }
    setBusy(true);
    const answer: FileReport = await fetch(address, {
      method: 'POST',
      headers: { 'x-command': newId() },
      body: file ?? '',
    })
      .then((response) => response.json())
      .catch(() => NO_ANSWER);
    setReport(answer);
    setBusy(false);
    if (answer.taken) router.refresh();
  };
  return { report, busy, send };
}
