/**
 * What a process has one of. Next bundles apart what begins a process, its pages and its routes, each with a copy of its own of
 * every module: what is remembered in a module is there two or three times, and so is every thread that a module starts.
 */
export function processSingleton<T>(name: string, make: () => T): T {
  const all = ((globalThis as Record<symbol, unknown>)[HERE] ??= new Map()) as Map<string, T>
  const known = all.get(name) ?? make()
  all.set(name, known)
  return known
}

const HERE = Symbol.for('hitchet')
