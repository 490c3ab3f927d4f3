import type { Dose, HandsEntry, Method, WaitEntry } from './method';
import { methodSchema } from './method';
import { hands, per, wait } from './notation';
import { factsOf } from './product-facts';

/**
 * Disinfecting comes after cleaning, on a rinsed surface, and takes its contact time: what a method gains where a
 * household disinfects and the catalogue says that it matters there.
 */
export function disinfecting(method: Method, dose: Dose): Method {
  const contact = factsOf(dose.product).contactMinutes ?? USUAL_CONTACT_MINUTES;
  const steps: (HandsEntry | WaitEntry)[] = [
    hands('disinfect', 'Rinse, then wet the clean surface all over with the disinfectant', {
      setUpMinutes: 1,
      soiled: false,
      tags: ['chemical'],
      rate: per('each', 60),
    }),
    wait('contact', 'The disinfectant works while it is wet', [contact, contact, 2 * contact], {
      atMostMinutes: MOST_CONTACTS * contact,
    }),
    hands('rinse-off', 'Rinse what touches skin or food, dry with a fresh cloth', {
      setUpMinutes: 1,
      soiled: false,
      rate: per('each', 60),
    }),
  ];
  return { ...method, steps: [...method.steps, ...methodSchema.shape.steps.parse(steps)] };
}

const USUAL_CONTACT_MINUTES = 5;
/** It is never left to dry on. */
const MOST_CONTACTS = 6;
