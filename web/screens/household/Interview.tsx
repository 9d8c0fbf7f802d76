'use client'

import { Button, Field, Grid, Text, Textarea } from '@chakra-ui/react'
import dynamic from 'next/dynamic'
import NextLink from 'next/link'
import { useRouter } from 'next/navigation'
import { useDeferredValue, useMemo, useState, useSyncExternalStore } from 'react'
import { FormProvider, useForm, useFormContext, useWatch } from 'react-hook-form'
import { v7 as uuid } from 'uuid'
import { draftOf, emptyDraft, type HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { calledAfter } from '@hitchet/core/household/calledAfter'
import { householdFromDraft, judgeableSoFar, type Reader } from '@hitchet/core/household/draft/fromDraft'
import type { Household } from '@hitchet/core/household/household'
import { useMeasures } from '../../look/measures'
import { PageHead } from '../PageHead'
import { request } from '../request'
import { useVersioned } from '../useVersioned'
import { Along } from './Along'
import { draftResolver } from './fields/draftErrors'
import { FieldLine } from './fields/FieldLine'
import { Limits } from './Limits'
import { People } from './People'
import { Section } from './Section'
import { TextField } from './fields/TextField'
import { Trip, type Countries } from './Trip'
import { useKeptDraft } from './useKeptDraft'
import { Vehicle } from './Vehicle'
import { Wishes } from './Wishes'
import type { Frame } from '../../drawing/frame'
import type { SavedHousehold } from '../../server/services/households'
import type { Silhouette, YardBeside } from '../../server/services/yardBeside'
import { YardLeft } from './YardLeft'

/** Names every place of a household: it comes when two people saved the same one, which is seldom. */
const TwoVersions = dynamic(() => import('./TwoVersions').then((it) => it.TwoVersions), { ssr: false })

export interface InterviewProps {
  /** Undefined for a household that is not kept yet. */
  kept?: { id: string; version: number; household: Household }
  reader: Reader
  yard: Silhouette[]
  frame: Frame
  countries: Countries
  /** How the yard stands for the household as it is kept. */
  left?: YardBeside
}

/** The interview, in the order of talk, with the yard shrinking beside it. */
export function Interview({ kept, reader, yard, frame, countries, left }: InterviewProps) {
  const router = useRouter()
  const system = useMeasures()
  const start = useMemo(() => (kept ? draftOf(kept.household, system) : emptyDraft()), [kept, system])
  const resolver = useMemo(() => draftResolver(reader, kept?.household), [reader, kept])
  const form = useForm<HouseholdDraft>({ defaultValues: start, resolver, mode: 'onTouched' })
  // Sent twice, because no answer came, it is there once.
  const [newId] = useState(() => uuid())
  const { busy, says, theirs, overRef, save, beginWith, say } = useVersioned<Household, Household, SavedHousehold>({
    version: kept?.version ?? 0,
    put: (household, version) =>
      kept
        ? request<SavedHousehold>('PUT', `/api/households/${kept.id}`, { version, household })
        : request<SavedHousehold>('POST', '/api/households', { id: newId, household }),
  })
  const { forget, says: saysDevice } = useKeptDraft(form, kept?.id ?? 'new', overRef)
  const ready = useHydrated()

  const saveTyped = async (typed: HouseholdDraft, chosen?: number) => {
    const { household } = householdFromDraft(typed, reader, kept?.household)
    const saved = household && (await save(household, chosen))
    if (!saved) return false
    forget()
    // What was typed while it was on its way is still there, and not saved yet.
    const now = structuredClone(form.getValues())
    form.reset(typed)
    for (const key of Object.keys(now) as (keyof HouseholdDraft)[])
      if (JSON.stringify(now[key]) !== JSON.stringify(typed[key])) form.setValue(key, now[key], { shouldDirty: true })
    if (!kept) router.replace(`/households/${saved.id}`)
    return true
  }
  const notRight = () => say('Some fields are not right yet; each says what would be.')
  const submit = form.handleSubmit(async (typed) => void (await saveTyped(typed)), notRight)
  // A match of what stood here before would deny what was typed since.
  const saveAndMatch = form.handleSubmit(async (typed) => {
    if (await saveTyped(typed)) router.push(`/households/${kept!.id}/match`)
  }, notRight)
  const drop = (to: HouseholdDraft, version: number) => {
    form.reset(to)
    forget()
    beginWith(version)
  }
  const mine = theirs && householdFromDraft(form.getValues(), reader, kept?.household).household
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => void submit(event)} noValidate>
        <PageHead
          title={kept ? 'Household' : 'A new household'}
          line={<SaveState dirty={form.formState.isDirty} says={says} device={saysDevice} />}
        >
          {form.formState.isDirty && (
            <Button variant="ghost" size="sm" onClick={() => drop(start, kept?.version ?? 0)}>
              Drop what is not saved
            </Button>
          )}
          <Button type="submit" loading={busy}>
            Save
          </Button>
          {kept &&
            (form.formState.isDirty ? (
              <Button variant="outline" loading={busy} onClick={() => void saveAndMatch()}>
                Save and see the match
              </Button>
            ) : (
              <Button asChild variant="outline">
                <NextLink href={`/households/${kept.id}/match`}>See the match</NextLink>
              </Button>
            ))}
        </PageHead>
        {theirs && mine && (
          <TwoVersions
            mine={mine}
            theirs={theirs.document}
            byYou={theirs.byYou}
            onMine={() => void saveTyped(form.getValues(), theirs.version)}
            onTheirs={() => drop(draftOf(theirs.document, system), theirs.version)}
          />
        )}
        <Grid templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 360px' }} gap="8">
          <fieldset disabled={!ready} style={{ minWidth: 0 }}>
            <Section
              id="who"
              title="Who sleeps in it"
              line="Heights and weights decide which berths they fit; leave empty what you have not asked"
            >
              <People first={ready && !kept} />
              <Called />
            </Section>
            <Section id="how" title="How they camp">
              <Trip countries={countries} />
            </Section>
            <Section id="pulls" title="What pulls it" line="The lowest rating governs">
              <Vehicle />
            </Section>
            <Section id="along" title="What comes along">
              <Along />
            </Section>
            <Section id="limits" title="Limits" line="Empty: no limit">
              <Limits />
            </Section>
            <Section id="wishes" title="What they want, must have, or would rather not">
              <Wishes />
            </Section>
            <Section id="notes" title="What annoyed them in the last one">
              <Field.Root>
                <Field.Label className="sr-only">Notes</Field.Label>
                <Textarea rows={3} maxLength={4000} {...form.register('notes')} />
              </Field.Root>
            </Section>
          </fieldset>
          <LiveYard reader={reader} kept={kept} yard={yard} frame={frame} left={left} />
        </Grid>
      </form>
    </FormProvider>
  )
}

