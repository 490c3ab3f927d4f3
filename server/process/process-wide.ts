const store = globalThis as { earlyThaw?: Map<string, unknown> };

/**
 * One value for the whole process, by name. Pages and routes are bundled apart, and each would otherwise have its own:
 * connections of its own, news that reach nobody, and households read once more.
 */
export function processWide<Value>(name: string, make: () => Value): Value {
  store.earlyThaw ??= new Map();
  if (!store.earlyThaw.has(name)) store.earlyThaw.set(name, make());
  return store.earlyThaw.get(name) as Value;
}
