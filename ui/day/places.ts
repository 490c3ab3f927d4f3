/** Where things stand on the day's page, so that an alarm leads to its own. */

export function placeOfStep(step: string): string {
  return `step ${step}`;
}

export function placeOfWait(step: string): string {
  return `wait ${step}`;
}

export function placeOfStretch(person: string): string {
  return `stretch ${person}`;
}

/** Takes the page and the focus to the first of these that is there. */
export function goToPlace(places: readonly string[]): void {
  const found = places.map((id) => document.getElementById(id)).find((element) => element !== null);
  found?.scrollIntoView({ block: 'center' });
  found?.focus({ preventScroll: true });
}
