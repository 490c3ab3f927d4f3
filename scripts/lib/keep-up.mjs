// Keeps a server up: one that ends by itself is started again, but not for ever.
import { Trouble } from './stage.mjs';

/** So often within so many minutes it is started again. */
const MOST_TIMES = 5;
const MINUTES = 5;

/** A part that is started again whenever it ends; `giveUp` hears why where it can't be. */
export function keepUp(name, first, start, giveUp) {
  const ends = [];
  let part = first;
  let isStopped = false;

  async function watch() {
    while (!isStopped) {
      await part.ended;
      if (isStopped) return;
      const words = part.words?.().trim().slice(-2000) ?? '';
      const now = Date.now();
      ends.push(now);
      const recent = ends.filter((at) => now - at < MINUTES * 60_000);
      if (recent.length > MOST_TIMES)
        throw new Trouble(
          `The ${name} has ended by itself ${recent.length} times in ${MINUTES} minutes. What was saved is kept; start again with npm start.\n${words}`,
        );
      process.stdout.write(
        `  The ${name} has ended by itself. It is started again; what was saved is kept.\n`,
      );
      part = await start();
      process.stdout.write(`  The ${name} is up again.\n`);
    }
  }

  watch().catch(giveUp);
  return {
    stop: async () => {
      isStopped = true;
      await part.stop();
    },
  };
}
