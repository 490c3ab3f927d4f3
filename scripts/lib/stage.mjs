// Says what is being done and how long it took, and turns what goes wrong into one sentence.

/** What a person can do something about. Its message is the whole of what is printed. */
export class Trouble extends Error {}

/** Runs one stage and prints it with its time. `run` may return a few words about what it did. */
export async function stage(title, run) {
  const started = performance.now();
  const live = process.stdout.isTTY;
  if (live) process.stdout.write(`  ${title} …`);
  try {
    const result = await run();
    const seconds = ((performance.now() - started) / 1000).toFixed(1);
    const note = typeof result === 'string' && result.length < 80 ? `: ${result}` : '';
    process.stdout.write(`${live ? '\r' : ''}  ${title}${note} (${seconds} s)\n`);
    return result;
  } catch (error) {
    process.stdout.write(live ? '\n' : `  ${title}: did not succeed\n`);
    throw error;
  }
}

/** Prints the sentence and ends with exit code 1. */
export function fail(error) {
  const full =
    error?.code === 'ENOSPC'
      ? 'The disk is full. Make room and start again; what was there is kept.'
      : undefined;
  const text =
    full ??
    (error instanceof Trouble ? error.message : `Something unexpected went wrong: ${error?.stack ?? error}`);
  process.stderr.write(`\n${text}\n`);
  process.exitCode = 1;
}
