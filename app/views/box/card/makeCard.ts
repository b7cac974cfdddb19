import { PDFDocument, rgb, StandardFonts } from 'pdf-lib'
import { cardLayout } from '../../../../core'

const { CARD_HEIGHT_MM, CARD_WIDTH_MM, cornerMarks, greyBoxes, greySteps, halvesOf, wells } =
  cardLayout

const POINTS_PER_MM = 72 / 25.4
const MARGIN_MM = 15
/** sRGB grey of a reflectance, by the transfer curve of IEC 61966-2-1. */
const grey = (r: number): number => (r <= 0.0031308 ? 12.92 * r : 1.055 * r ** (1 / 2.4) - 0.055)

/** The calibration card as a PDF at full size: corner marks, grey steps, wells half black, half paper. */
export async function makeCard(): Promise<Uint8Array> {
  const pdf = await PDFDocument.create()
  pdf.setTitle('Cobaltfinch swatch card')
  const page = pdf.addPage([
    (CARD_WIDTH_MM + 2 * MARGIN_MM) * POINTS_PER_MM,
    (CARD_HEIGHT_MM + 2 * MARGIN_MM + 12) * POINTS_PER_MM,
  ])
  const font = await pdf.embedFont(StandardFonts.Helvetica)
  const black = rgb(0, 0, 0)
  const x = (mm: number): number => (mm + MARGIN_MM) * POINTS_PER_MM
  const y = (mm: number): number => page.getHeight() - (mm + MARGIN_MM) * POINTS_PER_MM
  const rectangle = (
    box: { x: number; y: number; width: number; height: number },
    look: Parameters<typeof page.drawRectangle>[0],
  ): void =>
    page.drawRectangle({
      x: x(box.x),
      y: y(box.y + box.height),
      width: box.width * POINTS_PER_MM,
      height: box.height * POINTS_PER_MM,
      ...look,
    })
  for (const mark of cornerMarks)
    for (const [dx, dy] of [
      [4, 0],
      [0, 4],
    ] as const)
      page.drawLine({
        start: { x: x(mark.x - dx), y: y(mark.y - dy) },
        end: { x: x(mark.x + dx), y: y(mark.y + dy) },
        thickness: 1.2,
        color: black,
      })
  greyBoxes.forEach((box, i) => {
    const level = grey(greySteps[i]!)
    rectangle(box, { color: rgb(level, level, level) })
  })
  wells.forEach((box, i) => {
    rectangle(halvesOf(box).black, { color: black })
    rectangle(box, { borderColor: black, borderWidth: 0.4 })
    page.drawText(String(i + 1), { x: x(box.x), y: y(box.y - 1), size: 7, font, color: black })
  })
  page.drawText(
    'Print at 100 % on plain white paper. Draw each paint evenly across both halves of a well; let it dry; photograph in even daylight.',
    { x: x(0), y: y(CARD_HEIGHT_MM + 9), size: 7.5, font, color: black },
  )
  return pdf.save()
}
