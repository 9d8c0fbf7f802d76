import { array, boolean, object, string } from 'yup'
import { guarded, refusal } from '../../../server/auth/guard'
import { importFiles } from '../../../server/services/importing'

const request = object({
  keepGood: boolean().required(),
  files: array(object({ name: string().max(200).required(), text: string().defined() }).required())
    .min(1)
    .max(1000)
    .required(),
})

/** Files of trailers and households into the yard. Answers with a report in any case. */
export const POST = guarded(async (incoming, account) => {
  const body = await incoming.json().catch(() => undefined)
  if (!request.isValidSync(body, { strict: true }))
    return refusal(400, 'Send files with a name and a text, 1 to 1,000 of them.')
  return Response.json(await importFiles(body.files, { keepGood: body.keepGood, by: account.id }))
})
