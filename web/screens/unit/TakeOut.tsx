'use client'

import { Button, Menu, Portal } from '@chakra-ui/react'
import { Download } from 'lucide-react'

/** The plan as a file: a drawing to scale, one for CAD, a picture, or the whole unit. */
export function TakeOut({ stock }: { stock: string }) {
  const at = `/api/trailers/${stock}`
  return (
    <Menu.Root>
      <Menu.Trigger asChild>
        <Button variant="outline" size="sm">
          <Download size={15} aria-hidden /> Take out
        </Button>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content>
            <Menu.Item value="svg" asChild>
              <a href={`${at}/plan.svg`}>Drawing to scale (SVG)</a>
            </Menu.Item>
            <Menu.Item value="dxf" asChild>
              <a href={`${at}/plan.dxf`}>For CAD (DXF)</a>
            </Menu.Item>
            <Menu.Item value="png" onClick={() => void savePicture(stock)}>
              Picture (PNG)
            </Menu.Item>
            <Menu.Item value="json" asChild>
              <a href={at}>The unit, all readings (JSON)</a>
            </Menu.Item>
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  )
}

/** Pixels per inch of trailer: a letter page at 300 dots across a 30-footer. */
const DENSITY = 8

/** The drawing to scale, painted by the browser. */
async function savePicture(stock: string): Promise<void> {
  const svg = await (await fetch(`/api/trailers/${stock}/plan.svg`)).text()
  const [, width, height] = /viewBox="\S+ \S+ (\S+) (\S+)"/.exec(svg)!.map(Number) as [number, number, number]
  const picture = new Image()
  const source = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  await new Promise((resolve, reject) => Object.assign(picture, { onload: resolve, onerror: reject, src: source }))
  const canvas = Object.assign(document.createElement('canvas'), {
    width: Math.round(width * DENSITY),
    height: Math.round(height * DENSITY),
  })
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  URL.revokeObjectURL(source)
  canvas.toBlob((blob) => {
    const href = URL.createObjectURL(blob!)
    Object.assign(document.createElement('a'), { href, download: `${stock.toLowerCase()}-plan.png` }).click()
    URL.revokeObjectURL(href)
  })
}
