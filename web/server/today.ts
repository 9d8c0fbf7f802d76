/** Today by the clock of the place that the server stands in: ISO date. `days`: so many later. */
export function today(days = 0): string {
  const now = new Date()
  const day = new Date(now.getFullYear(), now.getMonth(), now.getDate() + days)
  const two = (value: number) => String(value).padStart(2, '0')
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`
}
