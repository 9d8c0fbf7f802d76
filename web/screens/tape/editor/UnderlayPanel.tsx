'use client'

import { Box, Button, HStack, Text } from '@chakra-ui/react'
import { useState } from 'react'
import { parseLength, NotAFigure } from '@hitchet/core/quantity/parse'
import type { Point } from '@hitchet/core/plan/shape/shape'
import { laid, scaled, type Underlay } from './underlay'

interface UnderlayPanelProps {
  underlay?: Underlay
  boxLength: number
  /** Two points pressed on the plan while scaling. */
  marks?: Point[]
  moving: boolean
  onUnderlay(underlay: Underlay | undefined): void
  onMarks(marks: Point[] | undefined): void
  onMoving(moving: boolean): void
}

/** Lays a picture of a drawing under the plan and scales it by two points whose distance is known. */
export function UnderlayPanel({
  underlay,
  boxLength,
  marks,
  moving,
  onUnderlay,
  onMarks,
  onMoving,
}: UnderlayPanelProps) {
  const [apart, setApart] = useState('')
  const [says, setSays] = useState<string>()
  const choose = async (file: File | undefined) => {
    if (!file) return
    const href = await dataUrl(file)
    const picture = new Image()
    picture.onload = () => (
      setSays(undefined),
      onUnderlay(laid(href, [picture.naturalWidth, picture.naturalHeight], boxLength))
    )
    picture.onerror = () =>
      setSays(`${file.name} is no picture that a browser can show; right would be a PNG, JPEG or SVG.`)
    picture.src = href
  }
  const scale = () => {
    try {
      onUnderlay(scaled(underlay!, marks as [Point, Point], parseLength(apart)))
      onMarks(undefined)
      setApart('')
      setSays(undefined)
    } catch (failure) {
      if (!(failure instanceof NotAFigure)) throw failure
      setSays(`Right would be ${failure.expected}`)
    }
  }
  return (
    <Box asChild mt="2">
      <section aria-label="Picture under the plan">
        <HStack gap="2" flexWrap="wrap">
          <label style={{ fontSize: '13.5px', fontWeight: 600 }}>
            Picture to trace{' '}
            <input
              type="file"
              accept="image/*"
              onChange={(event) => void choose(event.target.files?.[0])}
              style={{ fontSize: '13px', maxWidth: '210px' }}
            />
          </label>
          {underlay && (
            <>
              <Button
                size="xs"
                variant={marks ? 'solid' : 'outline'}
                aria-pressed={!!marks}
                onClick={() => onMarks(marks ? undefined : [])}
              >
                Scale it
              </Button>
              <Button
                size="xs"
                variant={moving ? 'solid' : 'outline'}
                aria-pressed={moving}
                onClick={() => onMoving(!moving)}
              >
                Move it
              </Button>
              <Button size="xs" variant="ghost" onClick={() => onUnderlay(undefined)}>
                Take it away
              </Button>
            </>
          )}
        </HStack>
        {marks && marks.length < 2 && (
          <Text fontSize="13.5px">
            Press {marks.length ? 'the second' : 'two points'} on the picture whose distance you know
            {marks.length ? '' : ', such as the two ends of the box'}.
          </Text>
        )}
        {marks?.length === 2 && (
          <HStack gap="2" mt="1">
            <label style={{ fontSize: '13.5px' }}>
              They lie apart{' '}
              <input
                className="figure"
                value={apart}
                onChange={(event) => setApart(event.target.value)}
                onKeyDown={(event) => event.key === 'Enter' && scale()}
                placeholder="20 ft"
                style={{
                  width: '90px',
                  border: '1px solid var(--h-colors-line)',
                  borderRadius: '5px',
                  padding: '3px 6px',
                  background: 'var(--h-colors-bar)',
                }}
              />
            </label>
            <Button size="xs" onClick={scale}>
              Scale
            </Button>
          </HStack>
        )}
        {says && (
          <Text role="alert" fontSize="13.5px" color="no">
            {says}
          </Text>
        )}
      </section>
    </Box>
  )
}

const dataUrl = (file: File): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as string)
    reader.onerror = () => reject(reader.error ?? new Error('The file could not be read.'))
    reader.readAsDataURL(file)
  })
