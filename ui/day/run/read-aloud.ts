import type { StepFace } from '@/present/day/step-face';

/** Reads a step aloud, by the voice of the device; pressed again it falls silent. */
export function readAloud({ job, manner, where, how, kit, cautions, doneWhen }: StepFace): void {
  const voice = window.speechSynthesis;
  if (!voice) return;
  if (voice.speaking) {
    voice.cancel();
    return;
  }
  const withKit = kit.length > 0 ? [`With: ${kit.join(', ')}`] : [];
  const care = cautions.length > 0 ? [`Take care. ${cautions.join(' ')}`] : [];
  const done = doneWhen ? [`Done when: ${doneWhen}`] : [];
  const words = new SpeechSynthesisUtterance(
    [job, ...(manner ? [manner] : []), where, ...care, how, ...withKit, ...done].join('. '),
  );
  words.lang = document.documentElement.lang || 'en';
  voice.speak(words);
}
