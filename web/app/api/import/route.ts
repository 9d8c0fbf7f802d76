import { array, boolean, object, string } from 'yup'
import { handler } from '../../../server/http/handler'
import { AGAIN, type Again } from '../../../server/services/importedHouseholds'
import { importFiles } from '../../../server/services/importing'

const body = object({
  keepGood: boolean().required(),
  again: string<Again>().oneOf(AGAIN),
  files: array(object({ name: string().max(200).required(), text: string().defined() }).required())
    .min(1)
    .max(1000)
    .required(),
})

/** A thousand units with room to spare, bytes. */
const MOST = 64_000_000

/** Files of trailers and households into the yard. Answers with a report in any case. */
export const POST = handler(
  ({ body: { files, keepGood, again }, account }) => importFiles(files, { keepGood, again, by: account.id }),
  {
    body,
    most: MOST,
  },
)
