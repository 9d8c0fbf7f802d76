/**
 * The shape of plain data: a kind's name, a list of its items' shape, or keys with theirs; `?` after a key that
 * is not always there.
 */
export type DataShape = string | DataShape[] | { [key: string]: DataShape }

/** The one shape that all of some examples have. */
export function shapeOf(examples: readonly unknown[]): DataShape {
  const lists = examples.filter((one) => Array.isArray(one))
  const objects = examples.filter((one): one is Record<string, unknown> => isObject(one))
  const plain = examples
    .filter((one) => !Array.isArray(one) && !isObject(one))
    .map((one) => (one === null ? 'null' : typeof one))
  const shapes: DataShape[] = [...new Set(plain)].sort()
  if (lists.length) shapes.push([shapeOf(lists.flat())])
  if (objects.length) shapes.push(keysOf(objects))
  return shapes.length === 1
    ? shapes[0]!
    : shapes.every((one) => typeof one === 'string')
      ? shapes.join(' | ')
      : { 'one of': shapes }
}

function keysOf(objects: readonly Record<string, unknown>[]): DataShape {
  const keys = [...new Set(objects.flatMap((one) => Object.keys(one)))].sort()
  return Object.fromEntries(
    keys.map((key) => {
      const having = objects.filter((one) => one[key] !== undefined)
      return [having.length < objects.length ? `${key}?` : key, shapeOf(having.map((one) => one[key]))]
    }),
  )
}

const isObject = (value: unknown): boolean => value !== null && typeof value === 'object' && !Array.isArray(value)
