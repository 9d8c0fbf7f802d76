'use client'

import { Box, Button, FileUpload, HStack, Heading, Link, List, Stack, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { useEffect, useRef, useState } from 'react'
import type { Again, ImportFile, ImportProgress, ImportReport } from '../../contracts/importing'
import { PageHead } from '../PageHead'
import { bringIn } from './bringIn'

const OURS = /\.(json|svg)$/i
/** As the server takes them. */
const MOST = 1_000
const tooMany = (count: number) =>
  `${count.toLocaleString('en-US')} files at once are too many. Choose at most ${MOST.toLocaleString('en-US')} at a time; none were added.`

/** Files of trailers and households into the yard: all or nothing, unless one chooses to keep the good ones. */
export function Import() {
  const [files, setFiles] = useState<ImportFile[]>([])
  const [keepGood, setKeepGood] = useState(false)
  const [busy, setBusy] = useState(false)
  const [report, setReport] = useState<ImportReport>()
  const [trouble, setTrouble] = useState<string>()
  const [progress, setProgress] = useState<ImportProgress>()
  const stopping = useRef<AbortController>(undefined)
  // Whoever leaves would never hear what came of it.
  useEffect(() => () => stopping.current?.abort(), [])
  const choose = async (chosen: File[]) => {
    setReport(undefined)
    setTrouble(undefined)
    setFiles(
      await Promise.all(
        // What is no file of ours is named by its name; nobody waits for a film to be read.
        chosen.map(async (file) => ({ name: file.name, text: OURS.test(file.name) ? await file.text() : '' })),
      ),
    )
  }
  const start = async (again: Again = 'ask') => {
    setBusy(true)
    setTrouble(undefined)
    stopping.current = new AbortController()
    const { signal } = stopping.current
    const brought = await bringIn(files, { keepGood, again }, { signal, onProgress: setProgress })
    setBusy(false)
    setProgress(undefined)
    setReport('report' in brought ? brought.report : undefined)
    setTrouble('trouble' in brought ? brought.trouble : undefined)
  }
  return (
    <Box maxW="820px">
      <PageHead
        title="Bring in files"
        line="trailer.json, household.json, and drawings taken out of Hitchet (SVG), as docs/formats describes them"
      />
      <Stack gap="4">
        <FileUpload.Root
          maxFiles={MOST}
          onFileAccept={({ files: chosen }) => void choose(chosen)}
          onFileReject={({ files: rejected }) => setTrouble(rejected.length ? tooMany(rejected.length) : undefined)}
        >
          <FileUpload.HiddenInput aria-label="Files to bring in" />
          <FileUpload.Dropzone bg="bar" borderColor="line" minH="130px" w="100%">
            <FileUpload.DropzoneContent>
              <Text fontWeight="600">Drop files here, or choose them</Text>
              <Text color="line" fontSize="14px">
                A stock number that is in the yard already gets the file as its next version. Where that would take away
                what was read on the lot, and of a household that is here already, you are asked.
              </Text>
            </FileUpload.DropzoneContent>
          </FileUpload.Dropzone>
        </FileUpload.Root>
        <HStack gap="5">
          <Button onClick={() => void start()} disabled={files.length === 0} loading={busy}>
            {files.length ? `Bring in ${files.length} ${files.length === 1 ? 'file' : 'files'}` : 'Bring in'}
          </Button>
          <label className="choice">
            <input type="checkbox" checked={keepGood} onChange={(event) => setKeepGood(event.target.checked)} /> Keep
            the good files when some have errors
          </label>
        </HStack>
        {busy && <Progress files={files.length} progress={progress} onStop={() => stopping.current?.abort()} />}
        <Box aria-live="polite">
          {trouble && <Text color="no">{trouble}</Text>}
          {report && asksOf(report) && (
            <KnownAlready report={report} busy={busy} onChoose={(again) => void start(again)} />
          )}
          {report && !(asksOf(report) && !report.errors.length) && <Report report={report} />}
        </Box>
      </Stack>
    </Box>
  )
}

/** How far the server is, and a way out while there is one. */
function Progress({
  files,
  progress,
  onStop,
}: {
  files: number
  progress: ImportProgress | undefined
  onStop(): void
}) {
  const [done, of, says] =
    progress === undefined
      ? [0, files, 'Sending…']
      : 'read' in progress
        ? [progress.read, files, `${progress.read} of ${files} files read`]
        : [progress.stored, progress.of, `${progress.stored} of ${progress.of} units stored`]
  return (
    <HStack gap="4">
      <progress className="progress" value={done} max={of} aria-label={says} />
      <Text fontSize="14px">{says}</Text>
      <Button variant="outline" onClick={onStop}>
        Stop
      </Button>
    </HStack>
  )
}

function Report({
  report: { done, added, renewed, unchanged, left, households, errors, warnings },
}: {
  report: ImportReport
}) {
  const went = [
    ...(added.length ? [`new in the yard: ${added.join(', ')}`] : []),
    ...(renewed.length ? [`next version of ${renewed.join(', ')}`] : []),
    ...(unchanged.length ? [`in the yard already, word for word: ${unchanged.join(', ')}`] : []),
    ...(left.length ? [`left as they are: ${left.join(', ')}`] : []),
    ...said('households', households.added),
    ...said('renewed', households.renewed),
    ...said('as they are already', households.unchanged),
  ]
  return (
    <Stack gap="3">
      <Text fontWeight="700" fontSize="17px">
        {done ? `Done: ${went.join('; ')}.` : 'Nothing was brought in.'}
      </Text>
      {errors.length > 0 && <Lines title="To be put right" lines={errors} />}
      {warnings.length > 0 && <Lines title="Worth a look" lines={warnings} />}
      {done && (
        <Link asChild color="green" fontWeight="600">
          <NextLink href="/yard">To the yard</NextLink>
        </Link>
      )}
    </Stack>
  )
}

const said = (what: string, households: readonly { name: string }[]): string[] =>
  households.length ? [`${what}: ${households.map(({ name }) => name).join(', ')}`] : []

const asksOf = ({ known, knownUnits }: ImportReport): boolean => known.length + knownUnits.length > 0

/** What is here already and is otherwise in the file: whoever brings it in says what becomes of it. */
function KnownAlready({
  report: { known, knownUnits },
  busy,
  onChoose,
}: {
  report: ImportReport
  busy: boolean
  onChoose(again: Again): void
}) {
  const one = known.length + knownUnits.length === 1
  const it = one ? 'it' : 'them'
  return (
    <Stack gap="2" pb="3" role="alert">
      <Text fontWeight="700" fontSize="17px">
        {known.length === 1 && one
          ? 'This household is here already, and the file says otherwise:'
          : one
            ? 'This unit is here already, and the file would take away what was read on it:'
            : 'These are here already, and the files say otherwise:'}
      </Text>
      <List.Root pl="5" fontSize="14px">
        {known.map(({ file, id, name }) => (
          <List.Item key={file}>
            <Link asChild color="green" fontWeight="600">
              <NextLink href={`/households/${id}`}>{name}</NextLink>
            </Link>{' '}
            in {file}
          </List.Item>
        ))}
        {knownUnits.map(({ file, stock, lost }) => (
          <List.Item key={file}>
            <Link asChild color="green" fontWeight="600">
              <NextLink href={`/yard/${encodeURIComponent(stock)}?view=readings`}>{stock}</NextLink>
            </Link>
            : {file} does not have {lost.slice(0, NAMED).join('; ')}
            {lost.length > NAMED && ` and ${lost.length - NAMED} more`}
          </List.Item>
        ))}
      </List.Root>
      <HStack gap="3">
        <Button loading={busy} onClick={() => onChoose('renew')}>
          Renew {it} from the {one ? 'file' : 'files'}
        </Button>
        <Button variant="outline" loading={busy} onClick={() => onChoose('add')}>
          {knownUnits.length === 0
            ? `Add ${one ? 'it as another' : 'them as others'}`
            : known.length === 0
              ? `Leave ${one ? 'it as it is' : 'them as they are'}`
              : 'Leave the units, add the households as others'}
        </Button>
      </HStack>
    </Stack>
  )
}

/** So many of what would be lost are named. */
const NAMED = 6

function Lines({ title, lines }: { title: string; lines: string[] }) {
  return (
    <Box>
      <Heading as="h2" size="sm" mb="1">
        {title}
      </Heading>
      <List.Root pl="5" fontSize="14px">
        {lines.map((line) => (
          <List.Item key={line}>{line}</List.Item>
        ))}
      </List.Root>
    </Box>
  )
}
