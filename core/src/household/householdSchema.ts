import { featureWishesSchema } from './wishes/featureWishesSchema'
import { householdOf } from './householdShape'

/** The same schema checks files and the server; the interview, whose wishes are chosen from the list itself, all but these. */
export const householdSchema = householdOf(featureWishesSchema)
