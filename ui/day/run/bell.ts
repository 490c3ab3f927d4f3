/** Rings: by sound, by vibration, and by a notification where the person has allowed them. */

let audio: AudioContext | undefined;

/** Made while nothing else goes on, since a device may take its time over it; silent until it is woken. */
export function hangBell(): void {
  try {
    audio ??= new AudioContext();
  } catch {
    // No sound on this device: vibration and the page itself are left.
  }
}

/** Sound may only begin with a press; called with any of them. */
export function wakeBell(): void {
  if (audio?.state === 'suspended') void audio.resume().catch(() => undefined);
}

const NOTES = [880, 660, 880] as const;
const NOTE_SECONDS = 0.22;

export function ring(words: string): void {
  chime();
  navigator.vibrate?.([250, 120, 250]);
  void notify(words);
}

function chime(): void {
  if (audio?.state !== 'running') return;
  NOTES.forEach((frequency, i) => {
    if (!audio) return;
    const at = audio.currentTime + i * NOTE_SECONDS;
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    tone.frequency.value = frequency;
    loudness.gain.setValueAtTime(0.0001, at);
    loudness.gain.exponentialRampToValueAtTime(0.4, at + 0.02);
    loudness.gain.exponentialRampToValueAtTime(0.0001, at + NOTE_SECONDS);
    tone.connect(loudness).connect(audio.destination);
    tone.start(at);
    tone.stop(at + NOTE_SECONDS);
  });
}

export function mayNotify(): NotificationPermission | 'never' {
  return typeof Notification === 'undefined' ? 'never' : Notification.permission;
}

/** By the page's worker where there is one, since phones show no others. */
async function notify(words: string): Promise<void> {
  if (mayNotify() !== 'granted') return;
  const options = { body: words, tag: words, requireInteraction: true };
  try {
    const worker = await navigator.serviceWorker?.getRegistration();
    if (worker) await worker.showNotification('Early Thaw', options);
    else new Notification('Early Thaw', options);
  } catch {
    // The page itself shows it.
  }
}

const HEARD = 'early-thaw-heard';
const MOST_HEARD = 200;

/** Alarms that somebody has silenced on this phone; kept, so that a reload does not ring them again, nor lose others. */
export function heardAlarms(): ReadonlySet<string> {
  try {
    return new Set(JSON.parse(localStorage.getItem(HEARD) ?? '[]'));
  } catch {
    return new Set();
  }
}

export function keepHeard(heard: ReadonlySet<string>): void {
  try {
    localStorage.setItem(HEARD, JSON.stringify([...heard].slice(-MOST_HEARD)));
  } catch {
    // Without a cupboard it is silenced until the next reload.
  }
}
