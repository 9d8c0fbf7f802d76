/** Another unit whose plan one may start from. */
export interface Model {
  stock: string
  name: string
  layout: string
  length: number
}
