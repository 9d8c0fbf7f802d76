const ASIDE = 'What an earlier visit had left here could not be read, and was put aside.'
const NOT_KEPT = 'This device keeps nothing at the moment: its storage is full or shut. Save before you leave.'

/** One kind of thing that this device keeps until it is saved: its name, the version of its form, and how it is read. */
export interface KeptKind<T> {
  /** In storage: `hitchet:<kind>:<key>`. */
  kind: string
  /** Of the form in which it is kept. */
  version: number
  /** What was kept, also by an older program, as it is today; undefined when it cannot be read. */
  read(value: unknown, version: number): T | undefined
}

/** What an earlier visit left. `aside`: it could not be read, and lies where it harms nothing. */
export type Found<T> = { value: T } | { aside: true } | undefined

/**
 * What is kept on this device, such as a draft. Nothing in it is trusted: whoever wrote it may have been an
 * older program. Storage may also be full, or forbidden altogether; then nothing is kept, and `keep` says so.
 */
export function deviceStore<T>({ kind, version, read }: KeptKind<T>) {
  const nameOf = (key: string) => `hitchet:${kind}:${key}`
  const troubles = new Map<string, string>()
  const listeners = new Set<() => void>()
  const report = (key: string, trouble: string | undefined) => {
    if (troubles.get(key) === trouble) return
    if (trouble) troubles.set(key, trouble)
    else troubles.delete(key)
    for (const listener of listeners) listener()
  }
  return {
    find(key: string): Found<T> {
      const text = tried(() => localStorage.getItem(nameOf(key)))
      if (!text) return undefined
      const value = tried(() => readText(text, read))
      if (value !== undefined) return { value }
      tried(() => localStorage.setItem(`hitchet:aside:${kind}:${key}`, text))
      tried(() => localStorage.removeItem(nameOf(key)))
      report(key, ASIDE)
      return { aside: true }
    },
    /** False: it is not kept. */
    keep(key: string, value: T): boolean {
      const kept = tried(() => (localStorage.setItem(nameOf(key), JSON.stringify({ form: version, value })), true))
      report(key, kept ? undefined : NOT_KEPT)
      return kept ?? false
    },
    forget(key: string): void {
      tried(() => localStorage.removeItem(nameOf(key)))
    },
    /** What the person should know of what is kept under a key, in words. */
    trouble: (key: string): string | undefined => troubles.get(key),
    subscribe(listener: () => void): () => void {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  }
}

/** Before forms had numbers, the value stood there bare: form 0. */
function readText<T>(text: string, read: KeptKind<T>['read']): T | undefined {
  const kept = JSON.parse(text) as { form?: unknown; value?: unknown } | null
  return typeof kept?.form === 'number' ? read(kept.value, kept.form) : read(kept, 0)
}

function tried<T>(work: () => T): T | undefined {
  try {
    return work()
  } catch {
    return undefined
  }
}
