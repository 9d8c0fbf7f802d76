/** A floor for tests, inside a rim that nobody stands on: 1 free, 0 in the way. `columns` and `rows` count the rim. */
export function rimmed(
  insideColumns: number,
  insideRows: number,
  cell: (at: number) => 0 | 1,
): { columns: number; rows: number; free: Uint8Array } {
  const [columns, rows] = [insideColumns + 2, insideRows + 2]
  const free = new Uint8Array(columns * rows)
  for (let row = 0; row < insideRows; row++)
    for (let column = 0; column < insideColumns; column++)
      free[(row + 1) * columns + column + 1] = cell(row * insideColumns + column)
  return { columns, rows, free }
}