type LiveYardProps = Pick<InterviewProps, 'reader' | 'kept' | 'yard' | 'frame' | 'left'>

/** Apart from the fields, so that a key pressed does not draw the whole interview again. */
function LiveYard({ reader, kept, yard, frame, left }: LiveYardProps) {
  const { control } = useFormContext<HouseholdDraft>()
  const draft = useDeferredValue(useWatch({ control }) as HouseholdDraft)
  const household = judgeableSoFar(draft, reader, kept?.household)
  return <YardLeft household={household} yard={yard} frame={frame} first={left} onAsk={goTo} />
}

/** To a field by its path, out of whatever folds it away. */
function goTo(path: string): void {
  const field = document.getElementsByName(path)[0] ?? document.getElementById(path)
  const fold = field?.closest('details')
  if (fold) fold.open = true
  field?.scrollIntoView({ block: 'center' })
  field?.focus()
}

/** Unless somebody says otherwise they are called after the grown people among them. */
function Called() {
  const { control } = useFormContext<HouseholdDraft>()
  const names = calledAfter(useWatch({ control, name: 'people' }))
  return (
    <FieldLine fields={[{ path: 'name', label: 'What to call them' }]}>
      <TextField path="name" label="What to call them" placeholder={names} width="320px" />
    </FieldLine>
  )
}

/** False until the page listens: what is typed before would be lost, so the fields wait. */
const useHydrated = (): boolean =>
  useSyncExternalStore(
    () => () => {},
    () => true,
    () => false,
  )

function SaveState({ dirty, says, device }: { dirty: boolean; says?: string; device?: string }) {
  return (
    <Text as="span" aria-live="polite">
      {device ? `${device} ` : dirty ? 'Not saved yet; kept on this device as you type. ' : ''}
      {says && <b className={says === 'Saved.' ? undefined : 'is-no'}>{says}</b>}
    </Text>
  )
}
