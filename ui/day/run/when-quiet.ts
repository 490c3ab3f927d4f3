const QUIET_MS = 1_500;
const AT_THE_LATEST_MS = 8_000;

/** Calls back once nothing has happened for a moment, so that nobody's press waits for it; returns what calls it off. */
export function whenQuiet(subscribe: (happened: () => void) => () => void, then: () => void): () => void {
  const latest = Date.now() + AT_THE_LATEST_MS;
  let timer: ReturnType<typeof setTimeout>;
  const wait = () => {
    clearTimeout(timer);
    timer = setTimeout(end, Math.max(0, Math.min(QUIET_MS, latest - Date.now())));
  };
  const unsubscribe = subscribe(wait);
  const callOff = () => {
    clearTimeout(timer);
    unsubscribe();
  };
  const end = () => {
    callOff();
    then();
  };
  wait();
  return callOff;
}
