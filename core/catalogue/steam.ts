import type { Method } from './method';

/** A method as it is done with steam: by its own steps, and what of its waits is left is that things dry. */
export function steaming(method: Method): Method {
  const { steam, steps, tools } = method;
  if (!steam) return method;
  const dries = steps.filter((step) => step.mode === 'wait' && step.closesRoom);
  return {
    ...method,
    steps: [...steam, ...dries],
    tools: [...new Set(['steam cleaner', 'cloths', ...tools])],
  };
}
