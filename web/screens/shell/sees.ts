/** What whoever is signed in gets to see beside the lot. */
export interface Sees {
  families: boolean
  office: boolean
}
